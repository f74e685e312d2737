package ruxel.core.repair;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import ruxel.core.change.Change;
import ruxel.core.change.EdgingWorked;
import ruxel.core.decision.EdgingRows;
import ruxel.core.match.Ease;
import ruxel.core.match.SideLayout;
import ruxel.core.measure.Wording;
import ruxel.core.piece.Edge;
import ruxel.core.piece.Piece;
import ruxel.core.repair.Candidate.Promise;
import ruxel.core.repair.Repair.Effort;
import ruxel.core.repair.Repair.Rung;
import ruxel.core.seam.ResolvedSpan;
import ruxel.core.seam.Side;
import ruxel.core.seam.TwinSeam;

/**
 * Rows worked onto an edge before it is joined (handbook 7.7): along the edge itself they change its count, not its
 * length; along the two edges beside it they lengthen it at each end by their height.
 */
final class EdgingRepairs {
  /** More rows than this are a new part of the piece, not an edging. */
  private static final int MOST_ROWS = 12;
  private static final int FEW_ROWS = 3;

  private record Ended(Piece piece, Edge edge) {}

  private final Situation situation;
  private final Wording wording;
  private final List<Candidate> candidates = new ArrayList<>();

  private EdgingRepairs(Situation situation) {
    this.situation = situation;
    wording = situation.garment().wording();
  }

  static List<Candidate> of(Situation situation) {
    EdgingRepairs repairs = new EdgingRepairs(situation);
    SideLayout a = situation.match().a();
    SideLayout b = situation.match().b();
    boolean matched = situation.seamPlan().ease().filter(ease -> ease.verdict() == Ease.Verdict.MATCHED).isPresent();
    if (!matched) {
      double lengthA = a.lengthMm(0, a.size());
      double lengthB = b.lengthMm(0, b.size());
      repairs.lengthen(lengthA < lengthB ? a : b, Math.abs(lengthA - lengthB));
    }
    if (a.size() != b.size()) {
      repairs.recount(a.size() < b.size() ? a : b, Math.max(a.size(), b.size()));
    }
    return repairs.candidates;
  }

  /** The edges at which the spans of a side end in a corner. */
  private static Set<Ended> beside(List<ResolvedSpan> spans) {
    Set<Ended> beside = new LinkedHashSet<>();
    for (ResolvedSpan span : spans) {
      List<Edge> edges = span.piece().edges();
      if (span.from() == 0) {
        beside.add(new Ended(span.piece(), edges.get(Math.floorMod(span.edgeIndex() - 1, edges.size()))));
      }
      if (span.to() == span.edge().units()) {
        beside.add(new Ended(span.piece(), edges.get((span.edgeIndex() + 1) % edges.size())));
      }
    }
    return beside;
  }

  /** The same side of the seam on the other side of the wearer, where it has the same counts. */
  private List<ResolvedSpan> onTwin(SideLayout side) {
    Side which = side == situation.match().a() ? Side.A : Side.B;
    return TwinSeam.of(situation.seam(), situation.construct().seams(), situation.construct().pieces())
        .flatMap(twin -> situation.construct().resolved(twin.id()))
        .filter(twin -> twin.units(which) == side.spans().stream().mapToInt(ResolvedSpan::units).sum())
        .map(twin -> twin.side(which))
        .orElse(List.of());
  }

  /** Rows on the edges beside the shorter side; each corner takes its share. */
  private void lengthen(SideLayout shorter, double missingMm) {
    Set<Ended> beside = beside(shorter.spans());
    if (beside.isEmpty()) {
      return;
    }
    double rowMm = beside.iterator().next().piece().cloth().rowHeightMm();
    int rows = Math.max(1, (int) Math.round(missingMm / beside.size() / rowMm));
    if (rows > MOST_ROWS) {
      return;
    }
    List<Change> changes = new ArrayList<>();
    Set<String> growing = new LinkedHashSet<>();
    for (Ended ended : beside) {
      changes.add(worked(ended, rows, rowMm, pickUp(ended)));
      growing.add(grows(ended, shorter));
    }
    beside(onTwin(shorter)).stream()
        .filter(twin -> !beside.contains(twin))
        .forEach(twin -> changes.add(worked(twin, rows, rowMm, pickUp(twin))));
    growing.remove("");
    String where = beside.stream().map(ended -> "the %s of the %s".formatted(ended.edge().name(), low(ended.piece()))).collect(Collectors.joining(" and "));
    candidates.add(
        new Candidate(
            Rung.EDGING, "Work %s edging %s along %s".formatted(Wording.number(rows), rows == 1 ? "row" : "rows", where),
            "Each end grows by %s%s.".formatted(
                wording.fine(rows * rowMm), growing.isEmpty() ? "" : "; so does " + String.join(" and ", growing)),
            Promise.LENGTHS_MEET, rows <= FEW_ROWS ? Effort.SOME : Effort.MUCH,
            "Worked before this seam, alike on left and right.", "The edges beside it grow as well; look at their seams.", changes));
  }

  /** The edge on the other side of an edged one, which grows by the same rows. */
  private static String grows(Ended ended, SideLayout shorter) {
    List<Edge> edges = ended.piece().edges();
    int index = edges.indexOf(ended.edge());
    return List.of(edges.get(Math.floorMod(index - 1, edges.size())), edges.get((index + 1) % edges.size())).stream()
        .filter(edge -> shorter.spans().stream().noneMatch(span -> span.edge() == edge))
        .map(edge -> "the %s of the %s".formatted(edge.name(), low(ended.piece())))
        .findFirst()
        .orElse("");
  }

  /** One row along the side itself that picks up as many as the other side has. */
  private void recount(SideLayout fewer, int wanted) {
    ResolvedSpan span = fewer.spans().get(0);
    if (fewer.spans().size() != 1 || !span.isWholeEdge()) {
      return;
    }
    double rowMm = span.piece().cloth().rowHeightMm();
    List<Change> changes = List.of(worked(new Ended(span.piece(), span.edge()), 1, rowMm, wanted));
    List<Edge> edges = span.piece().edges();
    int index = span.edgeIndex();
    candidates.add(
        new Candidate(
            Rung.EDGING, "Work one row along the %s of the %s, picking up %d".formatted(span.edge().name(), low(span.piece()), wanted),
            "It then has %d places instead of %d; its length stays. Its %s and %s grow by %s."
                .formatted(
                    wanted, fewer.size(), edges.get(Math.floorMod(index - 1, edges.size())).name(), edges.get((index + 1) % edges.size()).name(), wording.fine(rowMm)),
            Promise.COUNTS_MEET, Effort.SOME, "One row, worked before this seam.",
            "Where its length differs the longer side still stands.", changes));
  }

  private static int pickUp(Ended ended) {
    return Math.max(ended.edge().runs().size(), (int) Math.round(ended.edge().finishedLengthMm() / ended.piece().cloth().stitchWidthMm()));
  }

  /** On top of rows that are there already: as many more, and as much higher. */
  private Change worked(Ended ended, int rows, double rowMm, int stitches) {
    Optional<EdgingRows> there = situation.garment().settings().on(EdgingRows.class, ended.piece().id(), ended.edge().id());
    int all = rows + there.map(EdgingRows::rows).orElse(0);
    double heightMm = rows * rowMm + there.map(EdgingRows::heightMm).orElse(0.0);
    return new EdgingWorked(ended.piece().id(), ended.edge().id(), new EdgingWorked.Rows(all, heightMm / all, there.filter(edging -> edging.within().isPresent()).map(EdgingRows::stitches).orElse(stitches), there.flatMap(EdgingRows::within), there.flatMap(EdgingRows::joins)));
  }

  private static String low(Piece piece) {
    return Wording.low(piece.name());
  }
}
