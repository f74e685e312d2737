package ruxel.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static ruxel.e2e.Product.button;
import static ruxel.e2e.Product.view;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** A vest trimmed: both armholes alike without counting twice, what was worked taken over, a front band, and what cannot be. */
class EdgesTest {
  private final Page page = Product.RUNNING.shelf();

  @Test
  void aVestIsTrimmed() {
    page.navigate(Product.RUNNING.address() + "/new/sleeveless");
    page.getByLabel("Name", new Page.GetByLabelOptions().setExact(true)).fill("Slipway vest");
    button(page, "Lay it on the table").click();
    page.waitForURL("**/garments/*");
    view(page, "Edges").click();
    tab("Left armhole").click();
    button(page, "Work an edging along it").click();
    Locator told = page.getByLabel("Edging", new Page.GetByLabelOptions().setExact(true));
    assertThat(told.getByText("Left armhole edging").first()).isVisible();
    assertThat(told.getByText(Pattern.compile("^Round 1, single crochet: \\d+ stitches\\.$"))).isVisible();
    Product.assertAccessible(page);

    button(page, "One round more").click();
    assertThat(told.getByText(Pattern.compile("^Round 2, single crochet: "))).isVisible();
    button(page, "The same on the other side").click();
    assertThat(tab("Right armhole")).containsText("✓");
    Locator worked = told.getByLabel(Pattern.compile("^I worked along")).first();
    worked.fill("90");
    worked.press("Enter");
    assertThat(told.getByText(Pattern.compile("ripples: 90 where \\d+ lie flat"))).isVisible();
    tab("Right armhole").click();
    assertThat(told.getByText("It keeps to the left armhole edging")).isVisible();
    assertThat(told.getByText(Pattern.compile("^90 along the "))).isVisible();

    tab("Fronts, neck and hem").click();
    button(page, "Work an edging along it").click();
    page.getByLabel("A band, made separately and sewn on").click();
    page.getByLabel("What the band is").selectOption("FRONT");
    assertThat(told.getByText(Pattern.compile("^Front band for .* cm: \\d+ rows"))).isVisible();
    page.getByLabel("Rows", new Page.GetByLabelOptions().setExact(true)).fill("4");
    page.getByLabel("Rows", new Page.GetByLabelOptions().setExact(true)).press("Enter");
    assertThat(told.getByText(Pattern.compile("4 rows for an edge of"))).isVisible();
    page.getByLabel("Width of the band in mm").fill("0");
    page.getByLabel("Width of the band in mm").press("Enter");
    assertThat(page.getByText("the width of the band in mm has to be from 1 to 500")).isVisible();

    view(page, "Order").click();
    assertThat(page.getByText("Work the left armhole edging").first()).isVisible();
    view(page, "Sheet").click();
    assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Edgings and bands"))).isVisible();
  }

  /** A count drawn longer by its bead is saved with what is tied to it; a band is worked onto a row of an even count; the edging comes earlier. */
  @Test
  void aCountIsDrawnAndABandWorkedOn() {
    page.navigate(Product.RUNNING.address() + "/new/sleeveless");
    page.getByLabel("Name", new Page.GetByLabelOptions().setExact(true)).fill("Mooring vest");
    button(page, "Lay it on the table").click();
    page.waitForURL("**/garments/*");
    view(page, "Edges").click();
    tab("Left armhole").click();
    button(page, "Work an edging along it").click();
    Locator trial = page.getByLabel(Pattern.compile("^By trial along")).first();
    trial.fill("2, 1");
    trial.press("Enter");
    assertThat(page.getByText("2, 1 in turn").first()).isVisible();
    trial.fill("");
    trial.press("Enter");
    assertThat(page.getByText("2, 1 in turn")).hasCount(0);

    Locator bead = page.getByRole(AriaRole.SLIDER).first();
    int planned = Integer.parseInt(bead.getAttribute("aria-valuenow"));
    bead.focus();
    bead.press("ArrowRight");
    assertThat(bead).hasAttribute("aria-valuenow", String.valueOf(planned + 1));
    bead.press("ArrowRight");
    assertThat(bead).hasAttribute("aria-valuenow", String.valueOf(planned + 2));
    assertThat(page.getByLabel(Pattern.compile("^I want along")).first()).hasValue(String.valueOf(planned + 2));

    page.getByLabel("A band, worked on sideways").click();
    Locator told = page.getByLabel("Edging", new Page.GetByLabelOptions().setExact(true));
    assertThat(told.getByText(Pattern.compile("two rows for every two of the \\d*[02468] stitches"))).isVisible();
    assertThat(button(page, "Left armhole edging")).isVisible();
    Product.assertAccessible(page);

    view(page, "Order").click();
    Locator when = page.getByLabel("When it is worked").first();
    String last = when.locator("option").last().getAttribute("value");
    when.selectOption(last);
    assertThat(page.getByLabel("When it is worked").first()).hasValue(last);
    assertThat(page.getByText("Saved")).isVisible();
  }

  /** The tunic's first armhole is in hand: the bench goes on where it was left, stitch by stitch. */
  @Test
  void anArmholeIsWorkedAtTheBench() {
    Page tunic = Product.RUNNING.garment("Lantern-carrier’s tunic");
    view(tunic, "Edges").click();
    tunic.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^Left armhole, "))).click();
    assertThat(tunic.getByText(Pattern.compile("40 of \\d+ stitches done\\."))).isVisible();
    tunic.getByText("Go on at the bench").click();
    assertThat(tunic.getByTestId("joint")).hasText("41");
    assertThat(tunic.getByText(Pattern.compile("^Row end \\d+( again)?\\.$"))).isVisible();
    Product.assertAccessible(tunic);
    tunic.keyboard().press("Space");
    assertThat(tunic.getByTestId("joint")).hasText("42");
    assertThat(tunic.getByText("Kept to the stitch")).isVisible();
    tunic.keyboard().press("x");
    assertThat(tunic.getByText(Pattern.compile("^of \\d+, 1 otherwise$"))).isVisible();
    assertThat(tunic.getByText("Kept to the stitch")).isVisible();
    tunic.reload();
    assertThat(tunic.getByTestId("joint")).hasText("42");
    assertThat(tunic.getByText(Pattern.compile("^of \\d+, 1 otherwise$"))).isVisible();
    button(tunic, "Back one").click();
    assertThat(tunic.getByTestId("joint")).hasText("41");
    assertThat(tunic.getByText(Pattern.compile("^of \\d+$"))).isVisible();
  }

  private Locator tab(String opening) {
    return page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^" + opening + ", ")));
  }
}
