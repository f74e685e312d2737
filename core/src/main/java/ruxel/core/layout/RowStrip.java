package ruxel.core.layout;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import ruxel.core.decision.EdgingRows;
import ruxel.core.decision.Settings;
import ruxel.core.identity.StripId;
import ruxel.core.measure.Wording.Hand;
import ruxel.core.piece.Cut;
import ruxel.core.piece.Edge;
import ruxel.core.piece.Origin;
import ruxel.core.piece.Outline;
import ruxel.core.piece.Piece;
import ruxel.core.piece.Run;
import ruxel.core.seam.Anchor.Spot;
import ruxel.core.strip.Line;
import ruxel.core.strip.Round;
import ruxel.core.strip.Stretch;
import ruxel.core.strip.Strip;
import ruxel.core.strip.Trims;
import ruxel.core.strip.WorkedOn;

/**
 * Rows that belong to a piece, as the strip they are (model 2): what lies under them, and the stitches over it. As nothing but its own
 * piece meets the inner edge of such a strip, the gluing takes both as one face: the piece with its rows.
 */
public final class RowStrip {
  private RowStrip() {}

  /** A piece as it is under all of its rows. */
  public static Piece under(Piece piece) {
    return piece.withEdges(piece.edges().stream().map(edge -> edge.withRuns(edge.runs().stream().flatMap(RowStrip::under).toList())).toList());
  }

  /** Ends of rows are not there without them, but where other rows lie over them. */
  private static Stream<Run> under(Run run) {
    return run.origin().kind() == Origin.Kind.ROWS ? Stream.empty() : run.origin().under().or(() -> Optional.of(run)).stream();
  }

  /**
   * The way the row is worked: with the ring of the piece, against it from a left hand. Linear in the runs.
   *
   * @param rounds its rows
   */
  public static WorkedOn of(KeptRow row, StripId id, String name, List<Round> rounds, Hand hand) {
    List<Stretch> stretches = new ArrayList<>();
    List<Integer> stitches = new ArrayList<>();
    for (int index : row.edges()) {
      Edge edge = row.piece().edges().get(index);
      int from = 0;
      for (Run run : edge.runs()) {
        int units = under(run).mapToInt(Run::count).sum();
        if (run.origin().isOver()) {
          stretches.add(new Stretch(row.piece().id(), edge.id(), index, from, from + units, hand == Hand.RIGHT, run.origin().under().orElseThrow().kind(), run.lengthMm() / units, 0));
          stitches.add(run.count());
        }
        from += units;
      }
    }
    if (hand == Hand.LEFT) {
      Collections.reverse(stretches);
      Collections.reverse(stitches);
    }
    Piece under = under(row.piece());
    Spot start = spot(under, stretches.get(0), true);
    Spot end = spot(under, stretches.get(stretches.size() - 1), false);
    Strip strip = new Strip(id, name, start, Optional.of(end), rounds, Strip.Multiple.ANY, true, Trims.NONE, Optional.empty(), Optional.empty());
    return WorkedOn.straight(strip, Line.straight(stretches), stitches);
  }

  /** Where the rows lie on a piece, run by run: from their outer edge to where they were worked on, in the axes of the piece, mm. */
  public static List<List<Outline.Point>> areas(Piece piece, Settings settings) {
    List<List<Outline.Point>> starts = new Outline(piece).runStarts();
    List<List<Outline.Point>> areas = new ArrayList<>();
    for (int e = 0; e < starts.size(); e++) {
      Edge edge = piece.edges().get(e);
      double height = settings.on(EdgingRows.class, piece.id(), edge.id()).map(EdgingRows::heightMm).orElse(0.0);
      for (int r = 0; r < edge.runs().size(); r++) {
        Run run = edge.runs().get(r);
        if (run.origin().isOver()) {
          int unit = edge.startOfRun(run.id());
          Outline.Point from = piece.drawn(e, unit, starts.get(e).get(r));
          Outline.Point to = new Outline.Point(from.x() + run.count() * run.advance().dxMm(), from.y() + run.count() * run.advance().dyMm());
          double inward = piece.isUnder(e, unit) ? -height : height;
          double dx = -run.advance().dyMm() / run.advance().lengthMm() * inward;
          double dy = run.advance().dxMm() / run.advance().lengthMm() * inward;
          areas.add(List.of(from, to, new Outline.Point(to.x() + dx, to.y() + dy), new Outline.Point(from.x() + dx, from.y() + dy)));
        }
      }
    }
    return areas;
  }

  private static Spot spot(Piece under, Stretch stretch, boolean start) {
    Cut cut = Cut.at(under.edges().get(stretch.edgeIndex()), stretch.withRing() == start ? stretch.from() : stretch.to());
    return Spot.cut(stretch.piece(), stretch.edge(), cut);
  }
}
