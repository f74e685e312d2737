package ruxel.core.match;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;

/**
 * Leaving out row ends or spaces of the larger side (model 3, Skip): each place of the smaller side gets
 * exactly one of the larger, increasing, first and last used, at most K − 1 left out in a row and never a
 * stitch, with the least Q. Of equal plans the one that, read from {@code from}, leaves out later. Time O(n · m · K).
 */
final class SkipTable {
  private final Pairing pairing;
  private final boolean largerIsA;
  private final boolean[] kept;
  private final int larger;
  private final int smaller;
  private final int most;
  /** How many places are left out in all: a place of the smaller side meets one no further on than that. */
  private final int slack;

  /** By place of the smaller side and by how many were left out before it. */
  private final double[][] rest;

  private SkipTable(Stretch a, Stretch b) {
    pairing = new Pairing(a, b);
    largerIsA = a.size() > b.size();
    kept = largerIsA ? a.kept() : b.kept();
    larger = Math.max(a.size(), b.size());
    smaller = Math.min(a.size(), b.size());
    most = Pairing.mostInGroup(larger, smaller);
    slack = larger - smaller;
    rest = new double[smaller][slack + 1];
    fill();
  }

  /** Empty when so few places cannot be spread so far without leaving out a stitch, or too many in a row. */
  static Optional<List<Group>> groups(Stretch a, Stretch b, From from) {
    if (from == From.END) {
      return groups(a.reversed(), b.reversed(), From.START)
          .map(
              groups -> {
                List<Group> turned = new ArrayList<>(groups);
                Collections.reverse(turned);
                return turned;
              });
    }
    return new SkipTable(a, b).walk();
  }

  private double pair(int small, int large) {
    return largerIsA ? pairing.squared(large, small) : pairing.squared(small, large);
  }

  private void fill() {
    for (int s = smaller - 1; s >= 0; s--) {
      for (int out = 0; out <= slack; out++) {
        boolean last = s == smaller - 1;
        double onward = last ? (out == slack ? 0 : RestTable.NONE) : bestNext(s, out);
        rest[s][out] = onward + pair(s, s + out);
      }
    }
  }

  private double bestNext(int s, int out) {
    double best = RestTable.NONE;
    for (int next = out; next <= Math.min(out + most - 1, slack) && (next == out || !kept[s + next]); next++) {
      best = Math.min(best, rest[s + 1][next]);
    }
    return best;
  }

  private Optional<List<Group>> walk() {
    if (rest[0][0] == RestTable.NONE) {
      return Optional.empty();
    }
    Group leftOut = largerIsA ? new Group(1, 0) : new Group(0, 1);
    List<Group> groups = new ArrayList<>(List.of(new Group(1, 1)));
    int out = 0;
    for (int s = 0; s < smaller - 1; s++) {
      double best = bestNext(s, out);
      int next = out;
      while (!Cost.equalQ(rest[s + 1][next], best)) {
        next++;
      }
      groups.addAll(Collections.nCopies(next - out, leftOut));
      groups.add(new Group(1, 1));
      out = next;
    }
    return Optional.of(List.copyOf(groups));
  }
}
