package ruxel.core.order;

import java.util.List;

/** Why a step stands where it stands: a code, the other seams it speaks of, and a word for the place. */
public record Reason(Code code, List<String> seams, String first, String second) {
  /** Musts are refused when broken, preferences are warned of (handbook 13). */
  public enum Code {
    MAKES_POINT(true, "After the {seams}: it brings {first} and {second} to one point, and this seam runs across it."),
    SHOULDERS_FIRST(false, "Both shoulders before both sleeves: the pieces hang together and still lie open."),
    FLAT_FIRST(false, "Set in flat, before side and sleeve close: both layers lie on the table and none is caught."),
    CLOSES_LAST(false, "It closes the tube, so it comes when nothing flat is left."),
    LIKE_ITS_TWIN(false, "Right after the {seams}, so that both sides are worked alike.");

    private final boolean must;
    private final String sentence;

    Code(boolean must, String sentence) {
      this.must = must;
      this.sentence = sentence;
    }

    public boolean must() {
      return must;
    }
  }

  public Reason {
    seams = List.copyOf(seams);
  }

  static Reason of(Code code, String... seams) {
    return new Reason(code, List.of(seams), "", "");
  }

  /** The sentence, with seam names in the place of their ids. */
  public String sentence(java.util.function.UnaryOperator<String> seamName) {
    List<String> names = seams.stream().map(seamName).toList();
    return code.sentence
        .replace("{seams}", String.join(" and ", names))
        .replace("{first}", first)
        .replace("{second}", second);
  }
}
