package ruxel.core.change;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.stream.IntStream;
import ruxel.core.finding.Outcome;
import ruxel.core.garment.Garment;
import ruxel.core.identity.PieceId;
import ruxel.core.identity.SeamId;
import ruxel.core.layout.Given;
import ruxel.core.match.SeamMatch;
import ruxel.core.match.SideLayout;
import ruxel.core.measure.HouseRules;
import ruxel.core.measure.Wording;
import ruxel.core.piece.Advance;
import ruxel.core.piece.Cloth;
import ruxel.core.piece.Cut;
import ruxel.core.piece.Edge;
import ruxel.core.piece.Piece;
import ruxel.core.piece.Run;
import ruxel.core.piece.UnitKind;
import ruxel.core.seam.Anchor;
import ruxel.core.seam.Anchor.Spot;
import ruxel.core.seam.OutlinePoint;
import ruxel.core.seam.ResolvedSeam;
import ruxel.core.seam.ResolvedSpan;
import ruxel.core.seam.Seam;
import ruxel.core.seam.SeamRole;
import ruxel.core.seam.Side;
import ruxel.core.seam.Span;

/**
 * Rows let in between both sides of a seam (handbook 11): a piece as long as side A, in the gauge of the piece that begins it, with a seam on
 * either long edge. What was the seam closes it now; {@code onto} is where it is worked onto side A.
 */
record Gusset(ResolvedSeam seam, Piece piece, Seam onto, Seam closing) {
  private static final String START = "start";
  private static final String OUTER = "outer";
  private static final String END = "end";
  private static final String INNER = "inner";
  private static final String ALL = "all";

  /**
   * @param seam with what was decided of it
   */
  static Gusset of(ResolvedSeam seam, PieceId id, SeamId onto, int rows, HouseRules rules) {
    Cloth cloth = seam.a().get(0).piece().cloth();
    // Each span gets what its own length asks for: a border between two lies between two stitches.
    int stitches = seam.a().stream().mapToInt(span -> Math.max(1, (int) Math.round(lengthMm(span) / cloth.stitchWidthMm()))).sum();
    String low = Wording.low(seam.seam().name());
    Piece piece = piece(id, cut("Gusset, " + low), stitches, rows, cloth);
    boolean forward = seam.a().get(0).forward();
    Span outer = Span.ofRun(id, OUTER, ALL, forward ? Span.Along.FORWARD : Span.Along.BACKWARD);
    Span inner = Span.ofRun(id, INNER, ALL, forward ? Span.Along.BACKWARD : Span.Along.FORWARD);
    SideLayout a = SeamMatch.of(seam, rules).a();
    List<Anchor> onInner = new ArrayList<>();
    List<Anchor> onOuter = new ArrayList<>();
    int last = 0;
    for (Anchor anchor : seam.seam().anchors()) {
      OptionalInt at = stitch(anchor.spot(Side.A), a, stitches);
      if (at.isPresent() && at.getAsInt() > last) {
        last = at.getAsInt();
        onInner.add(new Anchor(anchor.id(), anchor.name(), anchor.spot(Side.A), spot(piece, INNER, forward, last)));
        if (anchor.spot(Side.B).at() == Spot.At.CUT) {
          onOuter.add(new Anchor(anchor.id(), anchor.name(), spot(piece, OUTER, !forward, last), anchor.spot(Side.B)));
        }
      }
    }
    Seam was = seam.seam();
    Seam worked = new Seam(onto, cut("Gusset of the " + low), SeamRole.OTHER, was.a(), Seam.SideOf.of(piece.name(), inner), onInner, was.hidden(), Seam.Working.USUAL, Optional.empty());
    Seam closing = new Seam(was.id(), was.name(), was.role(), Seam.SideOf.of(piece.name(), outer), was.b(), onOuter, was.hidden(), was.working(), was.method());
    return new Gusset(seam, piece, worked, closing);
  }

  /** What it makes of the seams of a garment that has its piece: the two on its edges, and those that pass its ends. */
  List<Seam> seams(Given given) {
    List<Seam> seams = new ArrayList<>(List.of(onto, closing));
    for (Seam other : given.construct().seams()) {
      if (!other.id().equals(closing.id()) && given.told(other.id()) instanceof Outcome.Good<ResolvedSeam> told) {
        passing(told.value()).ifPresent(seams::add);
      }
    }
    return List.copyOf(seams);
  }

  /**
   * Another seam with the ends of the rows in it, where it passes from side to side at an end of this one, as an armhole does at the
   * shoulder; empty where it does not.
   */
  private Optional<Seam> passing(ResolvedSeam other) {
    Seam.SideOf a = passing(other.seam().a(), other.a());
    Seam.SideOf b = passing(other.seam().b(), other.b());
    boolean isAlike = a.equals(other.seam().a()) && b.equals(other.seam().b());
    Seam told = other.seam();
    return isAlike ? Optional.empty() : Optional.of(new Seam(told.id(), told.name(), told.role(), a, b, told.anchors(), told.hidden(), told.working(), told.method()));
  }

  private Seam.SideOf passing(Seam.SideOf side, List<ResolvedSpan> spans) {
    List<Span> all = new ArrayList<>(List.of(spans.get(0).span()));
    for (int i = 1; i < spans.size(); i++) {
      Span next = spans.get(i).span();
      // A span over several squares is resolved in parts.
      if (next != spans.get(i - 1).span()) {
        between(OutlinePoint.behind(spans.get(i - 1)), OutlinePoint.before(spans.get(i))).ifPresent(all::add);
        all.add(next);
      }
    }
    return side.with(all);
  }

  /** The ends of the rows as they lie from one point to another: from A to B, or back. */
  private Optional<Span> between(OutlinePoint from, OutlinePoint to) {
    boolean forward = seam.a().get(0).forward();
    for (boolean start : new boolean[] {true, false}) {
      OutlinePoint onA = OutlinePoint.of(seam.a(), start);
      OutlinePoint onB = OutlinePoint.of(seam.b(), start);
      String edge = start == forward ? START : END;
      boolean isBack = from.equals(onB) && to.equals(onA);
      if (isBack || from.equals(onA) && to.equals(onB)) {
        boolean withRing = edge.equals(START) != isBack;
        return Optional.of(Span.ofRun(piece.id(), edge, ALL, withRing ? Span.Along.FORWARD : Span.Along.BACKWARD));
      }
    }
    return Optional.empty();
  }

  private static double lengthMm(ResolvedSpan span) {
    return IntStream.range(span.from(), span.to()).mapToDouble(unit -> span.edge().runOfUnit(unit).advance().lengthMm()).sum() * span.edge().measuredScale();
  }

  private static String cut(String name) {
    return name.substring(0, Math.min(name.length(), Garment.MOST_NAME));
  }

  /** Its rows lie across: the long edges are stitches, the ends row ends. */
  private static Piece piece(PieceId id, String name, int stitches, int rows, Cloth cloth) {
    double row = cloth.rowHeightMm();
    double stitch = cloth.stitchWidthMm();
    return new Piece(
        id, name, Piece.Part.OTHER,
        List.of(
            edge(START, "start of the rows", UnitKind.ROW_END, rows, new Advance(row, 0)),
            edge(OUTER, "last row", UnitKind.STITCH_TOP, stitches, new Advance(0, stitch)),
            edge(END, "end of the rows", UnitKind.ROW_END, rows, new Advance(-row, 0)),
            edge(INNER, "first row", UnitKind.FOUNDATION_LOOP, stitches, new Advance(0, -stitch))),
        Optional.empty(), cloth);
  }

  private static Edge edge(String id, String name, UnitKind kind, int count, Advance advance) {
    return Edge.of(id, name, List.of(Run.plain(ALL, kind, count, advance)));
  }

  /** The stitches before an anchor between two places of A; none for one on a place, or at an end. */
  private static OptionalInt stitch(Spot spot, SideLayout a, int stitches) {
    OptionalInt position = spot.at() == Spot.At.CUT ? a.positionOf(spot) : OptionalInt.empty();
    if (position.isEmpty()) {
      return OptionalInt.empty();
    }
    int at = (int) Math.round(a.lengthMm(0, position.getAsInt() / 2) / a.lengthMm(0, a.size()) * stitches);
    return at > 0 && at < stitches ? OptionalInt.of(at) : OptionalInt.empty();
  }

  /** So many stitches along the seam, which may run against the ring. */
  private static Spot spot(Piece piece, String edge, boolean against, int stitches) {
    Edge on = piece.edge(edge).orElseThrow();
    return Spot.cut(piece.id(), edge, Cut.at(on, against ? on.units() - stitches : stitches));
  }
}
