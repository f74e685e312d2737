package ruxel.core.construction;

import static ruxel.core.construction.Making.WITHOUT_CHAIN;
import static ruxel.core.construction.Question.Group.BODY;
import static ruxel.core.construction.Question.Group.SLEEVES;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import ruxel.core.finding.Fact;
import ruxel.core.finding.FindingCode;
import ruxel.core.piece.Piece.Part;
import ruxel.core.seam.Side;

/**
 * Drop-shoulder panels (handbook 4.1): back, front or two fronts, and two straight or tapered sleeves
 * set on row ends; pullover or cardigan, with or without ribbing, worked up or down.
 */
final class DropShoulder extends Template {
  private static final double ARMHOLE_MM = 190;

  private static final Asked ARMHOLE =
      Asked.rows(
              "armholeRows", BODY, "Rows of the armhole", "From the underarm to the shoulder.", 1,
              form -> Math.round(Math.min(ARMHOLE_MM, form.count(Body.ROWS) * h(form) / 2) / h(form)))
          .shapes(Part.BACK)
          .refused(
              FindingCode.ARMHOLE_TOO_LONG, form -> armhole(form) >= form.count(Body.ROWS),
              form -> List.of(Fact.count("armhole", armhole(form)), Fact.count("body", form.count(Body.ROWS)), Fact.count("most", form.count(Body.ROWS) - 1L)))
          .follows(
              "{depth} deep, {round} from underarm to underarm; the side seam is {side}.",
              form ->
                  List.of(
                      Fact.length("depth", armhole(form) * h(form)), Fact.length("round", roundMm(form)),
                      Fact.length("side", Body.heightMm(form) - armhole(form) * h(form))));
  private static final Asked SLEEVE_TOP =
      Asked.stitches("sleeveTopStitches", SLEEVES, "Stitches at the sleeve top", WITHOUT_CHAIN, 1, form -> Making.stitchesOver(form, roundMm(form)))
          .shapes(Part.SLEEVE)
          .follows(
              form -> "{n} stitches, {length}, on an armhole of {armhole}: " + (topMm(form) > roundMm(form) ? "{ease} longer." : topMm(form) < roundMm(form) ? "{ease} shorter." : "equal."),
              form ->
                  List.of(
                      Fact.count("n", top(form)), Fact.length("length", topMm(form)), Fact.length("armhole", roundMm(form)),
                      Fact.share("ease", Math.abs(topMm(form) - roundMm(form)) / Math.max(topMm(form), roundMm(form)))));

  DropShoulder() {
    super(
        "drop-shoulder", "Drop-shoulder panels",
        Stream.of(
                List.of(Body.KIND), Making.QUESTIONS, List.of(Body.BACK, Body.FRONT, Body.ROWS, ARMHOLE, Body.HEM_RIB, Body.WORKED),
                List.of(Body.SHOULDER, Body.NECK_ROWS, Body.NECK_CENTRE), List.of(SLEEVE_TOP, Sleeve.CUFF, Sleeve.ROWS, Sleeve.CUFF_RIB, Sleeve.WORKED))
            .flatMap(List::stream)
            .toList());
  }

  @Override
  void tell(Halves halves, Form form) {
    Body.panels(halves, form, panel -> panel.rows("side", form.count(Body.ROWS) - armhole(form)).rows("armhole", armhole(form)));
    Sleeve.panels(halves, form, top(form));
    Body.shoulders(halves, form);
    Sleeve.setIn(halves, form, top(form), Halves.lever(Side.B, ARMHOLE, 2 * h(form), true), Halves.lever(Side.A, SLEEVE_TOP, w(form), false));
    Sleeve.sides(halves, form);
    Body.openings(halves, form);
    Sleeve.openings(halves);
  }

  @Override
  List<Stop> stops(Form form) {
    return List.of(new Stop(ARMHOLE.key(), "Armhole depth", "armhole", h(form)));
  }

  @Override
  List<Drag> drags(Form form) {
    double w = w(form);
    double h = h(form);
    double height = Body.heightMm(form);
    String sleeve = Halves.left("sleeve");
    return List.of(
        new Drag(
            new Handle("neck", "Neck and shoulders", "a stitch more on each shoulder is two fewer for the neck", "back", Body.shoulder(form) * w, height, w, 0),
            steps -> Map.of(Body.SHOULDER.key(), Body.shoulder(form) + steps)),
        new Drag(
            new Handle("armhole", "Armhole and sleeve top", "the sleeve top follows the armhole", "back", 0, height - armhole(form) * h, 0, -h),
            steps -> Map.of(ARMHOLE.key(), armhole(form) + steps, SLEEVE_TOP.key(), form.count(SLEEVE_TOP) + (int) Math.round(2 * steps * h / w))),
        new Drag(
            new Handle("sleeve.top", "Sleeve top", "the armhole stays as it is", sleeve, (Sleeve.cuff(form) + top(form)) * w / 2, Sleeve.lengthMm(form), w, 0),
            steps -> Map.of(SLEEVE_TOP.key(), form.count(SLEEVE_TOP) + 2 * steps)),
        new Drag(
            new Handle("body", "Body and sleeve", "the sleeve gets shorter as the body gets wider, so that the reach stays", "back", Body.back(form) * w, height / 2, w, 0),
            steps -> wider(form, steps)));
  }

  /** A wider body with shorter sleeves, so that the reach from centre back to wrist stays. */
  private static Map<String, Integer> wider(Form form, int steps) {
    Map<String, Integer> moved = new LinkedHashMap<>();
    moved.put(Body.BACK.key(), form.count(Body.BACK) + 2 * steps);
    if (Body.isCardigan(form)) {
      moved.put(Body.FRONT.key(), form.count(Body.FRONT) + steps);
    }
    moved.put(Body.SHOULDER.key(), Body.shoulder(form) + steps);
    moved.put(Sleeve.ROWS.key(), form.count(Sleeve.ROWS) - (int) Math.round(steps * w(form) / h(form)));
    return moved;
  }

  private static int armhole(Form form) {
    return form.count(ARMHOLE);
  }

  private static int top(Form form) {
    return Making.stitches(form, SLEEVE_TOP);
  }

  private static double topMm(Form form) {
    return top(form) * w(form);
  }

  private static double roundMm(Form form) {
    return 2 * armhole(form) * h(form);
  }

  private static double w(Form form) {
    return Making.of(form).w();
  }

  private static double h(Form form) {
    return Making.of(form).h();
  }
}
