package ruxel.core.match;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;

/**
 * The optimal joint plan of one interval (model 3).
 *
 * <p>Definition: groups of p places of A with q of B, p or q being 1, at most K = ⌈N / min⌉ places in
 * one (more in a space worked round), that use up both sides in order with the least {@link Cost}. Any
 * two stretches of at least one place are accepted; equal counts without spaces give one to one. Ties: of
 * the best plans the one whose group sizes, read from {@code from}, are the larger first. Exact; time and
 * memory as {@link RestTable}, at worst O(n · m · K) and O(n · m).
 *
 * <p>Law: plan(mirror A, mirror B, other from) = mirror(plan(A, B, from)). It holds because an interval
 * reckoned from its end is turned round, planned from its start and turned back.
 */
public final class JointTable {
  private final Pairing pairing;
  private final RestTable rest;
  private final int n;
  private final int m;
  private int spentE;
  private double spentQ;

  private JointTable(Stretch a, Stretch b) {
    pairing = new Pairing(a, b);
    rest = RestTable.of(pairing, a.cuts(), b.cuts());
    n = a.size();
    m = b.size();
  }

  public static List<Group> optimum(Stretch a, Stretch b, From from) {
    if (from == From.END) {
      List<Group> turned = new ArrayList<>(optimum(a.reversed(), b.reversed(), From.START));
      Collections.reverse(turned);
      return List.copyOf(turned);
    }
    boolean oneToOne = a.size() == b.size() && !a.hasSpaces() && !b.hasSpaces();
    return oneToOne ? Collections.nCopies(a.size(), new Group(1, 1)) : new JointTable(a, b).walk();
  }

  /** Takes from the start the largest group that still lies on a best plan. */
  private List<Group> walk() {
    List<Group> groups = new ArrayList<>();
    int i = 0;
    int j = 0;
    while (i < n) {
      Group next = largestOptimal(i, j);
      groups.add(next);
      i += next.p();
      j += next.q();
    }
    return List.copyOf(groups);
  }

  private Group largestOptimal(int i, int j) {
    for (int size = Math.max(pairing.mostOfA(j), pairing.mostOfB(i)); size >= 1; size--) {
      if (size <= pairing.mostOfA(j) && take(i, j, new Group(size, 1))) {
        return new Group(size, 1);
      }
      if (size > 1 && size <= pairing.mostOfB(i) && take(i, j, new Group(1, size))) {
        return new Group(1, size);
      }
    }
    throw new IllegalStateException("No group leads on from (%d, %d)".formatted(i, j));
  }

  private boolean take(int i, int j, Group group) {
    if (rest.q(i + group.p(), j + group.q()) == RestTable.NONE) {
      return false;
    }
    double cost = 0;
    boolean held = false;
    for (int k = 0; k < group.size(); k++) {
      int onA = group.p() == 1 ? i : i + k;
      int onB = group.q() == 1 ? j : j + k;
      cost += pairing.squared(onA, onB);
      held |= pairing.noEase(onA, onB);
    }
    double q = spentQ + cost;
    int e = spentE + (held ? group.size() - 1 : 0);
    boolean best =
        e + rest.e(i + group.p(), j + group.q()) == rest.e(0, 0)
            && Cost.equalQ(q + rest.q(i + group.p(), j + group.q()), rest.q(0, 0));
    if (best) {
      spentQ = q;
      spentE = e;
    }
    return best;
  }
}
