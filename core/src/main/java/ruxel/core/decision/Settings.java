package ruxel.core.decision;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.function.UnaryOperator;
import ruxel.core.identity.SeamId;

/**
 * Everything decided since the recipe (model 5), kind by kind, of each the latest last. Laid over whatever the template makes; a
 * decision whose target is gone stays until the maker removes it.
 */
public record Settings(List<Decision> decisions) {
  public static final Settings NONE = new Settings(List.of());

  private static final List<Class<?>> KINDS = List.of(Decision.class.getPermittedSubclasses());

  public Settings {
    decisions = decisions.stream().sorted(Comparator.comparingInt(decision -> KINDS.indexOf(decision.getClass()))).toList();
  }

  /** All of one kind, in the order in which they were made. Linear in the decisions, as is all below. */
  public <T extends Decision> List<T> of(Class<T> kind) {
    return decisions.stream().filter(kind::isInstance).map(kind::cast).toList();
  }

  /** The one of a kind on a target. */
  public <T extends Decision> Optional<T> on(Class<T> kind, Object... target) {
    List<Object> wanted = List.of(target);
    for (Decision decision : decisions) {
      if (kind.isInstance(decision) && decision.target().equals(wanted)) {
        return Optional.of(kind.cast(decision));
      }
    }
    return Optional.empty();
  }

  /** With a decision in the place of the one of its kind on the same target. */
  public Settings with(Decision decision) {
    List<Decision> changed = new ArrayList<>(without(decision::replaces).decisions);
    changed.add(decision);
    return new Settings(changed);
  }

  /** With the decision, or without the one of its kind on the target where there is none. */
  public <T extends Decision> Settings with(Class<T> kind, Optional<T> decision, Object... target) {
    return decision.map(this::with).orElseGet(() -> without(kind, target));
  }

  public Settings without(Class<? extends Decision> kind, Object... target) {
    return without(decision -> kind.isInstance(decision) && decision.target().equals(List.of(target)));
  }

  public Settings without(Predicate<Decision> unwanted) {
    return new Settings(decisions.stream().filter(unwanted.negate()).toList());
  }

  /** Each decision as it is told after a change of what it is of. */
  public Settings carried(UnaryOperator<Decision> carried) {
    return new Settings(decisions.stream().map(carried).toList());
  }

  /** The seams in the order the maker wants; none leaves it to the house. */
  public List<SeamId> order() {
    return on(WantedOrder.class).map(WantedOrder::seams).orElse(List.of());
  }

  public boolean isEmpty() {
    return decisions.isEmpty();
  }
}
