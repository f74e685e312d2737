package ruxel.core.plan;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import ruxel.core.decision.EdgingRows;
import ruxel.core.decision.PieceRows;
import ruxel.core.decision.Settings;
import ruxel.core.finding.Fact;
import ruxel.core.finding.Finding;
import ruxel.core.finding.FindingCode;
import ruxel.core.finding.Where;
import ruxel.core.identity.SeamId;
import ruxel.core.layout.KeptRow;
import ruxel.core.layout.RowStrip;
import ruxel.core.measure.HouseRules;
import ruxel.core.measure.Stitch;
import ruxel.core.measure.Wording;
import ruxel.core.piece.Edge;
import ruxel.core.piece.Origin;
import ruxel.core.piece.Piece;
import ruxel.core.piece.RowNumbers;
import ruxel.core.piece.Run;
import ruxel.core.seam.Join;
import ruxel.core.strip.Round;
import ruxel.core.strip.Strips;
import ruxel.core.strip.WorkedOn;

/**
 * Writes rows along edges as strips on the pieces under them (model 2): how they are picked up, what is joined while the last is worked, and what is
 * to be said of them.
 */
final class RowPlans {
  private final Wording wording;
  private final Map<Join, String> names;
  private final List<Piece> pieces;
  private final Settings settings;
  private final List<StripPlan> plans;
  private final List<List<Join>> joins;

  /**
   * @param assembly of the pieces with their rows
   * @param names of the seams
   */
  RowPlans(List<KeptRow> rows, List<Piece> pieces, Assembly assembly, Map<Join, String> names, Settings settings, HouseRules rules, Wording wording) {
    this.wording = wording;
    this.names = names;
    this.pieces = pieces;
    this.settings = settings;
    List<WorkedOn> worked = rows.stream().map(this::strip).toList();
    StripPlans strips = new StripPlans(new Edgings(new Strips(worked, assembly.gluing(), Map.of(), List.of()), assembly), rows.stream().map(KeptRow::piece).distinct().map(RowStrip::under).toList(), names, Set.of(), List.of(), rules, wording);
    plans = IntStream.range(0, rows.size()).mapToObj(i -> strips.plan(worked.get(i), plan(rows.get(i), worked.get(i)))).toList();
    joins = KeptRow.joins(rows);
  }

  /** In the order of their pieces. */
  List<StripPlan> plans() {
    return plans;
  }

  /** The seams that each row joins, in its order. */
  List<List<Join>> joins() {
    return joins;
  }

  Optional<RowPlan> joining(SeamId seam) {
    return plans.stream().flatMap(strip -> strip.row().stream()).filter(row -> row.seams().contains(seam)).findFirst();
  }

  /** Whether a seam is the first of a row that goes on from the last row of its piece: its loop is live, and no end is begun. */
  boolean takesUpALoop(SeamId seam) {
    return joining(seam).filter(row -> row.nowRows().isPresent() && row.seams().get(0).equals(seam)).isPresent();
  }

  Optional<RowPlan> along(EdgingRows rows) {
    return plans.stream().flatMap(strip -> strip.row().stream()).filter(row -> row.piece().equals(rows.piece()) && row.edges().contains(rows.edge())).findFirst();
  }

  /** Rows that would be worked on the wrong side, and those whose seams do not follow each other in the order of work. */
  List<Finding> findings(List<Join> sequence) {
    List<Finding> findings = new ArrayList<>();
    for (StripPlan strip : plans) {
      RowPlan row = strip.row().orElseThrow();
      Fact piece = Fact.text("piece", Wording.low(strip.opening()));
      if (row.wrongSide()) {
        findings.add(Finding.of(FindingCode.ROW_ON_WRONG_SIDE, Where.edge(row.piece(), row.edges().get(0)), piece, Fact.count("row", row.nowRows().orElseThrow() + (long) strip.rounds().size())));
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

  /** Its rows, turned after each. */
  private WorkedOn strip(KeptRow row) {
    Piece piece = row.piece();
    EdgingRows told = row.told();
    double widthMm = piece.cloth().stitchWidthMm();
    Stitch stitch = told.joins().orElseGet(() -> Stitch.ofRow(told.rowMm(), widthMm));
    List<Round> rows = IntStream.range(0, told.rows()).mapToObj(i -> new Round(stitch, widthMm, told.rowMm(), i > 0)).toList();
    String name = told.joins().isPresent() ? "Joining row along the %s" : told.rows() == 1 ? "Row along the %s" : "Rows along the %s";
    return RowStrip.of(row, told.stripId(piece.edges().get(row.edges().get(0)).id()), name.formatted(on(row)), rows, wording.hand());
  }

  private List<Edge> edges(KeptRow row) {
    List<Edge> edges = new ArrayList<>(row.edges().stream().map(row.piece().edges()::get).toList());
    if (wording.hand() == Wording.Hand.LEFT) {
      Collections.reverse(edges);
    }
    return edges;
  }

  private String on(KeptRow row) {
    return "%s of the %s".formatted(Wording.all(edges(row).stream().map(Edge::name).toList()), Wording.low(row.piece().name()));
  }

  private RowPlan plan(KeptRow row, WorkedOn worked) {
    EdgingRows told = row.told();
    List<RowPlan.RowPart> parts = row.parts().stream().map(this::part).toList();
    Optional<Integer> now = rowsNow(row);
    boolean wrongSide = told.joins().isPresent() && now.filter(had -> !PieceRows.of(settings, row.piece(), pieces).has(had + told.rows())).isPresent();
    return new RowPlan(
        row.piece().id(), edges(row).stream().map(Edge::id).toList(), told.joins().isPresent(), parts, now, wrongSide, other(row), words(row, worked, parts, now),
        "It adds %s there, and takes %s of yarn.".formatted(wording.fine(told.heightMm()), wording.yarn(worked.yarnMm())));
  }

  /** None for rows over a part of an edge: the parts of its mirror image may be told otherwise. */
  private List<RowPlan.Other> other(KeptRow row) {
    Optional<Piece> twin = row.told().within().isPresent() ? Optional.empty() : row.piece().twinAmong(pieces);
    List<Edge> edges = edges(row);
    List<RowPlan.Other> other = twin.stream().flatMap(piece -> edges.stream().map(edge -> new RowPlan.Other(piece.id(), row.piece().edgeOnTwin(piece, edge.id())))).toList();
    boolean isThere =
        IntStream.range(0, other.size())
            .allMatch(i -> settings.on(EdgingRows.class, other.get(i).piece(), other.get(i).edge()).filter(there -> there.isLike(row.told()) && there.stitches() == settings.on(EdgingRows.class, row.piece().id(), edges.get(i).id()).orElseThrow().stitches()).isPresent());
    return isThere ? List.of() : other;
  }

  private RowPlan.RowPart part(KeptRow.Part part) {
    String words = part.seam().map(seam -> "%d join the %s".formatted(part.stitches(), name(seam.join()))).orElseGet(() -> "%d plain along the %s".formatted(part.stitches(), part.edge().name()));
    return new RowPlan.RowPart(part.seam().map(seam -> seam.seam().id()), part.stitches(), words);
  }

  /** Rows of the piece without these, where they go on from its last row and not along row ends. */
  private static Optional<Integer> rowsNow(KeptRow row) {
    List<Edge> all = row.piece().edges();
    boolean onTops = row.piece().board().isEmpty() && row.edges().stream().flatMap(index -> all.get(index).runs().stream()).map(Run::origin).allMatch(origin -> origin.isOnTops() || origin.kind() == Origin.Kind.ROWS);
    return onTops ? RowNumbers.of(row.piece()).map(RowNumbers::ownRows) : Optional.empty();
  }

  private String words(KeptRow row, WorkedOn worked, List<RowPlan.RowPart> parts, Optional<Integer> now) {
    int rows = row.told().rows();
    String stitches = Wording.counted(worked.outerUnits(), "stitches");
    if (row.told().joins().isEmpty()) {
      return "%s of %s along the %s, before it is joined.".formatted(Wording.counted(rows, "rows"), stitches, on(row));
    }
    String first = rows > 1 ? "%s first; the last is kept back. ".formatted(Wording.counted(rows - 1L, "rows")) : "";
    String side = PieceRows.of(settings, row.piece(), pieces).has(now.orElse(0) + rows) ? "right" : "wrong";
    String which = now.map(had -> "Row %d of the %s, a %s-side row".formatted(had + rows, Wording.low(row.piece().name()), side)).orElse("A row along the " + on(row));
    String done = parts.stream().map(RowPlan.RowPart::words).collect(Collectors.joining(", "));
    return "%s%s, %s, %s: %s.".formatted(first, which, worked.rounds().get(0).round().stitch().name(wording.terms()), stitches, done);
  }
}
