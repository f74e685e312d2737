package ruxel.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static ruxel.e2e.Product.button;
import static ruxel.e2e.Product.view;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.SelectOption;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** Which join for which seam, whether there is yarn enough, whether it will fit, and in which order. */
class AdviceTest {
  private final Page page = Product.RUNNING.copyOf("Fog-horn jacket");
  private final String garment = page.url();

  /** From a wish to a chosen join: the answers are sums, another is asked after, and both shoulders are joined alike. */
  @Test
  void joinsAreChosenForReasonsThatCanBeFollowed() {
    view(page, "Joins").click();
    Locator shoulders = page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Left shoulder, Right shoulder"));
    assertThat(shoulders.getByText("Best overall")).isVisible();
    page.getByLabel("I join").selectOption("NEEDLE");
    assertThat(shoulders.getByText("Best overall, and of your school")).isVisible();
    page.getByLabel("Weight when finished").fill("5");
    assertThat(page.getByText("From 10 to 10000 g.")).isVisible();
    page.getByLabel("Weight when finished").fill("900");
    page.getByLabel("Weight when finished").press("Enter");
    assertThat(shoulders.getByText("strength comes first")).isVisible();
    Product.assertAccessible(page);
    shoulders.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Take it")).first().click();
    assertThat(shoulders.getByText("Taken.")).isVisible();
    shoulders.getByText("The sums, and why not another").click();
    assertThat(page.getByText("Taken for this seam.")).isVisible();
    page.getByLabel("Why not").selectOption("whip-both");
    assertThat(page.getByText(Pattern.compile("strong: \\d against \\d"))).isVisible();
    page.getByText(Pattern.compile("^How .* is worked here")).click();
    assertThat(page.getByText("Each joint")).isVisible();
    Product.assertAccessible(page);
    page.navigate(garment + "/seam/shoulder.right");
    assertThat(page.getByText("Taken for this seam.")).isVisible();
  }

  /** A tail left on the back where the left shoulder starts: no new yarn for it, and nothing to fasten on; what joins nothing is ticked off and stays so. */
  @Test
  void aTailIsJoinedWithAndWorkIsTickedOff() {
    view(page, "Yarn").click();
    page.getByLabel("Corner at which a tail hangs").selectOption(new SelectOption().setLabel("Back: left shoulder and left side"));
    page.getByLabel("Length of the tail").fill("120");
    button(page, "It hangs there").click();
    assertThat(page.getByText("the left shoulder begins with it")).isVisible();
    assertThat(page.getByText("No new yarn.")).isVisible();
    Product.assertAccessible(page);
    view(page, "Order").click();
    assertThat(page.getByText("Begin with the tail of the back, 120 cm")).isVisible();
    Locator look = page.getByRole(AriaRole.CHECKBOX, new Page.GetByRoleOptions().setName("Done: Look every piece over"));
    look.click();
    assertThat(look).isChecked();
    page.reload();
    assertThat(look).isChecked();
    Product.assertAccessible(page);
  }

  /** A yarn told and weighed on the scale: enough or not, what to buy, and the maker's own factor. */
  @Test
  void theYarnIsSummedUpWeighedAndMeasured() {
    Page scale = Product.RUNNING.page(820, 700);
    scale.navigate(Product.RUNNING.address() + "/scale.html");
    assertThat(scale.getByRole(AriaRole.STATUS)).containsText("g");
    scale.waitForResponse("**/scale/pan", () -> scale.getByLabel("On the pan, grams").fill("3.2"));
    view(page, "Yarn").click();
    button(page, "Tell a yarn").click();
    page.getByLabel("Name", new Page.GetByLabelOptions().setExact(true)).fill("Pier wool");
    page.getByLabel("Metres in a ball").fill("100");
    page.getByLabel("Grams in a ball").fill("50");
    button(page, "Keep it").first().click();
    assertThat(page.getByText("Weigh what is left, and tell")).isVisible();
    button(page, "Weigh what is left").click();
    assertThat(page.getByText("3.2 g left when last weighed.")).isVisible();
    assertThat(page.getByText(Pattern.compile("6.4 m are left: \\d+ balls? to buy"))).isVisible();
    page.getByLabel("They took").fill("20");
    page.getByLabel("Your own factor").getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Keep it")).click();
    assertThat(page.getByText("measured 1 time")).isVisible();
    Product.assertAccessible(page);
    view(page, "Order").click();
    assertThat(page.getByText("Fewer than")).isVisible();
    view(page, "Sheet").click();
    assertThat(page.getByText("Ends to weave in")).isVisible();
  }

  /** Measures that are wrong are refused at the field; right ones tell what does not fit, and before which seam to mend it. */
  @Test
  void theWearerIsMeasuredAndNotGuessed() {
    view(page, "Fit").click();
    assertThat(page.getByText("still to be measured")).isVisible();
    page.getByLabel("Chest").fill("12");
    assertThat(page.getByText("From 30 cm to 200 cm.")).isVisible();
    page.getByLabel("Chest").fill("150");
    page.getByLabel("Chest").press("Enter");
    assertThat(page.getByText(Pattern.compile("for 150 cm and 10 cm of room: .* too little"))).isVisible();
    page.getByLabel("It is for").selectOption("SMALL_CHILD");
    assertThat(page.getByText("For a small child: no buttons")).isVisible();
    Product.assertAccessible(page);
  }

  /** Another order is taken whole, and given back. */
  @Test
  void aWholeOrderIsTaken() {
    view(page, "Order").click();
    button(page, "Take it: one side complete").click();
    Locator seams = page.locator("ol.path > li:not(.work-step)");
    assertThat(seams.nth(1)).containsText("Set in the left sleeve");
    assertThat(page.getByText("It stands here by your order.").first()).isVisible();
    button(page, "Take the usual order").click();
    assertThat(seams.nth(1)).containsText("Join the right shoulder");
  }
}
