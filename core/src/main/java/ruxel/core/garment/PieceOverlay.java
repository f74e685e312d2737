package ruxel.core.garment;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.UnaryOperator;
import ruxel.core.measure.Corner;
import ruxel.core.piece.Piece;

/** Lays what the maker has told of whole pieces over them: corners and how they lean. */
final class PieceOverlay {
  private List<Piece> pieces;
  private final List<PieceSettings.ToldCorner> goneCorners = new ArrayList<>();
  private final List<PieceSettings.LeaningPiece> goneLeans = new ArrayList<>();

  PieceOverlay(List<Piece> pieces, PieceSettings settings) {
    this.pieces = pieces;
    for (PieceSettings.ToldCorner told : settings.corners()) {
      if (piece(told.piece()).flatMap(piece -> piece.edge(told.behind())).isEmpty()) {
        goneCorners.add(told);
      } else {
        change(told.piece(), piece -> piece.withCorners(with(piece.corners(), told)));
      }
    }
    for (PieceSettings.LeaningPiece leaning : settings.leans()) {
      if (piece(leaning.piece()).isEmpty()) {
        goneLeans.add(leaning);
      } else {
        change(leaning.piece(), piece -> piece.withLean(leaning.lean()));
      }
    }
  }

  List<Piece> pieces() {
    return pieces;
  }

  PieceSettings gone(List<PieceSettings.EdgingRows> goneEdgings) {
    return new PieceSettings(goneCorners, goneLeans, goneEdgings);
  }

  private static Map<String, Corner> with(Map<String, Corner> corners, PieceSettings.ToldCorner told) {
    Map<String, Corner> changed = new HashMap<>(corners);
    changed.put(told.behind(), told.corner());
    return changed;
  }

  private Optional<Piece> piece(String id) {
    return pieces.stream().filter(piece -> piece.id().equals(id)).findFirst();
  }

  private void change(String id, UnaryOperator<Piece> changed) {
    pieces = pieces.stream().map(piece -> piece.id().equals(id) ? changed.apply(piece) : piece).toList();
  }
}
