package ruxel.core.decision;

import java.util.List;
import java.util.Optional;
import ruxel.core.identity.PieceId;
import ruxel.core.identity.StripId;
import ruxel.core.measure.Stitch;
import ruxel.core.piece.Run;

/**
 * Rows of so many stitches, each row so high, worked along an edge before the piece is joined.
 *
 * @param within the runs they lie over where they do not take the whole edge
 * @param joins the stitch of the last row where that is kept back, and worked while the edge is joined
 */
public record EdgingRows(PieceId piece, String edge, int rows, double rowMm, int stitches, Optional<Within> within, Optional<Stitch> joins) implements Decision {
  public static final int MOST_ROWS = 200;
  public static final double LOWEST_MM = 0.5;
  public static final double HIGHEST_MM = 100;
  /** How the id of an edged run ends: its recipe's run is covered, and free again when the rows are taken out. */
  public static final String EDGED = "~e";
  /** How the id of the row ends begins that a neighbouring edge gains. */
  public static final String ROWS = "rows.";

  /** From the first of an edge's runs, as the construction has them, to the last in ring order. */
  public record Within(String first, String last) {}

  /** Whether a run of an edge of this piece is of these rows: their stitches, or their ends on an edge beside. */
  public boolean made(String onEdge, Run run) {
    return switch (run.origin().kind()) {
      case ROWS -> run.origin().base().equals(edge);
      case EDGED, LIVE -> onEdge.equals(edge);
      case GIVEN, PART -> false;
    };
  }

  /** The id of the strip they are, or that goes on from them over corners, by its first edge in ring order: no strip the maker has told can have it. */
  public StripId stripId(String firstEdge) {
    return new StripId(piece.text() + ":" + firstEdge);
  }

  /** The rows that are the strip of an id, or begin it. */
  public static Optional<EdgingRows> find(Settings settings, StripId stripId) {
    return settings.of(EdgingRows.class).stream().filter(rows -> rows.stripId(rows.edge).equals(stripId)).findFirst();
  }

  /** Whether other rows can go on from these over a corner. */
  public boolean isLike(EdgingRows other) {
    return within.isEmpty() && other.within.isEmpty() && rows == other.rows && rowMm == other.rowMm && joins.equals(other.joins);
  }

  /** How far it moves the edge outwards. */
  public double heightMm() {
    return rows * rowMm;
  }

  @Override
  public List<?> target() {
    return List.of(piece, edge);
  }

  @Override
  public String told(Naming names) {
    return "the edging rows on %s, %s".formatted(names.piece(piece), names.edge(piece, edge));
  }
}
