package ruxel.core.construction;

import static ruxel.core.construction.Question.Group.NECK;
import static ruxel.core.seam.Span.Along.BACKWARD;
import static ruxel.core.seam.Span.Along.FORWARD;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import ruxel.core.board.Board;
import ruxel.core.board.Motif;
import ruxel.core.construction.Question.Choice;
import ruxel.core.finding.Fact;
import ruxel.core.finding.FindingCode;
import ruxel.core.identity.PieceId;
import ruxel.core.identity.SeamId;
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
import ruxel.core.seam.Side;
import ruxel.core.seam.Span;

/**
 * A hood made flat and sewn on (handbook 4.12): twice as wide as it is deep, folded down the middle, its top sewn to itself and its
 * lower edge to the neck, from the wearer's left round the back to the right.
 */
final class Hood {
  private static final PieceId ID = new PieceId("hood");
  private static final String LOWER = "neck";
  private static final String TOP = "top";
  private static final String SEWN_ON = "SEWN_ON";
  private static final double HIGH_MM = 350;
  private static final int MOST_SQUARES = 15;
  private static final double EXACT = 1e-9;

  private static final String FRONT_EDGE = "front";

  static final Asked WORN =
      Asked.choice("hood", NECK, "Hood", "A folded panel, its top sewn to itself and its lower edge to the neck.", form -> "NONE", new Choice("NONE", "None"), new Choice(SEWN_ON, "Sewn on"));
  private static final Asked DOWN =
      Asked.number(Question.count("hoodDown", NECK, "Of each front edge the hood takes", "Rows from the neck down, or stitches of a front worked sideways; 0 when it ends at the neck.", 0, Asked.MOST_ROWS), form -> 0)
          .when(WORN, SEWN_ON, false)
          .refused(FindingCode.HOOD_DOWN_PULLOVER, form -> isWorn(form) && !Body.isCardigan(form) && form.count(Hood.DOWN) > 0, form -> List.of())
          .refused(
              FindingCode.HOOD_DOWN, form -> down(form) > mostDown(form),
              form -> List.of(Fact.count("down", form.count(Hood.DOWN)), Fact.count("most", Math.max(0, mostDown(form)))))
          .follows("It runs {down} down each front: its lower edge is {length} long.", form -> List.of(Fact.length("down", downMm(form)), Fact.length("length", edgeMm(form))))
          .drawn(Drawn.up(Part.FRONT, FRONT_EDGE).firstMm(Hood::downMm));
  private static final Asked STITCHES =
      Asked.stitches("hoodStitches", NECK, "Stitches of the hood along the neck", "All round, as long as the neck or a little shorter; half of them from the back to the face.", 2, form -> 2 * Math.max(1, Math.floor(edgeMm(form) / Making.of(form).w() / 2 + EXACT)))
          .when(WORN, SEWN_ON, false)
          .shapes(Part.HOOD)
          .refused(FindingCode.HOOD_ODD, form -> isWorn(form) && form.count(Hood.STITCHES) % 2 == 1, form -> odd(form.count(Hood.STITCHES), "stitches"))
          .follows(
              "{length} along the neck, which gives {neck}; {deep} from the back to the face.",
              form -> {
                double length = form.count(Hood.STITCHES) * Making.of(form).w();
                return List.of(Fact.length("length", length), Fact.length("neck", edgeMm(form)), Fact.length("deep", length / 2));
              })
          .drawn(Drawn.across(Part.HOOD, LOWER));
  private static final Asked ROWS =
      Asked.rows("hoodRows", NECK, "Rows of the hood", "From the neck to the top of the head.", 1, form -> Math.round(HIGH_MM / Making.of(form).h()))
          .when(WORN, SEWN_ON, false)
          .shapes(Part.HOOD)
          .follows("{high} high, {less} with one row fewer, {more} with one more.", form -> heights(form.count(Hood.ROWS), Making.of(form).h()))
          .drawn(Drawn.up(Part.HOOD, "face"));
  static final Asked DOWN_HALVES =
      Asked.number(Question.count("hoodDownHalves", NECK, "Half squares of each front edge the hood takes", "Below the neck; an odd number ends in the middle of a square.", 0, 4 * MOST_SQUARES), form -> 0)
          .when(WORN, SEWN_ON, false)
          .refused(FindingCode.HOOD_DOWN_PULLOVER, form -> isWorn(form) && !isOpen(form) && form.count(Hood.DOWN_HALVES) > 0, form -> List.of())
          .refused(
              FindingCode.HOOD_DOWN, form -> halvesDown(form) > mostHalves(form),
              form -> List.of(Fact.count("down", form.count(Hood.DOWN_HALVES)), Fact.count("most", Math.max(0, mostHalves(form)))))
          .follows(
              "It runs {down} down each front: its lower edge is {length} long, {n} half squares.",
              form -> {
                int halves = 2 * (neckSquares(form) + halvesDown(form));
                double half = SquareBody.sideMm(form) / 2;
                return List.of(Fact.length("down", halvesDown(form) * half), Fact.length("length", halves * half), Fact.count("n", halves));
              });
  static final Asked ACROSS =
      Asked.number(Question.count("hoodSquares", NECK, "Squares of the hood along the neck", "All round; half of them from the back to the face.", 1, 2 * MOST_SQUARES), form -> Math.min(2 * MOST_SQUARES, neckSquares(form) + halvesDown(form)))
          .when(WORN, SEWN_ON, false)
          .shapes(Part.HOOD)
          .refused(FindingCode.HOOD_ODD, form -> isWorn(form) && form.count(Hood.ACROSS) * form.count(SquareBody.STITCHES) % 2 == 1, form -> odd(form.count(Hood.ACROSS), "squares"))
          .follows(
              "{length} along the neck, which gives {n:squares}; {deep} from the back to the face.",
              form -> {
                double length = form.count(Hood.ACROSS) * SquareBody.sideMm(form);
                return List.of(Fact.length("length", length), Fact.count("n", neckSquares(form) + halvesDown(form)), Fact.length("deep", length / 2));
              })
          .drawn(Drawn.edge(Part.HOOD, false, LOWER));
  static final Asked HIGH =
      Asked.number(
              Question.count("hoodSquaresHigh", NECK, "Squares of the hood's height", "From the neck to the top of the head.", 1, MOST_SQUARES),
              form -> Math.max(1, Math.round(HIGH_MM / SquareBody.sideMm(form))))
          .when(WORN, SEWN_ON, false)
          .shapes(Part.HOOD)
          .follows("{high} high, {less} with one square fewer, {more} with one more.", form -> heights(form.count(Hood.HIGH), SquareBody.sideMm(form)))
          .drawn(Drawn.edge(Part.HOOD, true, "right"));

  /** Asked of a hood of rows, and of one of squares. */
  static final List<Asked> OF_ROWS = List.of(WORN, DOWN, STITCHES, ROWS);

  static final List<Asked> OF_SQUARES = List.of(WORN, DOWN_HALVES, ACROSS, HIGH);

  private Hood() {}

  private static List<Fact> heights(int count, double unitMm) {
    return List.of(Fact.length("high", count * unitMm), Fact.length("less", Math.max(0, count - 1) * unitMm), Fact.length("more", (count + 1) * unitMm));
  }

  /** Round the neck and down both fronts. */
  private static double edgeMm(Form form) {
    return Body.neckMm(form) + 2 * downMm(form);
  }

  private static double downMm(Form form) {
    return down(form) * (form.asks(RibBody.STITCHES) ? Making.of(form).w() : Making.of(form).h());
  }

  private static int mostDown(Form form) {
    return form.asks(RibBody.STITCHES) ? form.count(RibBody.STITCHES) - 1 : form.count(Body.ROWS) - Body.neckRows(form) - 1;
  }

  /** Units of each front edge below the neck that it is sewn to. */
  static int down(Form form) {
    return isWorn(form) && Body.isCardigan(form) ? form.countOrNone(DOWN) : 0;
  }

  /** Half squares of each front below the neck that it is sewn to. */
  static int halvesDown(Form form) {
    return isWorn(form) && isOpen(form) ? form.countOrNone(DOWN_HALVES) : 0;
  }

  private static boolean isOpen(Form form) {
    return !form.asks(Body.KIND) || Body.isCardigan(form);
  }

  private static int mostHalves(Form form) {
    int squares = form.asks(SquareBody.ACROSS) ? SquareBody.frontEdge(form) : SquareHalves.frontSquares(form);
    return 2 * squares - 1;
  }

  /**
   * Where a hood of squares ends on a front edge that leads away from the neck.
   *
   * @param first the row of the square at the neck
   * @param step 1 where the rows count up from there, -1 where they count down
   */
  static Cut endOnSquares(Form form, int first, int step) {
    int halves = halvesDown(form);
    String square = "row" + (first + step * (halves / 2));
    return new Cut(square, halves % 2 == 0 ? 0 : SquareBody.motif(form).stitches() / 2, Cut.End.START);
  }

  /** Of the left front's edge what the hood takes, from where it ends up to the neck. */
  static List<Span> downTheFront(Form form, PieceId front) {
    return down(form) == 0 ? List.of() : List.of(new Span(front, FRONT_EDGE, Cut.startOf(FRONT_EDGE), new Cut(FRONT_EDGE, down(form), Cut.End.START), BACKWARD));
  }

  /** And what it leaves open. */
  static Span belowIt(Form form, Piece front) {
    Edge edge = front.edge(FRONT_EDGE).orElseThrow();
    return new Span(front.id(), FRONT_EDGE, new Cut(FRONT_EDGE, down(form), Cut.End.START), Cut.endOf(edge.runs().get(edge.runs().size() - 1).id()), FORWARD);
  }

  private static List<Fact> odd(int count, String what) {
    return List.of(Fact.count("n", count), Fact.text("what", what), Fact.count("lower", Math.max(2, count - 1)), Fact.count("higher", count + 1));
  }

  private static int neckSquares(Form form) {
    return form.asks(SquareBody.ACROSS) ? SquareBody.neckAround(form) : SquareHalves.neckAround(form);
  }

  static boolean isWorn(Form form) {
    return form.asks(WORN) && form.is(WORN, SEWN_ON);
  }

  /** What stays open of it. */
  static Map<PieceId, List<String>> face() {
    return Map.of(ID, List.of("left", "right"));
  }

  /**
   * A hood of rows.
   *
   * @param neck from the front on the wearer's left round the back to that on the right, with the spot of its centre back
   */
  static void sewOn(Halves halves, Form form, List<Span> neck, Spot centre, String method) {
    Panel panel = new Panel(ID, "Hood", Part.HOOD, Making.of(form), false, LOWER, form.count(STITCHES)).rows("face", form.count(ROWS));
    Piece piece = panel.closed(new Panel.Named("right", "right edge of the face"), new Panel.Named(TOP, "top"), new Panel.Named("left", "left edge of the face"));
    sewOn(halves, piece, neck, centre, method, Halves.lever(Side.A, STITCHES, Making.of(form).w(), false));
  }

  /** A hood of squares. */
  static void sewOn(Halves halves, Form form, Motif motif, Dye colour, List<Span> neck, Spot centre, String method) {
    Board board = Board.of(motif, form.count(HIGH), form.count(ACROSS));
    List<String[]> names =
        List.of(new String[] {LOWER, "neck"}, new String[] {"right", "right edge of the face"}, new String[] {TOP, "top"}, new String[] {"left", "left edge of the face"});
    sewOn(halves, BoardPiece.inTurn(ID, "Hood", Part.HOOD, board, colour, names), neck, centre, method, Halves.lever(Side.A, ACROSS, motif.sideMm(), false));
  }

  private static void sewOn(Halves halves, Piece piece, List<Span> neck, Spot centre, String method, Lever.Moving lever) {
    halves.whole(piece.ownTwin(Map.of(LOWER, LOWER, TOP, TOP, "right", "left", "left", "right")));
    Edge top = piece.edge(TOP).orElseThrow();
    Cut fold = Cut.at(top, top.units() / 2);
    halves.across(
        new SeamId("hood.top"), "Top of the hood", SeamRole.HOOD_TOP, SideOf.of("Right half of the top", new Span(ID, TOP, Cut.at(top, 0), fold, FORWARD)),
        SideOf.of("Left half of the top", new Span(ID, TOP, fold, Cut.at(top, top.units()), BACKWARD)), List.of(), List.of(Seam.END), method);
    Edge lower = piece.edge(LOWER).orElseThrow();
    // A stitch in the middle of the back meets no gap between two.
    Spot middle = middle(ID, lower, 0, lower.units());
    List<Anchor> anchors = centre.at() == middle.at() ? List.of(new Anchor("centre", "centre back", middle, centre)) : List.of();
    halves.across(
        new SeamId("hood"), "Hood", SeamRole.HOOD, SideOf.of("Hood", Span.ofEdge(ID, lower, FORWARD)), SideOf.of("Neck", neck.toArray(Span[]::new)),
        anchors, anchors.isEmpty() ? List.of(Seam.START) : List.of("centre"), method, lever);
  }

  /** Along the neck of a garment told for its left half: to the centre back, over a whole back if there is one, and on to the right front. */
  static List<Span> along(Halves halves, List<Span> left, List<Span> back) {
    List<Span> right = new ArrayList<>();
    left.forEach(span -> right.add(0, halves.mirrored(span).turned()));
    return Stream.of(left, back, right).flatMap(List::stream).toList();
  }

  /** Round a neck that lies on one edge of a whole front: from its middle to the left shoulder, over the back, and on to the middle; an odd stitch goes with the left. */
  static List<Span> round(PieceId front, Edge edge, int from, int to, Span back) {
    int middle = (from + to + 1) / 2;
    Span left = new Span(front, edge.id(), Cut.at(edge, from), Cut.at(edge, middle), BACKWARD);
    Stream<Span> right = middle < to ? Stream.of(new Span(front, edge.id(), Cut.at(edge, middle), Cut.at(edge, to), BACKWARD)) : Stream.empty();
    return Stream.concat(Stream.of(left, back), right).toList();
  }

  /** The middle of a stretch of an edge that the back has. */
  static Spot middle(PieceId piece, Edge edge, int from, int to) {
    int sum = from + to;
    Cut before = Cut.at(edge, sum / 2);
    return sum % 2 == 0 ? Spot.cut(piece, edge.id(), before) : Spot.unit(piece, edge.id(), before);
  }
}
