package ruxel.core.seam;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import ruxel.core.identity.PieceId;
import ruxel.core.measure.Wording;
import ruxel.core.piece.Edge;
import ruxel.core.piece.Piece;

/**
 * What stands at the two ends of a seam, in words: the edge that goes on freely from there, else the seam that does;
 * where both ends would be called the same, what another seam calls the spot, with front or back. Told from the spans
 * alone, not from what kind of seam it is.
 */
public record SeamEnds(String start, String end) {
  public static final SeamEnds UNKNOWN = new SeamEnds("the start", "the end");

  /** An end of a span: its piece, and the cut of its ring there. */
  private record Spot(Piece piece, int edgeIndex, int cut, boolean atRingStart) {
    Edge edge() {
      return piece.edges().get(edgeIndex);
    }

    static Spot of(ResolvedSpan span, boolean start) {
      boolean atRingStart = start == span.forward();
      return new Spot(span.piece(), span.edgeIndex(), atRingStart ? span.from() : span.to(), atRingStart);
    }

    /** The edge and unit beyond the seam's end on the ring. */
    Spot beyond() {
      int count = piece.edges().size();
      if (atRingStart) {
        return cut > 0
            ? new Spot(piece, edgeIndex, cut - 1, true)
            : new Spot(piece, Math.floorMod(edgeIndex - 1, count), piece.edges().get(Math.floorMod(edgeIndex - 1, count)).units() - 1, true);
      }
      return cut < edge().units() ? new Spot(piece, edgeIndex, cut, false) : new Spot(piece, (edgeIndex + 1) % count, 0, false);
    }
  }

  /** All seams of a garment, and which lie on each piece, in their order. */
  record Among(List<ResolvedSeam> all, Map<PieceId, List<ResolvedSeam>> byPiece) {
    static Among of(List<ResolvedSeam> all) {
      Map<PieceId, List<ResolvedSeam>> byPiece = new HashMap<>();
      for (ResolvedSeam seam : all) {
        Stream.concat(seam.a().stream(), seam.b().stream()).map(span -> span.piece().id()).distinct().forEach(piece -> byPiece.computeIfAbsent(piece, key -> new ArrayList<>()).add(seam));
      }
      return new Among(all, byPiece);
    }

    /** The first that takes a unit. */
    private Optional<ResolvedSeam> taking(Spot unit) {
      return byPiece.getOrDefault(unit.piece().id(), List.of()).stream().filter(seam -> takes(seam, unit)).findFirst();
    }
  }

  static SeamEnds of(ResolvedSeam seam, Among all) {
    String start = plain(seam, all, true);
    String end = plain(seam, all, false);
    if (!start.equals(end)) {
      return new SeamEnds(start.isEmpty() ? open(seam, all, true).orElse(UNKNOWN.start) : start, end.isEmpty() ? open(seam, all, false).orElse(UNKNOWN.end) : end);
    }
    SeamEnds told = new SeamEnds(told(seam, all, true, start), told(seam, all, false, end));
    return told.start.equals(told.end) ? UNKNOWN : told;
  }

  /** The free edge that goes on from an end, or the seam that does; empty when nothing does. */
  private static String plain(ResolvedSeam seam, Among all, boolean start) {
    List<String> seams = new ArrayList<>();
    for (Spot spot : spots(seam, start)) {
      Spot beyond = spot.beyond();
      Optional<ResolvedSeam> taken = all.taking(beyond);
      // What is sewn on later leaves the edge its name until then.
      if (taken.filter(other -> !other.seam().role().isBand()).isEmpty() && (beyond.edgeIndex() != spot.edgeIndex() || beyond.piece().edges().size() == 1)) {
        return "the " + Wording.low(beyond.edge().name());
      }
      taken.filter(other -> other != seam).ifPresent(other -> seams.add("the " + Wording.low(other.seam().name())));
    }
    return seams.isEmpty() ? "" : seams.get(0);
  }

  /** An edge that is joined only in part, and goes on freely from an end. */
  private static Optional<String> open(ResolvedSeam seam, Among all, boolean start) {
    return spots(seam, start).stream()
        .filter(spot -> spot.beyond().edgeIndex() == spot.edgeIndex() && all.taking(spot.beyond()).isEmpty())
        .map(spot -> "where the %s stays open".formatted(Wording.low(spot.edge().name())))
        .findFirst();
  }

  private static List<Spot> spots(ResolvedSeam seam, boolean start) {
    return List.of(spot(seam.a(), start), spot(seam.b(), start));
  }

  private static Spot spot(List<ResolvedSpan> spans, boolean start) {
    return Spot.of(spans.get(start ? 0 : spans.size() - 1), start);
  }

  private static boolean takes(ResolvedSeam seam, Spot unit) {
    for (Side side : Side.values()) {
      for (ResolvedSpan span : seam.side(side)) {
        if (span.piece().id().equals(unit.piece().id()) && span.edgeIndex() == unit.edgeIndex() && span.from() <= unit.cut() && unit.cut() < span.to()) {
          return true;
        }
      }
    }
    return false;
  }

  /** What another seam's anchor calls the spot, or the name for both ends, on the piece that tells the ends apart. */
  private static String told(ResolvedSeam seam, Among all, boolean start, String plain) {
    List<ResolvedSpan> spans = differ(seam.b()) || !differ(seam.a()) ? seam.b() : seam.a();
    Spot spot = spot(spans, start);
    Optional<String> anchor =
        all.all().stream()
            .filter(other -> other != seam)
            .flatMap(other -> other.seam().anchors().stream())
            .filter(candidate -> lies(candidate.a(), spot) || lies(candidate.b(), spot))
            .map(candidate -> Wording.low(candidate.name()))
            .findFirst();
    if (!differ(spans)) {
      return anchor.map(name -> "the " + name).orElse(start ? UNKNOWN.start : UNKNOWN.end);
    }
    String word = anchor.orElse(plain.isEmpty() ? start ? "start" : "end" : plain.replaceFirst("^the ", ""));
    return switch (spot.piece().part()) {
      case FRONT -> "the front " + word;
      case BACK -> "the back " + word;
      case SLEEVE, HALF, HOOD, OTHER -> "the %s of the %s".formatted(word, Wording.low(spot.piece().name()));
    };
  }

  private static boolean differ(List<ResolvedSpan> spans) {
    return !spans.get(0).piece().id().equals(spans.get(spans.size() - 1).piece().id());
  }

  private static boolean lies(Anchor.Spot anchored, Spot spot) {
    return anchored.at() == Anchor.Spot.At.CUT
        && anchored.piece().equals(spot.piece().id())
        && anchored.edge().equals(spot.edge().id())
        && anchored.cut().on(spot.edge()).orElse(-1) == spot.cut();
  }
}
