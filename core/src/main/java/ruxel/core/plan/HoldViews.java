package ruxel.core.plan;

import java.util.List;
import java.util.Optional;
import ruxel.core.board.Lines;
import ruxel.core.glue.Cells.Cell;
import ruxel.core.hold.Facing;
import ruxel.core.hold.Facing.Face;
import ruxel.core.hold.Hold;
import ruxel.core.hold.Hold.Force;
import ruxel.core.hold.Hold.Held;
import ruxel.core.hold.Hold.Kind;
import ruxel.core.hold.Hold.Met;
import ruxel.core.match.SeamMatch;
import ruxel.core.measure.Wording;
import ruxel.core.measure.Wording.Hand;
import ruxel.core.method.Method;
import ruxel.core.piece.Piece;
import ruxel.core.plan.HoldView.Edges;
import ruxel.core.plan.HoldView.FacingChoice;
import ruxel.core.seam.ResolvedSeam;
import ruxel.core.seam.ResolvedSpan;
import ruxel.core.seam.SeamEnds;
import ruxel.core.seam.Side;

/**
 * Says how a seam, or a line of a board, is held.
 *
 * @param a what side A is called in the middle of a sentence
 */
record HoldViews(Hold hold, Hand hand, String a, String b, SeamEnds ends) {
  static HoldView of(SeamMatch match, Method method, Facing facing, Hand hand) {
    boolean isLive = method.joinsAsWorked() && (match.a().isLive() || match.b().isLive());
    ResolvedSeam seam = match.seam();
    boolean isOnePiece = name(seam, Side.A).equals(name(seam, Side.B));
    Hold hold = Hold.of(seam, facing, method.worksUpright(), hand, isLive);
    return new HoldViews(hold, hand, called(seam, Side.A, isOnePiece), called(seam, Side.B, isOnePiece), seam.ends()).view(method, facing);
  }

  /** A line of a board, from its first squares. */
  static HoldView of(Lines.Line line, Piece board, Method method, Facing facing, Hand hand) {
    Lines.InnerJoin first = line.joins().get(0);
    boolean mirrored = board.board().orElseThrow().mirrored();
    boolean forward = line.course(mirrored).forward();
    Hold hold = Hold.of(new Met(Cell.of(board.id(), first.before()).id(), forward), new Met(Cell.of(board.id(), first.after()).id(), !forward), facing, method.worksUpright(), hand, false);
    String side = line.upright() ? "column %d" : "row %d";
    String start = line.upright() ? "lower" : mirrored ? "right" : "left";
    String end = line.upright() ? "upper" : mirrored ? "left" : "right";
    SeamEnds ends = new SeamEnds("the %s edge".formatted(start), "the %s edge".formatted(end));
    return new HoldViews(hold, hand, side.formatted(line.behind()), side.formatted(line.behind() + 1), ends).view(method, facing);
  }

  private HoldView view(Method method, Facing facing) {
    Edges edges =
        switch (hold.kind()) {
          case STACKED -> Edges.ON_TOP;
          case UPRIGHT -> Edges.UPRIGHT;
          case LEVEL -> Edges.LEVEL;
        };
    Held first = hold.first();
    Held second = hold.second();
    return new HoldView(
        hold.kind() == Kind.STACKED ? HoldView.Kind.STACKED : HoldView.Kind.SIDE_BY_SIDE, edges, List.of(first.side(), second.side()), List.of(first.piece(), second.piece()), List.of(first.face(), second.face()),
        hold.beginsAt(), ends.start(), ends.end(), below(), hold.forcedBy(), choices(method.facings(), Optional.of(facing)), words());
  }

  static List<FacingChoice> choices(List<Facing> facings, Optional<Facing> now) {
    return facings.stream().map(each -> new FacingChoice(each, Wording.capital(each.words()), now.filter(each::equals).isPresent())).toList();
  }

  /** What lies left comes below when it is turned a quarter for a right hand, above for a left one. */
  private Side below() {
    return (hold.kind() == Kind.UPRIGHT && hand == Hand.LEFT ? hold.second() : hold.first()).side();
  }

  /** The piece, where it is one; else what the side is called. */
  private static String name(ResolvedSeam seam, Side side) {
    List<String> pieces = seam.side(side).stream().map(ResolvedSpan::piece).map(Piece::name).distinct().toList();
    return pieces.size() == 1 ? pieces.get(0) : seam.seam().side(side).name();
  }

  /** Two sides of one piece by their own names; what is counted (column 2) has no article. */
  private static String called(ResolvedSeam seam, Side side, boolean isOnePiece) {
    String name = Wording.low(isOnePiece ? seam.seam().side(side).name() : name(seam, side));
    return Character.isDigit(name.charAt(name.length() - 1)) ? name : "the " + name;
  }

  private String words() {
    String first = hold.first().side() == Side.A ? a : b;
    String second = hold.first().side() == Side.A ? b : a;
    String begin = "Begin at your %s, at %s.".formatted(hold.beginsAt() == Hand.RIGHT ? "right" : "left", ends.start());
    String force = hold.forcedBy().map(why -> " " + words(why)).orElse("");
    return switch (hold.kind()) {
      case STACKED -> "%s nearest you, its %s to you; %s behind it. %s%s".formatted(Wording.capital(first), words(hold.first().face()), second, begin, force);
      case UPRIGHT -> "%s on your left, %s on your right, %s up, %s nearest you. Work away from you.%s".formatted(Wording.capital(first), second, faces(), ends.start(), force);
      case LEVEL -> "%s towards you, %s beyond it, %s up. %s%s".formatted(Wording.capital(first), second, faces(), begin, force);
    };
  }

  private String faces() {
    return hold.first().face() == hold.second().face() ? words(hold.first().face()) + "s" : "the one with its %s, the other with its %s".formatted(words(hold.first().face()), words(hold.second().face()));
  }

  private static String words(Face face) {
    return face == Face.RIGHT_SIDE ? "right side" : "wrong side";
  }

  private static String words(Force force) {
    return switch (force) {
      case LIVE_ROW -> "The row runs this way.";
      case TURNED -> "One of the two is turned over.";
    };
  }
}
