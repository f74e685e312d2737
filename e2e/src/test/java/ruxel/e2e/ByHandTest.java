package ruxel.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.SelectOption;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;

/** A garment of any shape: walked round by hand, joined by hand. */
class ByHandTest {
  private final Page page = Product.RUNNING.shelf();

  @AfterEach
  void keepsNobodyOut() {
    Product.assertAccessible(page);
  }

  @Test
  void freeOutlinesBecomeATubeJoinedByHand() {
    page.navigate(Product.RUNNING.address() + "/new");
    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Free outlines")).click();
    page.getByLabel("Name of the garment").fill("Buoy warmer");
    page.getByLabel("Name of the piece").fill("Back");
    edge(1, "40", "7");
    edge(2, "30", "10");
    edge(3, "40", "7");
    edge(4, "27", "10");
    assertThat(page.getByText("The walk ends 3 cm from where it began.")).isVisible();
    assertThat(page.getByText("3 more at left side or 3 fewer at right side would close it.")).isVisible();
    assertThat(Product.button(page, "Begin with this piece")).isDisabled();
    edge(4, "30", "10");
    Product.button(page, "Begin with this piece").click();
    Product.button(page, "Mirror Back").click();
    assertThat(page.getByText("Back, mirrored").first()).isVisible();
    join("Back, right side: 30 cm", "Right side");
    assertThat(Product.button(page, "Take out Right side")).isVisible();
    join("Back, left side: 30 cm", "Left side");
    assertThat(Product.button(page, "Take out Left side")).isVisible();
    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Table").setExact(true)).click();
    assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("None of two seams joined yet"))).isVisible();
    assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Two openings"))).isVisible();
    assertThat(page.getByText("56 cm")).hasCount(2);
  }

  private void edge(int number, String count, String mm) {
    page.getByLabel("How many at edge " + number).fill(count);
    page.getByLabel("Width of each at edge " + number).fill(mm);
  }

  private void join(String edge, String name) {
    Locator one = page.getByLabel("This edge");
    one.selectOption(new SelectOption().setLabel(edge));
    page.getByLabel("Name of the seam").fill(name);
    assertThat(page.getByText("30 on 30")).isVisible();
    Product.button(page, "Keep this seam").click();
  }
}
