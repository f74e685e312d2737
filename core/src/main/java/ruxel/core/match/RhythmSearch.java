package ruxel.core.match;

import java.util.List;
import java.util.Optional;
import ruxel.core.measure.HouseRules;

/**
 * The easiest admissible rhythm of an even interval (model 3): fewest numbers to keep, then the smaller
 * worst offset, then the smaller Q, then the one that begins with P, then earlier extras.
 *
 * <p>Candidates are tried by the number of their plain runs, fewest first, so that the search ends with
 * the first admissible class. A worst offset is found in constant time, since it is linear along each
 * plain run and along the repeats.
 */
final class RhythmSearch {
  private static final double EQUAL = 1e-9;

  private final int finer;
  private final int coarser;
  private final int plain;
  private final int rare;
  private final int rareCount;
  private final double limit;
  private final int mostNumbers;
  private Optional<Candidate> best = Optional.empty();

  private record Candidate(Rhythm rhythm, double worst, double q) {}

  private RhythmSearch(int finer, int coarser, double limit, int mostNumbers) {
    this.finer = finer;
    this.coarser = coarser;
    this.limit = limit;
    this.mostNumbers = mostNumbers;
    int quotient = finer / coarser;
    int extras = finer - quotient * coarser;
    boolean extrasAreRare = extras * 2 <= coarser;
    plain = extrasAreRare ? quotient : quotient + 1;
    rare = extrasAreRare ? quotient + 1 : quotient;
    rareCount = extrasAreRare ? extras : coarser - extras;
  }

  /** Admissible: the worst offset is at most the optimum's plus the house's slack, and few numbers. */
  static Optional<Rhythm> find(int finer, int coarser, double optimumWorst, HouseRules rules) {
    double limit = optimumWorst + rules.get(HouseRules.Rule.RHYTHM_SLACK_PLACES) + EQUAL;
    int numbers = (int) rules.get(HouseRules.Rule.RHYTHM_NUMBERS);
    return new RhythmSearch(finer, coarser, limit, numbers).search();
  }

  private Optional<Rhythm> search() {
    if (rareCount == 0) {
      return Optional.of(new Rhythm(plain, rare, coarser, 0, 0, 0, 0));
    }
    int repeatCounts = rareCount > 1 ? 1 : 0;
    for (int runs = 0; runs + repeatCounts <= mostNumbers && runs <= 4; runs++) {
      for (int mask = 0; mask < 16; mask++) {
        // A single X needs no repeat: its plain runs are u and v alone.
        if (Integer.bitCount(mask) == runs && (rareCount > 1 || (mask & 0b1001) == 0)) {
          tryMask(mask);
        }
      }
      if (best.isPresent()) {
        break;
      }
    }
    return best.map(Candidate::rhythm);
  }

  /** Bits: 1 a, 2 u, 4 v, 8 b; a set bit is a run above 0. */
  private void tryMask(int mask) {
    int plains = coarser - rareCount;
    int blockMost = plains / rareCount;
    for (int w = 0; w <= blockMost; w++) {
      int ends = plains - rareCount * w;
      for (int u = first(mask, 2, 4, w); u >= 0 && u <= last(mask, 2, 4, w); u++) {
        for (int a = first(mask, 1, 8, ends); a >= 0 && a <= last(mask, 1, 8, ends); a++) {
          offer(new Rhythm(plain, rare, a, u, w - u, rareCount, ends - a));
        }
      }
    }
  }

  /** Least share of the first of two runs that add up to {@code sum}; −1 when the mask cannot be met. */
  private static int first(int mask, int firstBit, int secondBit, int sum) {
    boolean one = (mask & firstBit) != 0;
    boolean two = (mask & secondBit) != 0;
    if (one && two) {
      return sum >= 2 ? 1 : -1;
    }
    if (!one && !two) {
      return sum == 0 ? 0 : -1;
    }
    return sum == 0 ? -1 : one ? sum : 0;
  }

  private static int last(int mask, int firstBit, int secondBit, int sum) {
    boolean both = (mask & firstBit) != 0 && (mask & secondBit) != 0;
    return both ? sum - 1 : first(mask, firstBit, secondBit, sum);
  }

  private void offer(Rhythm rhythm) {
    if (!endsAllowed(rhythm)) {
      return;
    }
    double worst = worst(rhythm);
    if (worst > limit || best.isPresent() && worst > best.get().worst() + EQUAL) {
      return;
    }
    Candidate candidate = new Candidate(rhythm, worst, q(rhythm));
    if (best.isEmpty() || isBetter(candidate, best.get())) {
      best = Optional.of(candidate);
    }
  }

  /** An extra never falls on the first or last place, unless the rhythm is one pure repeat of three or more. */
  private boolean endsAllowed(Rhythm r) {
    if (rare < plain) {
      return true;
    }
    boolean pureRepeat = r.a() == 0 && r.b() == 0 && r.s() >= 3;
    boolean firstIsX = r.a() == 0 && r.u() == 0;
    boolean lastIsX = r.b() == 0 && r.v() == 0;
    return pureRepeat || !(firstIsX || lastIsX);
  }

  private static boolean isBetter(Candidate one, Candidate other) {
    if (Math.abs(one.worst() - other.worst()) > EQUAL) {
      return one.worst() < other.worst();
    }
    if (!Cost.equalQ(one.q(), other.q())) {
      return one.q() < other.q();
    }
    boolean oneBeginsPlain = one.rhythm().a() + one.rhythm().u() > 0;
    boolean otherBeginsPlain = other.rhythm().a() + other.rhythm().u() > 0;
    if (oneBeginsPlain != otherBeginsPlain) {
      return oneBeginsPlain;
    }
    return extrasEarlier(one.rhythm().sizes(), other.rhythm().sizes());
  }

  private static boolean extrasEarlier(List<Integer> one, List<Integer> other) {
    for (int i = 0; i < one.size(); i++) {
      if (!one.get(i).equals(other.get(i))) {
        return one.get(i) > other.get(i);
      }
    }
    return false;
  }

  private double worst(Rhythm r) {
    int w = r.u() + r.v();
    double worst = Math.max(plainRun(r, 0, 0, r.a()), 0);
    int lastRepeat = r.s() - 1;
    for (int repeat : new int[] {0, lastRepeat}) {
      int start = r.a() + repeat * (w + 1);
      worst = Math.max(worst, plainRun(r, start, repeat, r.u()));
      worst = Math.max(worst, offset(start + r.u(), repeat, rare));
      worst = Math.max(worst, plainRun(r, start + r.u() + 1, repeat + 1, r.v()));
    }
    return Math.max(worst, plainRun(r, r.a() + r.s() * (w + 1), r.s(), r.b()));
  }

  /** Worst offset in a run of plain groups: at its first or its last one. */
  private double plainRun(Rhythm r, int startGroup, int raresBefore, int count) {
    return count == 0
        ? 0
        : Math.max(
            offset(startGroup, raresBefore, plain), offset(startGroup + count - 1, raresBefore, plain));
  }

  private double offset(int group, int raresBefore, int size) {
    double start = (double) plain * (group - raresBefore) + (double) rare * raresBefore;
    double middle = (group + 0.5) * finer / coarser;
    return Math.max(Math.abs(start + 0.5 - middle), Math.abs(start + size - 0.5 - middle));
  }

  private double q(Rhythm rhythm) {
    double q = 0;
    double place = 0.5;
    int group = 0;
    for (int size : rhythm.sizes()) {
      double middle = (group + 0.5) * finer / coarser;
      for (int k = 0; k < size; k++) {
        double offset = place - middle;
        q += offset * offset;
        place++;
      }
      group++;
    }
    return q;
  }
}
