package ruxel.core.construction;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.ToDoubleFunction;
import ruxel.core.piece.Edge;
import ruxel.core.piece.Outline;
import ruxel.core.piece.Outline.Box;
import ruxel.core.piece.Outline.Point;
import ruxel.core.piece.Piece;
import ruxel.core.piece.Piece.Part;
import ruxel.core.piece.Run;

/**
 * Where an answer is measured: along runs that follow each other round the first piece of a part. Level or upright whatever way
 * the runs slant; where there are none of them, at the end of what lies below.
 *
 * @param last takes the last of the two chains of such runs that a piece has on its two sides
 * @param between from the end of the first chain to the start of the last
 * @param lengthMm only so much of the chain: from its start, or up to its end where {@code fromEnd}
 */
record Drawn(Part part, boolean up, List<String> runs, List<String> below, boolean last, boolean between, Optional<ToDoubleFunction<Form>> lengthMm, boolean fromEnd, boolean ofEdges) {
  static Drawn up(Part part, String... runs) {
    return new Drawn(part, true, List.of(runs), List.of(), false, false, Optional.empty(), false, false);
  }

  static Drawn across(Part part, String... runs) {
    return new Drawn(part, false, List.of(runs), List.of(), false, false, Optional.empty(), false, false);
  }

  /** The runs are all those of an edge. */
  static Drawn edge(Part part, boolean up, String edge) {
    return new Drawn(part, up, List.of(edge), List.of(), false, false, Optional.empty(), false, true);
  }

  /** At the end of the first of these that there is, where there is nothing to measure. */
  Drawn orAbove(String... others) {
    return new Drawn(part, up, runs, List.of(others), last, between, lengthMm, fromEnd, ofEdges);
  }

  /** On the other side of the piece. */
  Drawn onOtherSide() {
    return new Drawn(part, up, runs, below, true, between, lengthMm, fromEnd, ofEdges);
  }

  /** From one side of the piece to the other, where these runs end. */
  Drawn fromSideToSide() {
    return new Drawn(part, up, runs, below, last, true, lengthMm, fromEnd, ofEdges);
  }

  Drawn firstMm(ToDoubleFunction<Form> mm) {
    return new Drawn(part, up, runs, below, last, between, Optional.of(mm), false, ofEdges);
  }

  Drawn lastMm(ToDoubleFunction<Form> mm) {
    return new Drawn(part, up, runs, below, last, between, Optional.of(mm), true, ofEdges);
  }

  private record Chain(Point start, Point end) {}

  /** Linear in the runs of the piece. */
  Optional<Dimension> on(List<Piece> pieces, Form form, String answer) {
    return pieces.stream().filter(piece -> piece.part() == part).findFirst().flatMap(piece -> on(piece, form, answer));
  }

  private Optional<Dimension> on(Piece piece, Form form, String answer) {
    List<Chain> chains = chains(piece, runs);
    if (chains.isEmpty()) {
      return below.stream().map(run -> chains(piece, List.of(run))).filter(found -> !found.isEmpty()).findFirst().map(found -> nothing(piece, chosen(found), answer));
    }
    if (between) {
      return Optional.of(new Dimension(answer, piece.id(), chains.get(0).end(), chains.get(chains.size() - 1).start()));
    }
    Chain whole = chosen(chains);
    Chain chain = lengthMm.map(mm -> part(whole, mm.applyAsDouble(form))).orElse(whole);
    return Optional.of(line(piece, chain, answer));
  }

  private Chain chosen(List<Chain> chains) {
    return chains.get(last ? chains.size() - 1 : 0);
  }

  /** The end of what lies below: on the other side the way round leads down. */
  private Dimension nothing(Piece piece, Chain chain, String answer) {
    Point at = last && chain.end().y() < chain.start().y() ? chain.start() : chain.end();
    return new Dimension(answer, piece.id(), at, at);
  }

  /** So much of a chain, measured the way the line goes. */
  private Chain part(Chain chain, double mm) {
    double length = up ? Math.abs(chain.end().y() - chain.start().y()) : Math.abs(chain.end().x() - chain.start().x());
    double share = length == 0 ? 0 : Math.min(1, mm / length);
    return fromEnd ? new Chain(along(chain, 1 - share), chain.end()) : new Chain(chain.start(), along(chain, share));
  }

  private static Point along(Chain chain, double share) {
    return new Point(
        chain.start().x() + share * (chain.end().x() - chain.start().x()), chain.start().y() + share * (chain.end().y() - chain.start().y()));
  }

  /** Level or upright, on the outer side of the piece. */
  private Dimension line(Piece piece, Chain chain, String answer) {
    Box box = Box.round(List.of(chain.start(), chain.end()));
    Point middle = new Outline(piece).box().middle();
    if (up) {
      double x = box.middle().x() > middle.x() ? box.right() : box.left();
      return new Dimension(answer, piece.id(), new Point(x, box.bottom()), new Point(x, box.top()));
    }
    double y = box.middle().y() > middle.y() ? box.top() : box.bottom();
    return new Dimension(answer, piece.id(), new Point(box.left(), y), new Point(box.right(), y));
  }

  /** Where such runs follow each other without another between them, in the order of the ring. */
  private List<Chain> chains(Piece piece, List<String> wanted) {
    List<List<Point>> starts = new Outline(piece).runStarts();
    List<Chain> chains = new ArrayList<>();
    boolean follows = false;
    for (int edge = 0; edge < starts.size(); edge++) {
      Edge of = piece.edges().get(edge);
      for (int i = 0; i < of.runs().size(); i++) {
        Run run = of.runs().get(i);
        boolean isWanted = wanted.contains(ofEdges ? of.id() : run.id());
        if (isWanted) {
          Point start = starts.get(edge).get(i);
          Point end = new Point(start.x() + run.count() * run.advance().dxMm(), start.y() + run.count() * run.advance().dyMm());
          Point from = follows ? chains.remove(chains.size() - 1).start() : start;
          chains.add(new Chain(from, end));
        }
        follows = isWanted;
      }
    }
    return List.copyOf(chains);
  }
}
