package ruxel.core.advice;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import ruxel.core.advice.Term.Because;
import ruxel.core.advice.Term.Name;
import ruxel.core.measure.HouseRules.Rule;
import ruxel.core.measure.HouseRules;
import ruxel.core.measure.School;
import ruxel.core.method.Method;
import ruxel.core.method.Wish;
import ruxel.core.seam.SeamRole;

/**
 * What a method comes to at a seam, shown as a sum: Σ weight × score / Σ weight, and the points of a school (handbook 8).
 *
 * @param weights of all terms together
 * @param facts what it comes to on its own facts, without a school
 * @param total with the points of the school
 */
public record Sum(Method method, List<Term> terms, double weights, double facts, double total) {
  private static final double LEAST = 1;
  private static final double MOST = 5;

  public Sum {
    terms = List.copyOf(terms);
  }

  static Sum of(Method method, SeamFacts facts, HouseRules rules) {
    Weights weights = Weights.of(facts.role());
    Method.Scores table = method.scores();
    List<Term> terms = new ArrayList<>();
    terms.add(new Term(Name.STRONG, weights.strong(), table.strong(), table.strong(), List.of()));
    terms.add(stretch(method, facts, weights));
    terms.add(flat(method, facts, weights));
    terms.add(hidden(table.hidden(), facts, weights));
    terms.add(quick(method, facts, weights));
    if (rules.get(Rule.UNDO_WEIGHT) > 0) {
      terms.add(new Term(Name.UNDO, rules.get(Rule.UNDO_WEIGHT), table.undo(), table.undo(), List.of(Because.UNDO_OFTEN)));
    }
    if (isOf(facts.school(), method)) {
      terms.add(new Term(Name.SCHOOL, 0, 0, rules.get(Rule.SCHOOL_POINTS), List.of(Because.SCHOOL)));
    }
    return of(method, terms);
  }

  private static Sum of(Method method, List<Term> terms) {
    double weights = 0;
    double weighted = 0;
    double school = 0;
    for (Term term : terms) {
      weights += term.weight();
      weighted += term.weight() * term.score();
      school += term.name() == Name.SCHOOL ? term.score() : 0;
    }
    return new Sum(method, terms, weights, weighted / weights, weighted / weights + school);
  }

  /** Whether a method is one of a maker's way of joining. */
  static boolean isOf(Optional<School.Way> school, Method method) {
    return school
        .filter(
            way ->
                switch (way) {
                  case NEEDLE -> method.tool() == Method.Tool.NEEDLE;
                  case JOIN_AS_YOU_GO -> method.family() == Method.Family.JOIN_AS_YOU_GO;
                  case HOOK -> method.tool() == Method.Tool.HOOK && method.family() != Method.Family.JOIN_AS_YOU_GO;
                  default -> false;
                })
        .isPresent();
  }

  private static Term stretch(Method method, SeamFacts facts, Weights weights) {
    boolean held = facts.lace() && method.isBothLoopHook();
    return adjusted(Name.STRETCH, weights.stretch(), method.scores().stretch(), held ? -1 : 0, held ? List.of(Because.LACE_GIVES) : List.of());
  }

  private static Term flat(Method method, SeamFacts facts, Weights weights) {
    List<Because> because = new ArrayList<>();
    boolean thick = facts.bulky() && method.isRidge() && lies(facts.role());
    if (thick) {
      because.add(Because.BULKY_RIDGE);
    }
    if (facts.wish() == Wish.FLAT) {
      because.add(Because.WISH_FLAT);
    }
    double weight = weights.flat() * (facts.wish() == Wish.FLAT ? 2 : 1);
    return adjusted(Name.FLAT, weight, method.scores().flat(), thick ? -1 : 0, because);
  }

  /** Seams at which a ridge would be felt under the arm. */
  private static boolean lies(SeamRole role) {
    return role == SeamRole.ARMHOLE || role == SeamRole.SIDE || role == SeamRole.SLEEVE || role == SeamRole.SIDE_SLEEVE;
  }

  private static Term hidden(int table, SeamFacts facts, Weights weights) {
    List<Because> because = new ArrayList<>();
    double score = table;
    if (facts.fuzzy()) {
      because.add(Because.FUZZY_HIDES);
      score = kept(score + 1);
    }
    if (facts.peeks() && score > PEEKS) {
      because.add(Because.COLOUR_PEEKS);
      score = PEEKS;
    }
    if (facts.wish() == Wish.ON_SHOW) {
      because.add(Because.ON_SHOW);
      score = LEAST + MOST - score;
    } else if (facts.wish() == Wish.HIDDEN) {
      because.add(Because.WISH_HIDDEN);
    }
    return new Term(Name.HIDDEN, weights.hidden() * (facts.wish() == Wish.HIDDEN ? 2 : 1), table, score, because);
  }

  private static final double PEEKS = 3;

  private static Term quick(Method method, SeamFacts facts, Weights weights) {
    List<Because> because = new ArrayList<>();
    int less = 0;
    if (facts.fuzzy() && method.followsTheV()) {
      because.add(Because.FUZZY_V);
      less += 2;
    }
    if (facts.splitty() && method.isLoopOnly()) {
      because.add(Because.SPLITTY_LOOP);
      less += 1;
    }
    return adjusted(Name.QUICK, weights.quick(), method.scores().quick(), -less, because);
  }

  private static Term adjusted(Name name, double weight, int table, int by, List<Because> because) {
    return new Term(name, weight, table, kept(table + by), because);
  }

  private static double kept(double score) {
    return Math.max(LEAST, Math.min(MOST, score));
  }

  /** What a term adds to the sum. */
  public double share(Term term) {
    return term.name() == Name.SCHOOL ? term.score() : term.weight() * term.score() / weights;
  }

  public Term term(Name name) {
    return terms.stream().filter(term -> term.name() == name).findFirst().orElseThrow();
  }
}
