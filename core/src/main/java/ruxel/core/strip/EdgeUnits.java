package ruxel.core.strip;

import java.util.List;
import java.util.Optional;
import ruxel.core.identity.PieceId;
import ruxel.core.piece.Piece;
import ruxel.core.piece.Pieces;

/** Units {@code from} to {@code to} (exclusive) of an edge, in ring order. */
public record EdgeUnits(PieceId piece, String edge, int from, int to) {
  /** Their mirror image on the twin of the piece; empty where there is none, or the piece is not among the faces. */
  public Optional<EdgeUnits> image(List<Piece> faces) {
    Optional<Piece> on = Pieces.find(faces, piece);
    return on.flatMap(
        here ->
            here.twinAmong(faces)
                .flatMap(twin -> here.edge(edge).map(found -> new EdgeUnits(twin.id(), here.edgeOnTwin(twin, edge), found.units() - to, found.units() - from))));
  }
}
