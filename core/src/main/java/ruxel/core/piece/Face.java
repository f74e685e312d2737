package ruxel.core.piece;

import java.util.List;
import ruxel.core.identity.PieceId;

/** What the gluing glues (model 2): an identity, a ring of edges counter-clockwise from the right side, a shape. */
public interface Face {
  PieceId id();

  String name();

  List<Edge> edges();

  Shape shape();

  /** Whether it lies on the wearer's back: of two halves that could be turned over, the other one is. */
  boolean isBack();
}
