package ruxel.app.garment;

import java.util.LinkedHashMap;
import java.util.Map;
import ruxel.core.construction.Answers;

/** Answers between JSON values and the core. */
final class AnswerValues {
  private AnswerValues() {}

  static Answers.Answer of(Object value) {
    return value instanceof Number number
        ? new Answers.Numeric(number.doubleValue())
        : new Answers.Word(String.valueOf(value));
  }

  static Answers of(Map<String, Object> values) {
    Map<String, Answers.Answer> answers = new LinkedHashMap<>();
    values.forEach((key, value) -> answers.put(key, of(value)));
    return new Answers(answers);
  }

  static Map<String, Object> values(Answers answers) {
    Map<String, Object> values = new LinkedHashMap<>();
    answers.values().forEach(
        (key, answer) -> values.put(key, value(answer)));
    return values;
  }

  static Object value(Answers.Answer answer) {
    return answer instanceof Answers.Numeric n ? (Object) n.value() : answer.text();
  }
}
