package ruxel.core.layout;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;
import ruxel.core.construction.Construct;
import ruxel.core.construction.Template;
import ruxel.core.finding.Outcome;
import ruxel.core.garment.Recipe;

/** What the recipes asked for last make: with every change of a garment its decisions are laid over the same pieces anew, a few times each. */
final class Made {
  private static final int MOST = 100;

  private static final Map<Recipe, Outcome<Construct>> LAST =
      Collections.synchronizedMap(
          new LinkedHashMap<>(MOST, 1, true) {
            private static final long serialVersionUID = 1L;

            @Override
            protected boolean removeEldestEntry(Map.Entry<Recipe, Outcome<Construct>> eldest) {
              return size() > MOST;
            }
          });

  private Made() {}

  static Outcome<Construct> by(Template template, Recipe recipe) {
    Outcome<Construct> known = LAST.get(recipe);
    if (known != null) {
      return known;
    }
    Outcome<Construct> made = template.build(recipe.answers());
    LAST.put(recipe, made);
    return made;
  }
}
