package ruxel.core.match;

import java.util.Arrays;

/**
 * The least cost of joining what is left from each pair of cuts on, as far as it can matter: cells that
 * cost more than a known plan of the whole are never on a best one and are not kept, so that the table
 * shrinks to a band along the seam wherever the seam lies flat. Exact for every edge.
 *
 * <p>Time O(kept cells · group sizes), memory O(kept cells).
 */
final class RestTable {
  /** No plan leads on from here. */
  static final double NONE = Double.POSITIVE_INFINITY;

  private static final double SLACK = 4e-9;
  private static final int NO_BAND = Integer.MAX_VALUE;
  private static final int NARROWEST = 4;
  private static final int WIDER = 4;

  private final Pairing pairing;
  private final int n;
  private final int m;
  private final boolean marked;
  private final int largestOfA;
  private final int largestOfB;
  private final int[] middle;
  private final int band;
  private final int limitE;
  private final double limitQ;

  private final int[] low;
  private final int[] high;
  private final double[][] q;
  private final int[][] e;

  private RestTable(Pairing pairing, int[] middle, int band, int limitE, double limitQ) {
    this.pairing = pairing;
    this.middle = middle;
    this.band = band;
    this.limitE = limitE;
    this.limitQ = limitQ;
    n = pairing.sizeA();
    m = pairing.sizeB();
    marked = pairing.marked();
    largestOfA = largest(m, true);
    largestOfB = largest(n, false);
    low = new int[n + 1];
    high = new int[n + 1];
    q = new double[n + 1][];
    e = new int[n + 1][];
    fill();
  }

  private int largest(int count, boolean ofA) {
    int largest = 1;
    for (int i = 0; i < count; i++) {
      largest = Math.max(largest, ofA ? pairing.mostOfA(i) : pairing.mostOfB(i));
    }
    return largest;
  }

  /** A plan along the seam's middle line gives the limit; the second table keeps what is within it. */
  static RestTable of(Pairing pairing, double[] cutsA, double[] cutsB) {
    int[] middle = middle(cutsA, cutsB);
    int widest = pairing.sizeB() + 1;
    int band = NARROWEST + 2 * Pairing.mostInGroup(pairing.sizeA(), pairing.sizeB());
    while (band < widest) {
      RestTable first = new RestTable(pairing, middle, band, Integer.MAX_VALUE, NONE);
      if (first.q(0, 0) < NONE) {
        double limit = first.q(0, 0);
        return new RestTable(pairing, middle, NO_BAND, first.e(0, 0), limit + SLACK * (1 + limit));
      }
      band *= WIDER;
    }
    return new RestTable(pairing, middle, NO_BAND, Integer.MAX_VALUE, NONE);
  }

  /** For each cut of A the nearest cut of B. */
  private static int[] middle(double[] cutsA, double[] cutsB) {
    int[] middle = new int[cutsA.length];
    int j = 0;
    for (int i = 0; i < cutsA.length; i++) {
      while (j + 1 < cutsB.length && Math.abs(cutsB[j + 1] - cutsA[i]) <= Math.abs(cutsB[j] - cutsA[i])) {
        j++;
      }
      middle[i] = j;
    }
    return middle;
  }

  private void fill() {
    low[n] = m;
    high[n] = m;
    q[n] = new double[] {0};
    e[n] = new int[] {0};
    double[] rowQ = new double[m + 1];
    int[] rowE = new int[marked ? m + 1 : 0];
    for (int i = n - 1; i >= 0; i--) {
      int from = Math.max(i > 0 ? 1 : 0, band == NO_BAND ? 0 : middle[i] - band);
      int to = Math.min(i > 0 ? m - 1 : 0, band == NO_BAND ? m : middle[i] + band);
      int first = low[i + 1] - largestOfB;
      int last = high[i + 1] - 1;
      for (int p = 2; p <= largestOfA && i + p <= n; p++) {
        if (low[i + p] <= high[i + p]) {
          first = Math.min(first, low[i + p] - 1);
          last = Math.max(last, high[i + p] - 1);
        }
      }
      row(i, Math.max(from, first), Math.min(to, last), rowQ, rowE);
    }
  }

  private void row(int i, int from, int to, double[] rowQ, int[] rowE) {
    int first = Integer.MAX_VALUE;
    int last = -1;
    for (int j = from; j <= to; j++) {
      cell(i, j, rowQ, rowE);
      if (withinLimit(marked ? rowE[j] : 0, rowQ[j])) {
        first = Math.min(first, j);
        last = j;
      } else {
        rowQ[j] = NONE;
      }
    }
    low[i] = last < 0 ? m + 1 : first;
    high[i] = last < 0 ? -1 : last;
    q[i] = last < 0 ? new double[0] : Arrays.copyOfRange(rowQ, first, last + 1);
    e[i] = last < 0 || !marked ? new int[0] : Arrays.copyOfRange(rowE, first, last + 1);
  }

  private boolean withinLimit(int cellE, double cellQ) {
    return cellQ < NONE && (cellE < limitE || (cellE == limitE && cellQ <= limitQ));
  }

  private void cell(int i, int j, double[] rowQ, int[] rowE) {
    double bestQ = NONE;
    int bestE = Integer.MAX_VALUE;
    double cost = 0;
    boolean held = false;
    int most = Math.min(pairing.mostOfA(j), n - i);
    for (int p = 1; p <= most; p++) {
      cost += pairing.squared(i + p - 1, j);
      if (marked) {
        held |= pairing.noEase(i + p - 1, j);
      } else if (cost > limitQ) {
        break;
      }
      double rest = q(i + p, j + 1);
      if (rest < NONE) {
        int eased = marked ? e(i + p, j + 1) + (held ? p - 1 : 0) : 0;
        if (eased < bestE || (eased == bestE && cost + rest < bestQ)) {
          bestE = eased;
          bestQ = cost + rest;
        }
      }
    }
    cost = pairing.squared(i, j);
    held = marked && pairing.noEase(i, j);
    most = Math.min(pairing.mostOfB(i), m - j);
    for (int k = 2; k <= most; k++) {
      cost += pairing.squared(i, j + k - 1);
      if (marked) {
        held |= pairing.noEase(i, j + k - 1);
      } else if (cost > limitQ) {
        break;
      }
      double rest = q(i + 1, j + k);
      if (rest < NONE) {
        int eased = marked ? e(i + 1, j + k) + (held ? k - 1 : 0) : 0;
        if (eased < bestE || (eased == bestE && cost + rest < bestQ)) {
          bestE = eased;
          bestQ = cost + rest;
        }
      }
    }
    rowQ[j] = bestQ;
    if (marked) {
      rowE[j] = bestE;
    }
  }

  /** Least squared offsets of what is left from cut i of A and cut j of B; {@link #NONE} if not kept. */
  double q(int i, int j) {
    return i <= n && j >= low[i] && j <= high[i] ? q[i][j - low[i]] : NONE;
  }

  /** Least eased no-ease places of the same; meaningful only where {@link #q} is finite. */
  int e(int i, int j) {
    return marked ? e[i][j - low[i]] : 0;
  }

  /** How many cells were kept. */
  long cells() {
    return Arrays.stream(q).mapToLong(row -> row.length).sum();
  }
}
