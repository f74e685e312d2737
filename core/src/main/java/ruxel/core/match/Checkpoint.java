package ruxel.core.match;

/**
 * A marker of a seam (handbook 6): after {@code joint} joints, counted from 1 in the seam's direction,
 * the last place used on A and B, both counted from 1.
 */
public record Checkpoint(int number, Kind kind, String name, int joint, int placeA, int placeB) {
  /** Why the marker is there. */
  public enum Kind {
    ANCHOR,
    LANDMARK,
    SHOULDER_STEP,
    REPEAT,
    STEP
  }
}
