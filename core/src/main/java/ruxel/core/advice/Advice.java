package ruxel.core.advice;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.function.ToIntFunction;
import java.util.stream.Stream;
import ruxel.core.advice.Term.Name;
import ruxel.core.measure.HouseRules.Rule;
import ruxel.core.measure.HouseRules;
import ruxel.core.method.Method;
import ruxel.core.method.Nevers;

/**
 * Which method for a seam (handbook 8): all that may be taken, the best first, and two answers: the best overall, and the best of the
 * maker's school or family; where those are one, the best of the others. Methods that a <em>never</em> excludes are told
 * with why and what instead.
 */
public record Advice(SeamFacts facts, List<Answer> answers, List<Sum> ranking, Map<Method, Nevers.Never> never) {
  /** A method to take, which of the maker's it is, and the one objection to it, if there is one. */
  public record Answer(Sum sum, Of of, Optional<Objection> objection) {}

  /** Whether an answer is of the maker's school, of the family at hand, or of neither. */
  public enum Of {
    SCHOOL,
    FAMILY,
    OTHERS
  }

  /** What speaks against an answer: too weak for its load, or less of a word than another that is better on its own facts. */
  public record Objection(Code code, Method than, Name name, double by) {
    /** Kinds of objection. */
    public enum Code {
      WEAK_FOR_LOAD,
      LESS
    }
  }

  public Advice {
    answers = List.copyOf(answers);
    ranking = List.copyOf(ranking);
  }

  /**
   * Linear in the catalogue.
   *
   * @param family the method the seam has now, whose family a maker without a school is taken to like
   * @param ends how many ends a method leaves here
   */
  public static Advice of(SeamFacts facts, Nevers nevers, HouseRules rules, Optional<Method> family, ToIntFunction<Method> ends) {
    Map<Method, Nevers.Never> never = new EnumMap<>(Method.class);
    List<Sum> sums = new ArrayList<>();
    for (Method method : Method.values()) {
      nevers.of(method).ifPresentOrElse(why -> never.put(method, why), () -> sums.add(Sum.of(method, facts, rules)));
    }
    Comparator<Sum> first = Comparator.comparing((Sum sum) -> isTooWeak(facts, sum)).thenComparing(Comparator.comparingDouble(Sum::total).reversed());
    List<Sum> ranking = sums.stream().sorted(first).toList();
    List<Answer> answers = new ArrayList<>();
    if (!ranking.isEmpty()) {
      Sum best = best(facts, ranking, rules, ends);
      Own own = Own.of(facts, ranking, best.method(), family);
      answers.add(new Answer(best, own.of(best), objection(facts, best, ranking)));
      List<Sum> others = ranking.stream().filter(sum -> own.of(sum) != own.of(best)).toList();
      if (!others.isEmpty()) {
        Sum other = best(facts, others, rules, ends);
        answers.add(new Answer(other, own.of(other), objection(facts, other, ranking)));
      }
    }
    return new Advice(facts, answers, ranking, never);
  }

  /** What the maker likes: their school, else the family of the method they have, else that of the best; only what can be had here. */
  private record Own(Of of, Predicate<Method> takes) {
    static Own of(SeamFacts facts, List<Sum> ranking, Method best, Optional<Method> family) {
      Own school = new Own(Of.SCHOOL, method -> Sum.isOf(facts.school(), method));
      Own near = new Own(Of.FAMILY, method -> method.family() == family.orElse(best).family());
      return Stream.of(school, near)
          .filter(own -> ranking.stream().map(Sum::method).anyMatch(own.takes()))
          .findFirst()
          .orElseGet(() -> new Own(Of.FAMILY, method -> method.family() == best.family()));
    }

    Of of(Sum sum) {
      return takes.test(sum.method()) ? of : Of.OTHERS;
    }
  }

  /** The first, or one as good that leaves fewer ends. */
  private static Sum best(SeamFacts facts, List<Sum> ranking, HouseRules rules, ToIntFunction<Method> ends) {
    Sum first = ranking.get(0);
    double least = first.total() - rules.get(Rule.EQUAL_POINTS) - ROUNDING;
    return ranking.stream()
        .filter(sum -> sum.total() >= least && isTooWeak(facts, sum) == isTooWeak(facts, first))
        .min(Comparator.comparingInt(sum -> ends.applyAsInt(sum.method())))
        .orElse(first);
  }

  private static final double ROUNDING = 1e-9;
  private static final double STRONG_ENOUGH = 4;

  private static boolean isTooWeak(SeamFacts facts, Sum sum) {
    return facts.isHeavy() && sum.term(Name.STRONG).score() < STRONG_ENOUGH;
  }

  /** Where another is better on its own facts, the word at which most is lost against it. */
  private static Optional<Objection> objection(SeamFacts facts, Sum sum, List<Sum> ranking) {
    Sum best = ranking.stream().filter(other -> !isTooWeak(facts, other)).max(Comparator.comparingDouble(Sum::facts)).orElse(ranking.get(0));
    if (isTooWeak(facts, sum)) {
      return Optional.of(new Objection(Objection.Code.WEAK_FOR_LOAD, best.method(), Name.STRONG, best.facts() - sum.facts()));
    }
    if (best.facts() <= sum.facts() + ROUNDING) {
      return Optional.empty();
    }
    Name most =
        best.terms().stream()
            .filter(term -> term.name() != Name.SCHOOL)
            .max(Comparator.comparingDouble(term -> best.share(term) - sum.share(sum.term(term.name()))))
            .orElseThrow()
            .name();
    return Optional.of(new Objection(Objection.Code.LESS, best.method(), most, best.facts() - sum.facts()));
  }
}
