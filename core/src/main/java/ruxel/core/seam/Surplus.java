package ruxel.core.seam;

/** Where the difference of two sides goes (handbook 6, model 3). */
public enum Surplus {
  /** Spread along the whole interval. */
  EVEN,
  /** To the end the interval is reckoned from: underarm, hem, under the collar, else the seam's start. */
  TO_HIDDEN,
  /** To the other end: the fullness of a cap beside its centre. */
  TO_OPEN,
  /** Row ends or spaces of the longer side are passed over, never stitches. */
  SKIP,
  /** Nowhere: both sides must have equal counts. */
  NOWHERE
}
