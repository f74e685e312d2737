package ruxel.core.garment;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import ruxel.core.seam.Anchor;
import ruxel.core.seam.Side;

/**
 * Everything decided since the recipe, by stable id (model 5). Laid over whatever the template makes; a
 * setting whose target is gone stays until the maker removes it.
 */
public record Settings(
    List<MadeCount> counts,
    List<MovedAnchor> anchors,
    List<ChosenMethod> methods,
    List<LaidPiece> laid,
    List<String> order) {
  public static final Settings NONE = new Settings(List.of(), List.of(), List.of(), List.of(), List.of());

  /** A run counted on the finished piece. */
  public record MadeCount(String piece, String edge, String run, int count) {
    boolean sameTarget(MadeCount other) {
      return piece.equals(other.piece) && edge.equals(other.edge) && run.equals(other.run);
    }
  }

  /** An anchor moved on one side. */
  public record MovedAnchor(String seam, String anchor, Side side, Anchor.Spot spot) {
    boolean sameTarget(MovedAnchor other) {
      return seam.equals(other.seam) && anchor.equals(other.anchor) && side == other.side;
    }
  }

  /** The joining method of a seam. */
  public record ChosenMethod(String seam, String method) {}

  /**
   * A piece moved on the table by mm and turned to the left by quarters about its middle, reckoned from where
   * the construction lays it. A whole turn is none.
   */
  public record LaidPiece(String piece, double dxMm, double dyMm, int quarterTurns) {
    private static final int WHOLE_TURN = 4;

    public LaidPiece {
      quarterTurns = Math.floorMod(quarterTurns, WHOLE_TURN);
    }
  }

  public Settings {
    laid = List.copyOf(laid);
    order = List.copyOf(order);
    counts = List.copyOf(counts);
    anchors = List.copyOf(anchors);
    methods = List.copyOf(methods);
  }

  Settings withCount(MadeCount target, Optional<Integer> count) {
    List<MadeCount> changed = without(counts, target::sameTarget);
    count.ifPresent(n -> changed.add(new MadeCount(target.piece(), target.edge(), target.run(), n)));
    return new Settings(changed, anchors, methods, laid, order);
  }

  Settings withAnchor(MovedAnchor moved) {
    List<MovedAnchor> changed = without(anchors, moved::sameTarget);
    changed.add(moved);
    return new Settings(counts, changed, methods, laid, order);
  }

  Settings withMethod(ChosenMethod chosen) {
    List<ChosenMethod> changed = without(methods, other -> other.seam().equals(chosen.seam()));
    changed.add(chosen);
    return new Settings(counts, anchors, changed, laid, order);
  }

  Settings withLaid(String piece, Optional<LaidPiece> where) {
    List<LaidPiece> changed = without(laid, other -> other.piece().equals(piece));
    where.ifPresent(changed::add);
    return new Settings(counts, anchors, methods, changed, order);
  }

  /** The seams in the order the maker wants; the empty list leaves it to the house. */
  Settings withOrder(List<String> wanted) {
    return new Settings(counts, anchors, methods, laid, wanted);
  }

  /** Without the decisions whose targets are gone. */
  Settings without(Settings gone) {
    return new Settings(
        without(counts, gone.counts::contains),
        without(anchors, gone.anchors::contains),
        without(methods, gone.methods::contains),
        without(laid, gone.laid::contains),
        order);
  }

  public boolean isEmpty() {
    return counts.isEmpty() && anchors.isEmpty() && methods.isEmpty() && laid.isEmpty() && order.isEmpty();
  }

  private static <T> List<T> without(List<T> list, Predicate<T> unwanted) {
    return new ArrayList<>(list.stream().filter(unwanted.negate()).toList());
  }
}
