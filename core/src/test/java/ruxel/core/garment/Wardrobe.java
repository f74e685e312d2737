package ruxel.core.garment;

import java.util.HashMap;
import java.util.Map;
import ruxel.core.construction.Answers;
import ruxel.core.finding.Outcome;
import ruxel.core.plan.GarmentPlan;
import ruxel.core.plan.Planner;

/** Garments for tests. */
public final class Wardrobe {
  private Wardrobe() {}

  /** The worked example of handbook 6: 51 stitches on 14 + 14 row ends. */
  public static Map<String, Answers.Answer> cardiganAnswers() {
    Map<String, Answers.Answer> answers = new HashMap<>();
    word(answers, "kind", "CARDIGAN");
    word(answers, "stitch", "DC");
    number(answers, "gaugeStitches", 14);
    number(answers, "gaugeRows", 8);
    number(answers, "backStitches", 65);
    number(answers, "frontStitches", 30);
    number(answers, "bodyRows", 40);
    number(answers, "armholeRows", 14);
    number(answers, "hemRibRows", 6);
    number(answers, "shoulderStitches", 23);
    number(answers, "neckRows", 8);
    number(answers, "neckCentre", 0);
    number(answers, "sleeveTopStitches", 50);
    number(answers, "cuffStitches", 34);
    number(answers, "sleeveRows", 32);
    number(answers, "cuffRibRows", 5);
    return answers;
  }

  public static Garment cardigan() {
    return garment(cardiganAnswers());
  }

  public static Garment pullover() {
    Map<String, Answers.Answer> answers = cardiganAnswers();
    word(answers, "kind", "PULLOVER");
    number(answers, "neckCentre", 6);
    return garment(answers);
  }

  public static Garment garment(Map<String, Answers.Answer> answers) {
    return Garment.of("Test", new Recipe("drop-shoulder", new Answers(answers)));
  }

  public static void number(Map<String, Answers.Answer> answers, String key, double value) {
    answers.put(key, new Answers.Numeric(value));
  }

  public static void word(Map<String, Answers.Answer> answers, String key, String value) {
    answers.put(key, new Answers.Word(value));
  }

  public static GarmentPlan plan(Garment garment) {
    Outcome<GarmentPlan> outcome = Planner.plan(garment);
    if (outcome instanceof Outcome.Good<GarmentPlan> good) {
      return good.value();
    }
    throw new AssertionError(outcome.findings().toString());
  }
}
