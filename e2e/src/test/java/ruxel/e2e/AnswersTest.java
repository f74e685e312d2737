package ruxel.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;

/** A construction found by what lies on the table, its numbers typed where they are measured. */
class AnswersTest {
  private final Page page = Product.RUNNING.shelf();

  @AfterEach
  void keepsNobodyOut() {
    Product.assertAccessible(page);
  }

  @Test
  void whoDoesNotKnowTheWordSaysWhatIsSeen() {
    page.navigate(Product.RUNNING.address() + "/new");
    page.getByLabel("rounded at the top").check();
    assertThat(page.getByText("1 construction may look like that.")).isVisible();
    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Set-in sleeve")).click();
    number("Rows that get narrower").fill("90");
    assertThat(page.getByText(Pattern.compile("90 rows get narrower, but there are only"))).isVisible();
    number("Rows that get narrower").fill("5");
    Product.button(page, "Lay it on the table").click();
    assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("None of six seams joined yet"))).isVisible();
  }

  @Test
  void tabGoesRoundTheDrawingInTheOrderInWhichPiecesAreMade() {
    page.navigate(Product.RUNNING.address() + "/new/drop-shoulder");
    number("Stitches across the back").fill("60");
    page.keyboard().press("Tab");
    assertThat(number("Stitches across each front")).isFocused();
    page.keyboard().type("30");
    page.keyboard().press("Tab");
    assertThat(number("Rows of the body")).isFocused();
    page.keyboard().type("42");
    page.keyboard().press("Tab");
    assertThat(number("Rows of the armhole")).isFocused();
    // The list follows, with what the assumed number comes from.
    assertThat(page.getByText("Assumed. Follows from rows of the body and your gauge. 18.8 cm deep")).isVisible();
    assertThat(page.getByText("22 of 25 answers are assumed")).isVisible();
  }

  @Test
  void twoNumbersThatDoNotGoTogetherAreNamed() {
    page.navigate(Product.RUNNING.address() + "/new/drop-shoulder");
    number("Rows of the body").fill("40");
    number("Rows of the armhole").fill("50");
    assertThat(page.getByText("These numbers do not go together: rows of the armhole (50) and rows of the body (40).")).isVisible();
    assertThat(page.getByText("The last drawing that was possible is kept.")).isVisible();
    assertThat(Product.button(page, "Lay it on the table")).isDisabled();
    number("Rows of the body").fill("60");
    assertThat(Product.button(page, "Lay it on the table")).isEnabled();
  }

  private Locator number(String label) {
    return page.getByLabel(label, new Page.GetByLabelOptions().setExact(true));
  }
}
