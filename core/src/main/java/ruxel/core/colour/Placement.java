package ruxel.core.colour;

import java.util.Arrays;
import java.util.List;
import ruxel.core.colour.ColourTask.Pair;

/**
 * A colourway for each square ({@link ColourTask#FREE} where the stock did not suffice), the neighbours that are alike, and whether
 * it is proved that there cannot be fewer.
 */
public record Placement(List<Integer> colours, List<Pair> clashes, boolean proved) {
  public Placement {
    colours = List.copyOf(colours);
    clashes = List.copyOf(clashes);
  }

  static Placement of(ColourTask task, int[] colours, boolean proved) {
    List<Integer> all = Arrays.stream(colours).boxed().toList();
    List<Pair> clashes = clashes(task, all);
    return new Placement(all, clashes, proved || clashes.isEmpty());
  }

  /** Neighbours of one colourway. Linear in the neighbours. */
  public static List<Pair> clashes(ColourTask task, List<Integer> colours) {
    return task.neighbours().stream().filter(pair -> colours.get(pair.one()) != ColourTask.FREE && colours.get(pair.one()).equals(colours.get(pair.other()))).toList();
  }
}
