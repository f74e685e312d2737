package ruxel.core.change;

import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import ruxel.core.construction.Answers;
import ruxel.core.construction.Handle;
import ruxel.core.construction.Template;
import ruxel.core.construction.Templates;
import ruxel.core.finding.Fact;
import ruxel.core.finding.Finding;
import ruxel.core.finding.FindingCode;
import ruxel.core.finding.Outcome;
import ruxel.core.finding.Where;
import ruxel.core.garment.Garment;
import ruxel.core.layout.Layout;

/** Something of the drawing dragged by so many steps: the answers tied to it move together. */
public record HandleDragged(String handle, int steps) implements Change {
  @Override
  public Outcome<Garment> apply(Garment garment) {
    return moved(garment).then(answers -> new Change.AnswersChanged(answers).apply(garment));
  }

  private Outcome<Map<String, Optional<Answers.Answer>>> moved(Garment garment) {
    Optional<Template> template = garment.recipe().flatMap(recipe -> Templates.of(recipe.construction()));
    return template
        .flatMap(found -> found.dragged(garment.recipe().orElseThrow().answers(), handle, steps))
        .<Outcome<Map<String, Optional<Answers.Answer>>>>map(
            numbers -> {
              Map<String, Optional<Answers.Answer>> answers = new HashMap<>();
              numbers.forEach((key, value) -> answers.put(key, Optional.of(new Answers.Numeric(value))));
              return Outcome.of(answers);
            })
        .orElseGet(
            () ->
                Layout.of(garment)
                    .then(
                        layout ->
                            Outcome.refused(
                                Finding.of(
                                    FindingCode.HANDLE_UNKNOWN, Where.path("$.handle"), Fact.text("value", handle),
                                    Fact.text("choices", layout.construct().handles().stream().map(Handle::id).collect(Collectors.joining(", ")))))));
  }

  @Override
  public String label(Names names) {
    return "Dragged " + names.handle(handle);
  }
}
