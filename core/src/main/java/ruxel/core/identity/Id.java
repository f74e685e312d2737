package ruxel.core.identity;

import ruxel.core.measure.Ids;

/** What a thing is known by (model 2): compared as a whole, shown to nobody, and never taken apart. Two kinds of things may have one text. */
public sealed interface Id permits PieceId, SeamId, StripId, BoardId, LineId {
  /** As it stands in files and addresses. */
  String text();

  /** Whether it may stand in a file. */
  default boolean isWellFormed() {
    return Ids.isWellFormed(text());
  }
}
