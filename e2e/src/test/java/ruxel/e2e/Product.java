package ruxel.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.regex.Pattern;
import ruxel.app.DemoWardrobe;
import ruxel.app.RuxelServer;
import ruxel.cluster.ThrowAwayCluster;

/** The running product with its demo wardrobe, and one browser, for all tests; gone when the JVM ends. */
final class Product {
  static final Product RUNNING = new Product();
  private static final Path AXE = Path.of("..", "web", "node_modules", "axe-core", "axe.min.js");
  private static final int PATIENCE_MS = 60_000;

  private final RuxelServer server;
  private final Browser browser;

  private Product() {
    ThrowAwayCluster cluster = ThrowAwayCluster.start();
    server = RuxelServer.start(cluster.cluster(), 0);
    server.bean(DemoWardrobe.class).fillIfEmpty();
    browser = new Browser();
    PlaywrightAssertions.setDefaultAssertionTimeout(PATIENCE_MS);
    Runtime.getRuntime()
        .addShutdownHook(
            new Thread(
                () -> {
                  browser.close();
                  server.close();
                  cluster.close();
                }));
  }

  String address() {
    return server.address();
  }

  /** A fresh profile that looks at the shelf. */
  Page shelf() {
    return page(1280, 800);
  }

  Page page(int width, int height) {
    Page page = browser.page(width, height);
    page.navigate(address());
    return page;
  }

  /** A garment of the demo wardrobe, opened on the table. */
  Page garment(String name) {
    Page page = shelf();
    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(name).setExact(true)).click();
    PlaywrightAssertions.assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName(Pattern.compile("seams joined")))).isVisible();
    return page;
  }

  /** A copy of a garment of the demo wardrobe, so that a test may change it. */
  Page copyOf(String name) {
    Page page = garment(name);
    String first = page.url();
    button(page, "Help and more").click();
    button(page, "Make a copy").click();
    page.waitForURL(url -> !url.equals(first));
    PlaywrightAssertions.assertThat(page.getByText("Copy of " + name).first()).isVisible();
    page.navigate(page.url());
    PlaywrightAssertions.assertThat(button(page, "Undo")).isVisible();
    return page;
  }

  static Locator button(Page page, String name) {
    return page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
  }

  static Locator view(Page page, String name) {
    return page.getByRole(AriaRole.NAVIGATION).getByRole(AriaRole.LINK, new Locator.GetByRoleOptions().setName(name).setExact(true));
  }

  /** Nothing that keeps somebody out, by the rules of WCAG 2 A and AA. */
  static void assertAccessible(Page page) {
    page.evaluate(axe());
    Object found =
        page.evaluate(
            "async () => (await axe.run(document, { runOnly: ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa'] }))"
                + ".violations.map(v => v.id + ': ' + v.nodes.map(n => n.target.join(' ') + ' ' + (n.any[0] ? n.any[0].message : '')).join(' | '))");
    assertThat((List<?>) found).as(page.url()).isEmpty();
  }

  private static String axe() {
    try {
      return Files.readString(AXE);
    } catch (IOException e) {
      throw new UncheckedIOException("axe-core is missing; the web module installs it", e);
    }
  }
}
