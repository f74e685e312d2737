package ruxel.core.match;

import java.util.Arrays;
import java.util.List;
import java.util.Random;
import ruxel.testkit.PlanChecker;

/** Stretches for tests. */
final class Edges {
  private Edges() {}

  /** Like places of a width with one space in their midst. */
  static Stretch withSpace(int before, double width, double space, int after) {
    double[] widths = new double[before + 1 + after];
    Arrays.fill(widths, width);
    widths[before] = space;
    boolean[] spaces = new boolean[widths.length];
    spaces[before] = true;
    return new Stretch(widths, new boolean[widths.length], spaces);
  }

  static Stretch of(int places, double width) {
    double[] widths = new double[places];
    Arrays.fill(widths, width);
    return new Stretch(widths, new boolean[places]);
  }

  static Stretch held(int places, int first) {
    boolean[] marks = new boolean[places];
    Arrays.fill(marks, 0, first, true);
    return new Stretch(of(places, 1).widths(), marks);
  }

  static Stretch random(Random random, int places) {
    double[] widths = new double[places];
    boolean[] marks = new boolean[places];
    boolean[] spaces = new boolean[places];
    boolean even = random.nextBoolean();
    boolean withSpaces = random.nextInt(3) == 0;
    for (int i = 0; i < places; i++) {
      widths[i] = even ? 7 : 1 + random.nextInt(4);
      marks[i] = random.nextInt(5) == 0;
      spaces[i] = withSpaces && random.nextInt(4) == 0;
    }
    return new Stretch(widths, marks, spaces);
  }

  static PlanChecker checker(Stretch a, Stretch b) {
    return new PlanChecker(a.widths(), a.noEase(), a.spaces(), b.widths(), b.noEase(), b.spaces());
  }

  static List<int[]> pairs(List<Group> groups) {
    return groups.stream().map(group -> new int[] {group.p(), group.q()}).toList();
  }
}
