package ruxel.core.colour;

/**
 * Finds a placement: by swapping squares while that makes fewer neighbours alike, and where some are left, by trying everything on
 * few squares, and as much as time allows on many. The same task always gives the same placement.
 */
public final class Colouring {
  /** Up to so many free squares fewer clashes are looked for until it is proved that there are none. */
  public static final int PROVED_TO = 16;

  private Colouring() {}

  public static Placement of(ColourTask task) {
    int[] swapped = new Swapping(task).best();
    Placement found = Placement.of(task, swapped, false);
    if (found.clashes().isEmpty()) {
      return found;
    }
    Exhaustive search = new Exhaustive(task, found.clashes().size());
    return search.best().map(colours -> Placement.of(task, colours, search.isComplete())).orElseGet(() -> Placement.of(task, swapped, search.isComplete()));
  }
}
