package ruxel.app.work;

import java.util.List;
import java.util.UUID;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The bench over HTTP. */
@RestController
@RequestMapping(path = "/api", produces = MediaType.APPLICATION_JSON_VALUE)
class WorkController {
  private final WorkService work;

  WorkController(WorkService work) {
    this.work = work;
  }

  record Take(String seam) {}

  record Events(String client, List<WorkService.Sent> events) {}

  @PostMapping("/garments/{garment}/work")
  WorkService.View take(@PathVariable UUID garment, @RequestBody Take wanted) {
    return work.take(garment, wanted.seam());
  }

  @GetMapping("/work/{id}")
  WorkService.View view(@PathVariable UUID id) {
    return work.view(id);
  }

  @PostMapping("/work/{id}/events")
  WorkService.Kept keep(@PathVariable UUID id, @RequestBody Events sent) {
    return work.keep(id, sent.client(), sent.events());
  }
}
