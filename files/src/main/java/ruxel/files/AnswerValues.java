package ruxel.files;

import java.util.LinkedHashMap;
import java.util.Map;
import ruxel.core.construction.Answers;
import tools.jackson.databind.util.StdConverter;

/** Answers between JSON values and the core; whole numbers are written without a point. */
public final class AnswerValues {
  private static final double WHOLE = 1e15;

  private AnswerValues() {}

  /** A number or a word. */
  public static Answers.Answer of(Object value) {
    return value instanceof Number number ? new Answers.Numeric(number.doubleValue()) : new Answers.Word(String.valueOf(value));
  }

  public static Answers of(Map<String, Object> values) {
    Map<String, Answers.Answer> answers = new LinkedHashMap<>();
    values.forEach((key, value) -> answers.put(key, of(value)));
    return new Answers(answers);
  }

  public static Object value(Answers.Answer answer) {
    if (answer instanceof Answers.Numeric numeric) {
      double value = numeric.value();
      return value == Math.rint(value) && Math.abs(value) < WHOLE ? (Object) (long) value : (Object) value;
    }
    return answer.text();
  }

  public static Map<String, Object> values(Answers answers) {
    Map<String, Object> values = new LinkedHashMap<>();
    answers.values().forEach((key, answer) -> values.put(key, value(answer)));
    return values;
  }

  /** From what stands in the JSON. */
  public static final class Read extends StdConverter<Object, Answers.Answer> {
    @Override
    public Answers.Answer convert(Object value) {
      return of(value);
    }
  }

  /** To what stands in the JSON. */
  public static final class Written extends StdConverter<Answers.Answer, Object> {
    @Override
    public Object convert(Answers.Answer answer) {
      return value(answer);
    }
  }
}
