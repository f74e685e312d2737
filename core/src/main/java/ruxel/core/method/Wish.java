package ruxel.core.method;

/** What the maker wants of a seam (handbook 8): it doubles a weight, or turns <em>hidden</em> round. */
public enum Wish {
  NONE("no wish"),
  HIDDEN("not seen"),
  FLAT("flat"),
  ON_SHOW("on show");

  private final String words;

  Wish(String words) {
    this.words = words;
  }

  public String words() {
    return words;
  }
}
