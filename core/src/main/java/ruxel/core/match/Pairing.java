package ruxel.core.match;

/**
 * What one pair of places costs and how many places one place may take (model 3): offsets of middles in
 * places of the finer side, 0 for whatever lies opposite a space worked round, K or more for such a
 * space.
 */
final class Pairing {
  private static final Pairing.Marks NONE = (a, b) -> false;

  private final int finer;
  private final double[] startA;
  private final double[] endA;
  private final double[] startB;
  private final double[] endB;
  private final int[] mostOfB;
  private final int[] mostOfA;
  private final Marks marks;
  private final boolean marked;
  private final boolean uniform;

  private interface Marks {
    boolean noEase(int a, int b);
  }

  Pairing(Stretch a, Stretch b) {
    finer = Math.max(a.size(), b.size());
    startA = reach(a, 0);
    endA = reach(a, 1);
    startB = reach(b, 0);
    endB = reach(b, 1);
    mostOfB = mostTaken(a, b.size());
    mostOfA = mostTaken(b, a.size());
    uniform = !(a.hasSpaces() || b.hasSpaces());
    marked = a.hasNoEase() || b.hasNoEase();
    boolean[] onA = a.noEase();
    boolean[] onB = b.noEase();
    marks = marked ? (i, j) -> onA[i] || onB[j] : NONE;
  }

  /** K: the most places that one place of the coarser side may take. */
  static int mostInGroup(int n, int m) {
    int coarser = Math.min(n, m);
    return (Math.max(n, m) + coarser - 1) / coarser;
  }

  /** A place is at home at its middle, a space worked round from its start to its end. */
  private static double[] reach(Stretch side, int end) {
    double[] reach = side.middles();
    double[] cuts = side.cuts();
    for (int i = 0; i < reach.length; i++) {
      if (side.spaces()[i]) {
        reach[i] = cuts[i + end];
      }
    }
    return reach;
  }

  private static int[] mostTaken(Stretch side, int other) {
    int usual = mostInGroup(side.size(), other);
    double whole = side.length();
    int[] most = new int[side.size()];
    for (int i = 0; i < most.length; i++) {
      long share = side.spaces()[i] ? Math.round(side.widths()[i] / whole * other) : 0;
      most[i] = (int) Math.max(usual, share);
    }
    return most;
  }

  /** Distance of two places, in places of the finer side. */
  double offset(int a, int b) {
    double apart = Math.max(startA[a] - endB[b], startB[b] - endA[a]);
    return apart > 0 ? finer * apart : 0;
  }

  double squared(int a, int b) {
    double offset = uniform ? finer * (startA[a] - startB[b]) : offset(a, b);
    return offset * offset;
  }

  /** Without spaces every place may take as many of the other side. */
  boolean uniform() {
    return uniform;
  }

  boolean noEase(int a, int b) {
    return marks.noEase(a, b);
  }

  /** Whether any place takes no ease, so that the first level of the cost matters. */
  boolean marked() {
    return marked;
  }

  /** How many places of B a place of A may take. */
  int mostOfB(int a) {
    return mostOfB[a];
  }

  /** How many places of A a place of B may take. */
  int mostOfA(int b) {
    return mostOfA[b];
  }

  int sizeA() {
    return startA.length;
  }

  int sizeB() {
    return startB.length;
  }
}
