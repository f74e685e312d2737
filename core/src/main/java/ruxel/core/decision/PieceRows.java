package ruxel.core.decision;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import ruxel.core.identity.PieceId;
import ruxel.core.piece.Piece;
import ruxel.core.piece.RowNumbers.RightSide;

/** Which rows of a piece were worked on the right side; its mirror image is worked alike unless that is told for itself. */
public record PieceRows(PieceId piece, RightSide rightSideRows) implements Decision {
  /** What is taken while nothing is told (house default). */
  private static final RightSide USUAL = RightSide.ODD;

  public static RightSide of(Settings settings, Piece piece, List<Piece> pieces) {
    return Stream.concat(Stream.of(piece), piece.twinAmong(pieces).stream()).flatMap(each -> settings.on(PieceRows.class, each.id()).stream()).findFirst().map(PieceRows::rightSideRows).orElse(USUAL);
  }

  @Override
  public List<?> target() {
    return List.of(piece);
  }

  @Override
  public String told(Naming names) {
    return "which rows of %s are right-side rows".formatted(names.piece(piece));
  }

  @Override
  public Optional<PieceId> ofPiece() {
    return Optional.of(piece);
  }
}
