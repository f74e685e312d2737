package ruxel.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static ruxel.e2e.Product.button;
import static ruxel.e2e.Product.view;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.junit.jupiter.api.Test;

/** What is the maker's to judge: numbers of the house, and findings they leave as they are. */
class JudgementTest {
  private final Page page = Product.RUNNING.copyOf("Fog-horn jacket");
  private final String garment = page.url();

  /** From the ladder to the rules; one that contradicts another is refused, one that does not changes the seam. */
  @Test
  void aHouseRuleIsChangedAndTakenBack() {
    page.navigate(garment + "/seam/shoulder.left");
    Locator markers = page.locator("table.markers tbody tr");
    assertThat(page.getByText("25 joints in all.")).isVisible();
    int before = markers.count();
    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("house rules")).click();
    assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("House rules"))).isVisible();
    set("Ease that counts as matched", "8");
    assertThat(page.getByText("would be more than")).isVisible();
    set("Most joints without a marker", "900");
    assertThat(page.getByText("From 2 to 500.")).isVisible();
    set("Most joints without a marker", "6");
    assertThat(button(page, "Take the house’s 12 again")).isVisible();
    Product.assertAccessible(page);
    view(page, "Table").click();
    page.navigate(garment + "/seam/shoulder.left");
    assertThat(page.getByText("25 joints in all.")).isVisible();
    org.assertj.core.api.Assertions.assertThat(markers.count()).as("more markers than with the house's rule").isGreaterThan(before);
    page.navigate(garment + "/rules");
    button(page, "Take the house’s 12 again").click();
    assertThat(button(page, "Take the house’s 12 again")).hasCount(0);
  }

  private void set(String rule, String text) {
    page.getByLabel(rule).fill(text);
    page.getByLabel(rule).press("Enter");
  }

  /** A front a row short keeps both sides from the bench until the maker has said why it is left so. */
  @Test
  void whatIsLeftSoIsANoteAndCanBeTakenBack() {
    page.navigate(garment + "/bench/side.left");
    assertThat(page.getByText("Decide this first")).isVisible();
    Locator fronts = page.getByRole(AriaRole.LISTITEM).filter(new Locator.FilterOptions().setHasText("28 row ends and 29 at the side"));
    fronts.getByText("Leave it so…").click();
    page.getByLabel("Why it is right as it is").fill("The right front is worked on a row");
    button(page, "Leave it so").click();
    assertThat(page.getByText("Decide this first")).hasCount(0);
    page.navigate(garment + "/seam/side.right");
    assertThat(page.getByText("Decide first").first()).isVisible();
    page.navigate(garment + "/pieces");
    assertThat(page.getByRole(AriaRole.MAIN)).isVisible();
    page.navigate(garment + "/bench/side.left");
    assertThat(page.getByText("Decide this first")).hasCount(0);
    Product.assertAccessible(page);
  }
}
