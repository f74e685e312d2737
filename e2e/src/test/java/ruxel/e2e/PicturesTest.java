package ruxel.e2e;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.LoadState;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledIfSystemProperty;
import ruxel.app.DemoWardrobe;
import ruxel.app.RuxelServer;
import ruxel.cluster.ThrowAwayCluster;

/** Makes docs/screenshots anew from the demo wardrobe; run by {@code ./ruxel pictures}. */
@EnabledIfSystemProperty(named = "pictures", matches = "true")
class PicturesTest {
  private static final Path PICTURES = Path.of("..", "docs", "screenshots");

  @Test
  void mainViews() {
    try (ThrowAwayCluster cluster = ThrowAwayCluster.start();
        RuxelServer server = RuxelServer.start(cluster.cluster(), 0);
        Browser browser = new Browser()) {
      server.bean(DemoWardrobe.class).fillIfEmpty();
      Page page = browser.page(1280, 800);
      shoot(page, server.address() + "/new", "new");
      shoot(page, server.address(), "shelf");
      page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Lamplighter’s cardigan").setExact(true)).click();
      page.waitForURL("**/garments/*");
      String garment = page.url();
      shoot(page, garment, "table");
      shoot(page, garment + "/pieces", "pieces");
      shoot(page, garment + "/seam/armhole.left", "seam");
      shoot(page, garment + "/order", "order");
      shoot(page, garment + "/bench/armhole.left", "bench");
    }
  }

  private static void shoot(Page page, String address, String name) {
    page.navigate(address);
    page.waitForLoadState(LoadState.NETWORKIDLE);
    page.screenshot(new Page.ScreenshotOptions().setPath(PICTURES.resolve(name + ".png")));
  }
}
