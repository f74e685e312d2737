package ruxel.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static ruxel.e2e.Product.button;
import static ruxel.e2e.Product.view;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** Two panels joined by a row that was kept back: offered, tried, kept, told in the order, at the bench and on the sheet, and taken out again over the neck. */
class JoiningRowsTest {
  private final Page page = Product.RUNNING.shelf();

  @Test
  void twoPanelsAreJoinedByAWithheldRow() {
    page.navigate(Product.RUNNING.address() + "/new/drop-shoulder");
    page.getByLabel("Name", new Page.GetByLabelOptions().setExact(true)).fill("Hawser jacket");
    button(page, "Lay it on the table").click();
    page.waitForURL("**/garments/*");
    page.navigate(page.url() + "/seam/shoulder.left");
    Locator offers = page.getByLabel("Join it while a row is worked", new Page.GetByLabelOptions().setExact(true));
    offers.getByText("Join it while a row is worked", new Locator.GetByTextOptions().setExact(true)).click();
    Locator ofTheBack = offers.getByRole(AriaRole.LISTITEM).filter(new Locator.FilterOptions().setHasText("Work one row more on the back"));
    assertThat(ofTheBack).containsText(Pattern.compile("Row \\d+ of the back, a right-side row, double crochet, \\d+ stitches: \\d+ join the right shoulder, \\d+ plain along the neck, \\d+ join the left shoulder\\."));
    ofTheBack.getByRole(AriaRole.BUTTON).click();
    assertThat(page.getByLabel("With the row", new Page.GetByLabelOptions().setExact(true))).isVisible();
    assertThat(page.getByText(Pattern.compile("^Back, height: "))).isVisible();
    button(page, "Keep it").click();
    assertThat(page.getByLabel("Joined while a row is worked", new Page.GetByLabelOptions().setExact(true))).containsText("plain along the neck");
    Product.assertAccessible(page);

    view(page, "Order").click();
    assertThat(page.getByText("Do not cut: the row goes on to the left shoulder.")).isVisible();
    view(page, "Edges").click();
    page.getByLabel("Rows on pieces").getByRole(AriaRole.BUTTON).click();
    assertThat(page.getByLabel("Edging", new Page.GetByLabelOptions().setExact(true))).containsText("It adds 12.5 mm there");
    assertThat(page.getByLabel(Pattern.compile("Joining row along the .*, unrolled"))).isVisible();
    Product.assertAccessible(page);
    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(Pattern.compile("join the left shoulder$"))).click();
    page.getByText("Take it to the bench").click();
    assertThat(page.getByText("Take up the loop that was left on the back and go on with its next row.")).isVisible();
    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Table")).click();

    view(page, "Pieces").click();
    page.getByLabel("Edge of the back").selectOption("neck");
    button(page, "Take them out").click();
    view(page, "Edges").click();
    assertThat(page.getByLabel("Rows on pieces").getByRole(AriaRole.LISTITEM)).hasCount(2);
  }
}
