package ruxel.core.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.function.Function;
import ruxel.core.construction.Construct;
import ruxel.core.decision.PieceRows;
import ruxel.core.finding.Outcome;
import ruxel.core.garment.Garment;
import ruxel.core.hold.Facing;
import ruxel.core.hold.Facing.Face;
import ruxel.core.identity.SeamId;
import ruxel.core.layout.Layout;
import ruxel.core.match.Joints.Joint;
import ruxel.core.match.Place;
import ruxel.core.match.PlaceNames;
import ruxel.core.match.SeamMatch;
import ruxel.core.measure.HouseRules;
import ruxel.core.measure.Wording;
import ruxel.core.method.HowTo;
import ruxel.core.method.Method;
import ruxel.core.piece.CountedChain;
import ruxel.core.piece.Piece;
import ruxel.core.piece.RowNumbers;
import ruxel.core.plan.GarmentPlan;
import ruxel.core.plan.HoldView;
import ruxel.core.plan.Planner;
import ruxel.core.plan.RowPlan;
import ruxel.core.plan.SeamPlan;

/** Says a planned seam joint by joint, for the bench. */
public final class Directions {
  private final SeamMatch match;
  private final PlaceNames namesA;
  private final PlaceNames namesB;

  private final Function<Place, Optional<String>> chain;

  private Directions(SeamMatch match, Function<Place, Optional<String>> chain) {
    this.match = match;
    this.chain = chain;
    namesA = new PlaceNames(match.a(), true, match.intervals());
    namesB = new PlaceNames(match.b(), false, match.intervals());
  }

  /** The bench plan of a seam; empty when the garment has no such seam, or none that can be worked. */
  public static Optional<BenchPlan> of(Garment garment, SeamId seamId) {
    return Planner.plan(garment) instanceof Outcome.Good<GarmentPlan> planned ? of(garment, planned.value(), seamId) : Optional.empty();
  }

  /**
   * The same for a garment that is planned already.
   *
   * @param planned the plan of this garment
   */
  public static Optional<BenchPlan> of(Garment garment, GarmentPlan planned, SeamId seamId) {
    Optional<SeamPlan> plan = planned.seams().stream().filter(seam -> seam.id().equals(seamId) && seam.planned()).findFirst();
    if (plan.isEmpty() || !(Layout.of(garment) instanceof Outcome.Good<Layout> layout)) {
      return Optional.empty();
    }
    Construct construct = layout.value().construct();
    return construct.resolved(seamId)
        .map(
            seam ->
                new Directions(SeamMatch.of(seam, garment.rules()), place -> chain(place, construct.pieces(), garment))
                    .bench(plan.get(), garment.wording(), garment.rules(), planned.rowJoining(seamId).map(RowPlan::words).stream().toList(), markers(planned, seamId))
                    .withClosing(planned.steps().stream().filter(step -> step.seam().equals(seamId)).flatMap(step -> step.closing().stream()).toList())
                    .withPlain(planned.rowJoining(seamId).flatMap(row -> PlainOfRow.behind(row, seamId))));
  }

  /**
   * Of a seam that is matched and planned already.
   *
   * @param first what comes before it
   */
  static BenchPlan of(SeamMatch match, SeamPlan plan, Wording wording, HouseRules rules, List<String> first) {
    return new Directions(match, place -> Optional.empty()).bench(plan, wording, rules, first, List.of());
  }

  /** The markers that hang on its edges. */
  private static List<String> markers(GarmentPlan plan, SeamId seamId) {
    return plan.steps().stream().filter(step -> step.seam().equals(seamId)).flatMap(step -> step.markers().stream()).toList();
  }

  /** The chain that stands for a stitch, where a place is one. */
  private static Optional<String> chain(Place place, List<Piece> pieces, Garment garment) {
    Piece piece = place.span().piece();
    boolean is =
        place.isOfEdge()
            && RowNumbers.of(piece).filter(rows -> new CountedChain(piece, rows, PieceRows.of(garment.settings(), piece, pieces), garment.wording().hand()).isAt(place.span().edgeIndex(), place.unit())).isPresent();
    return is ? Optional.of("is the turning chain of the %s: take its %s chain".formatted(Wording.low(piece.name()), Wording.ordinal(piece.cloth().countedChain()))) : Optional.empty();
  }

  private BenchPlan bench(SeamPlan plan, Wording wording, HouseRules rules, List<String> row, List<String> markers) {
    List<String> cautions = new ArrayList<>(row);
    cautions.addAll(markers);
    Optional<Method> method = plan.method().flatMap(Method::of);
    Optional<Facing> facing = plan.howTo().map(SeamPlan.HowToView::facing);
    boolean wrongSide = plan.hold().filter(hold -> hold.shows().get(0) == Face.WRONG_SIDE).isPresent();
    boolean fromRight = plan.hold().map(HoldView::beginsAt).orElse(wording.hand()) == Wording.Hand.RIGHT;
    boolean needle = method.map(chosen -> chosen.tool() == Method.Tool.NEEDLE).orElse(false);
    cautions.add(needle ? "Count needles and clips in and out." : "Count clips and markers in and out.");
    return new BenchPlan(
        plan.title(),
        method.map(chosen -> chosen.title(wording) + ": " + held(chosen, facing) + ".").orElse("Choose a joining method at the seam."),
        start(plan),
        wrongSide,
        fromRight,
        method.map(HowTo::check).orElse(""),
        cautions,
        new Prompts(plan, match.joints().size(), tugEvery(needle, rules)).all(),
        Optional.of(plan), joints(), List.of(), List.of(), List.of());
  }

  /** As the method says it of itself, or as it is wanted of the seam. */
  private static String held(Method method, Optional<Facing> facing) {
    return facing.filter(now -> now != method.facings().get(0)).map(Facing::words).orElse(method.held());
  }

  /** Only yarn on a needle is tugged. */
  private static OptionalInt tugEvery(boolean needle, HouseRules rules) {
    return needle ? OptionalInt.of((int) rules.get(HouseRules.Rule.TUG_JOINTS)) : OptionalInt.empty();
  }

  private String start(SeamPlan plan) {
    String first = "The first joint: %s.%s %s".formatted(pair(match.joints().get(0), "", ""), chains(match.joints().get(0)), plan.direction());
    return plan.hold().map(hold -> hold.words() + " " + first).orElse(first);
  }

  private List<BenchPlan.BenchJoint> joints() {
    List<BenchPlan.BenchJoint> joints = new ArrayList<>();
    for (int i = 0; i < match.joints().size(); i++) {
      Joint joint = match.joints().get(i);
      Optional<Joint> before = i == 0 ? Optional.empty() : Optional.of(match.joints().get(i - 1));
      joints.add(new BenchPlan.BenchJoint(joint.a(), joint.b(), words(joint, before)));
    }
    return joints;
  }

  private String words(Joint joint, Optional<Joint> before) {
    boolean againA = joint.a() >= 0 && before.map(Joint::a).orElse(-2) == joint.a();
    boolean againB = joint.b() >= 0 && before.map(Joint::b).orElse(-2) == joint.b();
    return Wording.capital(pair(joint, againA ? " again" : "", againB ? " again" : "") + ".") + chains(joint);
  }

  /** Asked of the first and the last joint: elsewhere no row begins. */
  private String chains(Joint joint) {
    boolean isEnd = joint.equals(match.joints().get(0)) || joint.equals(match.joints().get(match.joints().size() - 1));
    return isEnd ? chain(joint, true) + chain(joint, false) : "";
  }

  private String chain(Joint joint, boolean onA) {
    int place = onA ? joint.a() : joint.b();
    return place < 0 ? "" : chain.apply((onA ? match.a() : match.b()).places().get(place)).map(words -> " %s %s.".formatted(Wording.capital(name(joint, onA)), words)).orElse("");
  }

  /** Both places of a joint, each with a word behind it; said once where they are called the same. */
  private String pair(Joint joint, String behindA, String behindB) {
    String a = name(joint, true) + behindA;
    String b = name(joint, false) + behindB;
    return a.equals(b) && behindA.isEmpty() ? a + " of both" : a + " and " + b;
  }

  private String name(Joint joint, boolean onA) {
    int place = onA ? joint.a() : joint.b();
    return place < 0 ? "the seam place" : (onA ? namesA : namesB).names(place, onA ? joint.onA() : joint.onB());
  }
}
