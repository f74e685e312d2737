package ruxel.testkit;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;

/**
 * An outside check of joint plans, written from the definitions alone; shares no code with the planner.
 * Groups are {@code [p, q]} pairs in the order of the seam.
 */
public final class PlanChecker {
  /** Cost levels: eased no-ease places, then squared offsets; {@code worst} for information. */
  public record Score(int e, double q, double worst) {
    boolean lessThan(Score other) {
      return e != other.e ? e < other.e : q < other.q;
    }
  }

  private final double[] x;
  private final double[] y;
  private final double[] halfX;
  private final double[] halfY;
  private final boolean[] heldA;
  private final boolean[] heldB;
  private final int finer;

  public PlanChecker(double[] widthsA, boolean[] heldA, double[] widthsB, boolean[] heldB) {
    this(widthsA, heldA, new boolean[widthsA.length], widthsB, heldB, new boolean[widthsB.length]);
  }

  /** With marks for spaces worked round, in which whatever lies opposite is at home. */
  public PlanChecker(
      double[] widthsA, boolean[] heldA, boolean[] roundA, double[] widthsB, boolean[] heldB, boolean[] roundB) {
    x = centres(widthsA);
    y = centres(widthsB);
    halfX = halves(widthsA, roundA);
    halfY = halves(widthsB, roundB);
    this.heldA = heldA;
    this.heldB = heldB;
    finer = Math.max(widthsA.length, widthsB.length);
  }

  /** Half the share of each space worked round, 0 elsewhere. */
  private static double[] halves(double[] widths, boolean[] round) {
    double total = 0;
    for (double width : widths) {
      total += width;
    }
    double[] halves = new double[widths.length];
    for (int i = 0; i < widths.length; i++) {
      halves[i] = round[i] ? widths[i] / total / 2 : 0;
    }
    return halves;
  }

  private double apart(int s, int t) {
    return Math.max(0, Math.abs(x[s] - y[t]) - halfX[s] - halfY[t]) * finer;
  }

  /** Most places of the other side in one group with place {@code k}. */
  private int cap(int k, double[] halves, int others) {
    int usual = (int) Math.ceil((double) finer / Math.min(x.length, y.length));
    return halves[k] > 0 ? Math.max(usual, (int) Math.round(2 * halves[k] * others)) : usual;
  }

  private int capA(int s) {
    return cap(s, halfX, y.length);
  }

  private int capB(int t) {
    return cap(t, halfY, x.length);
  }

  private static double[] centres(double[] widths) {
    double total = 0;
    double[] centres = new double[widths.length];
    for (int i = 0; i < widths.length; i++) {
      centres[i] = total + widths[i] * 0.5;
      total += widths[i];
    }
    for (int i = 0; i < widths.length; i++) {
      centres[i] /= total;
    }
    return centres;
  }

  /** What is wrong with the plan; empty when it uses up both sides in order within the cap. */
  public List<String> faults(List<int[]> groups) {
    List<String> faults = new ArrayList<>();
    int usedA = 0;
    int usedB = 0;
    for (int[] group : groups) {
      if (group[0] < 1 || group[1] < 1 || (group[0] != 1 && group[1] != 1)) {
        faults.add("group of " + group[0] + " with " + group[1]);
      }
      if (group[1] > 1 && group[1] > capA(usedA) || group[0] > 1 && group[0] > capB(usedB)) {
        faults.add("group of " + group[0] + " with " + group[1] + " is too large");
      }
      usedA += group[0];
      usedB += group[1];
    }
    if (usedA != x.length || usedB != y.length) {
      faults.add("uses " + usedA + " and " + usedB + " of " + x.length + " and " + y.length);
    }
    return faults;
  }

  public Score score(List<int[]> groups) {
    Score sum = new Score(0, 0, 0);
    int i = 0;
    int j = 0;
    for (int[] group : groups) {
      sum = plus(sum, group(i, j, group[0], group[1]));
      i += group[0];
      j += group[1];
    }
    return sum;
  }

  private Score group(int i, int j, int p, int q) {
    double squares = 0;
    double worst = 0;
    boolean held = false;
    for (int s = i; s < i + p; s++) {
      for (int t = j; t < j + q; t++) {
        double d = apart(s, t);
        squares += d * d;
        worst = Math.max(worst, d);
        held = held || heldA[s] || heldB[t];
      }
    }
    return new Score(held ? Math.max(p, q) - 1 : 0, squares, worst);
  }

  private static Score plus(Score one, Score two) {
    return new Score(one.e + two.e, one.q + two.q, Math.max(one.worst, two.worst));
  }

  /** The best score over all plans by a plain table of suffixes. */
  public Score plainTable() {
    Score[][] rest = new Score[x.length + 1][y.length + 1];
    rest[x.length][y.length] = new Score(0, 0, 0);
    for (int i = x.length - 1; i >= 0; i--) {
      for (int j = y.length - 1; j >= 0; j--) {
        for (int size = 1; size <= capB(j); size++) {
          consider(rest, i, j, size, 1);
        }
        for (int size = 2; size <= capA(i); size++) {
          consider(rest, i, j, 1, size);
        }
      }
    }
    return rest[0][0];
  }

  private void consider(Score[][] rest, int i, int j, int p, int q) {
    if (i + p > x.length || j + q > y.length || rest[i + p][j + q] == null) {
      return;
    }
    Score candidate = plus(group(i, j, p, q), rest[i + p][j + q]);
    if (rest[i][j] == null || candidate.lessThan(rest[i][j])) {
      rest[i][j] = candidate;
    }
  }

  /** The best score by trying every plan; for sides up to about nine places. */
  public Score everyPlan() {
    return everyPlan(0, 0);
  }

  private Score everyPlan(int i, int j) {
    if (i == x.length && j == y.length) {
      return new Score(0, 0, 0);
    }
    if (i == x.length || j == y.length) {
      return null;
    }
    Score best = null;
    for (int p = 1; p <= capB(j) && i + p <= x.length; p++) {
      for (int q = 1; q <= (p == 1 ? capA(i) : 1) && j + q <= y.length; q++) {
        Score rest = everyPlan(i + p, j + q);
        if (rest != null) {
          Score candidate = plus(group(i, j, p, q), rest);
          best = best == null || candidate.lessThan(best) ? candidate : best;
        }
      }
    }
    return best;
  }

  /**
   * The least squared offsets of passing over places of the larger side, by trying every choice; −1 if none.
   *
   * @param kept places of the larger side that are never passed over
   */
  public double everySkip(boolean[] kept) {
    return everySkip(0, 0, kept);
  }

  private double everySkip(int small, int large, boolean[] kept) {
    boolean largerIsA = x.length > y.length;
    int smalls = Math.min(x.length, y.length);
    double here = Math.pow(largerIsA ? apart(large, small) : apart(small, large), 2);
    if (small == smalls - 1) {
      return large == finer - 1 ? here : -1;
    }
    int most = (int) Math.ceil((double) finer / smalls);
    double best = -1;
    for (int next = large + 1; next <= Math.min(large + most, finer - 1); next++) {
      boolean stitchBetween = IntStream.range(large + 1, next).anyMatch(place -> kept[place]);
      double rest = stitchBetween ? -1 : everySkip(small + 1, next, kept);
      if (rest >= 0 && (best < 0 || rest < best)) {
        best = rest;
      }
    }
    return best < 0 ? -1 : here + best;
  }
}
