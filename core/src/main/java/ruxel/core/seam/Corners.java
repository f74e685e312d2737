package ruxel.core.seam;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import ruxel.core.identity.PieceId;
import ruxel.core.piece.Edge;
import ruxel.core.piece.Piece;
import ruxel.core.seam.Anchor.Spot;

/** Which spots of pieces lie at one corner of the garment, since a seam begins or ends there. Near linear in the seams. */
final class Corners {
  private final Map<PieceId, Piece> pieces = new HashMap<>();
  private final Map<String, String> leads = new HashMap<>();

  Corners(List<ResolvedSeam> seams) {
    seams.forEach(seam -> Stream.concat(seam.a().stream(), seam.b().stream()).forEach(span -> pieces.put(span.piece().id(), span.piece())));
    for (ResolvedSeam resolved : seams) {
      for (Seam seam : List.of(resolved.seam(), resolved.seam().turned())) {
        leads.put(root(corner(SeamParts.end(seam.a()))), root(corner(SeamParts.end(seam.b()))));
      }
    }
  }

  boolean meet(Spot one, Spot other) {
    return root(corner(one)).equals(root(corner(other)));
  }

  private String root(String corner) {
    String root = corner;
    while (leads.containsKey(root) && !leads.get(root).equals(root)) {
      root = leads.get(root);
    }
    return root;
  }

  /** The piece and the units round its ring up to a cut; the end of the last edge is the start of the first. */
  private String corner(Spot spot) {
    Piece piece = pieces.get(spot.piece());
    int all = piece.edges().stream().mapToInt(Edge::units).sum();
    int before = 0;
    for (Edge edge : piece.edges()) {
      if (edge.id().equals(spot.edge())) {
        return spot.piece() + " " + (before + spot.cut().on(edge).orElseThrow()) % all;
      }
      before += edge.units();
    }
    throw new IllegalArgumentException("Expected an edge of %s (%s)".formatted(spot.piece(), spot.edge()));
  }
}
