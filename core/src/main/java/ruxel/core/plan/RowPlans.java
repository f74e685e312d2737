package ruxel.core.plan;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import ruxel.core.decision.EdgingRows;
import ruxel.core.finding.Fact;
import ruxel.core.finding.Finding;
import ruxel.core.finding.FindingCode;
import ruxel.core.finding.Where;
import ruxel.core.layout.KeptRow;
import ruxel.core.measure.Stitch;
import ruxel.core.measure.Wording;
import ruxel.core.piece.Edge;
import ruxel.core.piece.Origin;
import ruxel.core.piece.Piece;
import ruxel.core.piece.Run;
import ruxel.core.piece.UnitKind;
import ruxel.core.seam.Join;

/** Writes rows along edges as plans: what is joined while they are worked, what they take, and what is to be said of them. */
final class RowPlans {
  private final Wording wording;
  private final Map<Join, String> names;
  private final Map<String, String> pieces;
  private final List<RowPlan> plans;
  private final List<List<Join>> joins;

  /**
   * @param names of the seams
   */
  RowPlans(List<KeptRow> rows, Map<Join, String> names, Wording wording) {
    this.wording = wording;
    this.names = names;
    pieces = rows.stream().map(KeptRow::piece).distinct().collect(Collectors.toMap(Piece::id, piece -> Wording.low(piece.name())));
    plans = rows.stream().map(this::plan).toList();
    joins = KeptRow.joins(rows);
  }

  List<RowPlan> plans() {
    return plans;
  }

  /** The seams that each row joins, in its order. */
  List<List<Join>> joins() {
    return joins;
  }

  Optional<RowPlan> joining(String seam) {
    return plans.stream().filter(row -> row.seams().contains(seam)).findFirst();
  }

  /** Whether a seam is the first of a row that goes on from the last row of its piece: its loop is live, and no end is begun. */
  boolean takesUpALoop(String seam) {
    return joining(seam).filter(row -> row.nowRows().isPresent() && row.seams().get(0).equals(seam)).isPresent();
  }

  Optional<RowPlan> along(EdgingRows rows) {
    return plans.stream().filter(row -> row.piece().equals(rows.piece()) && row.edges().contains(rows.edge())).findFirst();
  }

  /** Rows that would be worked on the wrong side, and those whose seams do not follow each other in the order of work. */
  List<Finding> findings(List<Join> sequence) {
    List<Finding> findings = new ArrayList<>();
    for (RowPlan row : plans) {
      Fact piece = Fact.text("piece", pieces.get(row.piece()));
      if (row.wrongSide()) {
        findings.add(Finding.of(FindingCode.ROW_ON_WRONG_SIDE, Where.edge(row.piece(), row.edges().get(0)), piece, Fact.count("row", row.nowRows().orElseThrow() + (long) row.rows())));
      }
      List<Integer> steps = row.seams().stream().map(Join::seam).filter(sequence::contains).map(sequence::indexOf).toList();
      boolean inOneGo = IntStream.range(1, steps.size()).allMatch(i -> steps.get(i) == steps.get(i - 1) + 1);
      if (!inOneGo) {
        String seams = row.seams().stream().map(seam -> name(Join.seam(seam))).collect(Collectors.joining(", then the "));
        findings.add(Finding.of(FindingCode.ROW_PARTED, Where.seam(row.seams().get(0)), piece, Fact.text("seams", seams)));
      }
    }
    return findings;
  }

  private String name(Join seam) {
    return Wording.low(names.get(seam));
  }

  private RowPlan plan(KeptRow row) {
    Piece piece = row.piece();
    EdgingRows told = row.told();
    List<Edge> edges = new ArrayList<>(row.edges().stream().map(piece.edges()::get).toList());
    if (wording.hand() == Wording.Hand.LEFT) {
      Collections.reverse(edges);
    }
    List<RowPlan.RowPart> parts = row.parts().stream().map(this::part).toList();
    int total = parts.stream().mapToInt(RowPlan.RowPart::stitches).sum();
    Stitch stitch = told.joins().orElseGet(() -> Stitch.ofRow(told.rowMm(), piece.cloth().stitchWidthMm()));
    double lengthMm = edges.stream().flatMap(edge -> edge.runs().stream()).filter(run -> run.origin().isOver()).mapToDouble(Run::lengthMm).sum();
    Optional<Integer> now = rowsNow(row);
    boolean wrongSide = told.joins().isPresent() && now.filter(had -> (had + told.rows()) % 2 == 0).isPresent();
    double yarnMm = told.rows() * lengthMm * stitch.yarnPerLength();
    return new RowPlan(
        piece.id() + "." + piece.edges().get(row.edges().get(0)).id(), piece.id(), edges.stream().map(Edge::id).toList(), stitch, told.rows(), told.joins().isPresent(), parts, total, told.heightMm(),
        yarnMm, now, wrongSide, words(row, edges, stitch, parts, total, now), "It adds %s there, and takes %s of yarn.".formatted(wording.fine(told.heightMm()), wording.yarn(yarnMm)));
  }

  private RowPlan.RowPart part(KeptRow.Part part) {
    String words = part.seam().map(seam -> "%d join the %s".formatted(part.stitches(), name(seam.join()))).orElseGet(() -> "%d plain along the %s".formatted(part.stitches(), part.edge().name()));
    return new RowPlan.RowPart(part.seam().map(seam -> seam.seam().id()), part.stitches(), words);
  }

  /** Rows on the longer of the edges beside it, where these rows go on from the last row and not along row ends. */
  private static Optional<Integer> rowsNow(KeptRow row) {
    List<Edge> all = row.piece().edges();
    boolean onTops = row.edges().stream().flatMap(index -> all.get(index).runs().stream()).map(Run::origin).allMatch(origin -> origin.isOnTops() || origin.kind() == Origin.Kind.ROWS);
    int before = rowEnds(all.get(Math.floorMod(row.edges().get(0) - 1, all.size())));
    int behind = rowEnds(all.get((row.edges().get(row.edges().size() - 1) + 1) % all.size()));
    return onTops ? Optional.of(Math.max(before, behind)) : Optional.empty();
  }

  private static int rowEnds(Edge edge) {
    return edge.runs().stream().filter(run -> run.kind() == UnitKind.ROW_END && run.origin().kind() != Origin.Kind.ROWS).mapToInt(Run::count).sum();
  }

  private String words(KeptRow row, List<Edge> edges, Stitch stitch, List<RowPlan.RowPart> parts, int total, Optional<Integer> now) {
    int rows = row.told().rows();
    String piece = pieces.get(row.piece().id());
    String on = "%s of the %s".formatted(Wording.all(edges.stream().map(Edge::name).toList()), piece);
    if (row.told().joins().isEmpty()) {
      return "%s of %s along the %s, before it is joined.".formatted(Wording.counted(rows, "rows"), Wording.counted(total, "stitches"), on);
    }
    String first = rows > 1 ? "%s first; the last is kept back. ".formatted(Wording.counted(rows - 1L, "rows")) : "";
    String which = now.map(had -> "Row %d of the %s".formatted(had + rows, piece)).orElse("A row along the " + on);
    String done = parts.stream().map(RowPlan.RowPart::words).collect(Collectors.joining(", "));
    return "%s%s, %s, %s: %s.".formatted(first, which, stitch.name(wording.terms()), Wording.counted(total, "stitches"), done);
  }
}
