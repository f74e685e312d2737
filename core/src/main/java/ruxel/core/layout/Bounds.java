package ruxel.core.layout;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import ruxel.core.board.Board;
import ruxel.core.construction.Construct;
import ruxel.core.finding.Fact;
import ruxel.core.finding.Finding;
import ruxel.core.finding.FindingCode;
import ruxel.core.finding.Where;
import ruxel.core.piece.Edge;
import ruxel.core.piece.Piece;
import ruxel.core.piece.Run;
import ruxel.core.seam.Seam;

/** How large a garment may be once everything decided is laid over it, before anything is computed (model 7). */
public final class Bounds {
  public static final int MOST_PIECES = 200;
  public static final int MOST_SEAMS = 400;
  public static final int MOST_RUNS = 64;
  public static final int MOST_UNITS = 5000;

  /** Stitches and rows of all edges that are joined, together: more than any garment has. */
  public static final int MOST_JOINED_UNITS = 400_000;

  private Bounds() {}

  static List<Finding> exceeded(Construct construct) {
    List<Finding> findings = new ArrayList<>();
    most(construct.pieces().size(), MOST_PIECES, "pieces", findings);
    most(construct.seams().size(), MOST_SEAMS, "seams", findings);
    most(construct.pieces().stream().flatMap(piece -> piece.board().stream()).mapToInt(board -> board.squares().size()).sum(), Board.MOST_SQUARES, "squares", findings);
    Set<String> joined = new HashSet<>();
    for (Seam seam : construct.seams()) {
      Stream.concat(seam.a().spans().stream(), seam.b().spans().stream()).forEach(span -> joined.add(span.piece() + " " + span.edge()));
    }
    int units = 0;
    for (Piece piece : construct.pieces()) {
      for (Edge edge : piece.edges()) {
        edge(piece, edge, findings);
        units += joined.contains(piece.id() + " " + edge.id()) ? Math.min(edge.units(), MOST_UNITS) : 0;
      }
    }
    most(units, MOST_JOINED_UNITS, "stitches and rows on edges that are joined", findings);
    return List.copyOf(findings);
  }

  private static void most(int count, int most, String what, List<Finding> findings) {
    if (count > most) {
      findings.add(Finding.of(FindingCode.TOO_MANY, Where.NOWHERE, Fact.text("what", what), Fact.count("count", count), Fact.count("most", most)));
    }
  }

  private static void edge(Piece piece, Edge edge, List<Finding> findings) {
    Where where = Where.edge(piece.id(), edge.id());
    Fact name = Fact.text("edge", edge.name());
    Fact of = Fact.text("piece", piece.name());
    if (edge.runs().size() > MOST_RUNS) {
      findings.add(
          Finding.of(FindingCode.TOO_MANY_RUNS, where, name, of, Fact.count("count", edge.runs().size()), Fact.count("most", MOST_RUNS)));
    }
    if (edge.units() > MOST_UNITS) {
      findings.add(Finding.of(FindingCode.TOO_MANY_UNITS, where, name, of, Fact.count("count", edge.units()), Fact.count("most", MOST_UNITS)));
    }
    Set<String> seen = new HashSet<>();
    for (Run run : edge.runs()) {
      if (!seen.add(run.id())) {
        findings.add(Finding.of(FindingCode.REPEATED_ID, where, Fact.text("value", run.id())));
      }
    }
  }
}
