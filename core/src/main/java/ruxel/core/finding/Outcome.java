package ruxel.core.finding;

import java.util.List;
import java.util.function.Function;

/** A value, or the findings that stand in its way. */
public sealed interface Outcome<T> {
  static <T> Outcome<T> of(T value) {
    return new Good<>(value);
  }

  static <T> Outcome<T> refused(List<Finding> findings) {
    return new Refused<>(findings);
  }

  static <T> Outcome<T> refused(Finding finding) {
    return new Refused<>(List.of(finding));
  }

  <R> Outcome<R> then(Function<T, Outcome<R>> next);

  List<Finding> findings();

  /** The value that came out. */
  record Good<T>(T value) implements Outcome<T> {
    @Override
    public <R> Outcome<R> then(Function<T, Outcome<R>> next) {
      return next.apply(value);
    }

    @Override
    public List<Finding> findings() {
      return List.of();
    }
  }

  /** Why no value came out; at least one finding. */
  record Refused<T>(List<Finding> findings) implements Outcome<T> {
    public Refused {
      findings = Finding.capped(findings);
    }

    @Override
    public <R> Outcome<R> then(Function<T, Outcome<R>> next) {
      return new Refused<>(findings);
    }
  }
}
