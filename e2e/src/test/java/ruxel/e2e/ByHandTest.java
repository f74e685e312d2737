package ruxel.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
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
    assertThat(Product.button(page, "Right side 30 on 30 yours")).isVisible();
    join("Back, left side: 30 cm", "Left side");
    assertThat(Product.button(page, "Left side 30 on 30 yours")).isVisible();
    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Table").setExact(true)).click();
    assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("None of two seams joined yet"))).isVisible();
    assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Two openings"))).isVisible();
    assertThat(page.getByText("56 cm")).hasCount(2);
  }

  /** A seam of a construction parted at the underarm, gone on with again, taken out and put back, named. */
  @Test
  void seamsOfAConstructionAreToldAnew() {
    layOut();
    seam("Left side and sleeve").click();
    page.getByLabel("Part it in two at").selectOption(new SelectOption().setLabel("underarm"));
    assertThat(seam("Left side and sleeve, second part")).isVisible();
    page.getByLabel("Go on from its end, in one pass, with").selectOption(new SelectOption().setLabel("Left side and sleeve, second part"));
    assertThat(seam("Left side and sleeve, second part")).hasCount(0);
    assertThat(page.getByText("Left side and sleeve: told anew")).isVisible();
    Product.button(page, "Put back Left side and sleeve").click();
    assertThat(page.getByText("told anew")).hasCount(0);
    page.getByLabel("Name", new Page.GetByLabelOptions().setExact(true)).fill("Tideline");
    Product.button(page, "Call it that").click();
    assertThat(Product.button(page, "Take it out: Tideline")).isVisible();
  }

  /** Rows let in at the side: a piece of one's own between both sides, matched on either edge. */
  @Test
  void aGussetIsLetIn() {
    layOut();
    seam("Left side and sleeve").click();
    page.getByLabel("Let in rows between its two sides").fill("4");
    Product.button(page, "Let them in").click();
    assertThat(seam("Gusset of the left side and sleeve")).isVisible();
    assertThat(Product.button(page, "Remove Gusset, left side and sleeve")).isVisible();
    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Table").setExact(true)).click();
    assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("None of seven seams joined yet"))).isVisible();
  }

  /** What a construction joined is taken out, then pointed at: an edge, and its partner comes with it. */
  @Test
  void edgesAreJoinedByPointing() {
    layOut();
    seam("Left shoulder").click();
    Product.button(page, "Take it out: Left shoulder").click();
    assertThat(page.getByText("Left shoulder: taken out")).isVisible();
    Locator edges = page.locator(".free-edges g");
    int free = edges.count();
    point("back shoulder.left");
    assertThat(page.getByLabel("This edge")).not().hasValue("");
    assertThat(page.getByLabel("meets this one")).not().hasValue("");
    point("front.left shoulder");
    assertThat(page.getByText("23 on 23").last()).isVisible();
    page.getByLabel("Name of the seam").fill("Shoulder by hand");
    Product.button(page, "Keep this seam").click();
    assertThat(Product.button(page, "Shoulder by hand 23 on 23 yours")).isVisible();
    assertThat(edges).hasCount(free - 2);
  }

  /** A piece of a construction becomes the maker's own, is called something else, and its outline is told anew. */
  @Test
  void aPieceOfAConstructionIsMadeOnesOwn() {
    layOut();
    Product.button(page, "Make it your own: Back").click();
    page.getByLabel("Name of Back").fill("Lantern back");
    page.getByLabel("Name of Back").press("Enter");
    Product.button(page, "Outline of Lantern back").click();
    page.getByLabel("How many at edge 1", new Page.GetByLabelOptions().setExact(true)).fill("60");
    assertThat(page.getByText("It is no piece yet")).isVisible();
    assertThat(Product.button(page, "Keep this outline")).isDisabled();
    page.getByLabel("How many at edge 1", new Page.GetByLabelOptions().setExact(true)).fill("66");
    Product.button(page, "Keep this outline").click();
    assertThat(Product.button(page, "Remove Lantern back")).isVisible();
    assertThat(page.locator(".free-edges g[data-edge='back hem']")).hasCount(1);
  }

  /** A line that lies level has no height, so it is clicked where it is. */
  private void point(String edge) {
    BoundingBox box = page.locator(".free-edges g[data-edge='" + edge + "']").boundingBox();
    page.mouse().click(box.x + box.width / 2, box.y + box.height / 2);
  }

  private Locator seam(String name) {
    return page.locator(".seam-name").filter(new Locator.FilterOptions().setHas(page.getByText(name, new Page.GetByTextOptions().setExact(true))));
  }

  private void layOut() {
    page.navigate(Product.RUNNING.address() + "/new/drop-shoulder");
    Product.button(page, "Lay it on the table").click();
    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("By hand").setExact(true)).click();
    assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Join two edges"))).isVisible();
  }

  private void edge(int number, String count, String mm) {
    page.getByLabel("How many at edge " + number).fill(count);
    page.getByLabel("Width of each at edge " + number).fill(mm);
  }

  private void join(String edge, String name) {
    Locator one = page.getByLabel("This edge");
    one.selectOption(new SelectOption().setLabel(edge));
    page.getByLabel("Name of the seam").fill(name);
    assertThat(page.getByText("30 on 30", new Page.GetByTextOptions().setExact(true))).isVisible();
    Product.button(page, "Keep this seam").click();
  }
}
