package ruxel.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import ruxel.core.bench.StripDirections;
import ruxel.core.change.Change;
import ruxel.core.change.HoldChange.SeamTurned;
import ruxel.core.change.SeamChange.MethodChosen;
import ruxel.core.change.StripChange.StripAdded;
import ruxel.core.change.YarnChange.StripYarned;
import ruxel.core.change.YarnChange.YarnAdded;
import ruxel.core.construction.Answers;
import ruxel.core.construction.Template;
import ruxel.core.construction.Templates;
import ruxel.core.finding.Outcome;
import ruxel.core.garment.Garment;
import ruxel.core.garment.Recipe;
import ruxel.core.garment.Wardrobe;
import ruxel.core.identity.SeamId;
import ruxel.core.identity.StripId;
import ruxel.core.identity.WorkRef;
import ruxel.core.measure.Stitch;
import ruxel.core.plan.OrderPlan.WorkStep;
import ruxel.core.strip.Round;
import ruxel.core.strip.Strip;
import ruxel.core.strip.Trims;
import ruxel.core.yarn.Yarn;

/** Edgings that go on where a seam ends, without cutting (handbook 4.10, 13). */
class StripsGoOnTest {
  /** A side seam that runs from the armhole to the hem: its yarn works the hem, and two ends are spared. */
  @Test
  void theHemGoesOnFromASideSeam() {
    Garment hemmed = edged(sleeveless("sc-both"));
    GarmentPlan plan = Wardrobe.plan(hemmed);
    WorkStep hem = step(plan, new StripId("hem"));
    WorkStep side = plan.order().steps().stream().filter(step -> step.words().contains("Do not cut yet: the hem edging goes on from here.")).findFirst().orElseThrow();
    assertThat(hem.fastenOn()).isFalse();
    assertThat(hem.words()).startsWith("Go on with the yarn of the ").contains(" side. ");
    assertThat(side.of().orElseThrow().id().text()).startsWith("side.");
    assertThat(side.cut()).isFalse();
    assertThat(StripDirections.of(hemmed, plan, new StripId("hem")).orElseThrow().start()).startsWith("Go on with the yarn that was not cut at the right side seam. Chain 1: it is no stitch, the first one goes into the same place. Right side towards you, from your right: all the way round from the right side seam.");
    GarmentPlan sewn = Wardrobe.plan(edged(sleeveless("mattress-rows")));
    assertThat(step(sewn, new StripId("hem")).fastenOn()).as("a strand that sewed is no loop").isTrue();
    assertThat(StripDirections.of(edged(sleeveless("mattress-rows")), sewn, new StripId("hem")).orElseThrow().start()).startsWith("Fasten on at the right side seam. ");
  }

  @Test
  void inAnotherYarnItBeginsAnew() {
    Garment hemmed = good(Change.applyAll(edged(sleeveless("sc-both")), List.of(new YarnAdded(yarn("wool")), new YarnAdded(yarn("silk")), new StripYarned(new StripId("hem"), Optional.of("silk")))));
    assertThat(step(Wardrobe.plan(hemmed), new StripId("hem")).fastenOn()).isTrue();
    assertThat(step(Wardrobe.plan(good(new StripYarned(new StripId("hem"), Optional.of("wool")).apply(hemmed))), new StripId("hem")).fastenOn()).as("seams in no yarn that is told are not of this one").isTrue();
  }

  /** Ends are as many in the sum, in the list and along the path; each seam is gone on from at most once. */
  @Tag("property")
  @ParameterizedTest
  @MethodSource("constructions")
  void endsAddUp(Template template) {
    for (String method : List.of("sc-both", "slip-both", "mattress-rows")) {
      Garment all = Garment.of("Any", new Recipe(template.id(), new Answers(Map.of())));
      for (SeamPlan seam : Wardrobe.plan(all).seams()) {
        all = new MethodChosen(seam.id(), method).apply(all) instanceof Outcome.Good<Garment> good ? good.value() : all;
      }
      int before = Wardrobe.plan(all).order().ends();
      List<GarmentPlan.OpeningPlan> openings = Wardrobe.plan(all).gluing().openings();
      for (int i = 0; i < openings.size(); i++) {
        all = good(new StripAdded(strip(new StripId("edging." + i), openings.get(i))).apply(all));
      }
      OrderPlan order = Wardrobe.plan(all).order();
      List<WorkStep> goOn = order.steps().stream().filter(step -> step.kind() == OrderPlan.Kind.EDGING && !step.fastenOn()).toList();
      assertThat(order.ends()).isEqualTo(before + 2 * openings.size() - 2 * goOn.size()).isEqualTo(order.tails().stream().mapToInt(OrderPlan.Tail::ends).sum());
      assertThat(order.steps().get(order.steps().size() - 1).endsSoFar()).isEqualTo(order.ends());
      assertThat(order.steps().stream().filter(step -> step.words().contains("goes on from here")).mapToInt(step -> step.words().split("goes on from here", -1).length - 1).sum()).isGreaterThanOrEqualTo(goOn.size());
      assertThat(goOn).extracting(step -> step.words().split("\\.")[0]).doesNotHaveDuplicates();
    }
  }

  static Stream<Template> constructions() {
    return Templates.all().stream();
  }

  private static Garment sleeveless(String method) {
    Garment garment = Garment.of("Top", new Recipe("sleeveless", new Answers(Map.of("kind", new Answers.Word("PULLOVER")))));
    List<Change> changes = new ArrayList<>();
    Wardrobe.plan(garment).seams().forEach(seam -> changes.add(new MethodChosen(seam.id(), seam.id().text().startsWith("side") ? method : "sc-both")));
    changes.add(new SeamTurned(new SeamId("side.right")));
    return good(Change.applyAll(garment, changes));
  }

  private static Garment edged(Garment garment) {
    GarmentPlan.OpeningPlan hem = Wardrobe.plan(garment).gluing().openings().stream().filter(open -> open.name().equals("Hem")).findFirst().orElseThrow();
    return good(new StripAdded(strip(new StripId("hem"), hem)).apply(garment));
  }

  private static Strip strip(StripId id, GarmentPlan.OpeningPlan opening) {
    return new Strip(id, opening.name() + " edging", opening.start(), Optional.empty(), List.of(new Round(Stitch.SC, 6.25, 6.25, false)), Strip.Multiple.ANY, false, Trims.NONE, Optional.empty(), Optional.empty());
  }

  private static WorkStep step(GarmentPlan plan, StripId strip) {
    return plan.order().steps().stream().filter(step -> step.of().equals(Optional.of(WorkRef.strip(strip)))).findFirst().orElseThrow();
  }

  private static Yarn yarn(String id) {
    return new Yarn(id, id, "grey", Yarn.Weight.WORSTED, "wool", Optional.of(100.0), Optional.of(50.0), Set.of(), Optional.empty());
  }

  private static Garment good(Outcome<Garment> outcome) {
    assertThat(outcome.findings()).isEmpty();
    return ((Outcome.Good<Garment>) outcome).value();
  }
}
