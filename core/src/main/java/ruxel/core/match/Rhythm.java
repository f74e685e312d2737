package ruxel.core.match;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.stream.Stream;
import ruxel.core.measure.Wording;

/**
 * A way to keep an even interval in the head (model 3): each place of the coarser side takes {@code
 * plain} (P) or {@code rare} (X) places of the finer one, read from the interval's {@code from}: {@code
 * a} P, then {@code rounds} times over the {@code block} and the {@code other} block, then {@code b} P.
 */
public record Rhythm(
    Form form, int plain, int rare, int a, Block block, int times, Block other, int otherTimes, int rounds, int b) {
  /**
   * R0: all P. R1: one repeated block with P at the ends. R2: two blocks, one P longer or shorter, one
   * after the other. R3: a repeated block that each time ends in a longer or shorter one.
   */
  public enum Form {
    R0,
    R1,
    R2,
    R3
  }

  /** {@code before} P, one X, {@code after} P. */
  public record Block(int before, int after) {
    static final Block BARE = new Block(0, 0);

    int groups() {
      return before + 1 + after;
    }
  }

  public static Rhythm all(int plain, int count) {
    return new Rhythm(Form.R0, plain, plain, count, Block.BARE, 0, Block.BARE, 0, 0, 0);
  }

  /** R1: aP (uP X vP)^s bP. */
  public static Rhythm repeated(int plain, int rare, int a, Block block, int s, int b) {
    return new Rhythm(Form.R1, plain, rare, a, block, s, Block.BARE, 0, 1, b);
  }

  /** R2: aP (block)^t (other)^t′ bP. */
  static Rhythm changing(int plain, int rare, int a, Block block, int t, Block other, int other2, int b) {
    return new Rhythm(Form.R2, plain, rare, a, block, t, other, other2, 1, b);
  }

  /** R3: aP ((block)^t other)^g bP. */
  static Rhythm nested(int plain, int rare, int a, Block block, int t, Block other, int g, int b) {
    return new Rhythm(Form.R3, plain, rare, a, block, t, other, 1, g, b);
  }

  /** How many numbers the maker has to keep: plain runs that are not 0, and each count of repeats above 1. */
  public int numbers() {
    Stream<Integer> runs = Stream.of(a, block.before(), block.after(), other.before(), other.after(), b);
    Stream<Integer> repeats = form == Form.R0 ? Stream.of() : Stream.of(times, otherTimes, rounds);
    return (int) (runs.filter(run -> run > 0).count() + repeats.filter(count -> count > 1).count());
  }

  /** The numbers of the form in its own order, for checking from outside. */
  public List<Integer> told() {
    return switch (form) {
      case R0 -> List.of(a);
      case R1 -> List.of(a, block.before(), block.after(), times, b);
      case R2 -> List.of(a, block.before(), block.after(), times, other.before(), other.after(), otherTimes, b);
      case R3 -> List.of(a, block.before(), block.after(), times, other.before(), other.after(), rounds, b);
    };
  }

  /** Sizes of the groups, read from {@code from}. */
  public List<Integer> sizes() {
    List<Integer> sizes = new ArrayList<>(Collections.nCopies(a, plain));
    for (int round = 0; round < rounds; round++) {
      add(sizes, block, times);
      add(sizes, other, otherTimes);
    }
    sizes.addAll(Collections.nCopies(b, plain));
    return List.copyOf(sizes);
  }

  private void add(List<Integer> sizes, Block repeat, int count) {
    for (int i = 0; i < count; i++) {
      sizes.addAll(Collections.nCopies(repeat.before(), plain));
      sizes.add(rare);
      sizes.addAll(Collections.nCopies(repeat.after(), plain));
    }
  }

  /** Joints of the finer side up to the end of each repeat (R3: each round), read from {@code from}. */
  public List<Integer> repeatEnds() {
    List<Integer> ends = new ArrayList<>();
    int joints = a * plain;
    for (int round = 0; round < rounds; round++) {
      for (int i = 1; i <= times + otherTimes; i++) {
        joints += (i <= times ? block : other).groups() * plain + rare - plain;
        if (form != Form.R3 || i == times + otherTimes) {
          ends.add(joints);
        }
      }
    }
    return List.copyOf(ends);
  }

  /**
   * "Two into one 3 times, then one to one; all that 3 times; then two into one twice". Behind a plain run or
   * another repeat the repeat is announced instead, so that "all that" cannot be read as taking it in.
   */
  public String words() {
    List<String> parts = new ArrayList<>();
    addPlain(parts, a);
    switch (form) {
      case R0 -> {}
      case R1 -> parts.add(repeated(inner(block), times, a == 0));
      case R2 -> {
        parts.add(repeated(inner(block), times, a == 0));
        parts.add(repeated(inner(other), otherTimes, false));
      }
      case R3 ->
          parts.add(
              "%s over: %s, then once (%s)"
                  .formatted(Wording.times(rounds), times == 1 ? "once (" + inner(block) + ")" : Wording.times(times) + " (" + inner(block) + ")", inner(other)));
    }
    addPlain(parts, b);
    return Wording.capital(String.join("; then ", parts));
  }

  private String inner(Block repeat) {
    List<String> parts = new ArrayList<>();
    addPlain(parts, repeat.before());
    parts.add(into(rare));
    addPlain(parts, repeat.after());
    return String.join(", then ", parts);
  }

  private static String repeated(String words, int count, boolean first) {
    if (count == 1) {
      return words;
    }
    return first ? words + "; all that " + Wording.times(count) : Wording.times(count) + " over: " + words;
  }

  private void addPlain(List<String> parts, int count) {
    if (count > 0) {
      parts.add(into(plain) + (count > 1 ? " " + Wording.times(count) : ""));
    }
  }

  /** Two into one; one to one. */
  public static String into(int size) {
    return size == 1 ? "one to one" : Wording.number(size) + " into one";
  }
}
