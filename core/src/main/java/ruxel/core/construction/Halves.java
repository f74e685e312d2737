package ruxel.core.construction;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import ruxel.core.identity.PieceId;
import ruxel.core.identity.SeamId;
import ruxel.core.piece.Piece;
import ruxel.core.piece.Pieces;
import ruxel.core.seam.Anchor;
import ruxel.core.seam.MirrorImage;
import ruxel.core.seam.Seam.SideOf;
import ruxel.core.seam.Seam;
import ruxel.core.seam.SeamRole;
import ruxel.core.seam.Side;
import ruxel.core.seam.Span;
import static ruxel.core.seam.Span.Along.FORWARD;


/**
 * A garment told for the wearer's left half: pieces over both sides once, all else mirrored by the pieces' own mirror.
 * Right ones stand behind left ones; ids end in the side only here, where they are made.
 */
final class Halves {
  static final PieceId BACK = new PieceId("back");
  static final PieceId FRONT = new PieceId("front");
  private static final String LEFT = ".left";
  private static final String RIGHT = ".right";

  private final List<Piece> pieces = new ArrayList<>();
  private final List<Seam> seams = new ArrayList<>();
  private final List<ExpectedOpening> openings = new ArrayList<>();
  private final List<Lever> levers = new ArrayList<>();

  static PieceId left(String id) {
    return new PieceId(id + LEFT);
  }

  static PieceId right(String id) {
    return new PieceId(id + RIGHT);
  }

  /** A piece over both sides. */
  Halves whole(Piece piece) {
    pieces.add(piece);
    return this;
  }

  /** The left one of a pair, with its mirror image. */
  Halves pair(Piece left, PieceId rightId, String rightName) {
    pieces.add(left);
    pieces.add(left.mirrored(rightId, rightName, Map.of()));
    return this;
  }

  /** A seam of the left half and its mirror image, with the levers that make its sides longer. */
  Halves seam(String id, String name, SeamRole role, SideOf a, SideOf b, List<Anchor> anchors, List<String> hidden, String method, Lever.Moving... moving) {
    return seam(id, name, role, a, b, anchors, hidden, Seam.Working.USUAL, method, moving);
  }

  Halves seam(
      String id, String name, SeamRole role, SideOf a, SideOf b, List<Anchor> anchors, List<String> hidden, Seam.Working working, String method, Lever.Moving... moving) {
    Seam left = new Seam(new SeamId(id + LEFT), "Left " + name, role, a, b, anchors, hidden, working, Optional.of(method));
    Seam right =
        new Seam(
            new SeamId(id + RIGHT), "Right " + name, role, mirror().of(a), mirror().of(b), anchors.stream().map(mirror()::of).toList(),
            hidden, working, Optional.of(method));
    seams.add(left);
    seams.add(right);
    for (Seam seam : List.of(left, right)) {
      for (Lever.Moving lever : moving) {
        levers.add(lever.of(seam.id()));
      }
    }
    return this;
  }

  /** A seam between the halves: the other side is the mirror image of the left one. */
  Halves between(String id, String name, SeamRole role, SideOf left, String right, String method) {
    SideOf other = new SideOf(right, mirror().of(left).spans(), left.placesPerRow(), left.spaces());
    return across(new SeamId(id), name, role, left, other, List.of(), List.of(Seam.START), method);
  }

  /** One seam over both halves. */
  Halves across(SeamId id, String name, SeamRole role, SideOf a, SideOf b, List<Anchor> anchors, List<String> hidden, String method, Lever.Moving... moving) {
    seams.add(new Seam(id, name, role, a, b, anchors, hidden, Seam.Working.USUAL, Optional.of(method)));
    for (Lever.Moving lever : moving) {
      levers.add(lever.of(id));
    }
    return this;
  }

  /** What lies on the other half, as it is walked there when the walk is mirrored. */
  Span mirrored(Span span) {
    return mirror().of(span);
  }

  /** A lever of a seam that is being told. */
  static Lever.Moving lever(Side side, Asked answer, double perUnitMm, boolean boundary) {
    return new Lever.Moving(side, answer.key(), answer.question().label(), perUnitMm, boundary);
  }

  /** An opening over both halves: along edges of pieces, of those that are there, and spans of the left half with their mirror images. */
  Halves opening(String id, String name, ExpectedOpening.Kind kind, Map<PieceId, List<String>> edges, List<Span> left) {
    List<Span> all = new ArrayList<>(spans(edges));
    all.addAll(left);
    left.stream().map(span -> unturned(mirror().of(span))).forEach(all::add);
    openings.add(new ExpectedOpening(id, name, kind, all));
    return this;
  }

  /** An opening of the left half, and its mirror image. */
  Halves openings(String id, String name, ExpectedOpening.Kind kind, PieceId piece, String edge) {
    return openings(id, name, kind, spans(Map.of(piece, List.of(edge))));
  }

  Halves openings(String id, String name, ExpectedOpening.Kind kind, List<Span> left) {
    openings.add(new ExpectedOpening(id + LEFT, "Left " + name, kind, left));
    openings.add(new ExpectedOpening(id + RIGHT, "Right " + name, kind, left.stream().map(span -> unturned(mirror().of(span))).toList()));
    return this;
  }

  List<Piece> pieces() {
    return List.copyOf(pieces);
  }

  Piece piece(PieceId id) {
    return Pieces.find(pieces, id).orElseThrow();
  }

  List<Seam> seams() {
    return List.copyOf(seams);
  }

  List<ExpectedOpening> openings() {
    return List.copyOf(openings);
  }

  List<Lever> levers() {
    return List.copyOf(levers);
  }

  private List<Span> spans(Map<PieceId, List<String>> edges) {
    List<Span> spans = new ArrayList<>();
    for (Piece piece : pieces) {
      for (String id : edges.getOrDefault(piece.id(), List.of())) {
        piece.edge(id).ifPresent(edge -> spans.add(Span.ofEdge(piece.id(), edge, FORWARD)));
      }
    }
    return spans;
  }

  /** An opening has no direction. */
  private static Span unturned(Span span) {
    return new Span(span.piece(), span.edge(), span.fromInclusive(), span.toExclusive(), FORWARD);
  }

  private MirrorImage mirror() {
    return new MirrorImage(pieces);
  }
}
