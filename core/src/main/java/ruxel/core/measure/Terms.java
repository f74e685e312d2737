package ruxel.core.measure;

/** The two vocabularies of crochet (handbook 2). */
public enum Terms {
  US,
  UK
}
