package ruxel.core.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import ruxel.core.construction.Construct;
import ruxel.core.lay.Placement;
import ruxel.core.measure.Wording;
import ruxel.core.piece.Fold;
import ruxel.core.piece.Folded;
import ruxel.core.piece.Outline.Point;
import ruxel.core.piece.Piece;

/**
 * How pieces are folded before anything is joined, and by what a maker sees that one is folded the wrong way round: its counts would not tell
 * (handbook 9.3, 9.4).
 */
record FoldWords(String words, List<String> todo) {
  private static final double LEVEL_MM = 1;

  static Optional<FoldWords> of(Construct construct) {
    List<String> todo = new ArrayList<>();
    boolean hasCorner = false;
    for (Piece piece : construct.pieces()) {
      Optional<Folded> folded = piece.folded();
      if (folded.isPresent()) {
        boolean isCorner = piece.fold().orElseThrow().way() == Fold.Way.CORNER;
        hasCorner |= isCorner;
        todo.add(isCorner ? corner(piece, folded.get(), placement(construct, piece)) : straight(piece));
      }
    }
    if (todo.isEmpty()) {
      return Optional.empty();
    }
    String words =
        hasCorner
            ? "Each lies as an L, its right side out. Lay them as drawn: if two sleeves point the same way, one is folded the wrong way round. Open it, turn it over, and fold it anew."
            : "Right side out, edges on edges. The upper layer often looks longer near its corners: that is how it lies, the counts decide.";
    return Optional.of(new FoldWords(words, List.copyOf(todo)));
  }

  /** Two opposite sides are halved; the fold leads from the underarm down to the hem and out to the cuff. */
  private static String corner(Piece piece, Folded folded, Placement lies) {
    List<Point> line = folded.line().stream().map(lies::onTable).toList();
    Point underarm = line.get(1);
    double out = line.stream().filter(point -> Math.abs(point.y() - underarm.y()) < LEVEL_MM).mapToDouble(point -> point.x() - underarm.x()).sum();
    String side = out > 0 ? "left" : "right";
    String at = out > 0 ? "right" : "left";
    return "%s: halve its hem and its cuff, so that the folds meet at the underarm. The sleeve is the wearer’s %s one and points to your %s.".formatted(piece.name(), side, at);
  }

  private static String straight(Piece piece) {
    Fold fold = piece.fold().orElseThrow();
    return "%s: halve its %s and its %s. Put a marker into each layer at the marked pair, four in all.".formatted(piece.name(), edge(piece, fold.to()), edge(piece, fold.from()));
  }

  private static String edge(Piece piece, Fold.Spot spot) {
    return Wording.low(piece.edge(spot.edge()).orElseThrow().name());
  }

  private static Placement placement(Construct construct, Piece piece) {
    return construct.placements().stream().filter(placement -> placement.piece().equals(piece.id())).findFirst().orElseThrow();
  }
}
