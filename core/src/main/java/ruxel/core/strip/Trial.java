package ruxel.core.strip;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/** Pick-up found by trial (handbook 11): stitches into one unit after the other, as a list that is repeated along the stretch. */
public final class Trial {
  public static final int LONGEST = 40;
  public static final int MOST_IN_ONE = 12;

  private Trial() {}

  /** Whether such a list says anything and can be worked. */
  public static boolean isGood(List<Integer> list) {
    return list.size() <= LONGEST && list.stream().allMatch(count -> count >= 0 && count <= MOST_IN_ONE) && list.stream().anyMatch(count -> count > 0);
  }

  /** Stitches of each of so many units; the last repeat may be cut short. */
  static List<Integer> over(List<Integer> list, int units) {
    return IntStream.range(0, list.isEmpty() ? 0 : units).mapToObj(unit -> list.get(unit % list.size())).toList();
  }

  static List<Integer> mirrored(List<Integer> each) {
    List<Integer> back = new ArrayList<>(each);
    Collections.reverse(back);
    return back;
  }

  public static int total(List<Integer> each) {
    return each.stream().mapToInt(Integer::intValue).sum();
  }

  /** "3, 2, 3 in turn": the shortest list that repeats; quadratic in its length. */
  public static String words(List<Integer> each) {
    int period = IntStream.rangeClosed(1, each.size()).filter(p -> IntStream.range(p, each.size()).allMatch(i -> each.get(i).equals(each.get(i - p)))).findFirst().orElse(each.size());
    return each.subList(0, period).stream().map(String::valueOf).collect(Collectors.joining(", ")) + " in turn";
  }

  /** The unit each stitch goes into, from 0. */
  public static List<Integer> into(List<Integer> each) {
    return IntStream.range(0, each.size()).boxed().flatMap(unit -> Collections.nCopies(each.get(unit), unit).stream()).toList();
  }
}
