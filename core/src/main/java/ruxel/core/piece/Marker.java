package ruxel.core.piece;

/**
 * A marker hung in the fabric (handbook 3): what it is for, its colour, and when it is to be taken out, both in the
 * maker's words and empty when not told.
 */
public record Marker(Purpose purpose, String colour, String takeOut) {
  public static final int MOST_COLOUR = 40;
  public static final int MOST_TAKE_OUT = 200;

  /** What a marker is for. */
  public enum Purpose {
    RIGHT_SIDE("shows the right side"),
    ANCHOR("stands where both sides meet"),
    STOP("says where to stop"),
    ROW("moves up with the rows"),
    WARNING("warns"),
    LIVE_LOOP("holds a live loop");

    private final String words;

    Purpose(String words) {
      this.words = words;
    }

    public String words() {
      return words;
    }
  }

  /** "yellow marker". */
  public String title() {
    return colour.isEmpty() ? "marker" : colour + " marker";
  }

  public Marker trimmed() {
    return new Marker(purpose, colour.strip(), takeOut.strip());
  }

  public boolean isTooLong() {
    return colour.length() > MOST_COLOUR || takeOut.length() > MOST_TAKE_OUT;
  }
}
