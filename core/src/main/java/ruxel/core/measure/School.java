package ruxel.core.measure;

import java.util.Arrays;
import java.util.List;

/** A question makers answer differently, none of them wrongly (handbook 15); without an answer the house takes no side. */
public enum School {
  JOIN("Seams are joined", "Counts 0.4 more for the methods of your school."),
  SIDES("Left and right are worked", "The order of the seams."),
  START("A seam begins", "How each seam is told."),
  HOOK_SIZE("Seams are hooked", "How each seam is told."),
  PAIR("The second of a pair is held", "Which piece lies nearest you at the second shoulder, armhole or sleeve.");

  /** The answers. */
  public enum Way {
    HOOK(JOIN, "with the hook: stronger, quick to undo"),
    NEEDLE(JOIN, "with the needle: flatter, hidden"),
    JOIN_AS_YOU_GO(JOIN, "as you go: least work"),
    LEFT_THEN_RIGHT(SIDES, "the same seam left, then right"),
    ONE_SIDE_COMPLETE(SIDES, "one side complete, then the other"),
    DOUBLE_FIRST(START, "with the first joint worked twice"),
    FIGURE_OF_EIGHT(START, "with a figure of eight"),
    KNOT(START, "with a knot"),
    HOOK_SAME(HOOK_SIZE, "with the hook of the pieces"),
    HOOK_HALF_UP(HOOK_SIZE, "with a hook half a size up"),
    SAME_DIRECTION(PAIR, "in the same direction: the nearest piece changes"),
    SAME_PIECE(PAIR, "with the same piece nearest: it runs the other way");

    private final School school;
    private final String words;

    Way(School school, String words) {
      this.school = school;
      this.words = words;
    }

    public School school() {
      return school;
    }

    public String words() {
      return words;
    }
  }

  private final String words;
  private final String used;

  School(String words, String used) {
    this.words = words;
    this.used = used;
  }

  public String words() {
    return words;
  }

  /** What it changes. */
  public String used() {
    return used;
  }

  public List<Way> ways() {
    return Arrays.stream(Way.values()).filter(way -> way.school == this).toList();
  }
}
