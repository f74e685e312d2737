package ruxel.core.strip;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import ruxel.core.glue.GluedJoin;
import ruxel.core.glue.GluedJoin.Meeting;
import ruxel.core.identity.StripId;
import ruxel.core.piece.Advance;
import ruxel.core.piece.Cloth;
import ruxel.core.piece.Cut;
import ruxel.core.piece.Edge;
import ruxel.core.piece.Piece;
import ruxel.core.piece.Run;
import ruxel.core.piece.UnitKind;
import ruxel.core.seam.Join;
import ruxel.core.seam.ResolvedSpan;
import ruxel.core.seam.Span;

/**
 * A strip as a face (model 2): a ring of its inner edge, its start, its outer edge, parted at corners, and its end, and how it is glued by being worked.
 * Its edges turn where the edge it lies on turns.
 */
final class StripFace {
  static final String OUTER = "outer";
  private static final int INNER_EDGE = 0;
  private static final int START_EDGE = 1;
  static final int FIRST_OUTER = 2;

  private StripFace() {}

  /**
   * @param outer units of the outer edge by the stretch they stand over
   */
  static Piece of(Strip strip, Line line, List<Integer> outer, UnitKind kind, double unitMm, double heightMm) {
    List<Run> inner = new ArrayList<>();
    List<List<Run>> outers = new ArrayList<>(List.of(new ArrayList<>()));
    double direction = Math.PI;
    for (int i = 0; i < line.stretches().size(); i++) {
      Stretch stretch = line.stretches().get(i);
      inner.add(0, Run.plain("s" + (i + 1), stretch.kind(), stretch.units(), advance(direction + Math.PI, stretch.unitMm())));
      if (outer.get(i) > 0) {
        outers.get(outers.size() - 1).add(Run.plain("s" + (i + 1), kind, outer.get(i), advance(direction, unitMm)));
      }
      boolean turns = i < line.stretches().size() - 1 && line.after(i).turn() != 0;
      direction += turns ? Math.toRadians(line.after(i).turn()) : 0;
      if (turns && !outers.get(outers.size() - 1).isEmpty()) {
        outers.add(new ArrayList<>());
      }
    }
    // The ends of a round share the turn of the corner they may meet in.
    double lean = line.round() ? Math.toRadians(line.after(line.stretches().size() - 1).turn()) / 2 : 0;
    Edge start = Edge.of("start", "start", List.of(Run.plain("start", UnitKind.ROW_END, 1, advance(Math.PI / 2 - lean, heightMm))));
    Edge end = Edge.of("end", "end", List.of(Run.plain("end", UnitKind.ROW_END, 1, advance(direction + Math.PI / 2 + lean, heightMm))));
    List<Edge> edges = new ArrayList<>(List.of(Edge.of("inner", "inner edge", inner), start));
    for (List<Run> over : outers) {
      int number = edges.size() - 1;
      if (!over.isEmpty()) {
        edges.add(Edge.of(number == 1 ? OUTER : OUTER + "." + number, number == 1 ? "outer edge" : "outer edge " + number, over));
      }
    }
    edges.add(end);
    Cloth cloth = new Cloth(unitMm, unitMm, unitMm, Cloth.Dye.WELD, Cloth.Dye.WELD);
    return new Piece(strip.id().face(), strip.name(), Piece.Part.OTHER, edges, Optional.empty(), cloth);
  }

  private static Advance advance(double direction, double mm) {
    return new Advance(mm * Math.cos(direction), mm * Math.sin(direction));
  }

  /** The inner edge on the edge it lies on, stretch by stretch; and in a round the end on the start. */
  static List<GluedJoin> joins(StripId strip, Piece face, Line line, List<Piece> pieces) {
    List<ResolvedSpan> base = new ArrayList<>();
    List<Meeting> meetings = new ArrayList<>();
    int halves = 0;
    for (Stretch stretch : line.stretches()) {
      if (halves > 0) {
        meetings.add(new Meeting(halves, halves));
      }
      Piece piece = pieces.stream().filter(each -> each.id().equals(stretch.piece())).findFirst().orElseThrow();
      base.add(span(piece, stretch.edgeIndex(), stretch.from(), stretch.to(), stretch.withRing()));
      halves += 2 * stretch.units();
    }
    List<GluedJoin> joins = new ArrayList<>();
    joins.add(new GluedJoin(new Join.OfStrip(strip), List.of(whole(face, INNER_EDGE, false)), base, meetings));
    if (line.round()) {
      joins.add(new GluedJoin(new Join.OfEnds(strip), List.of(whole(face, START_EDGE, true)), List.of(whole(face, face.edges().size() - 1, false)), List.of()));
    }
    return joins;
  }

  private static ResolvedSpan whole(Piece face, int edgeIndex, boolean forward) {
    return span(face, edgeIndex, 0, face.edges().get(edgeIndex).units(), forward);
  }

  private static ResolvedSpan span(Piece piece, int edgeIndex, int from, int to, boolean forward) {
    Edge edge = piece.edges().get(edgeIndex);
    return new ResolvedSpan(new Span(piece.id(), edge.id(), Cut.at(edge, from), Cut.at(edge, to), forward ? Span.Along.FORWARD : Span.Along.BACKWARD), piece, edgeIndex, from, to);
  }

  /** Whole numbers that add up to a total and are nearest to these shares of it. */
  static List<Integer> shared(List<Double> shares, int total) {
    double all = shares.stream().mapToDouble(Double::doubleValue).sum();
    List<Integer> whole = new ArrayList<>();
    double before = 0;
    int given = 0;
    for (int i = 0; i < shares.size(); i++) {
      before += shares.get(i);
      int upTo = i == shares.size() - 1 ? total : (int) Math.round(total * before / all);
      whole.add(upTo - given);
      given = upTo;
    }
    return whole;
  }
}
