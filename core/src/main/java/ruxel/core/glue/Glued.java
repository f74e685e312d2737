package ruxel.core.glue;

import java.util.ArrayList;
import java.util.List;
import ruxel.core.finding.Finding;
import ruxel.core.finding.Outcome;
import ruxel.core.match.SeamMatch;
import ruxel.core.piece.Piece;

/**
 * Matched seams glued together. A seam that has no plan, or whose spans are too fine, is left unglued and told of; it
 * never takes the rest down.
 */
public record Glued(List<GluedJoin> joins, Gluing gluing, List<Finding> findings) {
  public Glued {
    joins = List.copyOf(joins);
    findings = List.copyOf(findings);
  }

  public static Glued of(List<Piece> pieces, List<SeamMatch> matches) {
    List<GluedJoin> glued = new ArrayList<>();
    List<GluedJoin> unglued = new ArrayList<>();
    List<Finding> findings = new ArrayList<>();
    for (SeamMatch match : matches) {
      if (match.isPlanned() && Meetings.of(match) instanceof Outcome.Good<GluedJoin> good) {
        glued.add(good.value());
      } else {
        unglued.add(GluedJoin.of(match.seam(), List.of()));
        findings.addAll(match.isPlanned() ? Meetings.of(match).findings() : List.of());
      }
    }
    return new Glued(glued, Gluing.of(pieces, glued, unglued), findings);
  }
}
