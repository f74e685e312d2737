package ruxel.core.strip;

import java.util.List;
import ruxel.core.identity.PieceId;
import ruxel.core.piece.Piece;
import ruxel.core.piece.Pieces;

/** An edge along which an edging stays plain, without picots: where they scratch (handbook 11). Its mirror image stays plain, too. */
public record PlainEdge(PieceId piece, String edge) {
  boolean isAlong(Stretch stretch, List<Piece> pieces) {
    return isOn(stretch.piece(), stretch.edge()) || Pieces.find(pieces, stretch.piece()).flatMap(own -> own.twinAmong(pieces).filter(twin -> isOn(twin.id(), own.edgeOnTwin(twin, stretch.edge())))).isPresent();
  }

  private boolean isOn(PieceId other, String otherEdge) {
    return piece.equals(other) && edge.equals(otherEdge);
  }

  /** Whether a stretch is along one of these. */
  public static boolean any(List<PlainEdge> plain, Stretch stretch, List<Piece> pieces) {
    return plain.stream().anyMatch(edge -> edge.isAlong(stretch, pieces));
  }
}
