package ruxel.core.match;

import java.util.List;

/** The cost of a given list of groups on two stretches (model 3). Linear in the joints. */
final class Offsets {
  private Offsets() {}

  static Cost cost(Stretch a, Stretch b, List<Group> groups) {
    double[] x = a.middles();
    double[] y = b.middles();
    double finer = Math.max(x.length, y.length);
    int e = 0;
    double q = 0;
    double worst = 0;
    int i = 0;
    int j = 0;
    for (Group group : groups) {
      boolean touched = false;
      for (int k = 0; k < group.size(); k++) {
        int ai = group.p() == 1 ? i : i + k;
        int bj = group.q() == 1 ? j : j + k;
        double offset = finer * (x[ai] - y[bj]);
        q += offset * offset;
        worst = Math.max(worst, Math.abs(offset));
        touched |= a.noEase()[ai] || b.noEase()[bj];
      }
      e += touched ? group.size() - 1 : 0;
      i += group.p();
      j += group.q();
    }
    return new Cost(e, q, worst);
  }
}
