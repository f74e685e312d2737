package ruxel.core.match;

import java.util.List;

/** The cost of a given list of groups on two stretches (model 3). Linear in the joints. */
final class Offsets {
  private Offsets() {}

  static Cost cost(Stretch a, Stretch b, List<Group> groups) {
    Pairing pairing = new Pairing(a, b);
    int e = 0;
    double q = 0;
    double worst = 0;
    int i = 0;
    int j = 0;
    for (Group group : groups) {
      boolean touched = false;
      for (int k = 0; k < group.joints(); k++) {
        int onA = group.p() == 1 ? i : i + k;
        int onB = group.q() == 1 ? j : j + k;
        double offset = pairing.offset(onA, onB);
        q += offset * offset;
        worst = Math.max(worst, offset);
        touched |= pairing.noEase(onA, onB);
      }
      e += touched ? group.size() - 1 : 0;
      i += group.p();
      j += group.q();
    }
    return new Cost(e, q, worst);
  }
}
