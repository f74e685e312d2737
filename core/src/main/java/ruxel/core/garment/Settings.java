package ruxel.core.garment;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import ruxel.core.piece.Counts;
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
    List<String> order,
    EdgeSettings edges,
    SeamSettings seams,
    List<OwedItem> owed,
    PieceSettings pieces,
    List<LeftFinding> left) {
  public static final Settings NONE =
      new Settings(List.of(), List.of(), List.of(), List.of(), List.of(), EdgeSettings.NONE, SeamSettings.NONE, List.of(), PieceSettings.NONE, List.of());

  /** A finding the maker left as it is, and why (model 6). */
  public record LeftFinding(String finding, String reason) {}

  /** Something to mend later on a piece, and the seam that must not be joined before it is done (handbook 3). */
  public record OwedItem(String id, String piece, String what, Optional<String> before) {}

  /** A run counted on the finished piece, or (AS_WORKED) once joining or edging has changed it. */
  public record MadeCount(String piece, String edge, String run, int count, Counts.Source when) {
    boolean sameTarget(MadeCount other) {
      return piece.equals(other.piece) && edge.equals(other.edge) && run.equals(other.run) && when == other.when;
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
    owed = List.copyOf(owed);
    left = List.copyOf(left);
    laid = List.copyOf(laid);
    order = List.copyOf(order);
    counts = List.copyOf(counts);
    anchors = List.copyOf(anchors);
    methods = List.copyOf(methods);
  }

  Settings withCount(MadeCount target, Optional<Integer> count) {
    List<MadeCount> changed = EdgeSettings.without(counts, target::sameTarget);
    count.ifPresent(n -> changed.add(new MadeCount(target.piece(), target.edge(), target.run(), n, target.when())));
    return new Settings(changed, anchors, methods, laid, order, edges, seams, owed, pieces, left);
  }

  Settings withAnchors(List<MovedAnchor> changed) {
    return new Settings(counts, changed, methods, laid, order, edges, seams, owed, pieces, left);
  }

  /** Without where an anchor was moved to. */
  Settings withoutMoves(String seam, String anchor) {
    return withAnchors(EdgeSettings.without(anchors, moved -> moved.seam().equals(seam) && moved.anchor().equals(anchor)));
  }

  Settings withAnchor(MovedAnchor moved) {
    List<MovedAnchor> changed = EdgeSettings.without(anchors, moved::sameTarget);
    changed.add(moved);
    return new Settings(counts, changed, methods, laid, order, edges, seams, owed, pieces, left);
  }

  Settings withMethod(ChosenMethod chosen) {
    List<ChosenMethod> changed = EdgeSettings.without(methods, other -> other.seam().equals(chosen.seam()));
    changed.add(chosen);
    return new Settings(counts, anchors, changed, laid, order, edges, seams, owed, pieces, left);
  }

  Settings withLaid(String piece, Optional<LaidPiece> where) {
    List<LaidPiece> changed = EdgeSettings.without(laid, other -> other.piece().equals(piece));
    where.ifPresent(changed::add);
    return new Settings(counts, anchors, methods, changed, order, edges, seams, owed, pieces, left);
  }

  /** Where the maker has laid a piece. */
  public Optional<LaidPiece> laid(String piece) {
    return laid.stream().filter(own -> own.piece().equals(piece)).findFirst();
  }

  /** The seams in the order the maker wants; the empty list leaves it to the house. */
  Settings withOrder(List<String> wanted) {
    return new Settings(counts, anchors, methods, laid, wanted, edges, seams, owed, pieces, left);
  }

  /** Without the decisions whose targets are gone. */
  Settings without(Settings gone) {
    return new Settings(
        EdgeSettings.without(counts, gone.counts::contains),
        EdgeSettings.without(anchors, gone.anchors::contains),
        EdgeSettings.without(methods, gone.methods::contains),
        EdgeSettings.without(laid, gone.laid::contains),
        order,
        edges.without(gone.edges),
        seams.without(gone.seams),
        EdgeSettings.without(owed, gone.owed::contains),
        pieces.without(gone.pieces),
        EdgeSettings.without(left, gone.left::contains));
  }

  Settings withEdges(EdgeSettings changed) {
    return new Settings(counts, anchors, methods, laid, order, changed, seams, owed, pieces, left);
  }

  Settings withOwed(OwedItem item) {
    List<OwedItem> changed = EdgeSettings.without(owed, other -> other.id().equals(item.id()));
    changed.add(item);
    return new Settings(counts, anchors, methods, laid, order, edges, seams, changed, pieces, left);
  }

  Settings withoutOwed(String id) {
    return new Settings(
        counts, anchors, methods, laid, order, edges, seams, EdgeSettings.without(owed, other -> other.id().equals(id)), pieces, left);
  }

  Settings withLeft(LeftFinding item) {
    List<LeftFinding> changed = EdgeSettings.without(left, other -> other.finding().equals(item.finding()));
    changed.add(item);
    return new Settings(counts, anchors, methods, laid, order, edges, seams, owed, pieces, changed);
  }

  Settings withoutLeft(String finding) {
    return new Settings(
        counts, anchors, methods, laid, order, edges, seams, owed, pieces, EdgeSettings.without(left, other -> other.finding().equals(finding)));
  }

  /** Why the maker left a finding as it is. */
  public Optional<String> leftBecause(String finding) {
    return left.stream().filter(item -> item.finding().equals(finding)).map(LeftFinding::reason).findFirst();
  }

  Settings withSeams(SeamSettings changed) {
    return new Settings(counts, anchors, methods, laid, order, edges, changed, owed, pieces, left);
  }

  Settings withPieces(PieceSettings changed) {
    return new Settings(counts, anchors, methods, laid, order, edges, seams, owed, changed, left);
  }

  /** Without the counts of runs of an edge: they are told anew. */
  Settings withoutCountsOf(String piece, String edge, Set<String> runs) {
    List<MadeCount> kept =
        EdgeSettings.without(
            counts, count -> count.piece().equals(piece) && count.edge().equals(edge) && runs.contains(count.run()));
    return new Settings(kept, anchors, methods, laid, order, edges, seams, owed, pieces, left);
  }

  public boolean isEmpty() {
    return counts.isEmpty() && anchors.isEmpty() && methods.isEmpty() && laid.isEmpty() && order.isEmpty() && edges.isEmpty() && seams.isEmpty() && owed.isEmpty() && pieces.isEmpty() && left.isEmpty();
  }
}
