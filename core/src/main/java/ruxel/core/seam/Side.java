package ruxel.core.seam;

/** The two sides of a seam. */
public enum Side {
  A,
  B;

  public Side other() {
    return this == A ? B : A;
  }
}
