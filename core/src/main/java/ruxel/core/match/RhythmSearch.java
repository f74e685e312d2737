package ruxel.core.match;

import java.util.List;
import java.util.Optional;
import ruxel.core.match.Rhythm.Block;
import ruxel.core.measure.HouseRules;

/**
 * The easiest admissible rhythm of an even interval (model 3): fewest numbers to keep, then the smaller
 * worst offset, then the smaller Q, then the one that begins with P, then earlier extras.
 *
 * <p>Candidates are tried by how many numbers they ask for, fewest first, so that the search ends with the
 * first admissible class; plain ends so long that they drift too far are never tried. A worst offset is found
 * in constant time, since it is linear along each run and each repeat.
 */
final class RhythmSearch {
  private static final double EQUAL = 1e-9;

  private final int finer;
  private final int coarser;
  private final int plain;
  private final int rare;
  private final int rareCount;
  private final int plains;
  private final int longestEnd;
  private final double limit;
  private final int mostNumbers;
  private Optional<Candidate> best = Optional.empty();
  private int numbers;

  private record Candidate(Rhythm rhythm, double worst) {}

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
    plains = coarser - rareCount;
    int end = 0;
    while (end < plains && offset(end, 0, plain) <= limit) {
      end++;
    }
    longestEnd = end;
  }

  /** Admissible: the worst offset is at most the optimum's plus the house's slack, and few numbers. */
  static Optional<Rhythm> find(int finer, int coarser, double optimumWorst, HouseRules rules) {
    double limit = optimumWorst + rules.get(HouseRules.Rule.RHYTHM_SLACK_PLACES) + EQUAL;
    int numbers = (int) rules.get(HouseRules.Rule.RHYTHM_NUMBERS);
    return new RhythmSearch(finer, coarser, limit, numbers).search();
  }

  private Optional<Rhythm> search() {
    if (rareCount == 0) {
      return Optional.of(Rhythm.all(plain, coarser));
    }
    for (numbers = 0; numbers <= mostNumbers && best.isEmpty(); numbers++) {
      repeatedBlocks();
      for (int t = 1; t < rareCount; t++) {
        changingBlocks(t, rareCount - t, 1);
      }
      for (int rounds = 2; rounds <= rareCount / 2; rounds++) {
        if (rareCount % rounds == 0) {
          changingBlocks(rareCount / rounds - 1, 1, rounds);
        }
      }
    }
    return best.map(Candidate::rhythm);
  }

  private static int told(int count) {
    return count > 1 ? 1 : 0;
  }

  private static int some(int run) {
    return run > 0 ? 1 : 0;
  }

  private void repeatedBlocks() {
    // Two X never stand side by side: a repeated block holds at least one P.
    for (int w = plains / rareCount; w >= (rareCount > 1 ? 1 : 0); w--) {
      int ends = plains - rareCount * w;
      // A single X needs no repeat: its plain runs are those of the block alone.
      if (ends > 2 * longestEnd || (rareCount == 1 && ends > 0)) {
        return;
      }
      for (int before = Math.max(0, w - longestEnd); before <= Math.min(w, longestEnd); before++) {
        int fixed = told(rareCount) + some(before) + some(w - before);
        Block block = new Block(before, w - before);
        ends(ends, fixed, a -> Rhythm.repeated(plain, rare, a, block, rareCount, ends - a));
      }
    }
  }

  /** R2 with one round, R3 with more; the other block is one P longer or shorter. */
  private void changingBlocks(int times, int otherTimes, int rounds) {
    int repeats = told(times) + told(otherTimes) + told(rounds);
    if (repeats > numbers) {
      return;
    }
    for (int step = -1; step <= 1; step += 2) {
      for (int run = (plains - step * otherTimes * rounds) / rareCount; run >= 1 + Math.max(0, -step); run--) {
        int ends = plains - rounds * (run * times + (run + step) * otherTimes);
        if (ends > 2 * longestEnd) {
          break;
        }
        int fixed = repeats + some(run) + some(run + step);
        if (ends >= 0) {
          oriented(run, run + step, times, otherTimes, rounds, ends, fixed);
        }
      }
    }
  }

  private void oriented(int run, int otherRun, int times, int otherTimes, int rounds, int ends, int fixed) {
    for (boolean rareLast : new boolean[] {true, false}) {
      Block block = rareLast ? new Block(run, 0) : new Block(0, run);
      Block other = rareLast ? new Block(otherRun, 0) : new Block(0, otherRun);
      ends(
          ends, fixed,
          a ->
              rounds == 1
                  ? Rhythm.changing(plain, rare, a, block, times, other, otherTimes, ends - a)
                  : Rhythm.nested(plain, rare, a, block, times, other, rounds, ends - a));
    }
  }

  private interface WithStart {
    Rhythm of(int a);
  }

  /** Shares the plain places at the ends out in every way that asks for as many numbers as are looked for. */
  private void ends(int ends, int fixed, WithStart candidate) {
    if (ends == 0) {
      if (fixed == numbers) {
        offer(candidate.of(0));
      }
      return;
    }
    if (fixed + 1 == numbers && ends <= longestEnd) {
      offer(candidate.of(0));
      offer(candidate.of(ends));
    }
    if (fixed + 2 == numbers) {
      for (int a = Math.max(1, ends - longestEnd); a <= Math.min(ends - 1, longestEnd); a++) {
        offer(candidate.of(a));
      }
    }
  }

  private void offer(Rhythm rhythm) {
    if (!endsAllowed(rhythm)) {
      return;
    }
    double worst = worst(rhythm);
    if (worst > limit || best.isPresent() && worst > best.get().worst() + EQUAL) {
      return;
    }
    Candidate candidate = new Candidate(rhythm, worst);
    if (best.isEmpty() || isBetter(candidate, best.get())) {
      best = Optional.of(candidate);
    }
  }

  /** An extra never falls on the first or last place, unless the rhythm is one pure repeat of three or more. */
  private boolean endsAllowed(Rhythm r) {
    if (rare < plain) {
      return true;
    }
    int repeats = r.form() == Rhythm.Form.R3 ? r.rounds() : r.form() == Rhythm.Form.R1 ? r.times() : 0;
    boolean pureRepeat = r.a() == 0 && r.b() == 0 && repeats >= 3;
    Block last = r.otherTimes() > 0 ? r.other() : r.block();
    boolean firstIsX = r.a() == 0 && r.block().before() == 0;
    boolean lastIsX = r.b() == 0 && last.after() == 0;
    return pureRepeat || !(firstIsX || lastIsX);
  }

  private boolean isBetter(Candidate one, Candidate other) {
    if (Math.abs(one.worst() - other.worst()) > EQUAL) {
      return one.worst() < other.worst();
    }
    double oneQ = q(one.rhythm());
    double otherQ = q(other.rhythm());
    if (!Cost.equalQ(oneQ, otherQ)) {
      return oneQ < otherQ;
    }
    boolean oneBeginsPlain = beginsPlain(one.rhythm());
    if (oneBeginsPlain != beginsPlain(other.rhythm())) {
      return oneBeginsPlain;
    }
    return extrasEarlier(one.rhythm().sizes(), other.rhythm().sizes());
  }

  private static boolean beginsPlain(Rhythm rhythm) {
    return rhythm.a() + rhythm.block().before() > 0;
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
    double worst = plainRun(0, 0, r.a());
    int group = r.a();
    int rares = 0;
    int groupsRound = r.times() * r.block().groups() + r.otherTimes() * r.other().groups();
    int raresRound = r.times() + r.otherTimes();
    for (int round = 0; round < r.rounds(); round += Math.max(1, r.rounds() - 1)) {
      group = r.a() + round * groupsRound;
      rares = round * raresRound;
      worst = Math.max(worst, repeats(group, rares, r.block(), r.times()));
      group += r.times() * r.block().groups();
      worst = Math.max(worst, repeats(group, rares + r.times(), r.other(), r.otherTimes()));
    }
    return Math.max(worst, plainRun(r.a() + r.rounds() * groupsRound, r.rounds() * raresRound, r.b()));
  }

  /** Worst offset in a block repeated: in its first or its last repeat. */
  private double repeats(int startGroup, int raresBefore, Block block, int times) {
    double worst = 0;
    for (int repeat = 0; repeat < times; repeat += Math.max(1, times - 1)) {
      int group = startGroup + repeat * block.groups();
      int rares = raresBefore + repeat;
      worst = Math.max(worst, plainRun(group, rares, block.before()));
      worst = Math.max(worst, offset(group + block.before(), rares, rare));
      worst = Math.max(worst, plainRun(group + block.before() + 1, rares + 1, block.after()));
    }
    return worst;
  }

  /** Worst offset in a run of plain groups: at its first or its last one. */
  private double plainRun(int startGroup, int raresBefore, int count) {
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
