package ruxel.app.garment;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Component;
import ruxel.app.web.Problems;
import ruxel.core.identity.PieceId;
import ruxel.core.identity.SeamId;
import ruxel.core.lay.Placement;
import ruxel.core.piece.Cloth;
import ruxel.core.piece.Fabric;
import ruxel.core.piece.Outline;
import ruxel.core.piece.UnitKind;
import ruxel.core.plan.GarmentPlan;
import ruxel.core.plan.PiecePlan;
import ruxel.core.plan.SeamPlan;
import tools.jackson.databind.json.JsonMapper;

/** The few facts of each garment that the shelf shows, kept in memory with the revision of the row they are of. */
@Component
class ShelfFacts {
  private static final int MOST_GARMENTS = 2000;
  private static final String UNPLANNED = "Look at this seam first: it cannot be planned yet.";

  /** What is known of a garment without its work; {@code unreadable} says why there is nothing to show. */
  record Facts(Written<List<ShelfPiece>> pieces, List<ShelfStep> steps, Optional<String> unreadable) {}

  /** A piece as it is drawn on the shelf. */
  record ShelfPiece(
      PieceId id, Cloth cloth, Placement placement, List<ShelfEdge> edges, List<Outline.Band> ribs, List<List<Outline.Point>> rowAreas, Optional<PiecePlan.FoldedPlan> folded) {}

  /** An edge of a drawn piece. */
  record ShelfEdge(List<ShelfRun> runs) {}

  /** A run of a drawn edge: where it starts, how it goes on, and what it is of. */
  record ShelfRun(UnitKind kind, Fabric fabric, int count, double x, double y, double dx, double dy) {}

  /** A step of the order with what is said of it when it is next. */
  record ShelfStep(SeamId seam, String title, String direction, String words, int joints) {}

  private record Key(UUID id, String revision) {}

  private final JsonMapper json;
  private final GarmentStore store;
  private final OpenGarments open;
  private final Cache<Key, Facts> kept = Caffeine.newBuilder().maximumSize(MOST_GARMENTS).build();

  ShelfFacts(JsonMapper json, GarmentStore store, OpenGarments open) {
    this.json = json;
    this.store = store;
    this.open = open;
  }

  /** One that cannot be read stands on the shelf all the same, with the reason, and hides no other. */
  Facts of(GarmentStore.Head head) {
    return kept.get(new Key(head.id(), head.revision()), key -> read(head));
  }

  private Facts read(GarmentStore.Head head) {
    try {
      // A shelf of hundreds is no reason to keep them all: what is not in memory is planned for its facts alone.
      return facts(open.ifKept(head).orElseGet(() -> planned(head)).plan());
    } catch (Problems.Refused unreadable) {
      return new Facts(new Written<>(json, List.of()), List.of(), Optional.of(unreadable.words()));
    }
  }

  private OpenGarments.Computed planned(GarmentStore.Head head) {
    String document = store.document(head).orElseGet(() -> open.documentAt(head.id(), head.version()));
    return OpenGarments.computed(OpenGarments.garment(document));
  }

  private Facts facts(GarmentPlan plan) {
    return new Facts(
        new Written<>(json, plan.pieces().stream().map(ShelfFacts::piece).toList()), plan.steps().stream().map(step -> step(plan, step)).toList(), Optional.empty());
  }

  static ShelfPiece piece(PiecePlan piece) {
    List<ShelfEdge> edges =
        piece.edges().stream()
            .map(edge -> new ShelfEdge(edge.runs().stream().map(r -> new ShelfRun(r.kind(), r.fabric(), r.count(), r.x(), r.y(), r.dx(), r.dy())).toList()))
            .toList();
    return new ShelfPiece(piece.id(), piece.cloth(), piece.placement(), edges, piece.ribs(), piece.rowAreas(), piece.folded());
  }

  static ShelfStep step(GarmentPlan plan, GarmentPlan.StepPlan step) {
    Optional<SeamPlan> seam = plan.seams().stream().filter(candidate -> candidate.id().equals(step.seam())).findFirst();
    return new ShelfStep(
        step.seam(), step.title(), step.direction(),
        seam.flatMap(SeamPlan::ease).map(SeamPlan.EaseView::words).orElse(UNPLANNED),
        seam.map(SeamPlan::joints).orElse(0));
  }
}
