package ruxel.app.garment;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Component;
import ruxel.app.web.Problems;
import ruxel.core.garment.Garment;
import ruxel.core.measure.Wording;
import ruxel.core.plan.GarmentPlan;
import ruxel.core.plan.PiecePlan;
import ruxel.core.plan.Planner;
import ruxel.core.plan.SeamPlan;
import ruxel.files.GarmentFiles;

/** Garments with their plans, kept in memory for as long as their row is not written to, the least used given up first. */
@Component
class OpenGarments {
  /** About what the plans kept may hold in all, in drawn runs, joined places and squares: some tens of MB; the largest garment there may be fits. */
  private static final long MOST_WEIGHT = 250_000;

  /** A garment and everything computed of it. */
  record Computed(Garment garment, GarmentPlan plan) {}

  private record Key(UUID id, String revision) {}

  private final GarmentStore store;
  private final Cache<Key, Computed> kept =
      Caffeine.newBuilder().maximumWeight(MOST_WEIGHT).weigher((Key key, Computed computed) -> weight(computed.plan())).build();

  OpenGarments(GarmentStore store) {
    this.store = store;
  }

  /**
   * @throws Problems.Refused when the document cannot be read or makes no garment
   */
  Computed of(GarmentStore.Head head) {
    return kept.get(new Key(head.id(), head.revision()), key -> read(head));
  }

  /** What is in memory of a row, without reading it. */
  Optional<Computed> ifKept(GarmentStore.Head head) {
    return Optional.ofNullable(kept.getIfPresent(new Key(head.id(), head.revision())));
  }

  /** What was computed of a row before it was written. */
  void keep(UUID id, String revision, Computed computed) {
    kept.put(new Key(id, revision), computed);
  }

  private Computed read(GarmentStore.Head head) {
    String document = store.document(head).orElseGet(() -> documentAt(head.id(), head.version()));
    return computed(garment(document));
  }

  String documentAt(UUID id, int version) {
    return store
        .document(id, version)
        .orElseThrow(() -> new Problems.NotFound("This garment has no version %d.".formatted(version)));
  }

  static Garment garment(String document) {
    return Problems.valueOf(GarmentFiles.read(document.getBytes(StandardCharsets.UTF_8)), Wording.USUAL);
  }

  static Computed computed(Garment garment) {
    return new Computed(garment, Problems.valueOf(Planner.plan(garment), garment.wording()));
  }

  private static int weight(GarmentPlan plan) {
    int runs = plan.pieces().stream().map(PiecePlan::edges).flatMap(List::stream).mapToInt(edge -> edge.runs().size()).sum();
    return 100 + runs + plan.seams().stream().mapToInt(OpenGarments::places).sum();
  }

  private static int places(SeamPlan seam) {
    return seam.a().places() + seam.b().places();
  }
}
