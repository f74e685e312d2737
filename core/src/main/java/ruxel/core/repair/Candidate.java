package ruxel.core.repair;

import java.util.List;
import ruxel.core.change.Change;
import ruxel.core.repair.Repair.Effort;
import ruxel.core.repair.Repair.Rung;

/** A repair before it is known to keep its promise. */
record Candidate(
    Rung rung, String title, String words, Promise promise, Effort effort, String effortWords, String risk, List<Change> changes) {
  /** What must be true of the seam afterwards. */
  enum Promise {
    /** Both sides have equally many rows or stitches where they are joined one to one. */
    COUNTS_MEET,
    /** The lengths are at least a step nearer on the ladder, and need no markers. */
    LENGTHS_MEET,
    /** There is a plan that can be worked, and nothing is said of its counts. */
    CAN_BE_WORKED,
    /** More of the repeats, ribs or stripes meet than before. */
    REPEATS_MEET,
    /** The seam is joined while a row is worked, and meets no worse than before. */
    JOINS
  }
}
