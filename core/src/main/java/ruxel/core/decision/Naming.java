package ruxel.core.decision;

import ruxel.core.identity.PieceId;
import ruxel.core.identity.SeamId;
import ruxel.core.identity.StripId;

/** What the things that decisions are about are called, with their article; what is there no more is known by its id alone. */
public interface Naming {
  String piece(PieceId id);

  String edge(PieceId piece, String edge);

  String seam(SeamId id);

  String anchor(SeamId seam, String id);

  String method(String id);

  String strip(StripId id);
}
