package ruxel.core.seam;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import ruxel.core.identity.PieceId;
import ruxel.core.measure.Wording;
import ruxel.core.piece.Edge;
import ruxel.core.piece.Piece;
import ruxel.core.piece.Run;
import ruxel.core.piece.UnitKind;

/**
 * What stands at the two ends of a seam, in words: the edge that goes on freely from there, or what is left open of it, else the seam that
 * goes on, or the point where seams meet; where both ends would be called the same, what another seam calls the spot, with front or back.
 * Told from what meets there, not from what kind of seam it is.
 */
public record SeamEnds(String start, String end) {
  /** Ends that nothing tells of. */
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

    /** What the maker calls the run that the unit is of. */
    Optional<String> label() {
      Run run = edge().runOfUnit(cut);
      return Optional.of(run.notes().label()).filter(label -> !label.isEmpty() && !run.origin().isEdging()).map(Wording::low);
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

  /** A stretch of edge that stays open, and what that is called there: the neck, an armhole, the corner of a slit. */
  public record Open(String name, Span span) {}

  /** All seams of a garment, and which lie on each piece, in their order; and what stays open. */
  record Among(List<ResolvedSeam> all, Map<PieceId, List<ResolvedSeam>> byPiece, Map<PieceId, List<Open>> open) {
    static Among of(List<ResolvedSeam> all, List<Open> open) {
      Map<PieceId, List<ResolvedSeam>> byPiece = new HashMap<>();
      for (ResolvedSeam seam : all) {
        Stream.concat(seam.a().stream(), seam.b().stream()).map(span -> span.piece().id()).distinct().forEach(piece -> byPiece.computeIfAbsent(piece, key -> new ArrayList<>()).add(seam));
      }
      return new Among(all, byPiece, open.stream().collect(Collectors.groupingBy(each -> each.span().piece())));
    }

    /** The first that takes a unit. */
    private Optional<ResolvedSeam> taking(Spot unit) {
      return byPiece.getOrDefault(unit.piece().id(), List.of()).stream().filter(seam -> takes(seam, unit)).findFirst();
    }

    /** Whether nothing is sewn to a unit; what is sewn on later leaves the edge its name until then. */
    private boolean isFree(Spot unit) {
      return taking(unit).filter(other -> !other.seam().role().isBand()).isEmpty();
    }

    private boolean isFree(Piece piece, int edge) {
      return byPiece.getOrDefault(piece.id(), List.of()).stream()
          .filter(seam -> !seam.seam().role().isBand())
          .flatMap(seam -> Stream.concat(seam.a().stream(), seam.b().stream()))
          .noneMatch(span -> span.piece().id().equals(piece.id()) && span.edgeIndex() == edge);
    }

    /** What a unit that stays open is called. */
    private Optional<String> openAt(Spot unit) {
      return open.getOrDefault(unit.piece().id(), List.of()).stream().filter(each -> holds(each.span(), unit)).map(Open::name).findFirst();
    }

    private static boolean holds(Span span, Spot unit) {
      return span.edge().equals(unit.edge().id())
          && span.fromInclusive().on(unit.edge()).orElse(Integer.MAX_VALUE) <= unit.cut()
          && unit.cut() < span.toExclusive().on(unit.edge()).orElse(0);
    }
  }

  static SeamEnds of(ResolvedSeam seam, Among all) {
    String start = plain(seam, all, true);
    String end = plain(seam, all, false);
    SeamEnds ends = start.equals(end) ? new SeamEnds(told(seam, all, true, start), told(seam, all, false, end)) : new SeamEnds(start, end);
    boolean isSame = ends.start.equals(ends.end);
    return new SeamEnds(isSame || ends.start.isEmpty() ? unit(seam, true) : ends.start, isSame || ends.end.isEmpty() ? unit(seam, false) : ends.end);
  }

  /** The free edge that goes on from an end, what is left open of one, the point where seams meet, or the seam that goes on; empty when nothing does. */
  private static String plain(ResolvedSeam seam, Among all, boolean start) {
    List<Spot> spots = spots(seam, start);
    for (Spot spot : spots) {
      Spot beyond = spot.beyond();
      if (all.isFree(beyond) && (beyond.edgeIndex() != spot.edgeIndex() || beyond.piece().edges().size() == 1) && all.isFree(beyond.piece(), beyond.edgeIndex())) {
        return "the " + Wording.low(beyond.edge().name());
      }
    }
    for (Spot spot : spots) {
      Spot beyond = spot.beyond();
      if (all.isFree(beyond)) {
        return beyond.label().or(() -> all.openAt(beyond)).map(name -> "the " + name).orElseGet(() -> beyond.edgeIndex() == spot.edgeIndex() ? "the open part of the " + Wording.low(spot.edge().name()) : "the " + Wording.low(beyond.edge().name()));
      }
    }
    List<ResolvedSeam> beyond = spots.stream().flatMap(spot -> all.taking(spot.beyond()).stream()).toList();
    if (beyond.stream().anyMatch(other -> other == seam)) {
      return "the fold";
    }
    boolean isAtSleeve = spots.stream().map(spot -> spot.piece().part() == Piece.Part.SLEEVE).distinct().count() > 1;
    if (isAtSleeve && beyond.stream().map(other -> other.seam().id()).distinct().count() > 1) {
      return "the underarm";
    }
    return beyond.isEmpty() ? "" : "the " + Wording.low(beyond.get(0).seam().name());
  }

  /** The first stitch of a side, or the last one. */
  private static String unit(ResolvedSeam seam, boolean start) {
    Spot spot = spots(seam, start).get(0);
    String word = spot.edge().runs().get(0).kind() == UnitKind.ROW_END ? "row end" : "stitch";
    return "the %s %s on the %s of the %s".formatted(start ? "first" : "last", word, Wording.low(spot.edge().name()), Wording.low(spot.piece().name()));
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
      return anchor.map(name -> "the " + name).orElse("");
    }
    if (anchor.isEmpty() && plain.isEmpty()) {
      return "";
    }
    String word = anchor.orElseGet(() -> plain.replaceFirst("^the ", ""));
    return switch (spot.piece().part()) {
      case FRONT -> "the front " + word;
      case BACK -> "the back " + word;
      case SLEEVE, HALF, HOOD, WHOLE, OTHER -> "the %s of the %s".formatted(word, Wording.low(spot.piece().name()));
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
