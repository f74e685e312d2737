package ruxel.core.strip;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/** How many stitches each stretch takes: what is settled stays, twins are equal, the total meets the multiple, the rest is near its length. */
class PickUpTest {
  @Test
  void withoutAMultipleEachHasItsLength() {
    assertThat(counts(Strip.Multiple.ANY, free(0, 10), free(1, 20.2))).contains(List.of(10, 20));
  }

  /** An odd stitch stands beside a seam place before anywhere else. */
  @Test
  void oddStitchesStandBesideSeamPlaces() {
    assertThat(counts(new Strip.Multiple(2, 1), free(0, 10), besideSeam(1, 10), free(2, 10))).contains(List.of(10, 11, 10));
    assertThat(counts(new Strip.Multiple(6, 1), free(0, 10), besideSeam(1, 10), free(2, 10))).as("31 are 5 × 6 + 1").contains(List.of(10, 11, 10));
  }

  /** A count that the maker sets is not made up for elsewhere by more than the multiple asks for. */
  @Test
  void whatIsSettledIsNotMadeUpFor() {
    assertThat(counts(new Strip.Multiple(2, 0), settled(0, 10, 16), free(1, 10), free(2, 10))).contains(List.of(16, 10, 10));
    assertThat(counts(new Strip.Multiple(2, 0), settled(0, 10, 15), free(1, 10), free(2, 10)).orElseThrow()).startsWith(15).satisfies(rest -> assertThat(rest.get(1) + rest.get(2)).isEqualTo(21));
    assertThat(counts(new Strip.Multiple(2, 0), settled(0, 10, 15), settled(1, 10, 10))).as("nothing is left to make it even").isEmpty();
  }

  @Test
  void twinsAreEqualOrThereIsNoCount() {
    assertThat(counts(new Strip.Multiple(2, 1), free(0, 10), free(0, 10))).as("a pair is never odd").isEmpty();
    assertThat(counts(new Strip.Multiple(2, 1), free(0, 10), free(0, 10), free(1, 8)).orElseThrow()).satisfies(all -> assertThat(all.get(0)).isEqualTo(all.get(1))).satisfies(all -> assertThat(all.get(2) % 2).isEqualTo(1));
  }

  /** Whatever is wished: twins equal, the multiple met, nothing below one stitch, what is settled kept. */
  @Test
  void lawsHoldForRandomWishes() {
    Random random = new Random(5);
    for (int round = 0; round < 400; round++) {
      int groups = 1 + random.nextInt(4);
      double[] targets = IntStream.range(0, groups).mapToDouble(i -> 1 + 40 * random.nextDouble()).toArray();
      List<Wish> wishes = IntStream.range(0, 1 + random.nextInt(6)).map(i -> random.nextInt(groups)).mapToObj(group -> group == 0 ? settled(0, targets[0], 7) : free(group, targets[group])).toList();
      Strip.Multiple multiple = new Strip.Multiple(1 + random.nextInt(6), 0);
      int others = random.nextInt(5);
      double length = wishes.stream().mapToDouble(Wish::target).sum() + others;
      PickUp.of(wishes, others, length, multiple)
          .ifPresent(
              counts -> {
                assertThat(multiple.meets(counts.stream().mapToInt(Integer::intValue).sum() + others)).isTrue();
                for (int i = 0; i < counts.size(); i++) {
                  assertThat(counts.get(i)).isPositive();
                  assertThat(wishes.get(i).group() > 0 || counts.get(i) == 7).isTrue();
                  for (int j = 0; j < i; j++) {
                    assertThat(wishes.get(i).group() != wishes.get(j).group() || counts.get(i).equals(counts.get(j))).isTrue();
                  }
                }
              });
    }
  }

  private static Optional<List<Integer>> counts(Strip.Multiple multiple, Wish... wishes) {
    return PickUp.of(List.of(wishes), 0, List.of(wishes).stream().mapToDouble(Wish::target).sum(), multiple);
  }

  private static Wish free(int group, double target) {
    return new Wish(target, (int) Math.round(target), group, false, Optional.empty());
  }

  private static Wish besideSeam(int group, double target) {
    return new Wish(target, (int) Math.round(target), group, true, Optional.empty());
  }

  private static Wish settled(int group, double target, int count) {
    return new Wish(target, (int) Math.round(target), group, false, Optional.of(count));
  }
}
