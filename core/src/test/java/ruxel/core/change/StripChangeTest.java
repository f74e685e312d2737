package ruxel.core.change;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import ruxel.core.change.StripChange.StripMirrored;
import ruxel.core.change.StripChange.StripRemoved;
import ruxel.core.change.StripChange.StripStitches;
import ruxel.core.change.StripChange.StripAdded;
import ruxel.core.change.StripChange.StripTold;
import ruxel.core.construction.Answers;
import ruxel.core.finding.Finding;
import ruxel.core.finding.FindingCode;
import ruxel.core.finding.Outcome;
import ruxel.core.garment.Garment;
import ruxel.core.garment.Recipe;
import ruxel.core.garment.Wardrobe;
import ruxel.core.identity.PieceId;
import ruxel.core.identity.StripId;
import ruxel.core.measure.Stitch;
import ruxel.core.piece.Cut;
import ruxel.core.piece.UnitKind;
import ruxel.core.plan.FindingView;
import ruxel.core.plan.GarmentPlan;
import ruxel.core.plan.StripPlan;
import ruxel.core.plan.StripPlan.SegmentPlan;
import ruxel.core.seam.Anchor.Spot;
import ruxel.core.strip.Buttons;
import ruxel.core.strip.Loop;
import ruxel.core.strip.RibBand;
import ruxel.core.strip.Round;
import ruxel.core.strip.Strip;
import ruxel.core.strip.Trims;

/** Edgings on whole garments (handbook 11): told, tied left and right, counted, taken out. */
class StripChangeTest {
  private static final Round SC = new Round(Stitch.SC, 6.25, 6.25, false);

  /** Single crochet round the armholes of a vest: the right one has the left one's counts, whatever is set there. */
  @Test
  void theSecondArmholeIsAsTheFirst() {
    Garment vest = good(new StripAdded(strip(vest(), "Left armhole", 1)).apply(vest()));
    Garment both = good(new StripMirrored(new StripId("left-armhole"), new StripId("right-armhole"), "Right armhole edging").apply(vest));
    Garment set = good(new StripStitches(new StripId("left-armhole"), start(both, 0), Optional.of(41), Optional.empty()).apply(both));
    for (Garment garment : List.of(both, set)) {
      GarmentPlan plan = Wardrobe.plan(garment);
      List<Integer> right = stitches(plan, new StripId("right-armhole"));
      assertThat(stitches(plan, new StripId("left-armhole"))).hasSameSizeAs(right);
      assertThat(total(plan, new StripId("left-armhole"))).isEqualTo(total(plan, new StripId("right-armhole")));
      assertThat(stitches(plan, new StripId("left-armhole"))).containsExactlyInAnyOrderElementsOf(right);
    }
    assertThat(stitches(Wardrobe.plan(set), new StripId("right-armhole"))).contains(41);
  }

  /** What was really worked on the first is the target of the second; the first is told how it lies. */
  @Test
  void whatWasWorkedIsTheTargetOfTheSecond() {
    Garment both = good(new StripMirrored(new StripId("left-armhole"), new StripId("right-armhole"), "Right").apply(good(new StripAdded(strip(vest(), "Left armhole", 1)).apply(vest()))));
    int planned = stitches(Wardrobe.plan(both), new StripId("left-armhole")).get(0);
    Garment worked = good(new StripStitches(new StripId("left-armhole"), start(both, 0), Optional.empty(), Optional.of(planned + 6)).apply(both));
    GarmentPlan plan = Wardrobe.plan(worked);
    assertThat(stitches(plan, new StripId("left-armhole")).get(0)).isEqualTo(planned);
    assertThat(stitches(plan, new StripId("right-armhole"))).contains(planned + 6);
    assertThat(strip(Wardrobe.plan(both), new StripId("left-armhole")).rounds().get(0).segments()).as("as planned it lies flat").extracting(StripPlan.SegmentPlan::waveMm).containsOnly(0.0);
    double share = 6 / (planned + 6.0);
    assertThat(strip(plan, new StripId("left-armhole")).rounds().get(0).segments().get(0).waveMm()).as("(40/π)·√e").isCloseTo(40 / Math.PI * Math.sqrt(share), within(0.4));
    StripPlan.Diagnosis diagnosis = strip(plan, new StripId("left-armhole")).diagnosis().orElseThrow();
    assertThat(diagnosis.tooMany()).isEqualTo(6);
    assertThat(diagnosis.words()).contains("ripples").contains("%d where %d lie flat".formatted(planned + 6, planned));
  }

  /** Both sides are compared once the second is counted: with what was worked on the first, else with what was planned there. */
  @Test
  void theSecondArmholeIsHeldAgainstTheFirst() {
    Garment both = good(new StripMirrored(new StripId("left-armhole"), new StripId("right-armhole"), "Right armhole edging").apply(good(new StripAdded(strip(vest(), "Left armhole", 1)).apply(vest()))));
    StripPlan right = Wardrobe.plan(both).strips().get(1);
    int planned = right.rounds().get(0).segments().get(0).stitches();
    Spot at = right.inner().get(0).at();
    Garment alike = good(new StripStitches(new StripId("right-armhole"), at, Optional.empty(), Optional.of(planned)).apply(both));
    assertThat(unlike(alike)).isEmpty();
    Garment one = good(new StripStitches(new StripId("right-armhole"), at, Optional.empty(), Optional.of(planned + 1)).apply(both));
    assertThat(unlike(one)).singleElement().satisfies(finding -> assertThat(finding.sentence()).startsWith("Right armhole edging: %d stitches along the ".formatted(planned + 1)).endsWith(", %d on the other side.".formatted(planned)));
    for (StripPlan.InnerPlan inner : Wardrobe.plan(both).strips().get(0).inner()) {
      one = good(new StripStitches(new StripId("left-armhole"), inner.at(), Optional.empty(), Optional.of(planned + 1)).apply(one));
    }
    assertThat(unlike(one)).as("the first was worked with one more, too").isEmpty();
  }

  private static List<FindingView> unlike(Garment garment) {
    return Wardrobe.plan(garment).findings().stream().filter(finding -> finding.code() == FindingCode.STRIP_UNLIKE).toList();
  }

  /** Seam places are never dropped, the total meets the multiple, mirrored segments are equal: on necks of any size. */
  @Test
  void aNeckMeetsItsMultiple() {
    for (int shoulder = 14; shoulder <= 24; shoulder++) {
      Map<String, Answers.Answer> answers = Wardrobe.cardiganAnswers();
      Wardrobe.word(answers, "kind", "PULLOVER");
      Wardrobe.number(answers, "shoulderStitches", shoulder);
      Wardrobe.number(answers, "neckCentre", 4);
      Garment pullover = Wardrobe.garment(answers);
      GarmentPlan plan = Wardrobe.plan(good(new StripAdded(strip(pullover, "Neck", 2)).apply(pullover)));
      StripPlan neck = plan.strips().get(0);
      assertThat(neck.rounds().get(0).total() % 2).isZero();
      assertThat(neck.rounds().get(0).segments()).filteredOn(segment -> segment.kind() == UnitKind.SEAM_PLACE).hasSize(2).allMatch(segment -> segment.stitches() == 1);
      for (StripPlan.InnerPlan inner : neck.inner()) {
        inner.twin().ifPresent(twin -> assertThat(count(neck, twin)).isEqualTo(count(neck, neck.inner().indexOf(inner))));
      }
      assertThat(neck.outer().lengthMm()).isLessThan(neck.innerMm());
      assertThat(plan.edged()).hasSize(4);
    }
  }

  /** A neck 18 cm wide and 3 cm of edging all round: 12 cm are left, and the wearer's head is held against that. */
  @Test
  void heightsCount() {
    Map<String, Answers.Answer> answers = Wardrobe.cardiganAnswers();
    Wardrobe.word(answers, "kind", "PULLOVER");
    Wardrobe.number(answers, "gaugeStitches", 50);
    Wardrobe.number(answers, "gaugeRows", 20);
    Wardrobe.number(answers, "backStitches", 239);
    Wardrobe.number(answers, "shoulderStitches", 75);
    Wardrobe.number(answers, "neckRows", 20);
    Wardrobe.number(answers, "neckCentre", 60);
    Wardrobe.number(answers, "sleeveTopStitches", 140);
    Wardrobe.number(answers, "cuffStitches", 110);
    Wardrobe.number(answers, "bodyRows", 110);
    Wardrobe.number(answers, "armholeRows", 40);
    Wardrobe.number(answers, "sleeveRows", 80);
    Garment pullover = Wardrobe.garment(answers);
    Strip plain = strip(pullover, "Neck", 1);
    Round dc = new Round(Stitch.DC, 5, 15, false);
    GarmentPlan plan = Wardrobe.plan(good(new StripAdded(new Strip(new StripId("neck"), "Neck edging", plain.from(), Optional.empty(), List.of(dc, dc), Strip.Multiple.ANY, false, Trims.NONE, Optional.empty(), Optional.empty())).apply(pullover)));
    StripPlan neck = plan.strips().get(0);
    assertThat(neck.effects()).contains("The neck gets 6 cm narrower and 3 cm less deep.", "Neck 18 cm wide, 12 cm with it.");
    double before = Wardrobe.plan(pullover).wearer().stream().filter(check -> check.what().equals("Neck")).findFirst().orElseThrow().found();
    double after = plan.wearer().stream().filter(check -> check.what().equals("Neck")).findFirst().orElseThrow().found();
    assertThat(before - after).isCloseTo(1.15 * (neck.innerMm() - neck.outer().lengthMm()), within(1e-6));
  }

  /** A hem of single crochet makes the body longer; a cuff band is nine tenths of its edge, in whole ribs. */
  @Test
  void bandsMadeSeparately() {
    Garment pullover = Wardrobe.pullover();
    Strip cuff = strip(pullover, "Left cuff", 1);
    Garment banded = good(new StripAdded(new Strip(new StripId("cuff"), "Cuff", cuff.from(), Optional.empty(), List.of(), Strip.Multiple.ANY, false, Trims.NONE, Optional.of(new RibBand(RibBand.Kind.CUFF, 50, 5, Optional.empty(), Optional.empty(), false)), Optional.empty())).apply(pullover));
    StripPlan plan = Wardrobe.plan(banded).strips().get(0);
    StripPlan.BandPlan band = plan.band().orElseThrow();
    assertThat(band.rows() % 2).isZero();
    assertThat(band.lengthMm()).isCloseTo(plan.innerMm() * 0.9, within(5.0));
    assertThat(band.quarters()).hasSize(3);
  }

  /** Out-of-range numbers, an edge that is joined, a multiple nothing meets, a strip that carries another: refused, with the place. */
  @Test
  void whatCannotBeIsRefused() {
    Garment vest = vest();
    Strip good = strip(vest, "Left armhole", 1);
    assertThat(codes(new StripAdded(new Strip(new StripId("a"), " ", good.from(), Optional.empty(), List.of(new Round(Stitch.SC, 0, 6, false)), new Strip.Multiple(0, 0), false, new Trims(Optional.of(0), Optional.of(1), Optional.of(new Buttons(1, -1, 0, Optional.empty())), Optional.empty()), Optional.empty(), Optional.empty())).apply(vest)))
        .contains(FindingCode.NAME_LENGTH, FindingCode.STRIP_RANGE)
        .hasSize(8);
    Spot shoulder = Spot.cut(new PieceId("back"), "upper", Cut.startOf(Wardrobe.plan(vest).pieces().get(0).edges().stream().filter(edge -> edge.id().equals("upper")).findFirst().map(edge -> edge.runs().get(0).id()).orElse("none")));
    assertThat(codes(new StripAdded(new Strip(new StripId("a"), "A", shoulder, Optional.empty(), List.of(SC), Strip.Multiple.ANY, false, Trims.NONE, Optional.empty(), Optional.empty())).apply(vest))).hasSize(1).containsAnyOf(FindingCode.STRIP_TAKEN, FindingCode.STRIP_GONE);
    Garment both = good(new StripMirrored(new StripId("left-armhole"), new StripId("right-armhole"), "Right").apply(good(new StripAdded(good).apply(vest))));
    assertThat(codes(new StripRemoved(new StripId("left-armhole")).apply(both))).containsExactly(FindingCode.STRIP_STOOD_ON);
    assertThat(good(new StripRemoved(new StripId("left-armhole")).apply(good(new StripRemoved(new StripId("right-armhole")).apply(both))))).isEqualTo(vest);
    assertThat(codes(new StripRemoved(new StripId("none")).apply(vest))).containsExactly(FindingCode.STRIP_UNKNOWN);
    Garment rounds = good(new StripAdded(good).apply(vest));
    assertThat(codes(new StripAdded(good).apply(rounds))).as("it is there").containsExactly(FindingCode.ID_TAKEN);
    assertThat(codes(new StripTold(good).apply(vest))).as("it is not there").containsExactly(FindingCode.STRIP_UNKNOWN);
    assertThat(codes(new StripTold(new Strip(new StripId("left-armhole"), "A", good.from(), Optional.empty(), Collections.nCopies(60, new Round(Stitch.TR, 6, 80, false)), Strip.Multiple.ANY, false, Trims.NONE, Optional.empty(), Optional.empty())).apply(rounds))).containsExactly(FindingCode.STRIP_SHUT);
  }

  /** What does not fit the last round is told at the strip, with counts that do. */
  @Test
  void picotsThatDoNotFit() {
    Garment vest = vest();
    Strip plain = strip(vest, "Left armhole", 2);
    int total = Wardrobe.plan(good(new StripAdded(plain).apply(vest))).strips().get(0).outer().units();
    int every = total % 3 == 0 ? 5 : 3;
    Strip picots = new Strip(plain.id(), plain.name(), plain.from(), plain.to(), plain.rounds(), plain.multiple(), false, new Trims(Optional.empty(), Optional.of(every), Optional.empty(), Optional.empty()), Optional.empty(), Optional.empty());
    GarmentPlan plan = Wardrobe.plan(good(new StripAdded(picots).apply(vest)));
    assertThat(plan.findings()).filteredOn(finding -> finding.code() == FindingCode.PICOTS_OFF).extracting(FindingView::sentence).singleElement().asString().contains(String.valueOf(total));
  }

  /** A cuff of squares: side, corner, seam, corner one after the other, each taken; gathered, and what cannot be gathered told. */
  @Test
  void overSquares() {
    Garment squares = Garment.of("Squares", new Recipe("squares", new Answers(Map.of("motifSide", new Answers.Numeric(10), "armholeHalfSquares", new Answers.Numeric(4)))));
    Strip cuff = strip(squares, "Left cuff", 1);
    for (int to : List.of(24, 5)) {
      Strip gathered = new Strip(cuff.id(), cuff.name(), cuff.from(), cuff.to(), cuff.rounds(), cuff.multiple(), false, new Trims(Optional.of(to), Optional.empty(), Optional.empty(), Optional.empty()), Optional.empty(), Optional.empty());
      GarmentPlan plan = Wardrobe.plan(good(new StripAdded(gathered).apply(squares)));
      StripPlan.RoundPlan first = plan.strips().get(0).rounds().get(0);
      assertThat(first.segments()).filteredOn(segment -> segment.kind() == UnitKind.CORNER).hasSize(8).allMatch(segment -> segment.stitches() == 1);
      assertThat(first.segments()).filteredOn(segment -> segment.kind() == UnitKind.SEAM_PLACE).hasSize(4).allMatch(segment -> segment.stitches() == 1);
      assertThat(first.total()).as("40 cm").isEqualTo(64);
      Strip tall = new Strip(cuff.id(), cuff.name(), cuff.from(), cuff.to(), List.of(new Round(Stitch.DC, 6.25, 12.5, false)), cuff.multiple(), false, Trims.NONE, Optional.empty(), Optional.empty());
      StripPlan.RoundPlan of = Wardrobe.plan(good(new StripAdded(tall).apply(squares))).strips().get(0).rounds().get(0);
      assertThat(of.segments()).filteredOn(segment -> segment.kind() == UnitKind.CORNER).as("2 + 1 + 2").hasSize(8).allMatch(segment -> segment.stitches() == 2 && segment.words().equals("Two into the corner."));
      assertThat(of.total()).as("corrected in the runs beside").isEqualTo(64);
      assertThat(plan.strips().get(0).trims()).hasSize(to == 24 ? 1 : 0);
      assertThat(plan.findings()).filteredOn(finding -> finding.code() == FindingCode.GATHER_OFF).hasSize(to == 24 ? 0 : 1);
    }
  }

  /** Turned once, the last round is worked from the wrong side; turned twice, from the right one again. */
  @Test
  void endsOnTheRightSide() {
    Garment vest = vest();
    Strip plain = strip(vest, "Left armhole", 1);
    Round turned = new Round(Stitch.SC, 6.25, 6.25, true);
    for (int times = 0; times < 4; times++) {
      List<Round> rounds = Stream.concat(Stream.of(SC), Collections.nCopies(times, turned).stream()).toList();
      Strip told = new Strip(plain.id(), plain.name(), plain.from(), plain.to(), rounds, plain.multiple(), false, Trims.NONE, Optional.empty(), Optional.empty());
      assertThat(Wardrobe.plan(good(new StripAdded(told).apply(vest))).findings()).filteredOn(finding -> finding.code() == FindingCode.STRIP_WRONG_SIDE).hasSize(times % 2);
    }
  }

  /** The loop on the wrong side is the back loop on a round of the right side, the front loop on one that is turned. */
  @Test
  void loopsAreToldAsTheMakerSeesThem() {
    Garment vest = vest();
    Strip plain = strip(vest, "Left armhole", 1);
    Round inLoop = new Round(Stitch.SC, 6.25, 6.25, false, Optional.of(Loop.WRONG_SIDE), Optional.of(4.5));
    Round turned = new Round(Stitch.SC, 6.25, 6.25, true, Optional.of(Loop.WRONG_SIDE), Optional.empty());
    Strip told = new Strip(plain.id(), plain.name(), plain.from(), plain.to(), List.of(SC, inLoop, turned, turned), plain.multiple(), false, Trims.NONE, Optional.empty(), Optional.empty());
    List<StripPlan.RoundPlan> rounds = Wardrobe.plan(good(new StripAdded(told).apply(vest))).strips().get(0).rounds();
    assertThat(rounds.get(0).words()).startsWith("Round 1, single crochet: ");
    assertThat(rounds.get(1).words()).startsWith("Round 2, single crochet, into the back loops (those on the wrong side), hook 4.5 mm: ");
    assertThat(rounds.get(2).words()).startsWith("Round 3, single crochet, into the front loops (those on the wrong side): ");
    assertThat(rounds.get(3).words()).startsWith("Round 4, single crochet, into the back loops (those on the wrong side): ");
    Round wide = new Round(Stitch.SC, 6.25, 6.25, false, Optional.empty(), Optional.of(31.0));
    Strip wrong = new Strip(plain.id(), plain.name(), plain.from(), plain.to(), List.of(wide), plain.multiple(), false, Trims.NONE, Optional.empty(), Optional.empty());
    assertThat(new StripAdded(wrong).apply(vest).findings()).extracting(Finding::code).containsExactly(FindingCode.STRIP_RANGE);
  }

  private static int count(StripPlan strip, int stretch) {
    return strip.rounds().get(0).segments().stream().filter(segment -> segment.stretch().filter(at -> at == stretch).isPresent()).findFirst().orElseThrow().stitches();
  }

  private static List<Integer> stitches(GarmentPlan plan, StripId id) {
    return strip(plan, id).rounds().get(0).segments().stream().filter(segment -> segment.stretch().isPresent()).map(SegmentPlan::stitches).toList();
  }

  private static int total(GarmentPlan plan, StripId id) {
    return strip(plan, id).rounds().get(0).total();
  }

  private static StripPlan strip(GarmentPlan plan, StripId id) {
    return plan.strips().stream().filter(strip -> strip.id().equals(id)).findFirst().orElseThrow();
  }

  private static Spot start(Garment garment, int stretch) {
    return Wardrobe.plan(garment).strips().get(0).inner().get(stretch).at();
  }

  private static Strip strip(Garment garment, String opening, int multiple) {
    Spot from = Wardrobe.plan(garment).gluing().openings().stream().filter(open -> open.name().equals(opening)).findFirst().orElseThrow().start();
    return new Strip(new StripId(opening.toLowerCase().replaceAll("[^a-z]+", "-")), opening + " edging", from, Optional.empty(), List.of(SC), new Strip.Multiple(multiple, 0), false, Trims.NONE, Optional.empty(), Optional.empty());
  }

  private static Garment vest() {
    return Garment.of("Vest", new Recipe("sleeveless", new Answers(new HashMap<>(Map.of("kind", new Answers.Word("PULLOVER"))))));
  }

  private static List<FindingCode> codes(Outcome<Garment> outcome) {
    return outcome.findings().stream().map(Finding::code).toList();
  }

  private static Garment good(Outcome<Garment> outcome) {
    assertThat(outcome.findings()).isEmpty();
    return ((Outcome.Good<Garment>) outcome).value();
  }
}
