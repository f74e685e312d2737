package ruxel.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static ruxel.e2e.Product.button;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** A shoulder that becomes otherwise than planned, looked at and measured before it counts as joined; the other one is told of it. */
class BothSidesTest {
  private final Product product = Product.RUNNING;

  @Test
  void whatBecameOfTheFirstShoulderIsToldAtTheSecond() {
    Page page = product.copyOf("Tide-bell pullover");
    String garment = page.url();
    page.navigate(garment + "/bench/shoulder.left");
    button(page, "Take it to the bench").click();
    page.getByText(Pattern.compile("^Joint 1 is done")).click();
    page.getByLabel("Worked otherwise here").selectOption("Two of the back shoulder into one");
    assertThat(page.getByText("The back shoulder is 1 place further than planned", new Page.GetByTextOptions().setExact(false))).isVisible();
    Locator on = page.getByText(Pattern.compile("^Done to "));
    while (on.isVisible()) {
      on.click();
    }
    page.getByLabel("Tape").fill("5");
    button(page, "Compare").click();
    assertThat(page.getByText(Pattern.compile("^5 cm sewn, .* it draws in by "))).isVisible();
    page.getByLabel("There is a gap, or a hole at an end.").check();
    assertThat(page.getByText(Pattern.compile("^One stitch with the tail closes a hole"))).isVisible();
    Product.assertAccessible(page);
    button(page, "Leave it so. The seam is joined").click();
    assertThat(page.getByText(Pattern.compile("It is kept\\."))).isVisible();
    assertThat(page.getByText(Pattern.compile("^There is a gap, or a hole at an end\\. One stitch"))).isVisible();
    Product.assertAccessible(page);

    page.navigate(garment + "/bench/shoulder.right");
    button(page, "Take it to the bench").click();
    page.getByText(Pattern.compile("^Joint 1 is done")).click();
    assertThat(page.getByText(Pattern.compile("^At the left shoulder, you worked otherwise: at joint 1, two stitches of the back into one\\."))).isVisible();
    page.getByText("On the other side", new Page.GetByTextOptions().setExact(true)).click();
    assertThat(page.getByText(Pattern.compile("^Left shoulder: At joint 1, .* 5 cm sewn"))).isVisible();
    Product.assertAccessible(page);
  }

  /** A shoulder is ended early with its twin, says so at both, and goes on where it ended. */
  @Test
  void aSeamEndsEarlyAndGoesOn() {
    Page page = product.copyOf("Tide-bell pullover");
    String garment = page.url();
    page.navigate(garment + "/bench/shoulder.left");
    button(page, "Take it to the bench").click();
    page.getByText(Pattern.compile("^Done to marker 1")).click();
    int joint = Integer.parseInt(page.getByTestId("joint").textContent()) - 1;
    page.getByLabel("Worked otherwise here").selectOption("The seam ends here, the rest stays open …");
    Locator asked = page.getByLabel("End the seam here");
    assertThat(asked.getByText(Pattern.compile("^Opening neck: .* instead of "))).isVisible();
    assertThat(asked.getByLabel("Right shoulder ends there, too")).isChecked();
    Product.assertAccessible(page);
    button(page, "End it here").click();
    assertThat(page.getByText(Pattern.compile("^%d joints of \\d+: ended here, the rest stays open\\. It is kept\\.".formatted(joint)))).isVisible();
    Product.assertAccessible(page);

    page.navigate(garment + "/seam/shoulder.right");
    assertThat(page.getByText(Pattern.compile("^%d stitches · .* nearest you".formatted(joint)))).isVisible();
    button(page, "Join it to its end").click();
    assertThat(button(page, "End it where the left shoulder ends")).isVisible();

    page.navigate(garment + "/bench/shoulder.left");
    page.getByLabel("Opened again, back to").selectOption("Joint %d, where it ends now".formatted(joint));
    assertThat(page.getByTestId("joint")).hasText(String.valueOf(joint + 1));
  }
}
