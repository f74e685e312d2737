package ruxel.e2e;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ColorScheme;
import com.microsoft.playwright.options.LoadState;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledIfSystemProperty;

/** Makes docs/screenshots anew from the demo wardrobe; run by {@code ./ruxel pictures}. */
@EnabledIfSystemProperty(named = "pictures", matches = "true")
class PicturesTest {
  private static final Path PICTURES = Path.of("..", "docs", "screenshots");

  @Test
  void mainViews() {
    Page page = Product.RUNNING.shelf();
    String address = Product.RUNNING.address();
    shoot(page, address + "/new", "choosing");
    shoot(page, address + "/new/set-in-sleeve", "new");
    shoot(page, address, "shelf");
    String cardigan = open(page, "Lamplighter’s cardigan");
    shoot(page, cardigan, "table");
    shoot(page, cardigan + "/seam/armhole.left", "seam");
    shoot(page, cardigan + "/bench/armhole.left", "bench");
    shoot(page, cardigan + "/sheet", "sheet");
    shoot(page, cardigan + "/joins", "joins");
    shoot(page, cardigan + "/yarn", "yarn");
    shoot(page, cardigan + "/fit", "fit");
    page.navigate(cardigan + "/by-hand");
    page.locator(".seam-name").nth(4).click();
    page.waitForLoadState(LoadState.NETWORKIDLE);
    page.screenshot(new Page.ScreenshotOptions().setPath(PICTURES.resolve("by-hand.png")));
    page.navigate(address);
    String jacket = open(page, "Fog-horn jacket");
    shoot(page, jacket + "/pieces", "pieces");
    shoot(page, jacket + "/bench/shoulder.left", "held");
    shoot(page, jacket + "/order", "order");
    page.navigate(address);
    String squares = open(page, "Quay lamp squares");
    shoot(page, squares + "/squares", "squares");
    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Join it")).nth(3).click();
    page.locator(".pair-picture").waitFor();
    page.waitForLoadState(LoadState.NETWORKIDLE);
    page.screenshot(new Page.ScreenshotOptions().setPath(PICTURES.resolve("line.png")));
    page.navigate(address);
    shoot(page, open(page, "Lantern-carrier’s tunic") + "/edges", "edges");
    page.navigate(jacket);
    Product.button(page, "Try sizes").click();
    page.getByRole(AriaRole.SLIDER, new Page.GetByRoleOptions().setName("Armhole and sleeve top")).press("ArrowUp");
    page.getByText("What else changes").waitFor();
    page.screenshot(new Page.ScreenshotOptions().setPath(PICTURES.resolve("sizes.png")));
    Page tablet = Product.RUNNING.page(820, 1180);
    tablet.emulateMedia(new Page.EmulateMediaOptions().setColorScheme(ColorScheme.DARK));
    shoot(tablet, cardigan + "/bench/armhole.left", "bench-tablet-dark");
  }

  private static String open(Page page, String name) {
    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(name).setExact(true)).click();
    page.waitForURL("**/garments/*");
    return page.url();
  }

  private static void shoot(Page page, String address, String name) {
    page.navigate(address);
    page.locator("h1").first().waitFor();
    page.waitForLoadState(LoadState.NETWORKIDLE);
    page.screenshot(new Page.ScreenshotOptions().setPath(PICTURES.resolve(name + ".png")));
  }
}
