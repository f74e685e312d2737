package ruxel.core.bench;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import ruxel.core.bench.BenchPlan.BenchJoint;
import ruxel.core.bench.BenchPlan.BenchRound;
import ruxel.core.bench.BenchPlan.BenchSegment;
import ruxel.core.bench.BenchPlan.Prompt;
import ruxel.core.measure.Wording;
import ruxel.core.piece.UnitKind;
import ruxel.core.plan.StripPlan;
import ruxel.core.plan.StripPlan.TrimPlan;

/**
 * What an edging has besides its rounds, at the bench (handbook 11): picots and buttonholes where the last round comes to them, gathering as a round
 * behind it, tufts and curls one after the other once it is fastened off. Linear in the stitches.
 *
 * @param last the last round, in the order of work
 * @param joints those of the rounds
 */
record TrimDirections(StripPlan strip, BenchRound last, int joints) {
  /** A round of its own, with its stitches. */
  record Extra(BenchRound round, List<BenchJoint> joints) {}

  /** Stitches of the last round that are worked into together, from the {@code first} in the order of work. */
  private record Group(int first, int size, String words) {}

  /** Where the last round comes to what is worked in between. */
  List<Prompt> prompts() {
    return strip.trims().stream()
        .filter(trim -> trim.kind() == TrimPlan.Kind.PICOTS || trim.kind() == TrimPlan.Kind.BUTTONS)
        .flatMap(trim -> trim.stitches().stream().map(at -> new Prompt(last.from() + met(at), Prompt.Kind.TRIM, trim.each() + ".", "It is no stitch, and is not counted.")))
        .toList();
  }

  /** The round in which it is gathered; in rows it runs back. */
  Optional<Extra> gathering() {
    return trim(TrimPlan.Kind.GATHER)
        .map(
            trim -> {
              boolean reversed = strip.round() == last.reversed();
              List<Integer> sizes = new ArrayList<>(trim.together());
              if (reversed) {
                Collections.reverse(sizes);
              }
              List<Group> groups = new ArrayList<>();
              int first = 1;
              for (int size : sizes) {
                groups.add(new Group(first, size, size == 1 ? "Stitch %d.".formatted(first) : "%s together, stitches %d %s %d.".formatted(Wording.capital(Wording.number(size)), first, size == 2 ? "and" : "to", first + size - 1)));
                first += size;
              }
              return extra(trim, groups, reversed, joints, last.number() + 1);
            });
  }

  /** One after the other along the edge as it was worked last. */
  Optional<Extra> fringe(int number) {
    return trim(TrimPlan.Kind.FRINGE)
        .map(
            trim -> {
              List<Integer> on = trim.stitches().stream().map(this::met).sorted().toList();
              List<Group> groups = IntStream.range(0, on.size()).mapToObj(i -> new Group(on.get(i), 1, "%s, at stitch %d.".formatted(trim.each(), on.get(i)))).toList();
              return extra(trim, groups, last.reversed(), joints, number);
            });
  }

  private Optional<TrimPlan> trim(TrimPlan.Kind kind) {
    return strip.trims().stream().filter(trim -> trim.kind() == kind).findFirst();
  }

  /** Where the hands come to a stitch of the edge. */
  private int met(int stitch) {
    return last.reversed() ? last.to() - last.from() + 1 - stitch : stitch;
  }

  /** Each group stands over the stretch that holds its first stitch. */
  private Extra extra(TrimPlan trim, List<Group> groups, boolean reversed, int from, int number) {
    List<BenchSegment> below = new ArrayList<>(last.segments());
    if (reversed != last.reversed()) {
      Collections.reverse(below);
    }
    List<BenchJoint> worked = new ArrayList<>();
    List<BenchSegment> segments = new ArrayList<>();
    int before = 0;
    for (BenchSegment segment : below) {
      int units = segment.to() - segment.from();
      int start = from + worked.size();
      for (Group group : groups) {
        if (group.first() > before && group.first() <= before + units) {
          worked.add(new BenchJoint(segments.size(), group.first() - before - 1, group.words()));
        }
      }
      segments.add(new BenchSegment(segment.name(), UnitKind.STITCH_TOP, units, start, from + worked.size(), "", new StripPlan.Numbers(before + 1, 1), segment.twin()));
      before += units;
    }
    return new Extra(new BenchRound(number, trim.words(), Optional.empty(), reversed, from, from + worked.size(), segments), worked);
  }
}
