package ruxel.core.change;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import ruxel.core.construction.Answers;
import ruxel.core.decision.Chore;
import ruxel.core.decision.MadeCount;
import ruxel.core.decision.RunPart;
import ruxel.core.decision.SideWorking;
import ruxel.core.finding.Outcome;
import ruxel.core.garment.Garment;
import ruxel.core.garment.Wardrobe;
import ruxel.core.identity.PieceId;
import ruxel.core.identity.SeamId;
import ruxel.core.layout.Counted;
import ruxel.core.measure.Corner;
import ruxel.core.measure.Terms;
import ruxel.core.measure.Wording;
import ruxel.core.piece.Counts;
import ruxel.core.piece.Fabric;
import ruxel.core.piece.Landmark;
import ruxel.core.piece.UnitKind;
import ruxel.core.seam.Surplus;

/** What the history calls each change, in the maker's words; and counts that follow a boundary. */
class LabelsTest {
  private static final SideWorking USUAL = SideWorking.USUAL;
  private static final RunPart PART = new RunPart(UnitKind.ROW_END, 13, Optional.empty(), Fabric.PLAIN, false, "", 0, 0);

  static Stream<Arguments> labels() {
    return Stream.of(
        Arguments.of(new CountMade(new PieceId("back"), "hem", "hem", Optional.of(64)), "Counted 64 at the hem of the back"),
        Arguments.of(new CountMade(new PieceId("back"), "hem", "hem", Optional.of(66), Counts.Source.AS_WORKED), "Worked 66 at the hem of the back"),
        Arguments.of(new CountMade(new PieceId("back"), "hem", "hem", Optional.empty()), "Took back the count at the hem of the back"),
        Arguments.of(new CountMade(new PieceId("hood"), "hem", "hem", Optional.of(64)), "Counted 64 at hem of hood"),
        Arguments.of(new SeamChange.MethodChosen(new SeamId("armhole.left"), "backstitch"), "Chose backstitch for the left armhole"),
        Arguments.of(new EdgeChange.RunTold(new PieceId("back"), "left", "side", List.of(PART, PART)), "Told the left side of the back in two parts"),
        Arguments.of(new EdgeChange.RunTold(new PieceId("back"), "left", "side", List.of(PART)), "Told the left side of the back in one part"),
        Arguments.of(new EdgeChange.RunTold(new PieceId("back"), "left", "side", List.of()), "Took back the parts of the left side of the back"),
        Arguments.of(new EdgeChange.EdgeMeasured(new PieceId("back"), "left", Optional.of(570.0)), "Measured 57 cm at the left side of the back"),
        Arguments.of(new EdgeChange.EdgeMeasured(new PieceId("back"), "left", Optional.empty()), "Took back the length of the left side of the back"),
        Arguments.of(
            new EdgeChange.LandmarkPut(new PieceId("back"), "left", "w", " Wave ", Landmark.Kind.REPEAT, 4, 8, 3, Optional.empty()), "Marked Wave on the left side of the back"),
        Arguments.of(new EdgeChange.LandmarkRemoved(new PieceId("back"), "left", "w"), "Took a mark off the left side of the back"),
        Arguments.of(new OrderChange.ChoreTicked(Chore.INSPECT, true), "Looked every piece over"),
        Arguments.of(new OrderChange.ChoreTicked(Chore.WEAVE, false), "Not done after all: wove in what was left"),
        Arguments.of(new OwnSeam.GussetLetIn(new SeamId("side.left"), new PieceId("own.1"), new SeamId("own.2"), 4), "Let a gusset in at the left side and sleeve"),
        Arguments.of(new PieceChange.LeanFound(new PieceId("back"), Optional.of(-12.0), false), "Noted a lean of 1.2 cm of the back"),
        Arguments.of(new PieceChange.LeanFound(new PieceId("back"), Optional.empty(), false), "Took back the lean of the back"),
        Arguments.of(new EdgeChange.CornerTold(new PieceId("back"), "hem", Optional.of(Corner.CHAIN_1)), "Corner with one chain, shared behind the hem of the back"),
        Arguments.of(new EdgeChange.CornerTold(new PieceId("back"), "hem", Optional.empty()), "No corner of its own behind the hem of the back"),
        Arguments.of(new EdgingWorked(new PieceId("back"), "hem", 1, 5, 60), "One edging row onto the hem of the back"),
        Arguments.of(new EdgingWorked(new PieceId("back"), "hem", 3, 5, 60), "Three edging rows onto the hem of the back"),
        Arguments.of(new EdgingWorked(new PieceId("back"), "hem", 0, 0, 0), "Took the edging rows off the hem of the back"),
        Arguments.of(
            new SeamChange.SeamWorked(new SeamId("armhole.left"), false, Surplus.TO_HIDDEN, 0, false, USUAL, USUAL), "Surplus of the left armhole steered to the hidden end"),
        Arguments.of(new SeamChange.AnchorPinned(new SeamId("armhole.left"), "own.b", "bobble row", 2, 2), "Pinned bobble row of the left armhole"));
  }

  @ParameterizedTest(name = "{1}")
  @MethodSource("labels")
  void aChangeIsToldInTheMakersWords(Change change, String label) {
    assertThat(change.label(Names.of(Wardrobe.cardigan()))).isEqualTo(label);
  }

  /** Lengths are told in the maker's unit. */
  @Test
  void inchesAreInches() {
    Garment inches = Wardrobe.cardigan().withWording(new Wording(Wording.Unit.INCH, Terms.US, Wording.Hand.RIGHT));
    assertThat(new EdgeChange.EdgeMeasured(new PieceId("back"), "left", Optional.of(254.0)).label(Names.of(inches))).isEqualTo("Measured 10 in at the left side of the back");
  }

  /** A moved boundary shares the rows that are there out anew: two rows less below it, two more above. */
  @Test
  void countsFollowABoundaryOnBothItsSides() {
    Garment counted =
        good(
            Change.applyAll(
                Wardrobe.cardigan(),
                List.of(new CountMade(new PieceId("back"), "left", "side", Optional.of(25)), new CountMade(new PieceId("back"), "left", "armhole", Optional.of(15)))));
    Garment moved = good(new Change.AnswersChanged(Map.of("armholeRows", Optional.of(new Answers.Numeric(16)))).apply(counted));
    assertThat(moved.settings().of(MadeCount.class)).extracting(MadeCount::run, MadeCount::count)
        .containsExactlyInAnyOrder(tuple("side", 23), tuple("armhole", 17));
  }

  private static Garment good(Outcome<Garment> outcome) {
    return ((Outcome.Good<Garment>) outcome).value();
  }
}
