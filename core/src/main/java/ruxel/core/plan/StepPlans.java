package ruxel.core.plan;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import ruxel.core.decision.Settings;
import ruxel.core.match.Joints;
import ruxel.core.match.Place;
import ruxel.core.match.SeamMatch;
import ruxel.core.measure.Wording;
import ruxel.core.order.ClosingStitch;
import ruxel.core.order.Order;
import ruxel.core.order.Reason;
import ruxel.core.order.Step;
import ruxel.core.seam.Join;
import ruxel.core.seam.ResolvedSeam;
import ruxel.core.seam.Side;

/** Writes the steps of an order as a plan: each seam with what comes before it, why it stands there, and what is open afterwards. */
final class StepPlans {
  private final Order order;
  private final List<SeamMatch> matches;
  private final List<ResolvedSeam> seams;
  private final Map<Join, String> names;
  private final Map<Join, StepFirst> firsts = new HashMap<>();

  StepPlans(Order order, List<SeamMatch> matches, Settings settings, RowPlans rows) {
    this.order = order;
    this.matches = matches;
    seams = matches.stream().map(SeamMatch::seam).toList();
    names = names(seams);
    List<ResolvedSeam> sequence = order.steps().stream().map(this::seam).toList();
    Map<Join, TurnIt> turned = TurnIt.of(sequence, settings);
    for (int i = 0; i < sequence.size(); i++) {
      Join join = sequence.get(i).join();
      firsts.put(join, new StepFirst(sequence.get(i), sequence.subList(i + 1, sequence.size()), Optional.ofNullable(turned.get(join)), settings, rows));
    }
  }

  /** What comes before each seam of the order. */
  Map<Join, StepFirst> firsts() {
    return firsts;
  }

  List<GarmentPlan.StepPlan> all(Assembly assembly, Decisions decisions) {
    List<ClosingStitch> closing = ClosingStitch.of(assembly.gluing(), seams, order.steps());
    List<List<GarmentPlan.OpenNow>> open = assembly.openAfterEach(order.steps());
    List<GarmentPlan.StepPlan> steps = new ArrayList<>();
    for (Step step : order.steps()) {
      ResolvedSeam seam = seam(step);
      StepFirst first = firsts.get(seam.join());
      steps.add(
          new GarmentPlan.StepPlan(
              seam.seam().id(), step.number(), SeamWords.title(seam), SeamWords.direction(seam), Join.seams(step.after()).toList(),
              step.reasons().stream().map(this::reason).toList(),
              first.todo(), first.markers(),
              closing.stream().filter(stitch -> step.works(stitch.after())).map(this::closing).toList(),
              open.get(step.number() - 1),
              decisions.of(seam)));
    }
    return List.copyOf(steps);
  }

  private ResolvedSeam seam(Step step) {
    return seams.stream().filter(seam -> step.works(seam.join())).findFirst().orElseThrow();
  }

  private GarmentPlan.ReasonView reason(Reason reason) {
    String sentence = reason.sentence(join -> Wording.low(names.get(join)));
    return new GarmentPlan.ReasonView(reason.code(), reason.code().weight(), Join.seams(reason.joins()).toList(), sentence);
  }

  static Map<Join, String> names(List<ResolvedSeam> seams) {
    return seams.stream().collect(Collectors.toMap(ResolvedSeam::join, seam -> seam.seam().name()));
  }

  private GarmentPlan.Closing closing(ClosingStitch stitch) {
    SeamMatch match = matches.stream().filter(each -> each.seam().join().equals(stitch.after())).findFirst().orElseThrow();
    return new GarmentPlan.Closing(closingWords(stitch), (int) match.joints().stream().takeWhile(joint -> isBefore(match, joint, stitch.at())).count());
  }

  /** Whether a joint lies before a point on one side; one at a seam place lies at it. */
  private static boolean isBefore(SeamMatch match, Joints.Joint joint, ClosingStitch.At at) {
    int number = at.side() == Side.A ? joint.a() : joint.b();
    if (number < 0) {
      return false;
    }
    Place place = (at.side() == Side.A ? match.a() : match.b()).places().get(number);
    boolean isOnSpan = place.span().forward() ? 2 * place.unit() + 1 < at.half() : 2 * place.unit() + 1 > at.half();
    return place.spanIndex() < at.span() || place.spanIndex() == at.span() && isOnSpan;
  }

  private static String closingWords(ClosingStitch stitch) {
    String pieces = String.join(", ", stitch.pieces().stream().map(Wording::low).toList());
    return "Close the point with one stitch that takes a little of each edge there: " + pieces + ".";
  }
}
