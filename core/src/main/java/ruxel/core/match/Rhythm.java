package ruxel.core.match;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import ruxel.core.measure.Wording;

/**
 * A way to keep an even interval in the head (model 3): each place of the coarser side takes {@code
 * plain} or {@code rare} places of the finer one in the order aP (uP X vP)^s bP, read from the interval's
 * {@code from}. Form R0 has no X: then {@code s} is 0 and {@code a} counts all.
 */
public record Rhythm(int plain, int rare, int a, int u, int v, int s, int b) {
  /** R0: all alike. R1: one repeated block with plain ends. */
  public enum Form {
    R0,
    R1
  }

  public Form form() {
    return s == 0 ? Form.R0 : Form.R1;
  }

  /** How many numbers the maker has to keep: plain runs that are not 0, and each count of repeats above 1. */
  public int numbers() {
    int numbers = 0;
    for (int run : new int[] {a, u, v, b}) {
      numbers += run > 0 ? 1 : 0;
    }
    return numbers + (s > 1 ? 1 : 0);
  }

  /** Sizes of the groups, read from {@code from}. */
  public List<Integer> sizes() {
    List<Integer> sizes = new ArrayList<>(Collections.nCopies(a, plain));
    for (int repeat = 0; repeat < s; repeat++) {
      sizes.addAll(Collections.nCopies(u, plain));
      sizes.add(rare);
      sizes.addAll(Collections.nCopies(v, plain));
    }
    sizes.addAll(Collections.nCopies(b, plain));
    return List.copyOf(sizes);
  }

  /** Joints of the finer side up to the end of each repeat, read from {@code from}. */
  public List<Integer> repeatEnds() {
    List<Integer> ends = new ArrayList<>();
    int block = (u + v) * plain + rare;
    for (int repeat = 1; repeat <= s; repeat++) {
      ends.add(a * plain + repeat * block);
    }
    return List.copyOf(ends);
  }

  public List<Integer> plainRuns() {
    return List.of(a, u, v, b);
  }

  /**
   * "Two into one 3 times, then one to one; all that 3 times; then two into one twice". Behind a plain run the
   * repeat is announced instead, so that "all that" cannot be read as taking the run in: "Two into one twice;
   * then, 7 times over: two into one, then one to one".
   */
  public String words() {
    List<String> parts = new ArrayList<>();
    addPlain(parts, a);
    if (s > 0) {
      List<String> block = new ArrayList<>();
      addPlain(block, u);
      block.add(into(rare));
      addPlain(block, v);
      parts.add(repeated(String.join(", then ", block)));
    }
    addPlain(parts, b);
    return Wording.capital(String.join("; then ", parts));
  }

  private String repeated(String block) {
    if (s == 1) {
      return block;
    }
    return a == 0 ? block + "; all that " + Wording.times(s) : Wording.times(s) + " over: " + block;
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
