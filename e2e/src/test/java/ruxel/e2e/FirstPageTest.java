package ruxel.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Page;
import org.junit.jupiter.api.Test;
import ruxel.app.RuxelServer;
import ruxel.cluster.ThrowAwayCluster;

class FirstPageTest {
  @Test
  void opens() {
    try (ThrowAwayCluster cluster = ThrowAwayCluster.start();
        RuxelServer server = RuxelServer.start(cluster.cluster(), 0);
        Browser browser = new Browser()) {
      Page page = browser.page(1280, 800);
      page.navigate(server.address());
      assertThat(page.getByRole(com.microsoft.playwright.options.AriaRole.HEADING).first()).hasText("Ruxel");
    }
  }
}
