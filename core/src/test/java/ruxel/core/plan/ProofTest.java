package ruxel.core.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static ruxel.core.seam.Span.Along.BACKWARD;
import static ruxel.core.seam.Span.Along.FORWARD;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import ruxel.core.change.StripChange.StripAdded;
import ruxel.core.finding.Outcome;
import ruxel.core.garment.Garment;
import ruxel.core.garment.Wardrobe;
import ruxel.core.glue.GluedJoin.Meeting;
import ruxel.core.glue.Panels;
import ruxel.core.identity.PieceId;
import ruxel.core.identity.SeamId;
import ruxel.core.identity.StripId;
import ruxel.core.measure.Stitch;
import ruxel.core.piece.Piece;
import ruxel.core.seam.Seam;
import ruxel.core.seam.SeamRole;
import ruxel.core.strip.Round;
import ruxel.core.strip.Strip;
import ruxel.core.strip.Trims;

/** What is printed for a check from outside beside the plan. */
class ProofTest {
  @Test
  void aStripIsAFaceGluedByItself() {
    Garment bare = Wardrobe.pullover();
    GarmentPlan.OpeningPlan neck = Wardrobe.plan(bare).gluing().openings().get(0);
    Strip strip = new Strip(new StripId("edging"), "Edging", neck.start(), Optional.empty(), List.of(new Round(Stitch.SC, 6, 6, true)), Strip.Multiple.ANY, true, Trims.NONE, Optional.empty(), Optional.empty());
    Proof proof = proof(((Outcome.Good<Garment>) new StripAdded(strip).apply(bare)).value());
    assertThat(proof.faces()).filteredOn(Proof.FaceView::strip).extracting(Proof.FaceView::id).containsExactly(new PieceId("edging"));
    assertThat(proof.segments()).filteredOn(segment -> segment.by().equals(Optional.of("edging"))).isNotEmpty().allMatch(segment -> segment.twin().isPresent());
    assertThat(proof(bare).faces()).noneMatch(Proof.FaceView::strip);
  }

  /** A half twist names every seam on the way round; two seams that close it together are both named. */
  @Test
  void anOddCycleIsNamedWithAllItsSeams() {
    List<Piece> two = List.of(Panels.rectangle(new PieceId("front"), 20, 12), Panels.rectangle(new PieceId("back"), 20, 12));
    Seam right = Panels.seam(new SeamId("right"), Panels.whole(new PieceId("front"), "right", FORWARD), Panels.whole(new PieceId("back"), "left", BACKWARD));
    Seam left = Panels.seam(new SeamId("left"), Panels.whole(new PieceId("front"), "left", FORWARD), Panels.whole(new PieceId("back"), "right", FORWARD));
    assertThat(proof(Panels.garment(two, List.of(right, left))).oddCycles()).singleElement().satisfies(cycle -> assertThat(cycle).containsExactlyInAnyOrder("right", "left"));
    FindingView found = Panels.plan(two, List.of(right, left)).findings().stream().filter(finding -> finding.code().name().equals("NO_RIGHT_SIDE")).findFirst().orElseThrow();
    assertThat(found.sentence()).contains("left").contains("right").endsWith("close a half twist together.");
    Seam flat = Panels.seam(new SeamId("left"), Panels.whole(new PieceId("front"), "left", FORWARD), Panels.whole(new PieceId("back"), "right", BACKWARD));
    assertThat(proof(Panels.garment(two, List.of(right, flat))).oddCycles()).isEmpty();
  }

  @Test
  void breaksAreToldWithTheirImages() {
    List<Piece> pieces = List.of(Panels.rectangle(new PieceId("a"), 8, 3), Panels.rectangle(new PieceId("b"), 8, 3), Panels.rectangle(new PieceId("c"), 16, 3));
    Seam seam =
        Panels.seam(
            new SeamId("s"), SeamRole.OTHER, Seam.SideOf.of("A", Panels.whole(new PieceId("a"), "top", BACKWARD), Panels.whole(new PieceId("b"), "top", BACKWARD)), Seam.SideOf.of("C", Panels.whole(new PieceId("c"), "bottom", FORWARD)));
    assertThat(proof(Panels.garment(pieces, List.of(seam))).breaks()).containsExactly(new Proof.Breaks("s", List.of(new Meeting(16, 16))));
  }

  /** An interval in parts still tells its whole optimum and why no rhythm was kept; one that is worked whole is not listed. */
  @Test
  void whatAnIntervalWasBeforeItWasPartedIsKept() {
    boolean anyParted = false;
    for (int n = 100; n < 190; n++) {
      List<Piece> pieces = List.of(Panels.rectangle(new PieceId("a"), n, 3), Panels.rectangle(new PieceId("b"), 97, 3));
      Garment garment = Panels.garment(pieces, List.of(Panels.seam(new SeamId("s"), Panels.whole(new PieceId("a"), "top", BACKWARD), Panels.whole(new PieceId("b"), "bottom", FORWARD))));
      SeamPlan seam = Wardrobe.plan(garment).seams().get(0);
      List<Proof.Parted> parted = proof(garment).parted();
      assertThat(parted).hasSize(seam.intervals().size() > 1 ? 1 : 0);
      for (Proof.Parted whole : parted) {
        assertThat(whole.noRhythm()).contains(Proof.NoRhythm.NONE_ADMISSIBLE);
        assertThat(whole.a()).isEqualTo(n);
        assertThat(whole.optimumGroups().stream().mapToInt(group -> group.p()).sum()).isEqualTo(n);
        assertThat(whole.optimumGroups().stream().mapToInt(group -> group.q()).sum()).isEqualTo(97);
        anyParted = true;
      }
    }
    assertThat(anyParted).isTrue();
  }

  private static Proof proof(Garment garment) {
    return ((Outcome.Good<Proof>) Proof.of(garment)).value();
  }
}
