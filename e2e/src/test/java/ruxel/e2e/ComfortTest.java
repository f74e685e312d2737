package ruxel.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;
import static ruxel.e2e.Product.button;
import static ruxel.e2e.Product.view;

import com.microsoft.playwright.APIResponse;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ColorScheme;
import com.microsoft.playwright.options.LoadState;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What makes a maker stay: undo, nothing lost, the own order, the pedal, print, help, light and dark. */
class ComfortTest {
  private final Product product = Product.RUNNING;

  @Test
  void aDecisionIsTakenBackAndDoneAgain() {
    Page page = product.copyOf("Lamplighter’s cardigan");
    rename(page, "Quay coat");
    assertThat(page.locator(".garment-name")).hasText("Quay coat");
    button(page, "Undo").click();
    assertThat(page.locator(".garment-name")).hasText("Copy of Lamplighter’s cardigan");
    page.keyboard().press("Control+Shift+Z");
    assertThat(page.locator(".garment-name")).hasText("Quay coat");
    button(page, "Help and more").click();
    assertThat(page.getByText("Named Quay coat")).isVisible();
    Product.assertAccessible(page);
  }

  @Test
  void whatCouldNotBeSentSurvivesAReload() {
    Page page = product.copyOf("Lamplighter’s cardigan");
    page.route("**/changes", route -> route.abort());
    rename(page, "Rope-walk coat");
    assertThat(page.getByText("Not saved (1)")).isVisible();
    page.unroute("**/changes");
    page.reload();
    assertThat(page.locator(".garment-name")).hasText("Rope-walk coat");
    assertThat(page.getByText("Not saved")).hasCount(0);
  }

  @Test
  void theSecondOfTwoTabsIsToldAndKeepsItsChangeAsACopy() {
    Page first = product.copyOf("Lamplighter’s cardigan");
    Page second = first.context().newPage();
    second.navigate(first.url());
    assertThat(second.getByText("Copy of Lamplighter’s cardigan").first()).isVisible();
    rename(first, "Harbour coat");
    assertThat(first.locator(".garment-name")).hasText("Harbour coat");
    rename(second, "Mooring coat");
    assertThat(second.getByText("This garment was changed in another window:")).isVisible();
    assertThat(second.getByText("Named Harbour coat")).isVisible();
    Product.assertAccessible(second);
    button(second, "Keep mine as a copy").click();
    assertThat(second.locator(".garment-name")).hasText("Copy of Mooring coat");
    first.reload();
    assertThat(first.locator(".garment-name")).hasText("Harbour coat");
  }

  @Test
  void theOrderIsTheMakersWithinTheMusts() {
    Page page = product.copyOf("Fog-horn jacket");
    view(page, "Order").click();
    Locator grip = page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^Move step \\d, Set in the left sleeve")));
    grip.focus();
    page.keyboard().press("ArrowUp");
    assertThat(steps(page).nth(1)).containsText("Set in the left sleeve");
    assertThat(page.getByText("It stands here by your order.").first()).isVisible();
    assertThat(grip).isFocused();
    page.keyboard().press("ArrowUp");
    assertThat(page.getByText("The left armhole cannot come before the left shoulder.")).isVisible();
    assertThat(steps(page).nth(1)).containsText("Set in the left sleeve");
    Product.assertAccessible(page);
    button(page, "Take the usual order").click();
    assertThat(steps(page).nth(1)).containsText("Join the right shoulder");
  }

  @Test
  void aStepIsDraggedToItsPlace() {
    Page page = product.copyOf("Fog-horn jacket");
    view(page, "Order").click();
    Locator grip = page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^Move step 2, Join the right shoulder")));
    grip.hover();
    page.mouse().down();
    page.mouse().move(150, steps(page).nth(0).boundingBox().y + 8);
    page.mouse().up();
    assertThat(steps(page).nth(0)).containsText("Join the right shoulder");
  }

  private static Locator steps(Page page) {
    return page.locator("ol.path > li:not(.work-step)");
  }

  @Test
  void thePedalDrivesTheBench() {
    Page bench = product.copyOf("Tide-bell pullover");
    bench.navigate(bench.url() + "/bench/shoulder.left");
    button(bench, "Take it to the bench").click();
    assertThat(bench.getByTestId("joint")).hasText("1");
    bench.waitForResponse("**/pedal/stream", () -> button(bench, "Use the pedal").click());
    Page pedal = bench.context().newPage();
    pedal.navigate(product.address() + "/pedal.html");
    for (int press = 1; press <= 3; press++) {
      button(pedal, "Joint done").click();
      assertThat(bench.getByTestId("joint")).hasText(Integer.toString(press + 1));
    }
    pedal.keyboard().press("b");
    assertThat(bench.getByTestId("joint")).hasText("3");
    assertThat(pedal.getByText("Sent and heard.")).isVisible();
    assertThat(bench.getByText("Kept to the joint")).isVisible();
    Product.assertAccessible(pedal);
    Product.assertAccessible(bench);
  }

  @Test
  void theTableComesNearShowsAsWornAndItsPiecesMove() {
    Page page = product.copyOf("Fog-horn jacket");
    Locator mat = page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName(Pattern.compile("^The mat")));
    double before = page.locator("[data-piece=back]").boundingBox().width;
    mat.focus();
    page.keyboard().press("+");
    page.waitForCondition(() -> page.locator("[data-piece=back]").boundingBox().width > before * 1.2);
    page.keyboard().press("0");
    page.waitForCondition(() -> Math.abs(page.locator("[data-piece=back]").boundingBox().width - before) < 1);
    double x = page.locator("[data-piece='sleeve.left']").boundingBox().x;
    page.getByText("Move a piece on the table").click();
    page.getByLabel("Piece", new Page.GetByLabelOptions().setExact(true)).selectOption("sleeve.left");
    button(page, "1 cm left").click();
    page.waitForCondition(() -> page.locator("[data-piece='sleeve.left']").boundingBox().x < x - 2);
    button(page, "Put it back").click();
    page.waitForCondition(() -> Math.abs(page.locator("[data-piece='sleeve.left']").boundingBox().x - x) < 1);
    button(page, "As worn").click();
    assertThat(page.getByRole(AriaRole.IMG, new Page.GetByRoleOptions().setName(Pattern.compile("as worn")))).isVisible();
    Product.assertAccessible(page);
  }

  @Test
  void theTroublesOfTheJacketAreShownPlainly() {
    Page page = product.garment("Fog-horn jacket");
    assertThat(page.getByText("28 row ends meet 29").first()).isVisible();
    assertThat(page.getByText("Ease in, with markers, 7.9 %").first()).isVisible();
    view(page, "Pieces").click();
    assertThat(page.getByText("28 row ends, planned 29; 1 too few.")).isVisible();
    Product.assertAccessible(page);
  }

  @Test
  void theNumbersAreChangedAndThePiecesMadeAnew() {
    Page page = product.copyOf("Fog-horn jacket");
    view(page, "Pieces").click();
    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Change the planned numbers")).click();
    page.getByLabel("Stitches at the sleeve top", new Page.GetByLabelOptions().setExact(true)).fill("52");
    assertThat(page.getByText("53 stitches, 37.9 cm, on an armhole of 37.5 cm")).isVisible();
    button(page, "Save the numbers").click();
    assertThat(page.getByText("53 on 15 + 15").first()).isVisible();
    button(page, "Undo").click();
    assertThat(page.getByText("57 on 15 + 15").first()).isVisible();
  }

  @Test
  void theSheetIsReadyForThePrinter() {
    Page page = product.garment("Lamplighter’s cardigan");
    view(page, "Sheet").click();
    assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("3. Set in the left sleeve"))).isVisible();
    Product.assertAccessible(page);
    String pdf = page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Open as PDF")).getAttribute("href");
    APIResponse response = page.request().get(product.address() + pdf);
    assertThat(response.headers().get("content-type")).isEqualTo("application/pdf");
    assertThat(new String(response.body(), 0, 5, java.nio.charset.StandardCharsets.US_ASCII)).isEqualTo("%PDF-");
  }

  @Test
  void anArchivedGarmentComesBack() {
    Page page = product.copyOf("Tide-bell pullover");
    String address = page.url();
    button(page, "Help and more").click();
    button(page, "Archive it").click();
    page.waitForURL(product.address() + "/");
    // The shelf is read anew and moves the archive down; a click before that would miss it.
    page.waitForLoadState(LoadState.NETWORKIDLE);
    page.getByText("in the archive").click();
    Locator put = page.getByRole(AriaRole.LISTITEM).filter(new Locator.FilterOptions().setHasText("Copy of Tide-bell pullover"));
    put.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Put it back on the shelf")).first().click();
    page.navigate(address);
    assertThat(page.getByText("Copy of Tide-bell pullover").first()).isVisible();
  }

  @ParameterizedTest
  @CsvSource({"1280,800,LIGHT", "820,1180,DARK", "390,844,LIGHT"})
  void everyViewFitsItsScreenAndKeepsNobodyOut(int width, int height, ColorScheme colours) {
    Page page = product.page(width, height);
    page.emulateMedia(new Page.EmulateMediaOptions().setColorScheme(colours));
    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Fog-horn jacket").setExact(true)).click();
    page.waitForURL("**/garments/*");
    String garment = page.url();
    for (String view : List.of("", "/pieces", "/numbers", "/fit", "/seam/armhole.left", "/joins", "/yarn", "/order", "/sheet", "/bench/shoulder.left")) {
      page.navigate(garment + view);
      assertThat(page.locator("h1").first()).isVisible();
      Product.assertAccessible(page);
      Object over = page.evaluate("() => document.documentElement.scrollWidth - document.documentElement.clientWidth");
      assertThat(((Number) over).intValue()).as("%s at %d: px that stick out sideways", view, width).isZero();
    }
  }

  private static void rename(Page page, String name) {
    Locator field = page.getByLabel("Name of the garment");
    field.fill(name);
    field.press("Enter");
  }
}
