package ruxel.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static ruxel.e2e.Product.button;
import static ruxel.e2e.Product.view;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** An edging that loses its edge, two windows at one bench without a connection: nothing of either is lost. */
class NothingLostTest {
  private final Page page = Product.RUNNING.shelf();

  private void laidOut(String construction, String name) {
    page.navigate(Product.RUNNING.address() + "/new/" + construction);
    page.getByLabel("Name", new Page.GetByLabelOptions().setExact(true)).fill(name);
    button(page, "Lay it on the table").click();
    page.waitForURL("**/garments/*");
  }

  /** A cardigan's front edging, and then the garment is a pullover: the edging is listed with what it was, and laid on the hem. */
  @Test
  void anEdgingThatLosesItsEdgeIsLaidOnAnother() {
    laidOut("sleeveless", "Capstan vest");
    view(page, "Edges").click();
    page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^Fronts, neck and hem"))).click();
    button(page, "Work an edging along it").click();
    assertThat(page.getByText("Fronts, neck and hem edging").first()).isVisible();
    String id = page.url().replaceFirst(".*/garments/([^/]+).*", "$1");
    page.evaluate(
        "async id => { const {version} = await (await fetch('/api/garments/' + id)).json(); await fetch('/api/garments/' + id + '/changes', {method: 'POST', headers: {'Content-Type': 'application/json', 'If-Match': '\"' + version + '\"'}, body: JSON.stringify({changes: [{kind: 'EDGE_MEASURED', piece: 'front.left', edge: 'front', mm: 500}, {kind: 'ANSWERS_CHANGED', answers: {kind: 'PULLOVER'}, cleared: []}]})}); }",
        id);
    page.reload();
    view(page, "Table").click();
    assertThat(page.getByLabel("Without a place now")).containsText("length of front on front.left");
    page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^Remove: The length"))).click();
    assertThat(page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^Remove: The length")))).hasCount(0);
    Product.assertAccessible(page);
  }

  /** Both windows go on while nobody answers; what either counted is there when the connection is back. */
  @Test
  void twoWindowsWithoutAConnectionKeepTheirJoints() {
    Page one = Product.RUNNING.copyOf("Tide-bell pullover");
    one.navigate(one.url() + "/bench/shoulder.left");
    button(one, "Take it to the bench").click();
    assertThat(one.getByTestId("joint")).hasText("1");
    Page other = one.context().newPage();
    other.navigate(one.url());
    assertThat(other.getByTestId("joint")).hasText("1");
    one.route("**/api/work/*/events", route -> route.abort());
    other.route("**/api/work/*/events", route -> route.abort());
    press(one, 3);
    press(other, 5);
    assertThat(one.getByText("3 not sent yet; kept in this browser")).isVisible();
    assertThat(other.getByText("5 not sent yet; kept in this browser")).isVisible();
    one.unroute("**/api/work/*/events");
    other.unroute("**/api/work/*/events");
    assertThat(one.getByText("Kept to the joint")).isVisible();
    assertThat(other.getByText("Kept to the joint")).isVisible();
    one.reload();
    assertThat(one.getByTestId("joint")).hasText("6");
    other.close();
  }

  /** A window that is closed with joints unsent leaves them to the next one. */
  @Test
  void whatAClosedWindowLeftIsTakenUp() {
    Page one = Product.RUNNING.copyOf("Tide-bell pullover");
    one.navigate(one.url() + "/bench/shoulder.left");
    button(one, "Take it to the bench").click();
    assertThat(one.getByTestId("joint")).hasText("1");
    one.route("**/api/work/*/events", route -> route.abort());
    press(one, 4);
    assertThat(one.getByText("4 not sent yet; kept in this browser")).isVisible();
    Page next = one.context().newPage();
    String bench = one.url();
    one.close();
    next.navigate(bench);
    assertThat(next.getByTestId("joint")).hasText("5");
    assertThat(next.getByText("Kept to the joint")).isVisible();
  }

  private static void press(Page page, int joints) {
    for (int i = 0; i < joints; i++) {
      page.keyboard().press("Space");
    }
  }
}
