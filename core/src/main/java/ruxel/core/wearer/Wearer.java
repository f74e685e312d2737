package ruxel.core.wearer;

/** Who wears it; what is safe for one is not for another (handbook 16). */
public enum Wearer {
  ADULT("an adult"),
  CHILD("a child"),
  SMALL_CHILD("a small child");

  private final String words;

  Wearer(String words) {
    this.words = words;
  }

  public String words() {
    return words;
  }

  public boolean isChild() {
    return this != ADULT;
  }
}
