package ruxel.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.nio.charset.StandardCharsets;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;

/** The real interface on the real server and a real PostgreSQL, by role and label. */
class JourneyTest {
  private final Page page = Product.RUNNING.shelf();

  @AfterEach
  void keepsNobodyOut() {
    Product.assertAccessible(page);
  }

  @Test
  void fromTypedNumbersToAWorkedJointAndBackToIt() {
    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Lay out a new one")).click();
    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Drop-shoulder panels")).click();
    type("Name", "Quay coat");
    type("Stitches across the back", "65");
    type("Stitches of each shoulder", "40");
    assertThat(page.getByText("Two shoulders of 40 take 80")).isVisible();
    assertThat(button("Lay it on the table")).isDisabled();
    type("Stitches of each shoulder", "23");
    type("Rows of the armhole", "14");
    type("Stitches at the sleeve top", "50");
    assertThat(page.getByText("51 stitches, 36.4 cm, on an armhole of 35 cm: 3.9 % longer.")).isVisible();
    button("Lay it on the table").click();
    assertThat(heading("None of six seams joined yet")).isVisible();
    assertThat(page.getByText("Fronts, neck and hem")).isVisible();
    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Look at this seam")).click();
    assertThat(heading("Left shoulder")).isVisible();
    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Take it to the bench")).click();
    button("Take it to the bench").click();
    assertThat(page.getByTestId("joint")).hasText("1");
    page.keyboard().press("Space");
    assertThat(page.getByTestId("joint")).hasText("2");
    button("Joint 2 is done").click();
    assertThat(page.getByText("Kept to the joint")).isVisible();
    page.reload();
    assertThat(page.getByTestId("joint")).hasText("3");
    button("Back one").click();
    assertThat(page.getByTestId("joint")).hasText("2");
  }

  @Test
  void anAnchorIsMovedByKeyboardAndSaved() {
    openCardigan();
    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(Pattern.compile("^Right armhole"))).click();
    Locator handle = page.getByRole(AriaRole.SLIDER, new Page.GetByRoleOptions().setName("shoulder seam on the sleeve top"));
    assertThat(handle).hasAttribute("aria-valuetext", "stitch 26");
    handle.focus();
    // It begins at the right hand: on along the seam is to the left.
    page.keyboard().press("ArrowLeft");
    assertThat(handle).hasAttribute("aria-valuetext", "after stitch 26");
    page.waitForResponse("**/changes", () -> page.keyboard().press("Enter"));
    page.reload();
    assertThat(handle).hasAttribute("aria-valuetext", "after stitch 26");
  }

  @Test
  void theOrderGivesReasonsAndTheBenchRefusesWhatComesTooEarly() {
    openCardigan();
    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Order")).click();
    assertThat(page.getByText("Must.").first()).isVisible();
    String address = page.url().replace("/order", "/bench/side.left");
    page.navigate(address);
    assertThat(page.getByText("First join the left armhole:")).isVisible();
    assertThat(button("Take it to the bench")).hasCount(0);
  }

  @Test
  void aBadFileIsRefusedWithItsPlaceAndADeletedGarmentComesBack() {
    page.getByLabel("Garment file").setInputFiles(new FilePayload("broken.json", "application/json", "{\"format\":\"ruxel-garment\",\"version\":7}".getBytes(StandardCharsets.UTF_8)));
    assertThat(page.getByText("$.version")).isVisible();
    Locator pullover = page.getByRole(AriaRole.LISTITEM).filter(new Locator.FilterOptions().setHas(page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Tide-bell pullover").setExact(true))));
    pullover.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Delete")).click();
    assertThat(pullover).hasCount(0);
    button("Put it back").click();
    assertThat(pullover).hasCount(1);
  }

  private void openCardigan() {
    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Lamplighter’s cardigan").setExact(true)).click();
    assertThat(page.getByText("Next step")).isVisible();
  }

  private Locator button(String name) {
    return page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name));
  }

  private Locator heading(String name) {
    return page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName(name)).first();
  }

  private void type(String label, String text) {
    page.getByLabel(label, new Page.GetByLabelOptions().setExact(true)).fill(text);
  }
}
