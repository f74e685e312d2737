package ruxel.e2e;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.options.ReducedMotion;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;

/** Debian's Chromium, headless; one for all tests, a fresh profile for each page. */
final class Browser implements AutoCloseable {
  private final Playwright playwright;
  private final com.microsoft.playwright.Browser chromium;

  Browser() {
    playwright =
        Playwright.create(
            new Playwright.CreateOptions()
                .setEnv(
                    Map.of(
                        "PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD", "1",
                        "PLAYWRIGHT_NODEJS_PATH", onPath("node").toString())));
    chromium =
        playwright
            .chromium()
            .launch(
                new BrowserType.LaunchOptions()
                    .setExecutablePath(onPath("chromium"))
                    .setHeadless(true)
                    .setTimeout(180_000)
                    .setArgs(
                        List.of(
                            "--no-sandbox",
                            "--disable-gpu",
                            "--disable-quic",
                            "--no-first-run",
                            "--disable-background-networking",
                            "--disable-component-update",
                            "--disable-sync")));
  }

  /** A fresh profile. Motion is reduced, or what is looked at in the middle of a fade would have neither of its colours. */
  Page page(int width, int height) {
    BrowserContext context =
        chromium.newContext(
            new com.microsoft.playwright.Browser.NewContextOptions()
                .setViewportSize(width, height)
                .setReducedMotion(ReducedMotion.REDUCE)
                .setLocale("en-GB"));
    context.setDefaultTimeout(60_000);
    return context.newPage();
  }

  private static Path onPath(String program) {
    return Stream.of(System.getenv("PATH").split(":"))
        .map(directory -> Path.of(directory, program))
        .filter(Files::isExecutable)
        .findFirst()
        .orElseThrow(() -> new IllegalStateException(program + " is not installed; ./ruxel test installs it"));
  }

  @Override
  public void close() {
    playwright.close();
  }
}
