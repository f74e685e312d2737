package ruxel.core.change;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import ruxel.core.bench.Directions;
import ruxel.core.finding.Finding;
import ruxel.core.finding.FindingCode;
import ruxel.core.finding.Outcome;
import ruxel.core.garment.Garment;
import ruxel.core.garment.Wardrobe;
import ruxel.core.identity.PieceId;
import ruxel.core.identity.SeamId;
import ruxel.core.piece.Landmark;

/** Depths that snap, and things owed with their last moment (handbook 3 and 6). */
class StopTest {
  @Test
  void aDepthSnapsToTheNearestRowAndTheNearestLandmark() {
    Garment marked =
        good(
            new EdgeChange.LandmarkPut(new PieceId("back"), "left", "w", "Wave", Landmark.Kind.STRIPE, 16, 0, 1, Optional.empty()).apply(Wardrobe.cardigan()));
    List<Stops.StopChoice> choices = ((Outcome.Good<List<Stops.StopChoice>>) Stops.near(marked, 180)).value();
    // 180 mm are 14.4 rows of 12.5 mm; the wave lies 16 rows from the shoulder.
    assertThat(choices).extracting(Stops.StopChoice::rows).containsExactly(14, 13, 16, 15);
    assertThat(choices).extracting(Stops.StopChoice::open).containsExactly(true, false, true, false);
    assertThat(choices.get(0).offMm()).isEqualTo(-5);
    assertThat(choices.get(2).landmark()).contains("Wave of the back");
    assertThat(choices.get(2).offMm()).isEqualTo(20);
  }

  @Test
  void noDepthIsRefused() {
    for (double wrong : new double[] {0, -5, Double.NaN, 9999}) {
      assertThat(Stops.near(Wardrobe.cardigan(), wrong).findings()).extracting(Finding::code).containsExactly(FindingCode.DEPTH_OUT_OF_RANGE);
    }
  }

  @Test
  void whatIsOwedIsSaidAtItsLastMoment() {
    Garment owing = good(new OwedChange.OwedNoted("o1", new PieceId("back"), " weave in the tail ", Optional.of(new SeamId("shoulder.left"))).apply(Wardrobe.cardigan()));
    assertThat(Wardrobe.plan(owing).owed()).singleElement()
        .extracting(o -> o.words())
        .isEqualTo("weave in the tail: at the latest before the left shoulder is joined.");
    assertThat(Wardrobe.plan(owing).steps()).filteredOn(step -> step.first().stream().anyMatch(words -> words.startsWith("Still owed"))).singleElement()
        .satisfies(
            step -> {
              assertThat(step.seam()).isEqualTo(new SeamId("shoulder.left"));
              assertThat(step.first()).containsExactly("Still owed, and this is the last moment: weave in the tail.");
            });
    assertThat(Directions.of(owing, new SeamId("shoulder.left")).orElseThrow().cautions()).as("too late once it is joined").hasSize(1);
    assertThat(good(new OwedChange.OwedDone("o1").apply(owing)).settings().isEmpty()).isTrue();
  }

  @Test
  void whatIsOwedNeedsItsPieceItsSeamAndWords() {
    assertThat(codes(new OwedChange.OwedNoted("o", new PieceId("hat"), "mend", Optional.empty()))).containsExactly(FindingCode.UNKNOWN_PIECE);
    assertThat(codes(new OwedChange.OwedNoted("o", new PieceId("back"), "mend", Optional.of(new SeamId("brim"))))).containsExactly(FindingCode.UNKNOWN_SEAM);
    assertThat(codes(new OwedChange.OwedNoted("o", new PieceId("back"), "  ", Optional.empty()))).containsExactly(FindingCode.NOTE_LENGTH);
  }

  private static List<FindingCode> codes(Change change) {
    return change.apply(Wardrobe.cardigan()).findings().stream().map(Finding::code).toList();
  }

  private static Garment good(Outcome<Garment> outcome) {
    return ((Outcome.Good<Garment>) outcome).value();
  }
}
