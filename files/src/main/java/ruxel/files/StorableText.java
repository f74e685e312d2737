package ruxel.files;

/** Text that a database and a document can hold: no U+0000, no half of a surrogate pair. */
public final class StorableText {
  /** What to do about it. */
  public static final String REFUSAL = "it holds a character that cannot be kept (U+0000, or half of a pair); take it out";

  private StorableText() {}

  public static boolean is(String text) {
    return text.codePoints().noneMatch(point -> point == 0 || point >= Character.MIN_SURROGATE && point <= Character.MAX_SURROGATE);
  }
}
