package ruxel.core.change;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import ruxel.core.change.StripChange.StripMoved;
import ruxel.core.change.StripChange.StripAdded;
import ruxel.core.construction.Answers;
import ruxel.core.finding.Finding;
import ruxel.core.finding.FindingCode;
import ruxel.core.finding.Outcome;
import ruxel.core.garment.Garment;
import ruxel.core.garment.Recipe;
import ruxel.core.garment.Wardrobe;
import ruxel.core.identity.SeamId;
import ruxel.core.identity.StripId;
import ruxel.core.identity.WorkRef;
import ruxel.core.measure.Stitch;
import ruxel.core.piece.UnitKind;
import ruxel.core.plan.OrderPlan;
import ruxel.core.plan.StripPlan;
import ruxel.core.seam.Anchor.Spot;
import ruxel.core.strip.Round;
import ruxel.core.strip.Strip;
import ruxel.core.strip.Trims;

/** Edgings that stand on each other, beside each other and among the seams. */
class StripsTogetherTest {
  private static final Round SC = new Round(Stitch.SC, 6.25, 6.25, false);

  /** An armhole is edged before the other side is closed, but not before the shoulder it runs over; what stands on it follows. */
  @Test
  void anEdgingIsWorkedEarlierButNotTooEarly() {
    Garment edged = good(new StripAdded(strip(vest(), "Left armhole", 1)).apply(vest()));
    StripPlan.Outer outer = Wardrobe.plan(edged).strips().get(0).outer();
    edged = good(new StripAdded(new Strip(new StripId("onto"), "Onto it", outer.start(), outer.end(), List.of(SC), Strip.Multiple.ANY, false, Trims.NONE, Optional.empty(), Optional.empty())).apply(edged));
    List<SeamId> seams = path(edged).subList(0, path(edged).size() - 2).stream().map(of -> ((WorkRef.OfSeam) of).id()).toList();
    assertThat(path(edged)).as("after all seams").endsWith(WorkRef.strip(new StripId("left-armhole")), WorkRef.strip(new StripId("onto")));
    List<SeamId> over = Wardrobe.plan(edged).strips().get(0).after();
    int last = over.stream().mapToInt(seams::indexOf).max().orElseThrow();
    assertThat(last).as("some seam comes behind those it runs over").isLessThan(seams.size() - 1);
    for (StripId strip : List.of(new StripId("left-armhole"), new StripId("onto"))) {
      assertThat(step(edged, strip).mayComeBefore()).as("exactly those before which it may be put").isEqualTo(seams.subList(last + 1, seams.size()));
    }
    Garment earlier = good(new StripMoved(new StripId("left-armhole"), Optional.of(seams.get(last + 1))).apply(edged));
    assertThat(path(earlier).get(last + 1)).isEqualTo(WorkRef.strip(new StripId("left-armhole")));
    assertThat(path(earlier)).endsWith(WorkRef.strip(new StripId("onto")));
    Garment both = good(new StripMoved(new StripId("onto"), Optional.of(seams.get(last + 1))).apply(earlier));
    assertThat(path(both).subList(last + 1, last + 3)).containsExactly(WorkRef.strip(new StripId("left-armhole")), WorkRef.strip(new StripId("onto")));
    assertThat(new StripMoved(new StripId("left-armhole"), Optional.of(seams.get(last))).apply(edged).findings()).extracting(Finding::code).contains(FindingCode.STEP_FORBIDDEN);
    assertThat(new StripMoved(new StripId("onto"), Optional.of(seams.get(last))).apply(edged).findings()).as("it waits for what is under it").extracting(Finding::code).contains(FindingCode.STEP_FORBIDDEN);
    assertThat(new StripMoved(new StripId("onto"), Optional.of(new SeamId("none"))).apply(edged).findings()).extracting(Finding::code).containsExactly(FindingCode.UNKNOWN_SEAM);
    assertThat(path(good(new StripMoved(new StripId("left-armhole"), Optional.empty()).apply(both)))).as("what stands on it waits for it").endsWith(WorkRef.strip(new StripId("left-armhole")), WorkRef.strip(new StripId("onto")));
    assertThat(Wardrobe.plan(both).order().tails()).extracting(OrderPlan.Tail::step).allMatch(step -> step >= 1 && step <= path(both).size());
  }

  private static OrderPlan.WorkStep step(Garment garment, StripId strip) {
    return Wardrobe.plan(garment).order().steps().stream().filter(step -> step.of().filter(WorkRef.strip(strip)::equals).isPresent()).findFirst().orElseThrow();
  }

  /** Seams and edgings in the order of work. */
  private static List<WorkRef> path(Garment garment) {
    return Wardrobe.plan(garment).order().steps().stream().flatMap(step -> step.of().stream()).toList();
  }

  /** Rows along one front, then a round over everything that is open: it passes over the ends of the rows too. */
  @Test
  void aRoundPassesOverTheEndsOfEarlierRows() {
    Garment cardigan = Garment.of("Cardigan", new Recipe("drop-shoulder", new Answers(Map.of("kind", new Answers.Word("CARDIGAN")))));
    Strip whole = strip(cardigan, "Fronts, neck and hem", 1);
    Garment edged = good(new StripAdded(whole).apply(cardigan));
    StripPlan.InnerPlan front = Wardrobe.plan(edged).strips().get(0).inner().stream().filter(inner -> inner.kind() == UnitKind.ROW_END).findFirst().orElseThrow();
    Strip rows = new Strip(new StripId("rows"), "Front rows", front.start(), Optional.of(front.end()), List.of(SC, SC), Strip.Multiple.ANY, false, Trims.NONE, Optional.empty(), Optional.empty());
    Garment fronted = good(new StripAdded(rows).apply(cardigan));
    StripPlan.Outer outer = Wardrobe.plan(fronted).strips().get(0).outer();
    assertThat(outer.end()).as("rows have an end").isPresent();
    Strip round = new Strip(new StripId("round"), "Round", outer.start(), Optional.empty(), List.of(SC), Strip.Multiple.ANY, false, Trims.NONE, Optional.empty(), Optional.empty());
    List<String> along = Wardrobe.plan(good(new StripAdded(round).apply(fronted))).strips().get(1).inner().stream().map(StripPlan.InnerPlan::name).toList();
    assertThat(along).anyMatch(name -> name.startsWith("Front rows, over the ")).anyMatch(name -> name.equals("Start of the front rows")).anyMatch(name -> name.equals("End of the front rows"));
  }

  /** Edging on edging: each is told by the piece under all of them, and a garment full of them is planned at once. */
  @Test
  void manyStandOnEachOther() {
    Garment garment = good(new StripAdded(strip(vest(), "Neck", 1)).apply(vest()));
    Round low = new Round(Stitch.SC, 6.25, 0.5, false);
    for (int i = 0; i < 12; i++) {
      StripPlan last = Wardrobe.plan(garment).strips().get(i);
      garment = good(new StripAdded(new Strip(new StripId("on" + i), "Round " + i, last.outer().start(), Optional.empty(), List.of(low), Strip.Multiple.ANY, true, Trims.NONE, Optional.empty(), Optional.empty())).apply(garment));
    }
    List<StripPlan> strips = Wardrobe.plan(garment).strips();
    assertThat(strips).hasSize(13).allMatch(strip -> strip.opening().equals("Neck"));
    assertThat(strips.get(12).inner()).extracting(StripPlan.InnerPlan::name).allMatch(name -> name.startsWith("Round 10, over the neck of the ")).allMatch(name -> name.length() < 100);
    assertThat(strips.get(12).after()).isEqualTo(strips.get(0).after());
  }

  private static Strip strip(Garment garment, String opening, int multiple) {
    Spot from = Wardrobe.plan(garment).gluing().openings().stream().filter(open -> open.name().equals(opening)).findFirst().orElseThrow().start();
    return new Strip(new StripId(opening.toLowerCase().replaceAll("[^a-z]+", "-")), opening + " edging", from, Optional.empty(), List.of(SC), new Strip.Multiple(multiple, 0), false, Trims.NONE, Optional.empty(), Optional.empty());
  }

  private static Garment vest() {
    return Garment.of("Vest", new Recipe("sleeveless", new Answers(new HashMap<>(Map.of("kind", new Answers.Word("PULLOVER"))))));
  }

  private static Garment good(Outcome<Garment> outcome) {
    assertThat(outcome.findings()).isEmpty();
    return ((Outcome.Good<Garment>) outcome).value();
  }
}
