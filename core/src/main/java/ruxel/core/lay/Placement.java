package ruxel.core.lay;

import ruxel.core.identity.PieceId;
import ruxel.core.piece.Outline;

/**
 * Where a piece lies on the table, right side up: its own axes turned counter-clockwise by {@code
 * quarterTurns} quarters, then its origin moved to (x, y) mm; x to the right, y away from the maker.
 */
public record Placement(PieceId piece, int quarterTurns, double xMm, double yMm) {
  private static final int QUARTERS = 4;

  /** Where a point of the piece's own axes lies on the table. */
  public Outline.Point onTable(Outline.Point point) {
    Outline.Point turned = turned(point, quarterTurns);
    return new Outline.Point(turned.x() + xMm, turned.y() + yMm);
  }

  /** Turned to the left by quarters about a point of the piece's own axes, which stays where it lies. */
  public Placement turnedAbout(Outline.Point pivot, int quarters) {
    Outline.Point stays = onTable(pivot);
    int turns = Math.floorMod(quarterTurns + quarters, QUARTERS);
    Outline.Point turned = turned(pivot, turns);
    return new Placement(piece, turns, stays.x() - turned.x(), stays.y() - turned.y());
  }

  public Placement moved(double dxMm, double dyMm) {
    return new Placement(piece, quarterTurns, xMm + dxMm, yMm + dyMm);
  }

  /** Moved by so much along the piece's own axes. */
  public Placement movedInPiece(double dxMm, double dyMm) {
    Outline.Point way = turned(new Outline.Point(dxMm, dyMm), quarterTurns);
    return moved(way.x(), way.y());
  }

  private static Outline.Point turned(Outline.Point p, int quarters) {
    return switch (Math.floorMod(quarters, QUARTERS)) {
      case 0 -> p;
      case 1 -> new Outline.Point(-p.y(), p.x());
      case 2 -> new Outline.Point(-p.x(), -p.y());
      default -> new Outline.Point(p.y(), -p.x());
    };
  }
}
