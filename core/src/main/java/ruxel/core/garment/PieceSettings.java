package ruxel.core.garment;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import ruxel.core.measure.Corner;
import ruxel.core.piece.Lean;
import ruxel.core.piece.Run;

/** What the maker has told of whole pieces (model 5): their corners, how they lean, rows worked onto an edge. */
public record PieceSettings(List<ToldCorner> corners, List<LeaningPiece> leans, List<EdgingRows> edgings) {
  public static final PieceSettings NONE = new PieceSettings(List.of(), List.of(), List.of());

  /** The corner between an edge and the next one of the ring. */
  public record ToldCorner(String piece, String behind, Corner corner) {
    boolean sameTarget(String otherPiece, String edge) {
      return piece.equals(otherPiece) && behind.equals(edge);
    }
  }

  /** How a piece was found to lean. */
  public record LeaningPiece(String piece, Lean lean) {}

  /** Rows of so many stitches, each row so high, worked along the whole of an edge before the piece is joined. */
  public record EdgingRows(String piece, String edge, int rows, double rowMm, int stitches) {
    public static final int MOST_ROWS = 200;
    public static final double LOWEST_MM = 0.5;
    public static final double HIGHEST_MM = 100;
    /** How the id of an edged run ends: its recipe's run is covered, and free again when the rows are taken out. */
    static final String EDGED = "~e";
    /** How the id of the row ends begins that a neighbouring edge gains. */
    static final String ROWS = "rows.";

    boolean sameTarget(String otherPiece, String otherEdge) {
      return piece.equals(otherPiece) && edge.equals(otherEdge);
    }

    /** Whether a run of an edge of this piece is of these rows: their stitches, or their ends on an edge beside. */
    public boolean made(String onEdge, Run run) {
      return switch (run.origin().kind()) {
        case ROWS -> run.origin().base().equals(edge);
        case EDGED -> onEdge.equals(edge);
        case GIVEN, PART -> false;
      };
    }

    /** How far it moves the edge outwards. */
    public double heightMm() {
      return rows * rowMm;
    }
  }

  public PieceSettings {
    corners = List.copyOf(corners);
    leans = List.copyOf(leans);
    edgings = List.copyOf(edgings);
  }

  PieceSettings withCorner(String piece, String behind, Optional<Corner> corner) {
    List<ToldCorner> changed = EdgeSettings.without(corners, other -> other.sameTarget(piece, behind));
    corner.ifPresent(told -> changed.add(new ToldCorner(piece, behind, told)));
    return new PieceSettings(changed, leans, edgings);
  }

  PieceSettings withLean(String piece, Optional<Lean> lean) {
    List<LeaningPiece> changed = EdgeSettings.without(leans, other -> other.piece().equals(piece));
    lean.ifPresent(found -> changed.add(new LeaningPiece(piece, found)));
    return new PieceSettings(corners, changed, edgings);
  }

  public Optional<EdgingRows> edging(String piece, String edge) {
    return edgings.stream().filter(other -> other.sameTarget(piece, edge)).findFirst();
  }

  PieceSettings withEdging(String piece, String edge, Optional<EdgingRows> edging) {
    List<EdgingRows> changed = new ArrayList<>(EdgeSettings.without(edgings, other -> other.sameTarget(piece, edge)));
    edging.ifPresent(changed::add);
    return new PieceSettings(corners, leans, changed);
  }

  PieceSettings without(PieceSettings gone) {
    return new PieceSettings(
        EdgeSettings.without(corners, gone.corners::contains),
        EdgeSettings.without(leans, gone.leans::contains),
        EdgeSettings.without(edgings, gone.edgings::contains));
  }

  boolean isEmpty() {
    return corners.isEmpty() && leans.isEmpty() && edgings.isEmpty();
  }
}
