package ruxel.core.match;

import java.util.Arrays;

/** One side of an interval: the widths of its places in mm and which of them take no ease. */
public record Stretch(double[] widths, boolean[] noEase) {
  public Stretch {
    if (widths.length == 0 || widths.length != noEase.length) {
      throw new IllegalArgumentException(
          "Expected as many no-ease marks as places, and at least one (%d, %d)".formatted(widths.length, noEase.length));
    }
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

  public boolean isEven() {
    return Arrays.stream(widths).allMatch(width -> Math.abs(width - widths[0]) <= 1e-9 * widths[0]);
  }

  public boolean hasNoEase() {
    for (boolean mark : noEase) {
      if (mark) {
        return true;
      }
    }
    return false;
  }

  public Stretch reversed() {
    int n = size();
    double[] turnedWidths = new double[n];
    boolean[] turnedMarks = new boolean[n];
    for (int i = 0; i < n; i++) {
      turnedWidths[i] = widths[n - 1 - i];
      turnedMarks[i] = noEase[n - 1 - i];
    }
    return new Stretch(turnedWidths, turnedMarks);
  }
}
