package ruxel.core.garment;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import ruxel.core.finding.Outcome;

/** A construction (handbook 4): questions, and a pure function from answers to pieces and seams. */
public interface Template {
  String id();

  String name();

  List<Question> questions();

  /** All that is wrong with the answers at once, or what they make. */
  Outcome<Construct> build(Answers answers);

  /**
   * The answers that move when something of the drawing is dragged by so many steps, by key; empty when there is
   * no such handle. Out-of-range answers are refused when they are laid out.
   */
  Optional<Map<String, Integer>> dragged(Answers answers, String handle, int steps);
}
