package ruxel.core.seam;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import ruxel.core.identity.PieceId;
import ruxel.core.piece.Edge;
import ruxel.core.piece.Piece;
import ruxel.core.piece.Pieces;
import ruxel.core.piece.Run;

/** The seam on the other side of the wearer: it joins the mirror images of the edges that a seam joins. */
public final class TwinSeam {
  private TwinSeam() {}

  /** The seam whose spans are the mirror images of this one's; empty for a seam that is its own, and where pieces have no twin. */
  public static Optional<Seam> of(Seam seam, List<Seam> seams, List<Piece> pieces) {
    boolean hasTwins = pieces.stream().anyMatch(piece -> piece.mirrorOf().isPresent()) && Stream.of(seam.a(), seam.b()).flatMap(side -> side.spans().stream()).anyMatch(span -> twin(span, pieces).isPresent());
    if (!hasTwins) {
      return Optional.empty();
    }
    return exactly(seam, seams, pieces).or(() -> isImage(seam, seam, pieces) ? Optional.empty() : inPart(seam, seams, pieces));
  }

  private static Optional<Seam> exactly(Seam seam, List<Seam> seams, List<Piece> pieces) {
    return others(seam, seams).filter(other -> isImage(seam, other, pieces)).findFirst();
  }

  private static boolean isImage(Seam seam, Seam other, List<Piece> pieces) {
    List<String> a = mirrored(seam.a(), pieces);
    List<String> b = mirrored(seam.b(), pieces);
    return a.equals(given(other.a())) && b.equals(given(other.b())) || a.equals(given(other.b())) && b.equals(given(other.a()));
  }

  /** One of both ends before its end: of the seams without a whole twin the only one there, seen from either. */
  private static Optional<Seam> inPart(Seam seam, List<Seam> seams, List<Piece> pieces) {
    return onlyPart(seam, seams, pieces).filter(other -> exactly(other, seams, pieces).isEmpty() && onlyPart(other, seams, pieces).filter(seam::equals).isPresent());
  }

  private static Optional<Seam> onlyPart(Seam seam, List<Seam> seams, List<Piece> pieces) {
    List<Seam> parts =
        others(seam, seams)
            .filter(other -> areParts(seam.a(), other.a(), pieces) && areParts(seam.b(), other.b(), pieces) || areParts(seam.a(), other.b(), pieces) && areParts(seam.b(), other.a(), pieces))
            .toList();
    return parts.size() == 1 ? Optional.of(parts.get(0)) : Optional.empty();
  }

  private static Stream<Seam> others(Seam seam, List<Seam> seams) {
    return seams.stream().filter(other -> !other.id().equals(seam.id()) && other.role() == seam.role());
  }

  /** Whether one side lies on mirror images of edges of the other, on all or fewer of them. */
  private static boolean areParts(Seam.SideOf side, Seam.SideOf other, List<Piece> pieces) {
    Set<String> mine = side.spans().stream().map(span -> twin(span, pieces).map(twin -> edge(twin.id(), piece(span, pieces).orElseThrow().edgeOnTwin(twin, span.edge()))).orElseGet(() -> edge(span.piece(), span.edge()))).collect(Collectors.toSet());
    Set<String> its = other.spans().stream().map(span -> edge(span.piece(), span.edge())).collect(Collectors.toSet());
    return mine.containsAll(its) || its.containsAll(mine);
  }

  private static String edge(PieceId piece, String edge) {
    return told(piece, edge, "", "");
  }

  /** Whether side A of one is the mirror image of side A of the other, and not of its side B. */
  public static boolean sameSides(Seam seam, Seam twin, List<Piece> pieces) {
    List<String> image = mirrored(seam.a(), pieces);
    return image.equals(given(twin.a())) || !image.equals(given(twin.b())) && areParts(seam.a(), twin.a(), pieces);
  }

  private static List<String> mirrored(Seam.SideOf side, List<Piece> pieces) {
    return side.spans().stream().map(span -> mirrored(span, pieces)).sorted().toList();
  }

  private static String mirrored(Span span, List<Piece> pieces) {
    return twin(span, pieces)
        .map(twin -> mirrored(span, piece(span, pieces).orElseThrow(), twin))
        .orElseGet(() -> told(span.piece(), span.edge(), span.fromInclusive().run(), span.toExclusive().run()));
  }

  private static String mirrored(Span span, Piece piece, Piece twin) {
    String edge = piece.edgeOnTwin(twin, span.edge());
    List<Run> here = runs(piece, span.edge());
    List<Run> there = runs(twin, edge);
    return told(twin.id(), edge, mirrored(span.toExclusive().run(), here, there), mirrored(span.fromInclusive().run(), here, there));
  }

  /** The run that lies as far from the other end; the same one where the edges have not as many. */
  private static String mirrored(String run, List<Run> here, List<Run> there) {
    return IntStream.range(0, here.size())
        .filter(i -> here.size() == there.size() && here.get(i).id().equals(run))
        .mapToObj(i -> there.get(there.size() - 1 - i).id())
        .findFirst()
        .orElse(run);
  }

  private static List<Run> runs(Piece piece, String edge) {
    return piece.edges().stream().filter(each -> each.id().equals(edge)).findFirst().map(Edge::runs).orElse(List.of());
  }

  private static Optional<Piece> twin(Span span, List<Piece> pieces) {
    return piece(span, pieces).flatMap(piece -> piece.twinAmong(pieces));
  }

  private static Optional<Piece> piece(Span span, List<Piece> pieces) {
    return Pieces.find(pieces, span.piece());
  }

  private static List<String> given(Seam.SideOf side) {
    return side.spans().stream()
        .map(span -> told(span.piece(), span.edge(), span.fromInclusive().run(), span.toExclusive().run()))
        .sorted()
        .toList();
  }

  private static String told(PieceId piece, String edge, String firstRun, String lastRun) {
    return String.join("\u0001", piece.text(), edge, firstRun, lastRun);
  }
}
