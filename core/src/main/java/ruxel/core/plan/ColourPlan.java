package ruxel.core.plan;

import java.util.List;
import java.util.Optional;
import ruxel.core.identity.PieceId;
import ruxel.core.piece.Cloth.Dye;

/**
 * Which square has which colourway (handbook 13): neighbours that are alike, across seams too, where each lies, and the stock.
 *
 * @param needed squares of all boards
 */
public record ColourPlan(List<Clash> clashes, List<Placed> placement, List<Stock> stock, int needed, int uncoloured, String words) {
  /** Two neighbours of one colourway. */
  public record Clash(PieceId piece, int row, int column, PieceId otherPiece, int otherRow, int otherColumn, String colourway) {}

  /** A square with its colourway. */
  public record Placed(PieceId piece, int row, int column, Optional<String> colourway, boolean locked) {}

  /** A colourway: how many are made, where that is told, and how many lie on the boards. */
  public record Stock(String id, String name, Dye colour, Optional<Integer> made, int placed) {}
}
