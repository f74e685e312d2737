package ruxel.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static ruxel.e2e.Product.button;
import static ruxel.e2e.Product.view;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** A cardigan of squares: laid out, coloured from the stock, its fewest passes seen, three squares joined and found again. */
class SquaresTest {
  private final Page page = Product.RUNNING.shelf();

  @Test
  void aCardiganOfSquaresFromStockToStitch() {
    page.navigate(Product.RUNNING.address() + "/new/squares");
    page.getByLabel("Name", new Page.GetByLabelOptions().setExact(true)).fill("Breakwater squares");
    page.getByLabel("Hood", new Page.GetByLabelOptions().setExact(true)).selectOption("SEWN_ON");
    assertThat(page.getByLabel("Squares of the hood's height")).isVisible();
    button(page, "Lay it on the table").click();
    page.waitForURL("**/garments/*");
    assertThat(page.getByText("Top of the hood").first()).isVisible();
    view(page, "Squares").click();
    assertThat(page.getByText("Tell the colourways they are made in")).isVisible();
    button(page, "Tell a colourway").click();
    page.getByLabel("Name of Colour 1").fill("Foam");
    page.getByLabel("Name of Colour 1").press("Tab");
    button(page, "Another colourway").click();
    assertThat(page.getByLabel("Name of Colour 2")).isVisible();
    button(page, "Another colourway").click();
    assertThat(page.getByLabel("Name of Colour 3")).isVisible();
    button(page, "Another colourway").click();
    assertThat(page.getByLabel("Name of Colour 4")).isVisible();
    button(page, "Place the colours").click();
    assertThat(page.getByText("No two neighbours alike, across seams too.")).isVisible();
    Product.assertAccessible(page);

    Locator square = page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^Back, square 1\\.1:")));
    square.focus();
    square.press("Enter");
    assertThat(page.getByLabel("The square you hold")).containsText("Back, square 1.1");
    page.getByLabel("Keep it here").click();
    assertThat(page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("square 1\\.1: .*, kept$")))).isVisible();
    button(page, "Turn it to the left").click();
    assertThat(page.getByText("a dark corner where its rounds end")).isVisible();
    button(page, "Put it down").click();

    Locator joining = page.getByLabel("Joining the board");
    assertThat(joining.getByText(Pattern.compile("places along a side in a seam"))).isVisible();
    assertThat(joining.getByText(Pattern.compile("joints, then \\d+ parts of 2 squares, \\d+ loose")).first()).isVisible();
    joining.getByLabel("Fewest passes").click();
    button(page, "Show the path").click();
    assertThat(joining.getByText(Pattern.compile("Pass 1 of \\d+"))).isVisible();
    joining.getByLabel("Rows first").click();
    page.getByLabel("Where lines cross").selectOption("CATCH");
    assertThat(joining.getByText("One slip stitch round the earlier seam")).isVisible();

    joining.getByRole(AriaRole.LINK, new Locator.GetByRoleOptions().setName("Join it")).first().click();
    assertThat(page.getByText("Whip stitch, both loops").first()).isVisible();
    Product.assertAccessible(page);
    button(page, "Take it to the bench").click();
    assertThat(button(page, "Use the pedal")).isVisible();
    Locator inHand = page.getByRole(AriaRole.IMG, new Page.GetByRoleOptions().setName(Pattern.compile("^In hand:")));
    assertThat(inHand).hasAttribute("aria-label", "In hand: Square 1.1 and square 2.1");
    Locator count = page.getByTestId("joint");
    assertThat(count).hasText("1");
    for (int joint = 1; joint <= 16; joint++) {
      page.keyboard().press("Space");
      assertThat(count).hasText(String.valueOf(joint + 1));
    }
    assertThat(page.getByText("Next: square 1.2 and 2.2.").first()).isVisible();
    assertThat(inHand).hasAttribute("aria-label", "In hand: Square 1.2 and square 2.2");
    page.keyboard().press("Space");
    assertThat(count).hasText("18");
    page.keyboard().press("Space");
    assertThat(count).hasText("19");
    Product.assertAccessible(page);
    String bench = page.url();
    view(page, "Squares").click();
    assertThat(page.getByText(Pattern.compile("^18 of \\d+ joints"))).isVisible();
    page.navigate(bench);
    assertThat(inHand).hasAttribute("aria-label", "In hand: Square 1.2 and square 2.2");
    assertThat(count).hasText("19");
  }
}
