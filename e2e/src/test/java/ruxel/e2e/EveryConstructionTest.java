package ruxel.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Every construction is laid out by a new maker with numbers of their own, and its first seam is begun. */
class EveryConstructionTest {
  private final Page page = Product.RUNNING.shelf();

  @AfterEach
  void keepsNobodyOut() {
    Product.assertAccessible(page);
  }

  @ParameterizedTest
  @CsvSource({
    "Drop-shoulder panels, Stitches across the back, 71", "Notched armhole, Stitches left at the underarm, 6", "Set-in sleeve, Steps of each shoulder, 3",
    "Sideways ribs, Fullness of the sleeve top: %, 20", "Grown-on sleeves, Stitches of one pattern repeat, 12", "Wide front, Stitches across the front, 92",
    "'Sleeveless, with or without slits', 'Side slits, mm', 120", "Two hexagons, Stitches along a side, 50", "Folded square, 'The marked pair, counted from the fold', 16"
  })
  void isLaidOutAndItsFirstSeamBegun(String construction, String label, String number) {
    page.navigate(Product.RUNNING.address() + "/new");
    link(construction);
    page.getByLabel(label.replace(": %", ", %"), new Page.GetByLabelOptions().setExact(true)).fill(number);
    Product.button(page, "Lay it on the table").click();
    link("Look at this seam");
    link("Take it to the bench");
    assertThat(page.locator(".held-edges")).isVisible();
    Product.assertAccessible(page);
    Product.button(page, "Take it to the bench").click();
    assertThat(page.getByTestId("joint")).hasText("1");
    page.keyboard().press("Space");
    assertThat(page.getByTestId("joint")).hasText("2");
  }

  /** Both layers of a folded piece have their counts, and how it is folded stands in the order before its first seam. */
  @Test
  void aFoldedPieceShowsItsLayers() {
    page.navigate(Product.RUNNING.address() + "/new");
    link("Two hexagons");
    page.getByLabel("Stitches along a side", new Page.GetByLabelOptions().setExact(true)).fill("50");
    Product.button(page, "Lay it on the table").click();
    link("Pieces");
    assertThat(page.getByText("under: 50")).hasCount(4);
    Product.assertAccessible(page);
    link("Order");
    assertThat(page.getByText("Fold the pieces")).isVisible();
    assertThat(page.getByText("if two sleeves point the same way")).isVisible();
    Product.assertAccessible(page);
  }

  private void link(String name) {
    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(name)).first().click();
  }
}
