package ruxel.core.plan;

import java.util.List;
import ruxel.core.hold.Facing.Face;
import ruxel.core.hold.Hold;
import ruxel.core.hold.Hold.Force;
import ruxel.core.hold.Hold.Held;
import ruxel.core.hold.Hold.Kind;
import ruxel.core.measure.Wording.Hand;
import ruxel.core.measure.Wording;
import ruxel.core.match.SeamMatch;
import ruxel.core.method.Method;
import ruxel.core.method.Wish;
import ruxel.core.plan.HoldView.Edges;
import ruxel.core.seam.ResolvedSeam;
import ruxel.core.seam.ResolvedSpan;
import ruxel.core.seam.Side;

/** Says how a seam is held. */
final class HoldViews {
  private final ResolvedSeam seam;
  private final Hold hold;
  private final Hand hand;

  private HoldViews(ResolvedSeam seam, Hold hold, Hand hand) {
    this.seam = seam;
    this.hold = hold;
    this.hand = hand;
  }

  static HoldView of(SeamMatch match, Method method, Wish wish, Hand hand) {
    boolean isLive = method.joinsAsWorked() && (match.a().isLive() || match.b().isLive());
    Hold hold = Hold.of(match.seam(), method.facing(wish), method.worksUpright(), hand, isLive);
    return new HoldViews(match.seam(), hold, hand).view();
  }

  private HoldView view() {
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
        hold.beginsAt(), seam.ends().start(), seam.ends().end(), below(), hold.forcedBy(), words());
  }

  /** What lies left comes below when it is turned a quarter for a right hand, above for a left one. */
  private Side below() {
    return (hold.kind() == Kind.UPRIGHT && hand == Hand.LEFT ? hold.second() : hold.first()).side();
  }

  /** The piece, where it is one; else what the side is called. */
  private String name(Side side) {
    List<String> pieces = seam.side(side).stream().map(ResolvedSpan::piece).map(piece -> piece.name()).distinct().toList();
    return pieces.size() == 1 ? pieces.get(0) : seam.seam().side(side).name();
  }

  private String words() {
    boolean isOnePiece = name(Side.A).equals(name(Side.B));
    String first = called(hold.first().side(), isOnePiece);
    String second = called(hold.second().side(), isOnePiece);
    String start = seam.ends().start();
    String begin = "Begin at your %s, at %s.".formatted(hold.beginsAt() == Hand.RIGHT ? "right" : "left", start);
    String force = hold.forcedBy().map(why -> " " + words(why)).orElse("");
    return switch (hold.kind()) {
      case STACKED -> "%s nearest you, its %s to you; %s behind it. %s%s".formatted(Wording.capital(first), words(hold.first().face()), second, begin, force);
      case UPRIGHT -> "%s on your left, %s on your right, %s up, %s nearest you. Work away from you.%s".formatted(Wording.capital(first), second, faces(), start, force);
      case LEVEL -> "%s towards you, %s beyond it, %s up. %s%s".formatted(Wording.capital(first), second, faces(), begin, force);
    };
  }

  /** Two sides of one piece by their own names; what is counted (column 2) has no article. */
  private String called(Side side, boolean isOnePiece) {
    String name = Wording.low(isOnePiece ? seam.seam().side(side).name() : name(side));
    return Character.isDigit(name.charAt(name.length() - 1)) ? name : "the " + name;
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
