package ruxel.core.glue;

import java.util.ArrayList;
import java.util.List;
import ruxel.core.finding.Finding;
import ruxel.core.finding.Outcome;
import ruxel.core.match.SeamMatch;
import ruxel.core.piece.Piece;
import ruxel.core.seam.ResolvedSeam;

/**
 * Matched seams glued together. A seam that has no plan, or whose spans are too fine, is left unglued and told of; it
 * never takes the rest down.
 */
public record Glued(List<GluedSeam> seams, Gluing gluing, List<Finding> findings) {
  public Glued {
    seams = List.copyOf(seams);
    findings = List.copyOf(findings);
  }

  public static Glued of(List<Piece> pieces, List<SeamMatch> matches) {
    List<GluedSeam> glued = new ArrayList<>();
    List<ResolvedSeam> unglued = new ArrayList<>();
    List<Finding> findings = new ArrayList<>();
    for (SeamMatch match : matches) {
      if (match.isPlanned() && Meetings.of(match) instanceof Outcome.Good<GluedSeam> good) {
        glued.add(good.value());
      } else {
        unglued.add(match.seam());
        findings.addAll(match.isPlanned() ? Meetings.of(match).findings() : List.of());
      }
    }
    return new Glued(glued, Gluing.of(pieces, glued, unglued), findings);
  }
}
