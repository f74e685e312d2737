package ruxel.core.garment;

import java.util.List;
import ruxel.core.finding.Outcome;

/** A construction (handbook 4): questions, and a pure function from answers to pieces and seams. */
public interface Template {
  String id();

  String name();

  List<Question> questions();

  /** All that is wrong with the answers at once, or what they make. */
  Outcome<Construct> build(Answers answers);
}
