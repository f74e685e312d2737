package ruxel.app.garment;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import ruxel.app.garment.GarmentViews.Construction;
import ruxel.app.garment.GarmentViews.LookView;
import ruxel.app.garment.GarmentViews.SignView;
import ruxel.core.construction.Answers;
import ruxel.core.construction.Sign;
import ruxel.core.construction.Template;
import ruxel.core.construction.Templates;
import ruxel.core.finding.Outcome;
import ruxel.core.garment.Garment;
import ruxel.core.garment.Recipe;
import ruxel.core.lay.AsWorn;
import ruxel.core.plan.GarmentPlan;
import ruxel.core.plan.Planner;

/** The constructions to choose from. What is drawn of each is computed once, from its usual numbers. */
@RestController
@RequestMapping(path = "/api/constructions", produces = MediaType.APPLICATION_JSON_VALUE)
class ConstructionController {
  private final List<Construction> all = Templates.all().stream().map(ConstructionController::view).toList();

  private static Construction view(Template template) {
    return new Construction(template.id(), template.name(), template.tells(), template.signs(), silhouette(template), template.questions());
  }

  private static List<AsWorn.WornShape> silhouette(Template template) {
    Outcome<GarmentPlan> plan = Planner.plan(Garment.of(template.name(), new Recipe(template.id(), new Answers(Map.of()))));
    return plan instanceof Outcome.Good<GarmentPlan> good ? good.value().worn().stream().findFirst().map(AsWorn.WornView::shapes).orElse(List.of()) : List.of();
  }

  @GetMapping
  List<Construction> constructions() {
    return all;
  }

  /** What to look at on the table, for a maker who does not know the word. */
  @GetMapping("/signs")
  List<LookView> signs() {
    return Arrays.stream(Sign.Look.values())
        .map(look -> new LookView(look.words(), Arrays.stream(Sign.values()).filter(sign -> sign.look() == look).map(sign -> new SignView(sign, sign.words())).toList()))
        .toList();
  }
}
