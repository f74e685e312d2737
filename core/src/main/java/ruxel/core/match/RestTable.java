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

  private final boolean uniform;
  private final double[] cost;

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
    uniform = pairing.uniform();
    cost = new double[m + 1];
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
    if (marked) {
      for (int j = from; j <= to; j++) {
        cell(i, j, rowQ, rowE);
      }
    } else if (from <= to) {
      Arrays.fill(rowQ, from, to + 1, NONE);
      severalOfA(i, from, to, rowQ);
      severalOfB(i, from, to, rowQ);
    }
    int first = Integer.MAX_VALUE;
    int last = -1;
    for (int j = from; j <= to; j++) {
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

  /** Offers groups of p of A with the place of B behind each cut; plain loops over the row, since all time is spent here. */
  private void severalOfA(int i, int from, int to, double[] rowQ) {
    Arrays.fill(cost, from, to + 1, 0);
    for (int p = 1; p <= Math.min(largestOfA, n - i); p++) {
      for (int j = from; j <= Math.min(to, m - 1); j++) {
        cost[j] += pairing.squared(i + p - 1, j);
      }
      double[] rest = q[i + p];
      int before = 1 - low[i + p];
      int last = Math.min(to, high[i + p] - 1);
      for (int j = Math.max(from, low[i + p] - 1); j <= last; j++) {
        double candidate = cost[j] + rest[j + before];
        if (candidate < rowQ[j] && (uniform || p <= pairing.mostOfA(j))) {
          rowQ[j] = candidate;
        }
      }
    }
  }

  /** Offers groups of one place of A with k of B. */
  private void severalOfB(int i, int from, int to, double[] rowQ) {
    double[] rest = q[i + 1];
    int low1 = low[i + 1];
    for (int j = from; j <= Math.min(to, m - 1); j++) {
      cost[j] = pairing.squared(i, j);
    }
    for (int k = 2; k <= pairing.mostOfB(i); k++) {
      int last = Math.min(to, Math.min(m - k, high[i + 1] - k));
      for (int j = from; j <= last; j++) {
        cost[j] += pairing.squared(i, j + k - 1);
        int there = j + k - low1;
        if (there >= 0) {
          rowQ[j] = Math.min(rowQ[j], cost[j] + rest[there]);
        }
      }
    }
  }

  private boolean withinLimit(int cellE, double cellQ) {
    return cellQ < NONE && (cellE < limitE || (cellE == limitE && cellQ <= limitQ));
  }

  /** The same for one cell where no-ease places make the first level of the cost matter. */
  private void cell(int i, int j, double[] rowQ, int[] rowE) {
    rowQ[j] = NONE;
    rowE[j] = Integer.MAX_VALUE;
    double sum = 0;
    boolean held = false;
    int most = j < m ? Math.min(pairing.mostOfA(j), n - i) : 0;
    for (int p = 1; p <= most; p++) {
      sum += pairing.squared(i + p - 1, j);
      held |= pairing.noEase(i + p - 1, j);
      offer(i + p, j + 1, sum, held ? p - 1 : 0, j, rowQ, rowE);
    }
    sum = 0;
    held = false;
    most = Math.min(pairing.mostOfB(i), m - j);
    for (int k = 1; k <= most; k++) {
      sum += pairing.squared(i, j + k - 1);
      held |= pairing.noEase(i, j + k - 1);
      offer(i + 1, j + k, sum, held ? k - 1 : 0, j, rowQ, rowE);
    }
  }

  private void offer(int toI, int toJ, double sum, int eased, int j, double[] rowQ, int[] rowE) {
    double rest = q(toI, toJ);
    if (rest == NONE) {
      return;
    }
    int sumE = e(toI, toJ) + eased;
    if (sumE < rowE[j] || (sumE == rowE[j] && sum + rest < rowQ[j])) {
      rowE[j] = sumE;
      rowQ[j] = sum + rest;
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
