package ruxel.core.construction;

import java.util.Collections;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;

/** The maker's answers to a construction's questions, by key; a question may be unanswered. */
public record Answers(Map<String, Answer> values) {
  /** A number, or the name of a choice. */
  public sealed interface Answer {
    /** As typed. */
    String text();
  }

  /** A typed number. */
  public record Numeric(double value) implements Answer {
    @Override
    public String text() {
      return value == Math.rint(value) && Math.abs(value) < 1e15 ? Long.toString((long) value) : Double.toString(value);
    }
  }

  /** A typed or chosen word. */
  public record Word(String text) implements Answer {}

  public Answers {
    values = Collections.unmodifiableSortedMap(new TreeMap<>(values));
  }

  public Optional<Answer> get(String key) {
    return Optional.ofNullable(values.get(key));
  }

  /** The answers with one changed, or taken back when {@code answer} is empty. */
  public Answers with(String key, Optional<Answer> answer) {
    Map<String, Answer> changed = new TreeMap<>(values);
    answer.ifPresentOrElse(given -> changed.put(key, given), () -> changed.remove(key));
    return new Answers(changed);
  }
}
