package ruxel.core.plan;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.function.DoublePredicate;
import ruxel.core.measure.Wording;

/** The corners of an opening in words, from the angles at the ends of its stretches (model 4). */
final class OpeningCorners {
  /** About how far an angle may be off and still count as this kind (house default). */
  private static final double SLACK = 20;

  private enum Kind {
    OUTER("outer corners", angle -> angle <= 90 + SLACK),
    STRAIGHT("", angle -> Math.abs(angle - 180) <= SLACK),
    BEND("bends", angle -> angle < 270 - SLACK),
    INNER("inner corners", angle -> angle <= 270 + SLACK),
    SLIT("slit ends", angle -> true);

    private final String words;
    private final DoublePredicate is;

    Kind(String words, DoublePredicate is) {
      this.words = words;
      this.is = is;
    }

    static Kind of(double angle) {
      return Arrays.stream(values()).filter(kind -> kind.is.test(angle)).findFirst().orElseThrow();
    }
  }

  private OpeningCorners() {}

  static String words(List<Double> angles) {
    List<String> told = new ArrayList<>();
    for (Kind kind : Kind.values()) {
      int count = (int) angles.stream().filter(angle -> Kind.of(angle) == kind).count();
      if (kind != Kind.STRAIGHT && count > 0) {
        told.add(Wording.counted(count, kind.words));
      }
    }
    return told.isEmpty() ? "no corners" : Wording.all(told);
  }
}
