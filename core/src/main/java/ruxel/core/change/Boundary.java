package ruxel.core.change;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import ruxel.core.construction.Answers;
import ruxel.core.construction.Construct;
import ruxel.core.construction.Lever;
import ruxel.core.decision.MadeCount;
import ruxel.core.decision.Settings;
import ruxel.core.finding.Outcome;
import ruxel.core.garment.Garment;
import ruxel.core.garment.Recipe;
import ruxel.core.layout.Layout;
import ruxel.core.piece.Pieces;

/**
 * Moving a boundary only moves a marker (handbook 7.3): the rows of a finished piece stay and are shared out anew,
 * so that counts as made along it move with the planned ones.
 */
final class Boundary {
  private Boundary() {}

  /** The garment's settings with counts as made moved by what those of {@code answers} that are boundaries do. */
  static Settings moved(Garment garment, Map<String, Optional<Answers.Answer>> answers) {
    if (garment.settings().of(MadeCount.class).isEmpty() || !(Layout.of(garment) instanceof Outcome.Good<Layout> before)) {
      return garment.settings();
    }
    Map<String, Optional<Answers.Answer>> boundaries = new HashMap<>(answers);
    List<String> keys =
        before.value().construct().levers().stream().filter(Lever::boundary).map(Lever::answer).distinct().toList();
    boundaries.keySet().retainAll(keys);
    Recipe recipe = garment.recipe().orElse(new Recipe("", new Answers(Map.of())));
    Answers changed = recipe.answers();
    for (Map.Entry<String, Optional<Answers.Answer>> entry : boundaries.entrySet()) {
      changed = changed.with(entry.getKey(), entry.getValue());
    }
    Outcome<Layout> after = Layout.of(garment.withRecipe(new Recipe(recipe.construction(), changed)));
    return boundaries.isEmpty() || !(after instanceof Outcome.Good<Layout> moved)
        ? garment.settings()
        : moved(garment.settings(), before.value().construct(), moved.value().construct());
  }

  private static Settings moved(Settings settings, Construct before, Construct after) {
    Settings changed = settings;
    for (MadeCount made : settings.of(MadeCount.class)) {
      int count = made.count() + planned(after, made) - planned(before, made);
      if (count != made.count() && count >= 1) {
        changed = changed.with(new MadeCount(made.piece(), made.edge(), made.run(), count, made.when()));
      }
    }
    return changed;
  }

  private static int planned(Construct construct, MadeCount made) {
    return Pieces.find(construct.pieces(), made.piece(), made.edge()).flatMap(edge -> edge.run(made.run())).map(run -> run.counts().planned())
        .orElse(0);
  }
}
