package ruxel.core.change;

import java.util.HashSet;
import java.util.Set;
import java.util.stream.Stream;
import ruxel.core.construction.Construct;
import ruxel.core.decision.Decision;
import ruxel.core.finding.Outcome;
import ruxel.core.garment.Garment;
import ruxel.core.identity.Id;
import ruxel.core.identity.WorkRef;
import ruxel.core.layout.Given;
import ruxel.core.piece.Piece;
import ruxel.core.seam.Seam;

/**
 * Ids that nothing has: no piece, seam or strip, planned or not, nothing that a decision is of, also one without a place now, and nothing
 * that was ever at the bench. So what is added never takes up what belonged to something else. Linear in all that is kept.
 */
public final class FreeIds {
  private final Set<String> known = new HashSet<>();

  /**
   * @param worked all that was ever taken to the bench
   */
  public FreeIds(Garment garment, Set<WorkRef> worked) {
    worked.forEach(of -> known.add(of.id().text()));
    Stream.<Id>concat(garment.pieces().stream().map(Piece::id), garment.seams().stream().map(Seam::id)).map(Id::text).forEach(known::add);
    garment.seams().stream().flatMap(Seam::spans).forEach(span -> known.add(span.piece().text()));
    garment.settings().decisions().stream().flatMap(Decision::names).forEach(known::add);
    if (Given.of(garment) instanceof Outcome.Good<Given> good) {
      good.value().made().ifPresent(this::made);
    }
  }

  private void made(Construct construct) {
    construct.pieces().forEach(piece -> known.add(piece.id().text()));
    construct.seams().forEach(seam -> known.add(seam.id().text()));
  }

  public boolean isFree(String id) {
    return !known.contains(id);
  }

  /** One that was not given before. */
  public String next(String prefix) {
    int number = 1;
    while (!known.add(prefix + number)) {
      number++;
    }
    return prefix + number;
  }
}
