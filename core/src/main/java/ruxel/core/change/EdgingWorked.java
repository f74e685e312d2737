package ruxel.core.change;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import ruxel.core.construction.Answers;
import ruxel.core.decision.EdgingRows;
import ruxel.core.decision.MeasuredEdge;
import ruxel.core.decision.Settings;
import ruxel.core.decision.StripYarn;
import ruxel.core.finding.Fact;
import ruxel.core.finding.Finding;
import ruxel.core.finding.FindingCode;
import ruxel.core.finding.Outcome;
import ruxel.core.finding.Where;
import ruxel.core.garment.Garment;
import ruxel.core.identity.PieceId;
import ruxel.core.layout.Counted;
import ruxel.core.layout.Covered;
import ruxel.core.layout.KeptRow;
import ruxel.core.layout.Layout;
import ruxel.core.layout.RowsBeside;
import ruxel.core.measure.Stitch;
import ruxel.core.measure.Wording;
import ruxel.core.piece.Edge;
import ruxel.core.piece.Piece;
import ruxel.core.piece.Run;

/**
 * Rows worked along the whole of an edge before the piece is joined, each {@code rowMm} high, in so many
 * stitches; no rows takes them out. The measured lengths of the neighbouring edges grow with them.
 */
public record EdgingWorked(PieceId piece, String edge, Rows edging) implements EdgeChange {
  /**
   * So many rows, each so high, of so many stitches; over some of the edge's runs where that is told; the last of this stitch where it
   * is worked while the edge is joined.
   */
  public record Rows(int rows, double rowMm, int stitches, Optional<EdgingRows.Within> within, Optional<Stitch> joins) {}

  public EdgingWorked(PieceId piece, String edge, int rows, double rowMm, int stitches) {
    this(piece, edge, new Rows(rows, rowMm, stitches, Optional.empty(), Optional.empty()));
  }

  @Override
  public Outcome<Garment> on(Garment garment, Piece onPiece, Edge onEdge) {
    Optional<EdgingRows> before = garment.settings().on(EdgingRows.class, piece, edge);
    Optional<EdgingRows> after =
        edging.rows() == 0 ? Optional.empty() : Optional.of(new EdgingRows(piece, edge, edging.rows(), edging.rowMm(), edging.stitches(), edging.within(), edging.joins()));
    Optional<EdgingRows.Within> unknown = edging.within().filter(within -> after.isPresent() && (onPiece.board().isPresent() || Covered.of(onEdge, after.get()).isEmpty()));
    if (unknown.isPresent()) {
      return Outcome.refused(Finding.of(FindingCode.UNKNOWN_RUN, Where.edge(piece, edge), Fact.text("edge", onEdge.name()), Fact.text("piece", onPiece.name()), Fact.text("value", unknown.get().first() + ", " + unknown.get().last()), Fact.text("choices", choices(onEdge))));
    }
    if (after.isPresent() && !isPossible(onEdge)) {
      return Outcome.refused(
          Finding.of(
              FindingCode.EDGING_RANGE, Where.edge(piece, edge), Fact.text("piece", onPiece.name()), Fact.text("edge", onEdge.name()),
              Fact.count("rows", EdgingRows.MOST_ROWS), Fact.text("least", new Answers.Numeric(EdgingRows.LOWEST_MM).text()),
              Fact.text("most", new Answers.Numeric(EdgingRows.HIGHEST_MM).text()), Fact.count("count", CountMade.MOST),
              Fact.count("runs", onEdge.runs().size())));
    }
    List<String> joined = after.isEmpty() && before.isPresent() ? joinedBy(garment, before.get()) : List.of();
    if (!joined.isEmpty()) {
      return Outcome.refused(
          Finding.of(FindingCode.ROW_JOINS, Where.edge(piece, edge), Fact.text("edge", Wording.low(onEdge.name())), Fact.text("piece", Wording.low(onPiece.name())), Fact.text("seams", Wording.all(joined))));
    }
    Settings settings =
        after.isEmpty() && before.isPresent() ? withoutCounts(garment.settings(), onPiece, before.get()) : garment.settings();
    Settings with = after.isPresent() ? settings.with(after.get()) : settings.without(EdgingRows.class, piece, edge);
    for (Edge beside : onPiece.edges()) {
      double byMm = RowsBeside.growthMm(onPiece, beside, with.of(EdgingRows.class)) - RowsBeside.growthMm(onPiece, beside, settings.of(EdgingRows.class));
      with = grown(with, beside.id(), byMm);
    }
    return Outcome.of(garment.withSettings(with));
  }

  /** A length that would be less than nothing was measured before the rows were there, one that would be longer than any is none: it says nothing any more. */
  private Settings grown(Settings settings, String beside, double byMm) {
    return settings
        .on(MeasuredEdge.class, piece, beside)
        .filter(measured -> byMm != 0)
        .map(
            measured ->
                measured.mm() + byMm >= EdgeChange.EdgeMeasured.SHORTEST_MM && measured.mm() + byMm <= EdgeChange.EdgeMeasured.LONGEST_MM
                    ? settings.with(new MeasuredEdge(piece, beside, measured.mm() + byMm))
                    : settings.without(MeasuredEdge.class, piece, beside))
        .orElse(settings);
  }

  /** The seams that are joined while the rows are worked, by name. */
  private static List<String> joinedBy(Garment garment, EdgingRows rows) {
    return Layout.of(garment) instanceof Outcome.Good<Layout> layout
        ? layout.value().construct().resolved().seams().stream()
            .filter(seam -> KeptRow.row(seam).anyMatch(span -> span.piece().id().equals(rows.piece()) && span.edge().id().equals(rows.edge())))
            .map(seam -> Wording.low(seam.seam().name()))
            .toList()
        : List.of();
  }

  /** The rows are taken out: counts of their stitches, and of their ends on the edges beside, go with them. */
  private static Settings withoutCounts(Settings settings, Piece onPiece, EdgingRows rows) {
    Settings changed = settings.without(StripYarn.class, rows.stripId(rows.edge()));
    for (Edge each : onPiece.edges()) {
      Set<String> made = each.runs().stream().filter(run -> rows.made(each.id(), run)).map(Run::id).collect(Collectors.toSet());
      changed = changed.without(decision -> Counted.isOf(decision, onPiece.id(), each.id(), made));
    }
    return changed;
  }

  private static String choices(Edge onEdge) {
    return onEdge.runs().stream().map(run -> run.origin().base()).distinct().collect(Collectors.joining(", "));
  }

  private boolean isPossible(Edge onEdge) {
    return edging.rows() > 0
        && edging.rows() <= EdgingRows.MOST_ROWS
        && edging.rowMm() >= EdgingRows.LOWEST_MM
        && edging.rowMm() <= EdgingRows.HIGHEST_MM
        && edging.stitches() >= onEdge.runs().size()
        && edging.stitches() <= CountMade.MOST;
  }

  @Override
  public String label(Names names) {
    String where = "%s of %s".formatted(names.edge(piece, edge), names.piece(piece));
    int rows = edging.rows();
    return rows == 0
        ? "Took the edging rows off " + where
        : edging.joins().isPresent() ? "A row to be worked while the %s is joined".formatted(where) : "%s edging %s onto %s".formatted(Wording.capital(Wording.number(rows)), rows == 1 ? "row" : "rows", where);
  }
}
