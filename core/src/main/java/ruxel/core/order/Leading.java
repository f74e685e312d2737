package ruxel.core.order;

import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import ruxel.core.seam.Join;

/**
 * What leads from seam to seam.
 *
 * @param of what a seam is worked with; empty where that is not known, and nothing can go on
 * @param rows seams that one row joins, in its order: it goes on from each to the next without being cut
 * @param anew seams that begin with what hangs at their start, and take up nothing there
 */
public record Leading(Function<Join, Optional<?>> of, List<List<Join>> rows, Set<Join> anew) {
  public Leading {
    rows = List.copyOf(rows);
    anew = Set.copyOf(anew);
  }

  /** Whether two seams are neighbours along a row, whichever way it runs. */
  boolean goesOn(Join from, Join to) {
    return rows.stream().anyMatch(row -> row.contains(from) && row.contains(to) && Math.abs(row.indexOf(from) - row.indexOf(to)) == 1);
  }

  /** With the seams of a row one after the other in its order, where the first of them stood. */
  static List<Join> inRows(List<Join> all, List<List<Join>> rows) {
    Set<Join> there = new HashSet<>(all);
    Set<Join> ordered = new LinkedHashSet<>();
    for (Join join : all) {
      List<Join> row = rows.stream().filter(each -> each.contains(join)).findFirst().orElse(List.of(join));
      row.stream().filter(there::contains).forEach(ordered::add);
    }
    return List.copyOf(ordered);
  }
}
