package ruxel.core.order;

import java.util.List;
import java.util.function.Function;
import ruxel.core.seam.Join;

/** Why a step stands where it stands: a code, the other joins it speaks of, and a word for the place. */
public record Reason(Code code, List<Join> joins, String first, String second) {
  /** Musts are refused when broken, what is easier is warned of when it is given up (handbook 13). */
  public enum Weight {
    MUST,
    EASIER,
    YOURS,
    WARNING
  }

  /** Why, with its weight and its sentence. */
  public enum Code {
    MAKES_POINT(Weight.MUST, "After the {seams}: it brings {first} and {second} to one point, and this seam runs across it."),
    SHOULDERS_FIRST(Weight.EASIER, "Both shoulders before both sleeves: the pieces hang together and still lie open."),
    INTO_RING(Weight.WARNING, "After the {seams}: it is worked round a closed tube, so check that only the top layer is caught."),
    FLAT_FIRST(Weight.EASIER, "Set in flat, before side and sleeve close: both layers lie on the table and none is caught."),
    STITCH_ON_STITCH(Weight.EASIER, "First: it joins stitch on stitch, so that the counts prove each other while all still lies flat."),
    ONE_SIDE(Weight.EASIER, "One side is completed before the other is begun, as you like to work."),
    CLOSES_LAST(Weight.EASIER, "It closes the tube, so it comes when nothing flat is left."),
    LIKE_ITS_TWIN(Weight.EASIER, "Right after the {seams}, so that both sides are worked alike."),
    YOURS(Weight.YOURS, "It stands here by your order."),
    SLEEVE_BEFORE_SHOULDERS(Weight.WARNING, "Before the {seams}: the pieces do not hang together yet, so hold them well; the second side is easily set in askew."),
    CLOSES_EARLY(Weight.WARNING, "Before the {seams}: that one is then worked round a closed tube, so check that only the top layer is caught.");

    private final Weight weight;
    private final String sentence;

    Code(Weight weight, String sentence) {
      this.weight = weight;
      this.sentence = sentence;
    }

    public Weight weight() {
      return weight;
    }

    public boolean isMust() {
      return weight == Weight.MUST;
    }
  }

  public Reason {
    joins = List.copyOf(joins);
  }

  static Reason of(Code code, Join... joins) {
    return new Reason(code, List.of(joins), "", "");
  }

  /** The sentence, with what each join is called. */
  public String sentence(Function<Join, String> name) {
    List<String> names = joins.stream().map(name).toList();
    return code.sentence
        .replace("{seams}", String.join(" and ", names))
        .replace("{first}", first)
        .replace("{second}", second);
  }
}
