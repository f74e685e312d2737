package ruxel.core.change;

import java.util.Optional;
import ruxel.core.construction.Answers;
import ruxel.core.decision.LaidPiece;
import ruxel.core.decision.LeaningPiece;
import ruxel.core.decision.PieceRows;
import ruxel.core.finding.Fact;
import ruxel.core.finding.Finding;
import ruxel.core.finding.FindingCode;
import ruxel.core.finding.Outcome;
import ruxel.core.finding.Where;
import ruxel.core.garment.Garment;
import ruxel.core.identity.PieceId;
import ruxel.core.layout.Layout;
import ruxel.core.measure.Wording;
import ruxel.core.piece.Lean;
import ruxel.core.piece.Piece;
import ruxel.core.piece.Pieces;
import ruxel.core.piece.RowNumbers;
import ruxel.core.piece.RowNumbers.RightSide;

/** What a maker tells of a whole piece: how it leans, where it lies on the table. */
public sealed interface PieceChange extends Change {
  PieceId piece();

  /** The change on a piece that exists. */
  Outcome<Garment> on(Garment garment, Piece onPiece);

  @Override
  default Outcome<Garment> apply(Garment garment) {
    return Layout.of(garment)
        .then(layout -> Pieces.named(layout.construct().pieces(), piece(), Where.piece(piece())))
        .then(found -> on(garment, found));
  }

  /** How a piece was found to lean, in mm to the right of its height; empty takes it back. */
  record LeanFound(PieceId piece, Optional<Double> mm, boolean expected) implements PieceChange {
    @Override
    public Outcome<Garment> on(Garment garment, Piece onPiece) {
      return mm.isPresent() && !(Math.abs(mm.get()) <= Lean.MOST_MM)
          ? Outcome.refused(
              Finding.of(
                  FindingCode.LEAN_RANGE, Where.piece(piece), Fact.count("most", (long) Lean.MOST_MM),
                  Fact.text("value", new Answers.Numeric(mm.get()).text())))
          : Outcome.of(
              garment.withSettings(
                  garment.settings().with(LeaningPiece.class, mm.map(lean -> new LeaningPiece(piece, new Lean(lean, expected))), piece)));
    }

    @Override
    public String label(Names names) {
      return "%s %s".formatted(mm.map(lean -> "Noted a lean of " + names.length(Math.abs(lean)) + " of").orElse("Took back the lean of"), names.piece(piece));
    }
  }

  /** A row of a piece that was worked on the right side, and with it every second one; empty takes it back. */
  record RowsTold(PieceId piece, Optional<Integer> rightSideRow) implements PieceChange {
    @Override
    public Outcome<Garment> on(Garment garment, Piece onPiece) {
      Optional<RowNumbers> rows = RowNumbers.of(onPiece);
      int last = rows.map(RowNumbers::rows).orElse(0);
      return rightSideRow.filter(row -> row < 1 || row > last).isPresent()
          ? Outcome.refused(
              Finding.of(
                  FindingCode.ROW_BEYOND, Where.piece(piece), Fact.text("piece", Wording.low(onPiece.name())), Fact.count("rows", last), Fact.count("row", rightSideRow.get()),
                  Fact.text("first", rows.map(numbers -> numbers.first().name()).orElse("foundation"))))
          : Outcome.of(garment.withSettings(garment.settings().with(PieceRows.class, rightSideRow.map(row -> new PieceRows(piece, RightSide.of(row))), piece)));
    }

    @Override
    public String label(Names names) {
      return rightSideRow.map(row -> "Row %d of %s is a right-side row".formatted(row, names.piece(piece))).orElseGet(() -> "Took back which rows of %s are right-side rows".formatted(names.piece(piece)));
    }
  }

  /** A piece moved or turned on the table; empty puts it back where the construction lays it. */
  record PieceMoved(PieceId piece, Optional<Laid> laid) implements PieceChange {
    /** Where it lies, reckoned from where the construction lays it. */
    public record Laid(double dxMm, double dyMm, int quarterTurns) {}

    private static final double FARTHEST_MM = 5000;

    @Override
    public Outcome<Garment> on(Garment garment, Piece onPiece) {
      boolean tooFar = laid.filter(w -> !(Math.abs(w.dxMm()) <= FARTHEST_MM && Math.abs(w.dyMm()) <= FARTHEST_MM)).isPresent();
      return tooFar
          ? Outcome.refused(Finding.of(FindingCode.PIECE_TOO_FAR, Where.piece(piece), Fact.length("most", FARTHEST_MM)))
          : Outcome.of(
              garment.withSettings(
                  garment.settings().with(LaidPiece.class, laid.map(at -> new LaidPiece(piece, at.dxMm(), at.dyMm(), at.quarterTurns())), piece)));
    }

    @Override
    public String label(Names names) {
      return laid.isPresent() ? "Moved %s on the table".formatted(names.piece(piece)) : "Put %s back in its place".formatted(names.piece(piece));
    }
  }
}
