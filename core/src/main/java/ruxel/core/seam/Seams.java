package ruxel.core.seam;

import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import ruxel.core.finding.Fact;
import ruxel.core.finding.Finding;
import ruxel.core.finding.FindingCode;
import ruxel.core.finding.Outcome;
import ruxel.core.finding.Where;
import ruxel.core.identity.SeamId;
import ruxel.core.piece.Piece;

/** Seams looked up by id; the refusal names what there is instead. Linear. */
public final class Seams {
  private Seams() {}

  public static Optional<Seam> find(List<Seam> seams, SeamId id) {
    return seams.stream().filter(seam -> seam.id().equals(id)).findFirst();
  }

  public static Outcome<Seam> named(List<Seam> seams, SeamId id) {
    return find(seams, id).map(Outcome::of).orElseGet(() -> unknown(seams, id));
  }

  /** A seam on today's pieces; refused where there is none or it cannot be. */
  public static Outcome<ResolvedSeam> resolved(List<Piece> pieces, List<Seam> seams, SeamId id) {
    return SeamResolver.find(pieces, seams, id).map(Outcome::of).orElseGet(() -> unknown(seams, id));
  }

  private static <T> Outcome<T> unknown(List<Seam> seams, SeamId id) {
    return Outcome.refused(
        Finding.of(
            FindingCode.UNKNOWN_SEAM, Where.seam(id),
            Fact.text("value", id), Fact.text("choices", seams.stream().map(seam -> seam.id().text()).collect(Collectors.joining(", ")))));
  }
}
