package ruxel.core.construction;


import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import ruxel.core.identity.PieceId;

/**
 * Drop-shoulder panels (handbook 4.1): back, front or two fronts, and two straight or tapered sleeves
 * set on row ends; pullover or cardigan, with or without ribbing, worked up or down.
 */
final class DropShoulder extends Template {
  DropShoulder() {
    super(
        "drop-shoulder", "Drop-shoulder panels", "The body goes straight up; the sleeve is set on its side below the shoulder.",
        List.of(Sign.SLEEVE_STRAIGHT, Sign.SIDE_STRAIGHT, Sign.FRONT_AS_BACK),
        Stream.of(
                List.of(Body.KIND), Making.QUESTIONS, List.of(Body.BACK, Body.FRONT, Body.ROWS, Armhole.ROWS, Body.HEM_RIB, Body.WORKED),
                List.of(Body.SHOULDER, Body.NECK_ROWS, Body.NECK_CENTRE), Hood.OF_ROWS, List.of(Sleeve.TOP, Sleeve.CUFF, Sleeve.ROWS, Sleeve.CUFF_RIB, Sleeve.WORKED, Sleeve.IN_PASSES))
            .flatMap(List::stream)
            .toList());
  }

  @Override
  void tell(Halves halves, Form form) {
    BodyPanels.panels(halves, form);
    Sleeve.straight(halves, form, Armhole.ROWS, 2 * h(form));
  }

  @Override
  List<Stop> stops(Form form) {
    return List.of(Armhole.stop(form));
  }

  @Override
  List<Drag> drags(Form form) {
    double w = w(form);
    double h = h(form);
    double height = Body.heightMm(form);
    PieceId sleeve = Halves.left("sleeve");
    return List.of(
        new Drag(
            new Handle("neck", "Neck and shoulders", "a stitch more on each shoulder is two fewer for the neck", Halves.BACK, Body.shoulder(form) * w, height, w, 0),
            steps -> Map.of(Body.SHOULDER.key(), Body.shoulder(form) + steps)),
        new Drag(
            new Handle("armhole", "Armhole and sleeve top", "the sleeve top follows the armhole", Halves.BACK, 0, height - Armhole.rows(form) * h, 0, -h),
            steps -> Map.of(Armhole.ROWS.key(), Armhole.rows(form) + steps, Sleeve.TOP.key(), form.count(Sleeve.TOP) + (int) Math.round(2 * steps * h / w))),
        new Drag(
            new Handle("sleeve.top", "Sleeve top", "the armhole stays as it is", sleeve, (Sleeve.cuff(form) + Sleeve.top(form)) * w / 2, Sleeve.lengthMm(form), w, 0),
            steps -> Map.of(Sleeve.TOP.key(), form.count(Sleeve.TOP) + 2 * steps)),
        new Drag(
            new Handle("body", "Body and sleeve", "the sleeve gets shorter as the body gets wider, so that the reach stays", Halves.BACK, Body.back(form) * w, height / 2, w, 0),
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

  private static double w(Form form) {
    return Making.of(form).w();
  }

  private static double h(Form form) {
    return Making.of(form).h();
  }
}
