package ruxel.core.match;

/** The end of an interval its surplus is reckoned from (model 3). */
public enum From {
  START,
  END
}
