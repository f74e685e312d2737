package ruxel.core.lay;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;
import ruxel.core.piece.Outline;
import ruxel.core.piece.Outline.Box;
import ruxel.core.piece.Piece;

/**
 * Keeps pieces on the table as far apart as they were laid when counts or edging rows make them larger: who lies
 * beside or above one that grows is pushed away to the right or up. Quadratic in the pieces.
 */
public final class Apart {
  private static final double NEAR_MM = 1e-6;

  private Apart() {}

  /**
   * @param before as the construction lays them
   * @param after the same pieces in the same order as they are now
   * @param placements of {@code after}, in any order
   */
  public static List<Placement> of(List<Piece> before, List<Placement> laidBefore, List<Piece> after, List<Placement> placements) {
    List<Box> old = IntStream.range(0, before.size()).mapToObj(i -> box(before.get(i), of(laidBefore, before.get(i)))).toList();
    List<Box> now = IntStream.range(0, after.size()).mapToObj(i -> box(after.get(i), of(placements, after.get(i)))).toList();
    double[] up = pushes(old, now);
    double[] right = pushes(old.stream().map(Apart::turned).toList(), now.stream().map(Apart::turned).toList());
    List<Placement> apart = new ArrayList<>();
    for (int i = 0; i < after.size(); i++) {
      apart.add(of(placements, after.get(i)).moved(right[i], up[i]));
    }
    return List.copyOf(apart);
  }

  private static double[] pushes(List<Box> old, List<Box> now) {
    double[] pushes = new double[old.size()];
    List<Integer> upwards = IntStream.range(0, old.size()).boxed().sorted(Comparator.comparingDouble(i -> old.get(i).bottom())).toList();
    for (int above : upwards) {
      for (int below : upwards) {
        if (below != above && isUnder(old.get(below), old.get(above))) {
          double gap = old.get(above).bottom() - old.get(below).top();
          pushes[above] = Math.max(pushes[above], now.get(below).top() + pushes[below] + gap - now.get(above).bottom());
        }
      }
    }
    return pushes;
  }

  private static Box box(Piece piece, Placement placement) {
    return Box.round(new Outline(piece).corners().stream().map(placement::onTable).toList());
  }

  /** Seen from the side: right is up. */
  private static Box turned(Box box) {
    return new Box(box.bottom(), box.top(), box.left(), box.right());
  }

  /** Whether the other lies above, with some of its width over this one's. */
  private static boolean isUnder(Box one, Box other) {
    return one.top() <= other.bottom() + NEAR_MM && one.left() < other.right() && other.left() < one.right();
  }

  private static Placement of(List<Placement> placements, Piece piece) {
    return placements.stream().filter(placement -> placement.piece().equals(piece.id())).findFirst().orElseThrow();
  }
}
