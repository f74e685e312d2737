package ruxel.core.advice;

import java.util.List;

/** One summand: the score of the table, what it counts here, with which weight, and why it is not the table's. */
public record Term(Name name, double weight, int table, double score, List<Because> because) {
  /** The words that are scored; a school adds its points to the sum, with no weight. */
  public enum Name {
    STRONG("strong"),
    STRETCH("stretch"),
    FLAT("flat"),
    HIDDEN("hidden"),
    QUICK("quick"),
    UNDO("easily undone"),
    SCHOOL("your school");

    private final String words;

    Name(String words) {
      this.words = words;
    }

    public String words() {
      return words;
    }
  }

  /** Why a score or a weight is not the table's, in this seam's facts. */
  public enum Because {
    BULKY_RIDGE("thick yarn makes its ridge thicker"),
    FUZZY_V("the V is hard to see in fuzzy yarn"),
    FUZZY_HIDES("fuzz covers every seam"),
    SPLITTY_LOOP("a single loop of splitty yarn is easily split"),
    LACE_GIVES("both loops hold lace fast"),
    COLOUR_PEEKS("its yarn is unlike both pieces and peeks through"),
    ON_SHOW("it is meant to be seen"),
    WISH_HIDDEN("you want it not seen, so it counts twice"),
    WISH_FLAT("you want it flat, so it counts twice"),
    UNDO_OFTEN("you weigh it, since you undo often"),
    SCHOOL("it is of your school");

    private final String words;

    Because(String words) {
      this.words = words;
    }

    public String words() {
      return words;
    }
  }

  public Term {
    because = List.copyOf(because);
  }
}
