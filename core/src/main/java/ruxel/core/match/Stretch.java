package ruxel.core.match;

import java.util.Arrays;

/**
 * One side of an interval: the widths of its places in mm, which of them take no ease, which are spaces worked
 * round, where whatever lies opposite is at home, and which are never passed over, as stitches are (model 3).
 */
public record Stretch(double[] widths, boolean[] noEase, boolean[] spaces, boolean[] kept) {
  private static final double EVEN = 1e-9;

  public Stretch {
    if (widths.length == 0 || widths.length != noEase.length || widths.length != spaces.length || widths.length != kept.length) {
      throw new IllegalArgumentException(
          "Expected as many marks as places, and at least one (%d, %d, %d, %d)"
              .formatted(widths.length, noEase.length, spaces.length, kept.length));
    }
  }

  public Stretch(double[] widths, boolean[] noEase, boolean[] spaces) {
    this(widths, noEase, spaces, new boolean[widths.length]);
  }

  public Stretch(double[] widths, boolean[] noEase) {
    this(widths, noEase, new boolean[widths.length]);
  }

  public static Stretch even(int places) {
    double[] widths = new double[places];
    Arrays.fill(widths, 1);
    return new Stretch(widths, new boolean[places]);
  }

  public int size() {
    return widths.length;
  }

  public double length() {
    return Arrays.stream(widths).sum();
  }

  /** The cuts before each place and after the last as shares of the whole stretch. */
  public double[] cuts() {
    double whole = length();
    double[] cuts = new double[widths.length + 1];
    double before = 0;
    for (int i = 0; i < widths.length; i++) {
      before += widths[i];
      cuts[i + 1] = before / whole;
    }
    return cuts;
  }

  /** Middles of the places as shares of the whole stretch. */
  public double[] middles() {
    double whole = length();
    double[] middles = new double[widths.length];
    double before = 0;
    for (int i = 0; i < widths.length; i++) {
      middles[i] = (before + widths[i] / 2) / whole;
      before += widths[i];
    }
    return middles;
  }

  /** The same with nothing that may not be passed over. */
  Stretch withoutKept() {
    return new Stretch(widths, noEase, spaces);
  }

  public boolean isEven() {
    return !hasSpaces() && Arrays.stream(widths).allMatch(width -> Math.abs(width - widths[0]) <= EVEN * widths[0]);
  }

  public boolean hasNoEase() {
    return any(noEase);
  }

  public boolean hasSpaces() {
    return any(spaces);
  }

  private static boolean any(boolean[] marks) {
    for (boolean mark : marks) {
      if (mark) {
        return true;
      }
    }
    return false;
  }

  /** Places {@code fromInclusive} to {@code toExclusive} as a stretch of their own. */
  public Stretch part(int fromInclusive, int toExclusive) {
    return new Stretch(
        Arrays.copyOfRange(widths, fromInclusive, toExclusive),
        Arrays.copyOfRange(noEase, fromInclusive, toExclusive),
        Arrays.copyOfRange(spaces, fromInclusive, toExclusive),
        Arrays.copyOfRange(kept, fromInclusive, toExclusive));
  }

  public Stretch reversed() {
    int n = size();
    double[] turnedWidths = new double[n];
    boolean[] turnedMarks = new boolean[n];
    boolean[] turnedSpaces = new boolean[n];
    boolean[] turnedKept = new boolean[n];
    for (int i = 0; i < n; i++) {
      turnedWidths[i] = widths[n - 1 - i];
      turnedMarks[i] = noEase[n - 1 - i];
      turnedSpaces[i] = spaces[n - 1 - i];
      turnedKept[i] = kept[n - 1 - i];
    }
    return new Stretch(turnedWidths, turnedMarks, turnedSpaces, turnedKept);
  }
}
