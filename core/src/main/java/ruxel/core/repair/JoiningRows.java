package ruxel.core.repair;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import ruxel.core.change.Change;
import ruxel.core.change.EdgingWorked;
import ruxel.core.change.SeamChange.MethodChosen;
import ruxel.core.decision.EdgingRows;
import ruxel.core.finding.Outcome;
import ruxel.core.layout.Covered;
import ruxel.core.measure.Stitch;
import ruxel.core.measure.Wording;
import ruxel.core.method.Method;
import ruxel.core.piece.Edge;
import ruxel.core.piece.Piece;
import ruxel.core.piece.Run;
import ruxel.core.piece.StraightOn;
import ruxel.core.piece.UnitKind;
import ruxel.core.plan.AdviceView;
import ruxel.core.plan.WholeAdvice;
import ruxel.core.repair.Repair.Effort;
import ruxel.core.repair.Repair.Rung;
import ruxel.core.seam.ResolvedSeam;
import ruxel.core.seam.ResolvedSpan;
import ruxel.core.seam.Side;
import ruxel.core.seam.TwinSeam;

/**
 * Rows that can be kept back on one side of a seam and worked while it is joined (handbook 4.10 and 8): over stitch tops one for each
 * stitch, as far as the last row of the piece goes straight on; along row ends as many for each as its stitch is wide. The seam on
 * the other side of the wearer is joined alike.
 */
final class JoiningRows {
  /** An edge, and the runs of it that are joined where these are not all. */
  private record At(Piece piece, Edge edge, Optional<EdgingRows.Within> within) {
    At(Piece piece, Edge edge) {
      this(piece, edge, Optional.empty());
    }

    /** None where a seam begins or ends on the ends of other rows, which no row can be told to begin or end at. */
    List<Run> runs() {
      return Covered.of(edge, within).map(Covered::runs).orElse(List.of());
    }
  }

  private final Situation situation;

  private JoiningRows(Situation situation) {
    this.situation = situation;
  }

  static List<Candidate> of(Situation situation) {
    JoiningRows rows = new JoiningRows(situation);
    List<Candidate> candidates = new ArrayList<>();
    if (!situation.match().a().isLive() && !situation.match().b().isLive()) {
      for (Side side : Side.values()) {
        // Both sides of a folded piece may lie on one edge, with one row.
        rows.on(side).stream().filter(candidate -> candidates.stream().noneMatch(other -> other.changes().equals(candidate.changes()))).forEach(candidates::add);
      }
    }
    return candidates;
  }

  /** Of a side that lies on straight edges of one piece, and is not joined to the mirror image of that: with a row on one of them they would differ. */
  private List<Candidate> on(Side side) {
    ResolvedSeam seam = situation.match().seam();
    Set<At> edges = edges(seam.side(side));
    if (edges.stream().map(At::piece).distinct().count() != 1 || joinsTwins(seam) || edges.stream().anyMatch(at -> at.runs().isEmpty() || !StraightOn.within(at.runs()))) {
      return List.of();
    }
    Optional<ResolvedSeam> twin =
        TwinSeam.of(seam.seam(), situation.construct().seams(), situation.construct().pieces())
            .flatMap(other -> situation.construct().resolved(other.id()));
    twin.ifPresent(other -> edges.addAll(edges(other.side(TwinSeam.sameSides(seam.seam(), other.seam(), situation.construct().pieces()) ? side : side.other()))));
    List<Change> changes = new ArrayList<>(edges.stream().map(this::worked).toList());
    Optional<Method> method = method(changes);
    if (method.isEmpty()) {
      return List.of();
    }
    changes.add(new MethodChosen(seam.seam().id(), method.get().id()));
    twin.ifPresent(other -> changes.add(new MethodChosen(other.seam().id(), method.get().id())));
    At at = edges.iterator().next();
    boolean goesOn = at.piece().board().isEmpty() && edges.stream().flatMap(each -> each.runs().stream()).allMatch(run -> run.kind() == UnitKind.STITCH_TOP);
    String name = Wording.low(at.piece().name());
    String effort = "One row, and no seam after it: joined and worked in one go." + twin.map(other -> " The %s is joined alike.".formatted(Wording.low(other.seam().name()))).orElse("");
    if (!goesOn) {
      String title = "Join with a row along the %s of the %s".formatted(edges.stream().map(each -> each.edge().name()).distinct().collect(Collectors.joining(" and the ")), name);
      return List.of(new Candidate(Rung.JOINING_ROW, title, "", Candidate.Promise.JOINS, Effort.SOME, effort, "Too few stitches pull the edge in: lay it flat at each marker.", changes));
    }
    String live = "The loop stays live until then; a stitch marker holds it.";
    List<Candidate> candidates = new ArrayList<>();
    candidates.add(new Candidate(Rung.JOINING_ROW, "Work one row more on the %s, and join with it".formatted(name), "", Candidate.Promise.JOINS, Effort.SOME, effort, live, changes));
    LastRow.leftOff(edges.stream().map(each -> new LastRow.On(each.piece(), each.edge())).toList(), situation.garment().settings())
        .ifPresent(leftOff -> candidates.add(new Candidate(Rung.JOINING_ROW, "Keep back the last row of the %s, and join with it".formatted(name), "", Candidate.Promise.JOINS, Effort.LITTLE, "No row more than planned: it stays as long as it is. " + effort, "Only while that row is not worked yet, or pulled back. " + live, Stream.concat(leftOff.stream(), changes.stream()).toList())));
    return candidates;
  }

  private boolean joinsTwins(ResolvedSeam seam) {
    return seam.a().stream().anyMatch(span -> span.piece().twinAmong(situation.construct().pieces()).filter(twin -> seam.b().stream().anyMatch(other -> other.piece().id().equals(twin.id()) && !twin.id().equals(span.piece().id()))).isPresent());
  }

  /** The edges a side lies on, and those over which the last row goes on from them. */
  private static Set<At> edges(List<ResolvedSpan> spans) {
    Set<At> edges = new LinkedHashSet<>();
    for (ResolvedSpan span : spans) {
      Piece piece = span.piece();
      if (span.runs().stream().anyMatch(run -> run.kind().isRowEnd())) {
        edges.add(new At(piece, span.edge(), within(span)));
        continue;
      }
      edges.add(new At(piece, span.edge()));
      int count = piece.edges().size();
      for (int next = (span.edgeIndex() + 1) % count; goesOn(piece, Math.floorMod(next - 1, count), next) && edges.add(new At(piece, piece.edges().get(next))); next = (next + 1) % count) {}
      for (int before = Math.floorMod(span.edgeIndex() - 1, count); goesOn(piece, before, (before + 1) % count) && edges.add(new At(piece, piece.edges().get(before))); before = Math.floorMod(before - 1, count)) {}
    }
    return edges;
  }

  /** Along row ends only what is joined: the runs from the one to the other end of the seam, all of them where that comes to the same. */
  private static Optional<EdgingRows.Within> within(ResolvedSpan span) {
    List<Run> runs = span.runs();
    return span.isWholeEdge() ? Optional.empty() : Optional.of(new EdgingRows.Within(runs.get(0).origin().base(), runs.get(runs.size() - 1).origin().base()));
  }

  private static boolean goesOn(Piece piece, int first, int second) {
    Edge one = piece.edges().get(first);
    Edge other = piece.edges().get(second);
    return isTops(one) && isTops(other) && StraightOn.from(one, other);
  }

  private static boolean isTops(Edge edge) {
    return edge.runs().stream().allMatch(run -> run.kind() == UnitKind.STITCH_TOP);
  }

  /** On top of rows that are there already. */
  private Change worked(At at) {
    double rowMm = at.piece().cloth().rowHeightMm();
    double widthMm = at.piece().cloth().stitchWidthMm();
    Optional<EdgingRows> there = situation.garment().settings().on(EdgingRows.class, at.piece().id(), at.edge().id());
    int all = 1 + there.map(EdgingRows::rows).orElse(0);
    double heightMm = rowMm + there.map(EdgingRows::heightMm).orElse(0.0);
    int stitches = at.runs().stream().mapToInt(run -> at.piece().board().map(board -> board.motif().places(run.count())).orElseGet(() -> run.count() * perUnit(run, widthMm))).sum();
    return new EdgingWorked(at.piece().id(), at.edge().id(), new EdgingWorked.Rows(all, heightMm / all, there.map(EdgingRows::stitches).orElse(stitches), there.map(EdgingRows::within).orElse(at.within()), Optional.of(Stitch.ofRow(rowMm, widthMm))));
  }

  private static int perUnit(Run run, double widthMm) {
    return run.kind().isRowEnd() ? Math.max(1, (int) Math.round(run.advance().lengthMm() / widthMm)) : 1;
  }

  /** The better of the methods that join a row while it is worked, once there is one. */
  private Optional<Method> method(List<Change> rows) {
    Outcome<List<AdviceView.AnswerView>> advice = Change.applyAll(situation.garment(), rows).then(with -> WholeAdvice.of(with, situation.seam().id()));
    return advice instanceof Outcome.Good<List<AdviceView.AnswerView>> good
        ? good.value().stream().flatMap(ranked -> Method.of(ranked.method()).stream()).filter(Method::joinsAsWorked).findFirst()
        : Optional.empty();
  }
}
