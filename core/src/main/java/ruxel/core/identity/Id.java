package ruxel.core.identity;

/** What a thing is known by (model 2): compared as a whole, shown to nobody, and never taken apart. Two kinds of things may have one text. */
public sealed interface Id permits PieceId, SeamId, StripId, BoardId, LineId {
  /** As it stands in files and addresses. */
  String text();
}
