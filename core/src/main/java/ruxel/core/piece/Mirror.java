package ruxel.core.piece;

import java.util.Collections;
import java.util.Map;
import java.util.TreeMap;
import ruxel.core.identity.PieceId;

/** Says of which piece another is the mirror image, edge by edge (model 2). */
public record Mirror(PieceId piece, Map<String, String> edges) {
  public Mirror {
    edges = Collections.unmodifiableSortedMap(new TreeMap<>(edges));
  }
}
