package ruxel.core.repair;

import static org.assertj.core.api.Assertions.assertThat;
import static ruxel.core.repair.JoinedByRow.apply;
import static ruxel.core.repair.JoinedByRow.edge;
import static ruxel.core.repair.JoinedByRow.good;
import static ruxel.core.repair.JoinedByRow.joining;
import static ruxel.core.repair.JoinedByRow.seam;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import ruxel.core.change.Change;
import ruxel.core.construction.Answers;
import ruxel.core.construction.Templates;
import ruxel.core.finding.FindingCode;
import ruxel.core.garment.Garment;
import ruxel.core.garment.Recipe;
import ruxel.core.garment.Wardrobe;
import ruxel.core.measure.Terms;
import ruxel.core.measure.Wording;
import ruxel.core.piece.UnitKind;
import ruxel.core.plan.GarmentPlan;
import ruxel.core.plan.PiecePlan;
import ruxel.core.plan.RowPlan;
import ruxel.core.plan.SeamPlan;
import ruxel.core.plan.StripPlan;

/** Rows that join, on all constructions. */
class EveryJoiningRowTest {
  /** Whatever construction, seam and hand: the outline closes, the twin is joined alike, the row's stitches are all told, and openings are as many as before. */
  @Tag("property")
  @ParameterizedTest
  @MethodSource("ofEveryConstruction")
  void everyOfferComesTrue(Garment garment) {
    GarmentPlan before = Wardrobe.plan(garment);
    for (SeamPlan seam : before.seams()) {
      for (Repair offer : Repairs.joiningRows(garment, seam.id(), Set.of())) {
        GarmentPlan after = Wardrobe.plan(good(Change.applyAll(garment, offer.changes())));
        StripPlan strip = joining(after, seam.id());
        RowPlan row = strip.row().orElseThrow();
        assertThat(strip.rounds()).allMatch(round -> round.total() == strip.outer().units());
        assertThat(strip.outer().units()).isEqualTo(row.edges().stream().flatMap(edge -> edge(after, row.piece(), edge).runs().stream()).filter(PiecePlan.RunPlan::edging).filter(run -> run.kind() == UnitKind.STITCH_TOP).mapToInt(PiecePlan.RunPlan::count).sum());
        assertThat(count(after, FindingCode.OUTLINE_OPEN)).as(offer.title()).isLessThanOrEqualTo(count(before, FindingCode.OUTLINE_OPEN));
        for (FindingCode unlike : List.of(FindingCode.TWINS_DIFFER, FindingCode.SEAMS_DIFFER, FindingCode.SIDES_DIFFER)) {
          assertThat(count(after, unlike)).as("%s: %s", offer.title(), unlike).isLessThanOrEqualTo(count(before, unlike));
        }
        assertThat(after.gluing().openings()).hasSameSizeAs(before.gluing().openings());
        assertThat(after.findings()).filteredOn(finding -> finding.code() == FindingCode.METHOD_NEVER && finding.seam().equals(Optional.of(seam.id()))).as(offer.title()).isEmpty();
        assertThat(seam(after, seam.id()).twin().map(twin -> seam(after, twin).method())).isIn(Optional.empty(), Optional.of(seam(after, seam.id()).method()));
      }
    }
  }

  static Stream<Garment> ofEveryConstruction() {
    return Templates.all().stream()
        .map(template -> Garment.of(template.id(), new Recipe(template.id(), new Answers(Map.of()))))
        .flatMap(garment -> Stream.of(garment, apply(garment, new Change.Reworded(Wording.Unit.CM, Terms.US, Wording.Hand.LEFT))));
  }

  private static long count(GarmentPlan plan, FindingCode code) {
    return plan.findings().stream().filter(finding -> finding.code() == code).count();
  }
}
