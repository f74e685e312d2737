package ruxel.core.layout;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.UnaryOperator;
import ruxel.core.decision.Decision;
import ruxel.core.decision.LeaningPiece;
import ruxel.core.decision.Settings;
import ruxel.core.decision.ToldCorner;
import ruxel.core.identity.PieceId;
import ruxel.core.measure.Corner;
import ruxel.core.piece.Piece;
import ruxel.core.piece.Pieces;

/** Lays what the maker has told of whole pieces over them: corners and how they lean. */
final class PieceOverlay {
  private List<Piece> pieces;
  private final List<ToldCorner> goneCorners = new ArrayList<>();
  private final List<LeaningPiece> goneLeans = new ArrayList<>();

  PieceOverlay(List<Piece> pieces, Settings settings) {
    this.pieces = pieces;
    for (ToldCorner told : settings.of(ToldCorner.class)) {
      if (piece(told.piece()).flatMap(piece -> piece.edge(told.behind())).isEmpty()) {
        goneCorners.add(told);
      } else {
        change(told.piece(), piece -> piece.withCorners(with(piece.corners(), told)));
      }
    }
    for (LeaningPiece leaning : settings.of(LeaningPiece.class)) {
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

  List<Decision> gone() {
    List<Decision> gone = new ArrayList<>(goneCorners);
    gone.addAll(goneLeans);
    return gone;
  }

  private static Map<String, Corner> with(Map<String, Corner> corners, ToldCorner told) {
    Map<String, Corner> changed = new HashMap<>(corners);
    changed.put(told.behind(), told.corner());
    return changed;
  }

  private Optional<Piece> piece(PieceId id) {
    return Pieces.find(pieces, id);
  }

  private void change(PieceId id, UnaryOperator<Piece> changed) {
    pieces = pieces.stream().map(piece -> piece.id().equals(id) ? changed.apply(piece) : piece).toList();
  }
}
