package ruxel.core.layout;

import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.stream.Stream;
import ruxel.core.decision.Decision;
import ruxel.core.decision.EndedSeam;
import ruxel.core.decision.MarkedEdge;
import ruxel.core.decision.MovedAnchor;
import ruxel.core.decision.OwnAnchor;
import ruxel.core.decision.Settings;
import ruxel.core.decision.StripCount;
import ruxel.core.decision.WorkedStrip;
import ruxel.core.identity.PieceId;
import ruxel.core.piece.Cut;
import ruxel.core.piece.Edge;
import ruxel.core.piece.Landmark;
import ruxel.core.piece.Origin;
import ruxel.core.piece.Piece;
import ruxel.core.piece.Pieces;
import ruxel.core.piece.Run;
import ruxel.core.seam.Anchor;
import ruxel.core.seam.ResolvedSeam;

/**
 * Keeps what the maker has decided by a place of an edge on that place when the edge's runs change. A place on a part
 * of a told run is reckoned from the ends of the run itself, as the construction's own places are, so that parts told
 * anew move nothing; a place on edging goes to the same share of the length when the rows change or are taken out.
 * What has no such place stays as it was, and is found gone.
 */
public final class CarriedCuts {
  private final List<Piece> before;
  private final List<Piece> after;

  private CarriedCuts(List<Piece> before, List<Piece> after) {
    this.before = before;
    this.after = after;
  }

  /** The settings made on the pieces before, for the pieces after. */
  public static Settings of(Settings settings, List<Piece> before, List<Piece> after) {
    CarriedCuts carried = new CarriedCuts(before, after);
    return settings.carried(carried::carried);
  }

  private Decision carried(Decision decision) {
    if (decision instanceof MovedAnchor moved) {
      return new MovedAnchor(moved.seam(), moved.anchor(), moved.side(), spot(moved.spot()));
    }
    if (decision instanceof OwnAnchor own) {
      return new OwnAnchor(own.seam(), anchor(own.anchor()));
    }
    if (decision instanceof EndedSeam ended) {
      return new EndedSeam(ended.seam(), ended.at().carried(this::spot), ended.before().map(end -> end.carried(this::spot)));
    }
    if (decision instanceof WorkedStrip worked) {
      return new WorkedStrip(worked.strip().moved(this::spot, this::unit));
    }
    if (decision instanceof StripCount count) {
      return new StripCount(count.stitches().moved(this::unit));
    }
    return decision instanceof MarkedEdge marked ? mark(marked) : decision;
  }

  /** A place of an edge reckoned from the ends of the run itself where it lies on a part of one. */
  public static Cut fromRun(Edge edge, Cut cut) {
    Optional<Run> run = edge.run(cut.run());
    OptionalInt index = cut.on(edge);
    if (run.isEmpty() || index.isEmpty() || run.get().origin().kind() != Origin.Kind.PART) {
      return cut;
    }
    String base = run.get().origin().base();
    List<Run> parts = standingFor(edge, base);
    int offset = index.getAsInt() - edge.startOfRun(parts.get(0).id());
    return new Cut(base, cut.from() == Cut.End.START ? offset : count(parts) - offset, cut.from());
  }

  /** The same for a spot on a seam's edges. */
  public static Anchor.Spot fromRun(ResolvedSeam seam, Anchor.Spot spot) {
    return Stream.concat(seam.a().stream(), seam.b().stream())
        .filter(span -> span.piece().id().equals(spot.piece()) && span.edge().id().equals(spot.edge()))
        .findFirst()
        .map(span -> new Anchor.Spot(spot.piece(), spot.edge(), fromRun(span.edge(), spot.cut()), spot.at()))
        .orElse(spot);
  }

  private Anchor anchor(Anchor anchor) {
    return new Anchor(anchor.id(), anchor.name(), spot(anchor.a()), spot(anchor.b()));
  }

  private Anchor.Spot spot(Anchor.Spot spot) {
    Cut cut = cut(spot.piece(), spot.edge(), spot.cut(), spot.at() == Anchor.Spot.At.UNIT);
    return new Anchor.Spot(spot.piece(), spot.edge(), cut, spot.at());
  }

  /** Of a cut that stands for the unit behind it. */
  private Anchor.Spot unit(Anchor.Spot spot) {
    return Anchor.Spot.cut(spot.piece(), spot.edge(), cut(spot.piece(), spot.edge(), spot.cut(), true));
  }

  private MarkedEdge mark(MarkedEdge marked) {
    Landmark mark = marked.landmark();
    Cut first = cut(marked.piece(), marked.edge(), mark.first(), false);
    int every = mark.times() > 1 ? Math.max(1, (int) Math.round(mark.every() * scale(marked))) : mark.every();
    return new MarkedEdge(
        marked.piece(), marked.edge(), new Landmark(mark.id(), mark.name(), mark.kind(), first, every, mark.times(), mark.marker()));
  }

  /** How many stitches there are now for one of the edging that a mark lies on. */
  private double scale(MarkedEdge marked) {
    Optional<Edge> was = Pieces.find(before, marked.piece(), marked.edge());
    Optional<Edge> now = Pieces.find(after, marked.piece(), marked.edge());
    boolean onEdging = was.flatMap(edge -> edge.run(marked.landmark().first().run())).filter(run -> run.origin().isOver()).isPresent();
    return onEdging && now.isPresent() ? (double) now.get().units() / was.get().units() : 1;
  }

  private Cut cut(PieceId piece, String edge, Cut cut, boolean isUnit) {
    Optional<Edge> was = Pieces.find(before, piece, edge);
    Optional<Edge> now = Pieces.find(after, piece, edge);
    Optional<Run> run = was.flatMap(found -> found.run(cut.run()));
    if (run.isEmpty() || now.isEmpty()) {
      return cut;
    }
    return switch (run.get().origin().kind()) {
      case GIVEN -> cut;
      case PART -> fromRun(was.get(), cut);
      case EDGED, LIVE -> onEdging(was.get(), now.get(), cut, isUnit).orElse(cut);
      case ROWS -> atTheEnd(was.get(), now.get(), cut, isUnit).orElse(cut);
    };
  }

  private static Optional<Cut> onEdging(Edge was, Edge now, Cut cut, boolean isUnit) {
    List<Run> from = standingFor(was, was.run(cut.run()).orElseThrow().origin().base());
    List<Run> to = standingFor(now, from.get(0).origin().base());
    OptionalInt index = cut.on(was);
    if (to.isEmpty() || index.isEmpty()) {
      return Optional.empty();
    }
    int offset = index.getAsInt() - was.startOfRun(from.get(0).id());
    int place = count(from) == count(to) ? offset : byLength(from, to, offset, isUnit);
    return Optional.of(fromRun(now, at(to, place, cut.from())));
  }

  /** Where edging rows ended the edge ends now; a row of them is no more. */
  private static Optional<Cut> atTheEnd(Edge was, Edge now, Cut cut, boolean isUnit) {
    OptionalInt index = cut.on(was);
    if (isUnit || index.isEmpty() || now.run(cut.run()).isPresent()) {
      return Optional.empty();
    }
    int start = was.startOfRun(cut.run());
    List<Run> runs = now.runs();
    boolean first = start == 0 && index.getAsInt() > 0;
    boolean last = start > 0 && index.getAsInt() == start;
    return first
        ? Optional.of(fromRun(now, Cut.startOf(runs.get(0).id())))
        : last ? Optional.of(fromRun(now, Cut.endOf(runs.get(runs.size() - 1).id()))) : Optional.empty();
  }

  private static List<Run> standingFor(Edge edge, String base) {
    return edge.runs().stream().filter(run -> run.origin().standsFor(base)).toList();
  }

  private static int count(List<Run> runs) {
    return runs.stream().mapToInt(Run::count).sum();
  }

  /** The nearest cut to the same share of the length, or the unit that holds what is the middle of the unit. */
  private static int byLength(List<Run> from, List<Run> to, int offset, boolean isUnit) {
    double at = isUnit ? (lengthTo(from, offset) + lengthTo(from, offset + 1)) / 2 : lengthTo(from, offset);
    double wanted = at / lengthTo(from, count(from)) * lengthTo(to, count(to));
    int place = 0;
    while (place < count(to) && (isUnit ? lengthTo(to, place + 1) : (lengthTo(to, place) + lengthTo(to, place + 1)) / 2) < wanted) {
      place++;
    }
    return isUnit ? Math.min(place, count(to) - 1) : place;
  }

  private static double lengthTo(List<Run> runs, int units) {
    double length = 0;
    int left = units;
    for (Run run : runs) {
      int here = Math.min(left, run.count());
      length += here * run.advance().lengthMm();
      left -= here;
    }
    return length;
  }

  private static Cut at(List<Run> runs, int place, Cut.End end) {
    int start = 0;
    for (Run run : runs) {
      if (place <= start + run.count()) {
        return new Cut(run.id(), end == Cut.End.START ? place - start : start + run.count() - place, end);
      }
      start += run.count();
    }
    throw new IllegalArgumentException("Expected a place up to %d (%d)".formatted(start, place));
  }
}
