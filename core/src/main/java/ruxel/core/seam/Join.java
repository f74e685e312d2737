package ruxel.core.seam;

/** What is worked between faces in one line (model 2): so far a seam. */
public sealed interface Join {
  /** A seam, by its id. */
  record OfSeam(String id) implements Join {}

  static Join seam(String id) {
    return new OfSeam(id);
  }

  /** Its id among joins of its kind. */
  String id();
}
