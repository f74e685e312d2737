package ruxel.core.construction;

import static ruxel.core.seam.Span.Along.BACKWARD;
import static ruxel.core.seam.Span.Along.FORWARD;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import ruxel.core.board.Board;
import ruxel.core.board.Motif;
import ruxel.core.board.Square;
import ruxel.core.identity.PieceId;
import ruxel.core.piece.BoardPiece;
import ruxel.core.piece.Cloth.Dye;
import ruxel.core.piece.Cut;
import ruxel.core.piece.Edge;
import ruxel.core.piece.Piece;
import ruxel.core.piece.Piece.Part;
import ruxel.core.seam.Anchor;
import ruxel.core.seam.Anchor.Spot;
import ruxel.core.seam.Seam;
import ruxel.core.seam.Seam.SideOf;
import ruxel.core.seam.SeamRole;
import ruxel.core.seam.Span;

/**
 * Panels of squares (handbook 4.5): back, front or two fronts and two sleeves of whole squares; the armhole may stop in the middle
 * of one.
 */
final class Squares extends Template {
  private static final String METHOD = "whip-both";
  private static final PieceId SLEEVE = Halves.left("sleeve");

  Squares() {
    super(
        "squares", "Panels of squares", "Squares are joined into panels, the panels into the garment; the sleeve is as wide as the armhole is round.",
        List.of(Sign.SLEEVE_STRAIGHT, Sign.SLEEVE_NONE, Sign.SIDE_STRAIGHT, Sign.FRONT_AS_BACK),
        Stream.of(
                List.of(Body.KIND, Making.COLOUR, Making.STITCHES, Making.OVER, SquareBody.STITCHES, SquareBody.CORNER, SquareBody.SIDE, SquareBody.ROUNDS),
                List.of(SquareBody.ACROSS, SquareBody.HIGH, SquareBody.FRONT, SquareBody.HALVES, SquareBody.MIDDLE, SquareBody.SHOULDER, SquareBody.NECK_ROWS),
                Hood.OF_SQUARES, List.of(SquareBody.LONG))
            .flatMap(List::stream)
            .toList());
  }

  @Override
  void tell(Halves halves, Form form) {
    new Telling(halves, form).tell();
  }

  /** The left half, right sides up: the ring of a back goes up on its right and down on its left, that of a front up on the wearer's left. */
  private static final class Telling {
    private final Halves halves;
    private final Form form;
    private final Motif motif;
    private final Dye colour;
    private final int high;
    private final int across;
    private final int shoulder;
    private final int deep;
    private final PieceId front;
    private final String side;
    /** The highest square of a front edge. */
    private final int top;

    Telling(Halves halves, Form form) {
      this.halves = halves;
      this.form = form;
      motif = SquareBody.motif(form);
      colour = Dye.valueOf(form.choice(Making.COLOUR));
      high = form.count(SquareBody.HIGH);
      across = form.count(SquareBody.ACROSS);
      shoulder = form.count(SquareBody.SHOULDER);
      deep = form.count(SquareBody.NECK_ROWS);
      boolean cardigan = Body.isCardigan(form);
      front = cardigan ? Halves.left("front") : Halves.FRONT;
      side = cardigan ? "side" : "left";
      top = SquareBody.frontEdge(form);
    }

    void tell() {
      halves.whole(back());
      if (Body.isCardigan(form)) {
        halves.pair(leftFront(), Halves.right("front"), "Right front");
      } else {
        halves.whole(wholeFront());
      }
      if (SquareBody.hasSleeves(form)) {
        halves.pair(sleeve(), Halves.right("sleeve"), "Right sleeve");
      }
      seams();
      if (Hood.isWorn(form)) {
        Hood.sewOn(halves, form, motif, colour, neck(), backNeckCentre(), METHOD);
      }
      openings();
    }

    private Piece back() {
      return piece(Halves.BACK, "Back", Part.BACK, Board.of(motif, high, across), names("hem", "hem", "right", "right side", "upper", "upper edge", "left", "left side"))
          .ownTwin(Map.of("hem", "hem", "right", "left", "left", "right", "upper", "upper"));
    }

    private Piece wholeFront() {
      int neck = SquareBody.neckSquares(form);
      if (deep == 0) {
        return piece(Halves.FRONT, "Front", Part.FRONT, Board.of(motif, high, across), names("hem", "hem", "left", "left side", "upper", "upper edge", "right", "right side"))
            .ownTwin(Map.of("hem", "hem", "right", "left", "left", "right", "upper", "upper"));
      }
      Board board = without(across, shoulder + 1, shoulder + neck);
      return piece(
              Halves.FRONT, "Front", Part.FRONT, board,
              names(
                  "hem", "hem", "left", "left side", "shoulder.left", "left shoulder", "neck.left", "left side of the neck", "neck", "neck", "neck.right",
                  "right side of the neck", "shoulder.right", "right shoulder", "right", "right side"))
          .ownTwin(
              Map.of(
                  "hem", "hem", "right", "left", "left", "right", "shoulder.left", "shoulder.right", "shoulder.right", "shoulder.left", "neck", "neck", "neck.left",
                  "neck.right", "neck.right", "neck.left"));
    }

    private Piece leftFront() {
      int columns = form.count(SquareBody.FRONT);
      if (deep == 0 || columns == shoulder) {
        return piece(front, "Left front", Part.FRONT, Board.of(motif, high, columns), names("hem", "hem", "side", "side", "upper", "upper edge", "front", "front edge"));
      }
      return piece(
          front, "Left front", Part.FRONT, without(columns, 1, columns - shoulder),
          names("hem", "hem", "side", "side", "shoulder", "shoulder", "neck.side", "side of the neck", "neck", "neck", "front", "front edge"));
    }

    /** A front without the squares of the neck. */
    private Board without(int columns, int first, int last) {
      List<Square> kept = Board.of(motif, high, columns).squares().stream().filter(square -> square.row() <= high - deep || square.column() < first || square.column() > last).toList();
      return new Board(motif, kept, false);
    }

    /** Cuff down: its right edge goes to the back. */
    private Piece sleeve() {
      return piece(
          SLEEVE, "Left sleeve", Part.SLEEVE, Board.of(motif, form.count(SquareBody.LONG), form.count(SquareBody.HALVES)),
          names("cuff", "cuff", "back", "back edge", "top", "top", "front", "front edge"));
    }

    private Piece piece(PieceId id, String name, Part part, Board board, List<String[]> names) {
      return BoardPiece.inTurn(id, name, part, board, colour, names);
    }

    private static List<String[]> names(String... idsAndNames) {
      List<String[]> names = new ArrayList<>();
      for (int i = 0; i < idsAndNames.length; i += 2) {
        names.add(new String[] {idsAndNames[i], idsAndNames[i + 1]});
      }
      return names;
    }

    private void seams() {
      halves.seam("shoulder", "shoulder", SeamRole.SHOULDER, SideOf.of("Front shoulder", frontShoulder()), SideOf.of("Back shoulder", backShoulder()), List.of(), List.of(Seam.START), METHOD);
      if (!SquareBody.hasSleeves(form)) {
        halves.seam("side", "side", SeamRole.SIDE, SideOf.of("Front side", frontSide()), SideOf.of("Back side", backSide()), List.of(), List.of(Seam.END), METHOD);
        return;
      }
      int around = form.count(SquareBody.HALVES);
      halves.seam(
          "armhole", "armhole", SeamRole.ARMHOLE, SideOf.of("Sleeve top", Span.ofRuns(SLEEVE, "top", column(around), column(1), BACKWARD)),
          SideOf.of("Front and back armhole", armhole().toArray(Span[]::new)),
          List.of(new Anchor("shoulder", "shoulder seam", sleeveMiddle(around), Spot.cut(front, side, Cut.endOf(row(high))))), List.of(Seam.START, Seam.END), METHOD);
      int rows = form.count(SquareBody.LONG);
      halves.seam(
          "side", "side and sleeve", SeamRole.SIDE_SLEEVE,
          SideOf.of("Front side and sleeve", frontSide(), Span.ofRuns(SLEEVE, "front", row(rows), row(1), FORWARD)),
          SideOf.of("Back side and sleeve", backSide(), Span.ofRuns(SLEEVE, "back", row(1), row(rows), BACKWARD)),
          List.of(new Anchor("underarm", "underarm", Spot.cut(front, side, onTheWayUp()), Spot.cut(Halves.BACK, "left", onTheWayDown()))), List.of("underarm"), METHOD);
    }

    private Span frontShoulder() {
      int last = SquareBody.frontSquares(form);
      String edge = hasUpper() ? "upper" : Body.isCardigan(form) ? "shoulder" : "shoulder.left";
      return Span.ofRuns(front, edge, column(last), column(last - shoulder + 1), FORWARD);
    }

    /** Whether shoulder and neck of the front lie on one edge. */
    private boolean hasUpper() {
      return halves.piece(front).edge("upper").isPresent();
    }

    private Span backShoulder() {
      return Span.ofRuns(Halves.BACK, "upper", column(shoulder), column(1), BACKWARD);
    }

    private Span frontSide() {
      return new Span(front, side, Cut.startOf(row(1)), onTheWayUp(), FORWARD);
    }

    private Span backSide() {
      return new Span(Halves.BACK, "left", onTheWayDown(), Cut.endOf(row(1)), BACKWARD);
    }

    /** From underarm to underarm over the shoulder. */
    private List<Span> armhole() {
      return List.of(
          new Span(front, side, onTheWayUp(), Cut.endOf(row(high)), FORWARD), new Span(Halves.BACK, "left", Cut.startOf(row(high)), onTheWayDown(), FORWARD));
    }

    /** Where the armhole stops, on an edge that goes up; counted from below, so that both sides of the body stop alike. */
    private Cut onTheWayUp() {
      int sideHalves = SquareBody.sideHalves(form);
      return sideHalves % 2 == 0 ? Cut.endOf(row(sideHalves / 2)) : new Cut(row(sideHalves / 2 + 1), SquareBody.sideStitches(form), Cut.End.START);
    }

    private Cut onTheWayDown() {
      int sideHalves = SquareBody.sideHalves(form);
      return sideHalves % 2 == 0 ? Cut.startOf(row(sideHalves / 2)) : new Cut(row(sideHalves / 2 + 1), SquareBody.sideStitches(form), Cut.End.END);
    }

    private Spot sleeveMiddle(int around) {
      if (around % 2 == 0) {
        return Spot.cut(SLEEVE, "top", Cut.startOf(column(around / 2)));
      }
      Cut middle = new Cut(column(around / 2 + 1), motif.stitches() / 2, Cut.End.START);
      return motif.stitches() % 2 == 1 ? Spot.unit(SLEEVE, "top", middle) : Spot.cut(SLEEVE, "top", middle);
    }

    private Span backNeck() {
      return Span.ofRuns(Halves.BACK, "upper", column(across - shoulder), column(shoulder + 1), BACKWARD);
    }

    /** On the piece of the left front, from the front edge or the middle to the shoulder. */
    private List<Span> frontNeck() {
      Stream<Span> edges = Stream.of("neck", "neck.side").filter(edge -> halves.piece(front).edge(edge).isPresent()).map(this::ofFront);
      int free = form.count(SquareBody.FRONT) - shoulder;
      Stream<Span> upper = free > 0 && hasUpper() ? Stream.of(Span.ofRuns(front, "upper", column(free), column(1), BACKWARD)) : Stream.empty();
      return Stream.concat(upper, edges).toList();
    }

    /** Round the neck, from the front on the wearer's left. */
    private List<Span> neck() {
      if (Body.isCardigan(form)) {
        List<Span> left = new ArrayList<>();
        if (Hood.halvesDown(form) > 0) {
          left.add(new Span(front, "front", Cut.startOf(row(top)), Hood.endOnSquares(form, top, -1), BACKWARD));
        }
        left.addAll(frontNeck());
        return Hood.along(halves, left, List.of(backNeck()));
      }
      Edge edge = halves.piece(front).edge(deep == 0 ? "upper" : "neck").orElseThrow();
      int from = deep == 0 ? edge.startOfRun(column(across - shoulder)) : 0;
      int to = deep == 0 ? edge.startOfRun(column(shoulder)) : edge.units();
      List<Span> around = Hood.round(front, edge, from, to, backNeck());
      if (deep == 0) {
        return around;
      }
      List<Span> all = new ArrayList<>(around);
      all.add(1, ofFront("neck.left"));
      all.add(3, ofFront("neck.right"));
      return all;
    }

    private Spot backNeckCentre() {
      Edge upper = halves.piece(Halves.BACK).edge("upper").orElseThrow();
      return Hood.middle(Halves.BACK, upper, upper.startOfRun(column(across - shoulder)), upper.startOfRun(column(shoulder)));
    }

    private Span ofFront(String edge) {
      return Span.ofEdge(front, halves.piece(front).edge(edge).orElseThrow(), BACKWARD);
    }

    private void openings() {
      boolean hooded = Hood.isWorn(form);
      if (Body.isCardigan(form)) {
        List<String> fronts = List.of("hem");
        List<Span> left = new ArrayList<>(hooded ? List.of() : Stream.concat(Stream.of(backNeck()), frontNeck().stream()).toList());
        left.add(new Span(front, "front", Hood.endOnSquares(form, top, -1), Cut.endOf(row(1)), FORWARD));
        Map<PieceId, List<String>> open = new HashMap<>(Map.of(Halves.BACK, List.of("hem"), Halves.left("front"), fronts, Halves.right("front"), fronts));
        open.putAll(hooded ? Hood.face() : Map.of());
        halves.opening("front", hooded ? "Fronts, hood and hem" : "Fronts, neck and hem", ExpectedOpening.Kind.FRONT, open, left);
      } else {
        if (hooded) {
          halves.opening("face", "Face of the hood", ExpectedOpening.Kind.OTHER, Hood.face(), List.of());
        } else {
          List<Span> left = new ArrayList<>(List.of(backNeck()));
          if (deep == 0) {
            left.add(Span.ofRuns(Halves.FRONT, "upper", column(across - shoulder), column(shoulder + 1), FORWARD));
          }
          halves.opening("neck", "Neck", ExpectedOpening.Kind.NECK, Map.of(Halves.FRONT, List.of("neck", "neck.left", "neck.right")), left);
        }
        halves.opening("hem", "Hem", ExpectedOpening.Kind.HEM, Map.of(Halves.BACK, List.of("hem"), Halves.FRONT, List.of("hem")), List.of());
      }
      if (SquareBody.hasSleeves(form)) {
        halves.openings("cuff", "cuff", ExpectedOpening.Kind.CUFF, SLEEVE, "cuff");
      } else {
        halves.openings("armhole", "armhole", ExpectedOpening.Kind.ARMHOLE, armhole());
      }
    }

    private static String row(int row) {
      return "row" + row;
    }

    private static String column(int column) {
      return "column" + column;
    }
  }
}
