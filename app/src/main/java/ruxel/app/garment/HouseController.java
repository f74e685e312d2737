package ruxel.app.garment;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import ruxel.core.measure.HouseRules;
import ruxel.core.measure.Terms;
import ruxel.core.measure.Wording;
import ruxel.core.method.Method;

/** What is the same for every garment: the house's rules and the catalogue of joining methods. */
@RestController
@RequestMapping(path = "/api/house", produces = MediaType.APPLICATION_JSON_VALUE)
class HouseController {
  /** A joining method with its facts (handbook 8). */
  record MethodEntry(
      String id, String title, Method.Tool tool, String held, Method.Family family, Method.Scores scores, double yarnCmPerCm) {}

  /** A number of judgement with its default and bounds, why it is so and where it is used. */
  record RuleEntry(HouseRules.Rule rule, HouseRules.Unit unit, double usual, double least, double most, String words, String why, String used) {}

  /** The rules that are used anywhere. */
  @GetMapping("/rules")
  List<RuleEntry> rules() {
    return Arrays.stream(HouseRules.Rule.values())
        .filter(rule -> !rule.used().isEmpty())
        .map(r -> new RuleEntry(r, r.unit(), r.usual(), r.least(), r.most(), r.words(), r.why(), r.used()))
        .toList();
  }

  @GetMapping("/methods")
  List<MethodEntry> methods(@RequestParam Optional<Terms> terms) {
    Wording wording = new Wording(Wording.Unit.CM, terms.orElse(Terms.US), Wording.Hand.RIGHT);
    return Arrays.stream(Method.values())
        .map(m -> new MethodEntry(m.id(), m.title(wording), m.tool(), m.held(), m.family(), m.scores(), m.yarnCmPerCm()))
        .toList();
  }
}
