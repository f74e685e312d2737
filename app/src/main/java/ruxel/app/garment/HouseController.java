package ruxel.app.garment;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseEntity;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import ruxel.core.measure.HouseRules;
import ruxel.core.measure.School;
import ruxel.core.measure.Terms;
import ruxel.core.measure.Wording;
import ruxel.core.method.Method;

/** What is the same for every garment: the house's rules and the catalogue of joining methods. */
@RestController
@RequestMapping(path = "/api/house", produces = MediaType.APPLICATION_JSON_VALUE)
class HouseController {
  private final MakerStore maker;

  HouseController(MakerStore maker) {
    this.maker = maker;
  }

  /** A joining method with its facts (handbook 8); {@code squares} where it joins the sides of squares. */
  record MethodEntry(
      String id, String title, Method.Tool tool, String held, Method.Family family, Method.Scores scores, double yarnCmPerCm, Method.Look look, String looks, boolean squares) {}

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

  /** A question of school with its answers. */
  record SchoolEntry(School school, String words, String used, List<WayEntry> ways) {}

  /** An answer to it. */
  record WayEntry(School.Way way, String words) {}

  /** The ways the maker takes for every new garment. */
  record Ways(List<School.Way> ways) {}

  /** The same as they are kept, and the version that is told anew. */
  record KeptWays(List<School.Way> ways, int version) {}

  @GetMapping("/schools")
  List<SchoolEntry> schools() {
    return Arrays.stream(School.values())
        .map(school -> new SchoolEntry(school, school.words(), school.used(), school.ways().stream().map(way -> new WayEntry(way, way.words())).toList()))
        .toList();
  }

  @GetMapping("/ways")
  ResponseEntity<KeptWays> ways() {
    int version = maker.version();
    return Versions.tagged(version, new KeptWays(maker.ways(), version));
  }

  /** Of two answers to one question the later holds. */
  @PutMapping("/ways")
  ResponseEntity<KeptWays> ways(@RequestHeader(name = HttpHeaders.IF_MATCH, required = false) Optional<String> ifMatch, @RequestBody Ways wanted) {
    maker.keep(wanted.ways(), Versions.required(ifMatch));
    return ways();
  }

  @GetMapping("/methods")
  List<MethodEntry> methods(@RequestParam Optional<Terms> terms) {
    Wording wording = new Wording(Wording.Unit.CM, terms.orElse(Terms.US), Wording.Hand.RIGHT);
    return Arrays.stream(Method.values())
        .map(m -> new MethodEntry(m.id(), m.title(wording), m.tool(), m.held(), m.family(), m.scores(), m.yarnCmPerCm(), m.look(), m.look().words(), m.worksOnSquares()))
        .toList();
  }
}
