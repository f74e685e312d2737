package ruxel.core.garment;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import ruxel.core.construction.Answers;
import ruxel.core.decision.EdgingRows;
import ruxel.core.decision.ToldCorner;
import ruxel.core.decision.LeaningPiece;
import ruxel.core.decision.MeasuredEdge;
import ruxel.core.decision.Settings;
import ruxel.core.finding.Fact;
import ruxel.core.finding.Finding;
import ruxel.core.finding.FindingCode;
import ruxel.core.finding.Outcome;
import ruxel.core.finding.Where;
import ruxel.core.measure.Corner;
import ruxel.core.measure.Wording;
import ruxel.core.piece.Edge;
import ruxel.core.piece.Lean;
import ruxel.core.piece.Piece;
import ruxel.core.piece.Run;

/** What a maker tells of a whole piece: how it leans, its corners, rows worked onto an edge. */
public final class PieceChange {
  private PieceChange() {}

  /** How a piece was found to lean, in mm to the right of its height; empty takes it back. */
  public record LeanFound(String piece, Optional<Double> mm, boolean expected) implements Change {
    @Override
    public Outcome<Garment> apply(Garment garment) {
      if (mm.isPresent() && !(Math.abs(mm.get()) <= Lean.MOST_MM)) {
        return Outcome.refused(
            Finding.of(
                FindingCode.LEAN_RANGE, Where.piece(piece), Fact.count("most", (long) Lean.MOST_MM),
                Fact.text("value", new Answers.Numeric(mm.get()).text())));
      }
      return Layout.of(garment)
          .then(layout -> pieceOf(layout.construct().pieces(), piece))
          .then(
              found ->
                  Outcome.of(
                      garment.withSettings(
                          mm.map(lean -> garment.settings().with(new LeaningPiece(piece, new Lean(lean, expected))))
                              .orElseGet(() -> garment.settings().without(LeaningPiece.class, piece)))));
    }

    @Override
    public String label(Names names) {
      return "%s %s".formatted(mm.map(lean -> "Noted a lean of " + names.length(Math.abs(lean)) + " of").orElse("Took back the lean of"), names.piece(piece));
    }
  }

  /** What stands between an edge and the next one of the ring; empty takes it out. */
  public record CornerTold(String piece, String edge, Optional<Corner> corner) implements EdgeChange {
    @Override
    public Outcome<Garment> on(Garment garment, Piece onPiece, Edge onEdge) {
      return Outcome.of(
          garment.withSettings(
              corner.map(told -> garment.settings().with(new ToldCorner(piece, edge, told)))
                  .orElseGet(() -> garment.settings().without(ToldCorner.class, piece, edge))));
    }

    @Override
    public String label(Names names) {
      return "%s behind %s of %s"
          .formatted(corner.map(c -> "Corner with " + c.words()).orElse("No corner of its own"), names.edge(piece, edge), names.piece(piece));
    }
  }

  /**
   * Rows worked along the whole of an edge before the piece is joined, each {@code rowMm} high, in so many
   * stitches; no rows takes them out. The measured lengths of the neighbouring edges grow with them.
   */
  public record EdgingWorked(String piece, String edge, Rows edging) implements EdgeChange {
    /** So many rows, each so high, of so many stitches. */
    public record Rows(int rows, double rowMm, int stitches) {}

    public EdgingWorked(String piece, String edge, int rows, double rowMm, int stitches) {
      this(piece, edge, new Rows(rows, rowMm, stitches));
    }

    @Override
    public Outcome<Garment> on(Garment garment, Piece onPiece, Edge onEdge) {
      Optional<EdgingRows> before = garment.settings().on(EdgingRows.class, piece, edge);
      Optional<EdgingRows> after =
          edging.rows() == 0 ? Optional.empty() : Optional.of(new EdgingRows(piece, edge, edging.rows(), edging.rowMm(), edging.stitches()));
      if (after.isPresent() && !isPossible(onEdge)) {
        return Outcome.refused(
            Finding.of(
                FindingCode.EDGING_RANGE, Where.edge(piece, edge), Fact.text("piece", onPiece.name()), Fact.text("edge", onEdge.name()),
                Fact.count("rows", EdgingRows.MOST_ROWS), Fact.text("least", new Answers.Numeric(EdgingRows.LOWEST_MM).text()),
                Fact.text("most", new Answers.Numeric(EdgingRows.HIGHEST_MM).text()), Fact.count("count", CountMade.MOST),
                Fact.count("runs", onEdge.runs().size())));
      }
      double byMm = after.map(EdgingRows::heightMm).orElse(0.0) - before.map(EdgingRows::heightMm).orElse(0.0);
      Settings settings =
          after.isEmpty() && before.isPresent() ? withoutCounts(garment.settings(), onPiece, before.get()) : garment.settings();
      int index = onPiece.edges().indexOf(onEdge);
      int count = onPiece.edges().size();
      for (int neighbour : List.of(Math.floorMod(index - 1, count), (index + 1) % count)) {
        settings = grown(settings, onPiece.edges().get(neighbour).id(), byMm);
      }
      return Outcome.of(
          garment.withSettings(after.isPresent() ? settings.with(after.get()) : settings.without(EdgingRows.class, piece, edge)));
    }

    /** A length that would be less than nothing was measured before the rows were there: it says nothing any more. */
    private Settings grown(Settings settings, String beside, double byMm) {
      return settings
          .on(MeasuredEdge.class, piece, beside)
          .map(
              measured ->
                  measured.mm() + byMm >= EdgeChange.EdgeMeasured.SHORTEST_MM
                      ? settings.with(new MeasuredEdge(piece, beside, measured.mm() + byMm))
                      : settings.without(MeasuredEdge.class, piece, beside))
          .orElse(settings);
    }

    /** The rows are taken out: counts of their stitches, and of their ends on the edges beside, go with them. */
    private static Settings withoutCounts(Settings settings, Piece onPiece, EdgingRows rows) {
      Settings changed = settings;
      for (Edge each : onPiece.edges()) {
        Set<String> made = each.runs().stream().filter(run -> rows.made(each.id(), run)).map(Run::id).collect(Collectors.toSet());
        changed = changed.without(decision -> Counted.isOf(decision, onPiece.id(), each.id(), made));
      }
      return changed;
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
      return rows == 0 ? "Took the edging rows off " + where : "%s edging %s onto %s".formatted(Wording.capital(Wording.number(rows)), rows == 1 ? "row" : "rows", where);
    }
  }

  private static Outcome<Piece> pieceOf(List<Piece> pieces, String id) {
    return pieces.stream()
        .filter(piece -> piece.id().equals(id))
        .findFirst()
        .map(Outcome::of)
        .orElseGet(
            () ->
                Outcome.refused(
                    Finding.of(
                        FindingCode.UNKNOWN_PIECE, Where.piece(id), Fact.text("value", id),
                        Fact.text("choices", pieces.stream().map(Piece::id).collect(Collectors.joining(", "))))));
  }
}
