package ruxel.bench;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import ruxel.core.match.From;
import ruxel.core.match.Group;
import ruxel.core.match.Stretch;

/** The joint plan by the plain full table: what the planner's speed is measured against, and nothing else. */
final class FullTable {
  private static final int UNREACHED = Integer.MAX_VALUE;

  private final Stretch a;
  private final Stretch b;
  private final double[] x;
  private final double[] y;
  private final int n;
  private final int m;
  private final int most;
  private final double scale;
  private final boolean marked;

  private FullTable(Stretch a, Stretch b) {
    this.a = a;
    this.b = b;
    x = a.middles();
    y = b.middles();
    n = x.length;
    m = y.length;
    most = mostInGroup(n, m);
    scale = (double) Math.max(n, m) * Math.max(n, m);
    marked = a.hasNoEase() || b.hasNoEase();
  }

  private static int mostInGroup(int n, int m) {
    int finer = Math.max(n, m);
    int coarser = Math.min(n, m);
    return (finer + coarser - 1) / coarser;
  }

  static List<Group> optimum(Stretch a, Stretch b, From from) {
    if (from == From.END) {
      List<Group> turned = new ArrayList<>(optimum(a.reversed(), b.reversed(), From.START));
      Collections.reverse(turned);
      return List.copyOf(turned);
    }
    return a.size() == b.size()
        ? Collections.nCopies(a.size(), new Group(1, 1))
        : new FullTable(a, b).walk();
  }

  /** Costs of all prefixes (forward) or suffixes (backward); cell (i, j) at i · (m + 1) + j. */
  private final class Costs {
    private final int[] e = new int[marked ? (n + 1) * (m + 1) : 0];
    private final double[] q = new double[(n + 1) * (m + 1)];
    private final boolean backward;

    Costs(boolean backward) {
      this.backward = backward;
      Arrays.fill(q, Double.POSITIVE_INFINITY);
      Arrays.fill(e, UNREACHED);
      q[0] = 0;
      if (marked) {
        e[0] = 0;
      }
      for (int i = 1; i <= n; i++) {
        int low = Math.max(1, Math.max((i + most - 1) / most, m - (n - i) * most));
        int high = Math.min(m, i * most);
        for (int j = low; j <= high; j++) {
          best(i, j);
        }
      }
    }

    private void best(int i, int j) {
      double cost = 0;
      boolean touched = false;
      for (int p = 1; p <= Math.min(most, i); p++) {
        cost += pair(i - p, j - 1);
        touched |= noEase(i - p, j - 1);
        offer(i, j, cell(i - p, j - 1), cost, touched ? p - 1 : 0);
      }
      cost = pair(i - 1, j - 1);
      touched = noEase(i - 1, j - 1);
      for (int k = 2; k <= Math.min(most, j); k++) {
        cost += pair(i - 1, j - k);
        touched |= noEase(i - 1, j - k);
        offer(i, j, cell(i - 1, j - k), cost, touched ? k - 1 : 0);
      }
    }

    private void offer(int i, int j, int before, double cost, int eased) {
      double candidate = q[before] + cost;
      if (candidate == Double.POSITIVE_INFINITY) {
        return;
      }
      int here = cell(i, j);
      if (!marked) {
        q[here] = Math.min(q[here], candidate);
        return;
      }
      int candidateE = e[before] + eased;
      if (candidateE < e[here] || (candidateE == e[here] && candidate < q[here])) {
        e[here] = candidateE;
        q[here] = candidate;
      }
    }

    private double pair(int i, int j) {
      double offset = backward ? x[n - 1 - i] - y[m - 1 - j] : x[i] - y[j];
      return scale * offset * offset;
    }

    private boolean noEase(int i, int j) {
      return marked
          && (backward
              ? a.noEase()[n - 1 - i] || b.noEase()[m - 1 - j]
              : a.noEase()[i] || b.noEase()[j]);
    }

    private int e(int cell) {
      return marked ? e[cell] : 0;
    }
  }

  private int cell(int i, int j) {
    return i * (m + 1) + j;
  }

  /** Takes from the start the largest group that still lies on a best plan. */
  private List<Group> walk() {
    Costs before = new Costs(false);
    Costs after = new Costs(true);
    int end = cell(n, m);
    List<Group> groups = new ArrayList<>();
    int i = 0;
    int j = 0;
    while (i < n) {
      Group next = largestOptimal(before, after, i, j, before.e(end), before.q[end]);
      groups.add(next);
      i += next.p();
      j += next.q();
    }
    return List.copyOf(groups);
  }

  private Group largestOptimal(Costs before, Costs after, int i, int j, int bestE, double bestQ) {
    for (int size = most; size >= 1; size--) {
      if (isOptimal(before, after, i, j, new Group(size, 1), bestE, bestQ)) {
        return new Group(size, 1);
      }
      if (size > 1 && isOptimal(before, after, i, j, new Group(1, size), bestE, bestQ)) {
        return new Group(1, size);
      }
    }
    throw new IllegalStateException("No group leads on from (%d, %d)".formatted(i, j));
  }

  private boolean isOptimal(
      Costs before, Costs after, int i, int j, Group group, int bestE, double bestQ) {
    if (i + group.p() > n || j + group.q() > m) {
      return false;
    }
    int rest = cell(n - i - group.p(), m - j - group.q());
    double cost = 0;
    boolean touched = false;
    for (int k = 0; k < group.size(); k++) {
      int ai = group.p() == 1 ? i : i + k;
      int bj = group.q() == 1 ? j : j + k;
      cost += before.pair(ai, bj);
      touched |= before.noEase(ai, bj);
    }
    int here = cell(i, j);
    double q = before.q[here] + cost + after.q[rest];
    if (q == Double.POSITIVE_INFINITY) {
      return false;
    }
    int e = before.e(here) + (touched ? group.size() - 1 : 0) + after.e(rest);
    return e == bestE && Math.abs(q - bestQ) < 1e-9 * (1 + Math.min(q, bestQ));
  }
}
