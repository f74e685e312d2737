package ruxel.core.sheet;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import ruxel.core.change.Change;
import ruxel.core.change.EdgeChange;
import ruxel.core.change.EdgingWorked;
import ruxel.core.finding.Outcome;
import ruxel.core.garment.Garment;
import ruxel.core.garment.Wardrobe;
import ruxel.core.identity.PieceId;
import ruxel.core.measure.Corner;
import ruxel.core.piece.Landmark;
import ruxel.core.piece.Marker;

class AssemblySheetTest {
  private final AssemblySheet sheet = AssemblySheet.of(Wardrobe.plan(Wardrobe.cardigan()));

  @Test
  void tellsEachSeamInOrderWithItsRhythmAndMarkers() {
    assertThat(sheet.steps()).extracting(AssemblySheet.StepBlock::number).containsExactly(1, 2, 3, 4, 5, 6);
    AssemblySheet.StepBlock armhole = sheet.steps().get(2);
    assertThat(armhole.title()).isEqualTo("Set in the left sleeve");
    assertThat(armhole.counts()).isEqualTo("Sleeve top on front and back armhole: 51 on 14 + 14, 51 joints");
    assertThat(armhole.rhythms())
        .extracting(AssemblySheet.Rhythm::heading)
        .containsExactly("From the front underarm to the shoulder seam, 25 on 14", "From the shoulder seam to the back underarm, 25 on 14, told from its end");
    assertThat(armhole.rhythms().get(0).words())
        .isEqualTo("Two stitches into one 3 times, then one to one; all that 3 times; then two into one twice");
    assertThat(armhole.markers()).hasSize(7);
    assertThat(armhole.yarn()).isEqualTo("one strand of 117.5 cm, with 15 cm of tail at each end.");
  }

  @Test
  void tellsPiecesAndOpenings() {
    assertThat(sheet.pieces()).extracting(AssemblySheet.PieceRow::name).containsExactly("Back", "Left front", "Right front", "Left sleeve", "Right sleeve");
    assertThat(sheet.pieces().get(0).edges().get(0)).isEqualTo("hem: 66 foundation loops, 47.1 cm");
    assertThat(sheet.openings()).hasSize(3).contains("Left cuff: 25 cm");
    assertThat(sheet.care()).anySatisfy(words -> assertThat(words).contains("Steam scalds"));
  }

  /** What was told of an edge stands beside its counts, for the paper at the table. */
  @Test
  void edgesTellTheirRowsCornersAndMarkers() {
    Marker marker = new Marker(Marker.Purpose.WARNING, "red", "");
    Outcome<Garment> told =
        Change.applyAll(
            Wardrobe.cardigan(),
            List.of(
                new EdgingWorked(new PieceId("back"), "hem", 2, 6.5, 70), new EdgeChange.CornerTold(new PieceId("back"), "hem", Optional.of(Corner.CHAIN_1)),
                new EdgeChange.LandmarkPut(new PieceId("back"), "left", "m", "Stop", Landmark.Kind.MARKER, 12, 0, 1, Optional.of(marker))));
    List<String> back = AssemblySheet.of(Wardrobe.plan(((Outcome.Good<Garment>) told).value())).pieces().get(0).edges();
    assertThat(back.get(0)).endsWith("; 2 rows of edging, each 6.5 mm high, worked before it is joined; corner behind it: one chain, shared");
    assertThat(back.get(5)).endsWith("; red marker “Stop” after 12 warns");
  }

  /** How a seam is worked is told once; its twin refers to it. */
  @Test
  void tellsHowOnce() {
    AssemblySheet sheet = AssemblySheet.of(Wardrobe.plan(Wardrobe.cardigan()));
    assertThat(sheet.steps().get(0).how()).startsWith("Right sides together: ").contains("Hook through both loops of the near piece");
    assertThat(sheet.steps().get(1).how()).isEqualTo("Worked as step 1.");
    assertThat(sheet.steps().get(2).how()).startsWith("Side by side");
    assertThat(sheet.ends()).hasSize(16);
  }
}
