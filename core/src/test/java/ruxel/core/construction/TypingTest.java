package ruxel.core.construction;

import static org.assertj.core.api.Assertions.assertThatCode;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import ruxel.core.garment.Garment;
import ruxel.core.garment.Recipe;
import ruxel.core.plan.Planner;

/** A number passes through others while it is typed: each is refused with reasons, or makes a garment. */
class TypingTest {
  private static final List<Double> PASSED = List.of(0.0, 0.1, 0.5, 0.6, 0.9, 1.0, 1.2, 1.5, 2.0, 3.0, 7.0, 14.0, 99.0, 140.0, 1400.0);

  static Stream<Template> templates() {
    return Templates.all().stream();
  }

  @ParameterizedTest
  @MethodSource("templates")
  void anyNumberOfAnyQuestionMayStandThereForAMoment(Template template) {
    for (Question question : template.questions()) {
      for (double value : PASSED) {
        for (boolean isAlone : new boolean[] {true, false}) {
          Map<String, Answers.Answer> answers = new HashMap<>(isAlone ? Map.of() : Map.of("kind", new Answers.Word("CARDIGAN"), "gaugeRows", new Answers.Numeric(1)));
          answers.put(question.key(), new Answers.Numeric(value));
          assertThatCode(() -> Planner.plan(Garment.of("New garment", new Recipe(template.id(), new Answers(answers))))).as("%s %s", question.key(), answers).doesNotThrowAnyException();
        }
      }
    }
  }
}
