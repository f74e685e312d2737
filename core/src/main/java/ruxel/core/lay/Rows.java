package ruxel.core.lay;

import java.util.ArrayList;
import java.util.List;
import ruxel.core.piece.Outline;
import ruxel.core.piece.Piece;

/** Lays pieces side by side, for garments without a construction that says where they lie. */
public final class Rows {
  private static final double GAP_MM = 60;

  private Rows() {}

  public static List<Placement> of(List<Piece> pieces) {
    List<Placement> placements = new ArrayList<>();
    double x = 0;
    for (Piece piece : pieces) {
      List<Outline.Point> points = new Outline(piece).runStarts().stream().flatMap(List::stream).toList();
      double left = points.stream().mapToDouble(Outline.Point::x).min().orElse(0);
      double right = points.stream().mapToDouble(Outline.Point::x).max().orElse(0);
      double bottom = points.stream().mapToDouble(Outline.Point::y).min().orElse(0);
      placements.add(new Placement(piece.id(), 0, x - left, -bottom));
      x += right - left + GAP_MM;
    }
    return List.copyOf(placements);
  }
}
