package ruxel.app.garment;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import ruxel.app.web.Problems;
import ruxel.app.work.Progress;
import ruxel.core.finding.Fact;
import ruxel.core.finding.Finding;
import ruxel.core.finding.FindingCode;
import ruxel.core.finding.Where;
import ruxel.core.identity.SeamId;
import ruxel.core.measure.Wording;
import ruxel.files.GarmentDocument;

/**
 * Saves versions. Everything that must be true of a version is asked again in the transaction that saves it, while the
 * garment's row is held: its base is current, its request was not carried out already, no begun seam loses its pieces.
 */
@Component
class GarmentSaver {
  /** What is to be saved on top of a version, computed before the row is held. */
  record Draft(
      int baseVersion, GarmentStore.Next next, OpenGarments.Computed after, Optional<OpenGarments.Computed> before, Optional<AtBench> atBench) {
    Draft with(AtBench work) {
      return new Draft(baseVersion, next, after, before, Optional.of(work));
    }
  }

  /** What is kept of a seam's work in the same transaction. */
  record AtBench(SeamId seam, Runnable kept) {}

  private final GarmentStore store;
  private final Histories histories;
  private final Progress progress;

  GarmentSaver(GarmentStore store, Histories histories, Progress progress) {
    this.store = store;
    this.histories = histories;
    this.progress = progress;
  }

  /** A new row for a document; its revision. */
  @Transactional
  String insert(UUID id, GarmentDocument document, String label) {
    return store.insert(id, document, label);
  }

  /**
   * Takes a garment off the shelf, archives it or puts it back; its new revision.
   *
   * @param revision as it was seen on the shelf
   * @throws Problems.Stale when it was changed or moved since
   */
  @Transactional
  String setState(UUID id, GarmentStore.ShelfState state, String revision) {
    GarmentStore.Head head = store.lockAny(id).orElseThrow(GarmentReader::unknown);
    if (!head.revision().equals(revision)) {
      throw new Problems.Stale(head.version(), List.of());
    }
    return store.setState(id, state);
  }

  /**
   * Saves a draft, or nothing when its request was carried out already; the row's new revision.
   *
   * @throws Problems.Stale when the base is no longer the current version
   * @throws Problems.Refused when the garment is in the archive, or a begun seam would lose its pieces
   */
  @Transactional
  Optional<String> save(UUID id, Draft draft) {
    GarmentStore.Head head = store.lock(id).orElseThrow(GarmentReader::unknown);
    if (isDone(id, draft.next().request())) {
      return Optional.empty();
    }
    requireCurrent(head, draft.baseVersion());
    BegunWork.requireKept(progress.of(id), draft.before(), draft.after(), draft.atBench().map(AtBench::seam));
    String revision = store.save(id, head.version(), draft.next());
    histories.trim(id, head.version() + 1);
    draft.atBench().ifPresent(work -> work.kept().run());
    return Optional.of(revision);
  }

  /**
   * Whether a request was carried out already.
   *
   * @throws Problems.Refused when one with its key asked for something else
   */
  boolean isDone(UUID id, Optional<GarmentStore.Request> request) {
    Optional<String> known = request.flatMap(asked -> store.hashOf(id, asked.key()));
    if (known.filter(hash -> !hash.isEmpty() && !hash.equals(request.orElseThrow().hash())).isPresent()) {
      throw new Problems.Refused(List.of(Finding.of(FindingCode.KEY_USED, Where.path("$.key"))), Wording.USUAL);
    }
    return known.isPresent();
  }

  void requireCurrent(GarmentStore.Head head, int baseVersion) {
    if (head.state() == GarmentStore.ShelfState.ARCHIVED) {
      Finding finding = Finding.of(FindingCode.ARCHIVED, Where.NOWHERE, Fact.text("name", head.name()));
      throw new Problems.Refused(List.of(finding), Wording.USUAL);
    }
    if (head.version() != baseVersion) {
      throw new Problems.Stale(head.version(), store.labelsSince(head.id(), baseVersion));
    }
  }
}
