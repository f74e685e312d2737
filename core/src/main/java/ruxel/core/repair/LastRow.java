package ruxel.core.repair;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.ToDoubleFunction;
import ruxel.core.change.Change;
import ruxel.core.change.CountMade;
import ruxel.core.change.EdgeChange.EdgeMeasured;
import ruxel.core.decision.MeasuredEdge;
import ruxel.core.decision.Settings;
import ruxel.core.piece.Advance;
import ruxel.core.piece.Counts;
import ruxel.core.piece.Edge;
import ruxel.core.piece.Piece;
import ruxel.core.piece.Run;

/** The last row of pieces that is not worked, so that it can be worked later (handbook 3): the edges beside it have one row end less, and are shorter by it. */
final class LastRow {
  private static final double CLOSED_MM = 0.01;

  private LastRow() {}

  /** An edge along which the last row lies. */
  record On(Piece piece, Edge edge) {}

  private record Beside(Piece piece, Edge edge, Run run) {}

  /** Empty where something other than rows ends beside it, too few of them, or rows that lean: without them the outline would not close. */
  static Optional<List<Change>> leftOff(List<On> edges, Settings settings) {
    Map<Beside, Integer> rows = new LinkedHashMap<>();
    for (On on : edges) {
      List<Edge> ring = on.piece().edges();
      int index = ring.indexOf(on.edge());
      Edge before = ring.get(Math.floorMod(index - 1, ring.size()));
      Edge behind = ring.get((index + 1) % ring.size());
      if (!edges.contains(new On(on.piece(), before))) {
        rows.merge(new Beside(on.piece(), before, before.runs().get(before.runs().size() - 1)), 1, Integer::sum);
      }
      if (!edges.contains(new On(on.piece(), behind))) {
        rows.merge(new Beside(on.piece(), behind, behind.runs().get(0)), 1, Integer::sum);
      }
    }
    boolean isPossible = rows.entrySet().stream().allMatch(each -> each.getKey().run().kind().isRowEnd() && !each.getKey().run().origin().isEdging() && each.getKey().run().count() > each.getValue());
    isPossible &= edges.stream().map(On::piece).distinct().allMatch(piece -> Math.hypot(sum(piece, rows, Advance::dxMm), sum(piece, rows, Advance::dyMm)) < CLOSED_MM);
    return isPossible ? Optional.of(changes(rows, settings)) : Optional.empty();
  }

  private static double sum(Piece piece, Map<Beside, Integer> rows, ToDoubleFunction<Advance> along) {
    return rows.entrySet().stream().filter(each -> each.getKey().piece().equals(piece)).mapToDouble(each -> each.getValue() * along.applyAsDouble(each.getKey().run().advance())).sum();
  }

  private static List<Change> changes(Map<Beside, Integer> rows, Settings settings) {
    List<Change> changes = new ArrayList<>();
    rows.forEach(
        (beside, less) -> {
          Run run = beside.run();
          Counts.Source when = run.counts().worked().isPresent() ? Counts.Source.AS_WORKED : Counts.Source.AS_MADE;
          changes.add(new CountMade(beside.piece().id(), beside.edge().id(), run.id(), Optional.of(run.count() - less), when));
          settings.on(MeasuredEdge.class, beside.piece().id(), beside.edge().id())
              .map(measured -> measured.mm() - less * run.advance().lengthMm())
              .filter(mm -> mm >= EdgeMeasured.SHORTEST_MM)
              .ifPresent(mm -> changes.add(new EdgeMeasured(beside.piece().id(), beside.edge().id(), Optional.of(mm))));
        });
    return changes;
  }
}
