package ruxel.app.scale;

import java.util.List;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import ruxel.app.web.Problems;
import ruxel.core.finding.Fact;
import ruxel.core.finding.Finding;
import ruxel.core.finding.FindingCode;
import ruxel.core.finding.Where;
import ruxel.core.measure.Wording;

/** The yarn scale: what lies on its pan is put there by the stand-in page, and read as a scale on the table would tell it. */
@RestController
@RequestMapping(path = "/api/scale", produces = MediaType.APPLICATION_JSON_VALUE)
class ScaleController {
  private static final double MOST_GRAMS = 5000;
  private static final double STEPS_PER_GRAM = 10;

  /** What lies on the pan; the last hand that put something there decides. */
  private volatile double onPan;

  /** What lies on the pan, grams. */
  record Pan(double grams) {}

  /** What the scale shows, in tenths of a gram. */
  record Reading(double grams) {}

  @PutMapping("/pan")
  Reading put(@RequestBody Pan pan) {
    if (!(pan.grams() >= 0 && pan.grams() <= MOST_GRAMS)) {
      throw new Problems.Refused(
          List.of(
              Finding.of(
                  FindingCode.FIGURE_RANGE, Where.path("$.grams"), Fact.text("what", "The scale, in grams"), Fact.count("least", 0), Fact.count("most", (long) MOST_GRAMS),
                  Fact.text("value", Wording.trimmed(pan.grams())))),
          Wording.USUAL);
    }
    onPan = pan.grams();
    return reading();
  }

  @GetMapping("/reading")
  Reading reading() {
    return new Reading(Math.round(onPan * STEPS_PER_GRAM) / STEPS_PER_GRAM);
  }
}
