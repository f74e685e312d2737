package ruxel.core.lay;

import java.util.ArrayList;
import java.util.List;
import ruxel.core.piece.Outline;
import ruxel.core.piece.Piece;

/** Lays pieces side by side, for garments without a construction that says where they lie. */
public final class Rows {
  private static final double GAP_MM = 60;

  public static final String WORDS = "Side by side, right sides up.";

  private Rows() {}

  public static List<Placement> of(List<Piece> pieces) {
    List<Placement> placements = new ArrayList<>();
    double x = 0;
    for (Piece piece : pieces) {
      Outline.Box box = new Outline(piece).box();
      placements.add(new Placement(piece.id(), 0, x - box.left(), -box.bottom()));
      x += box.width() + GAP_MM;
    }
    return List.copyOf(placements);
  }
}
