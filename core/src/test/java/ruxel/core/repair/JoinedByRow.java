package ruxel.core.repair;

import java.util.List;
import java.util.Set;
import ruxel.core.change.Change;
import ruxel.core.finding.Outcome;
import ruxel.core.garment.Garment;
import ruxel.core.identity.PieceId;
import ruxel.core.identity.SeamId;
import ruxel.core.plan.GarmentPlan;
import ruxel.core.plan.PiecePlan;
import ruxel.core.plan.RowPlan;
import ruxel.core.plan.SeamPlan;
import ruxel.core.plan.StripPlan;

/** Garments joined by a row, and what their plans say of it. */
final class JoinedByRow {
  private JoinedByRow() {}

  /** Strips that belong to a piece. */
  static List<StripPlan> rows(GarmentPlan plan) {
    return plan.strips().stream().filter(strip -> strip.row().isPresent()).toList();
  }

  static RowPlan row(GarmentPlan plan, int number) {
    return rows(plan).get(number).row().orElseThrow();
  }

  static StripPlan joining(GarmentPlan plan, SeamId seam) {
    return rows(plan).stream().filter(strip -> strip.row().orElseThrow().seams().contains(seam)).findFirst().orElseThrow();
  }

  static Garment taken(Garment garment, SeamId seam, String title) {
    List<Repair> offers = Repairs.joiningRows(garment, seam, Set.of());
    Repair offer = offers.stream().filter(each -> each.title().equals(title)).findFirst().orElseThrow(() -> new AssertionError(offers.toString()));
    return good(Change.applyAll(garment, offer.changes()));
  }

  static Garment apply(Garment garment, Change change) {
    return good(change.apply(garment));
  }

  static Garment good(Outcome<Garment> outcome) {
    if (outcome instanceof Outcome.Good<Garment> good) {
      return good.value();
    }
    throw new AssertionError(outcome.findings().toString());
  }

  static SeamPlan seam(GarmentPlan plan, SeamId id) {
    return plan.seams().stream().filter(seam -> seam.id().equals(id)).findFirst().orElseThrow();
  }

  static PiecePlan piece(GarmentPlan plan, PieceId id) {
    return plan.pieces().stream().filter(piece -> piece.id().equals(id)).findFirst().orElseThrow();
  }

  static PiecePlan.EdgePlan edge(GarmentPlan plan, PieceId piece, String edge) {
    return piece(plan, piece).edges().stream().filter(each -> each.id().equals(edge)).findFirst().orElseThrow();
  }
}
