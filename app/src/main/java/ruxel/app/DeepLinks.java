package ruxel.app;

import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;

/** Addresses of views are answered with the page; the page's router shows the view. */
@Controller
class DeepLinks {
  @GetMapping({"/new", "/new/{construction}", "/garments/{id}", "/garments/{id}/{view}", "/garments/{id}/{view}/{part}", "/garments/{id}/{view}/{part}/{within}"})
  String page() {
    return "forward:/index.html";
  }
}
