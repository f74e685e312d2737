package ruxel.core.plan;

import java.util.List;
import java.util.Optional;
import ruxel.core.construction.Dimension;
import ruxel.core.construction.Handle;
import ruxel.core.garment.Garment;
import ruxel.core.identity.OpeningId;
import ruxel.core.identity.PieceId;
import ruxel.core.identity.SeamId;
import ruxel.core.identity.WorkRef;
import ruxel.core.lay.AsWorn;
import ruxel.core.match.Ease;
import ruxel.core.measure.HouseRules.Rule;
import ruxel.core.measure.HouseRules;
import ruxel.core.measure.School;
import ruxel.core.measure.Terms;
import ruxel.core.measure.Wording;
import ruxel.core.method.Wish;
import ruxel.core.order.Reason;
import ruxel.core.seam.Anchor.Spot;
import ruxel.core.seam.SeamRole;

/** Everything computed of a garment (model 9); {@code laidWords} says how its pieces lie, {@code edged} are the openings once the strips are worked, {@code facings} are the ways pieces may be held, the one that is wanted of all seams marked. Nothing of it is stored. */
public record GarmentPlan(
    String name,
    Wording.Unit unit,
    Terms terms,
    Wording.Hand hand,
    List<PiecePlan> pieces,
    String laidWords,
    List<SeamPlan> seams,
    List<PairPlan> pairs,
    List<AsWorn.WornView> worn,
    Ladder ladder,
    GluingPlan gluing,
    List<StepPlan> steps,
    List<RuleView> rules,
    List<ConsequenceView> consequences,
    List<Assumed> assumed,
    List<Dimension> dimensions,
    List<Handle> handles,
    List<Owed> owed,
    YarnPlan yarn,
    OrderPlan order,
    List<WearerPlan.CheckView> wearer,
    WearerPlan wearing,
    List<BoardPlan> boards,
    Optional<BoardPlan.Whole> squares,
    Optional<ColourPlan> colours,
    List<StripPlan> strips,
    List<OpeningPlan> edged,
    List<WishView> wishes,
    List<HoldView.FacingChoice> facings,
    List<School.Way> schools,
    List<Gone> gone,
    List<FindingView> findings) {

  /** Only this much of it; the rest is left empty. */
  static GarmentPlan partly(Garment garment, List<PiecePlan> pieces, List<SeamPlan> seams, GluingPlan gluing, List<StripPlan> strips, List<FindingView> findings) {
    return new GarmentPlan(
        garment.name(), garment.unit(), garment.terms(), garment.hand(), pieces, "", seams, List.of(), List.of(), Ladder.of(garment.rules()), gluing, List.of(), List.of(), List.of(), List.of(),
        List.of(), List.of(), List.of(), YarnPlan.NONE, OrderPlan.NONE, List.of(), WearerPlan.NONE, List.of(), Optional.empty(), Optional.empty(), strips, List.of(), List.of(), List.of(), List.of(),
        List.of(), findings);
  }

  /** The same with only some of its pieces, seams and boards. */
  public GarmentPlan with(List<PiecePlan> somePieces, List<SeamPlan> someSeams, List<BoardPlan> someBoards) {
    return new GarmentPlan(
        name, unit, terms, hand, somePieces, laidWords, someSeams, pairs, worn, ladder, gluing, steps, rules, consequences, assumed, dimensions, handles, owed, yarn, order, wearer, wearing, someBoards, squares, colours, strips, edged, wishes, facings, schools, gone, findings);
  }

  /** The row that joins a seam while it is worked. */
  public Optional<RowPlan> rowJoining(SeamId seam) {
    return strips.stream().flatMap(strip -> strip.row().stream()).filter(row -> row.seams().contains(seam)).findFirst();
  }

  /** Names how something is worked by this plan; empty where it has none such, and for a line, which keeps its squares while it is begun. */
  public Optional<String> workedAs(WorkRef of) {
    if (of instanceof WorkRef.OfSeam seam) {
      return seams.stream().filter(each -> each.id().equals(seam.id())).findFirst().map(SeamPlan::workedAs);
    }
    return of instanceof WorkRef.OfStrip strip ? strips.stream().filter(each -> each.id().equals(strip.id())).findFirst().map(StripPlan::workedAs) : Optional.empty();
  }

  /** What must be mended or left so before a seam is taken to the bench. */
  public List<FindingView> toDecide(SeamId seam) {
    return steps.stream().filter(step -> step.seam().equals(seam)).findFirst().map(StepPlan::toDecide).orElse(List.of());
  }

  /**
   * Something told that has no place now: by what it is taken away, which seam or strip it is where it is one, what it was, and why it
   * cannot be.
   */
  public record Gone(String key, Optional<WorkRef> of, String words, List<String> why) {}

  /** The ladder of ease (handbook 6), and the wavelength of a ripple, for this garment. */
  public record Ladder(List<Rung> rungs, double waveMm) {
    static Ladder of(HouseRules rules) {
      double matched = rules.get(Rule.MATCHED_SHARE);
      double evenly = rules.get(Rule.EVEN_SHARE);
      double withMarkers = rules.get(Rule.MARKERS_SHARE);
      return new Ladder(
          List.of(
              new Rung(Ease.Verdict.MATCHED, 0, Optional.of(matched)), new Rung(Ease.Verdict.EASE_EVENLY, matched, Optional.of(evenly)),
              new Rung(Ease.Verdict.EASE_WITH_MARKERS, evenly, Optional.of(withMarkers)), new Rung(Ease.Verdict.STOP, withMarkers, Optional.empty())),
          rules.get(Rule.RIPPLE_WAVE_MM));
    }
  }

  /** A verdict with the shares of ease it stands for; the last has no upper end. */
  public record Rung(Ease.Verdict verdict, double from, Optional<Double> to) {}

  /** The gluing of all seams; handles −1 where not every right side can be outside. */
  public record GluingPlan(
      int points,
      int segments,
      int pieces,
      int handles,
      List<OpeningPlan> openings,
      List<PieceId> turned,
      List<String> twist,
      List<PartPlan> parts) {}

  /** A connected part of the gluing. */
  public record PartPlan(List<PieceId> pieces, int points, int segments, int openings, int handles) {}

  /** An opening with its identity, name, length, free stretches, the angle at the end of each, and its corners in words. */
  public record OpeningPlan(OpeningId id, String name, double lengthMm, List<StretchPlan> stretches, List<Double> angles, String corners, Spot start, double stitchMm) {
    OpeningPlan named(String other) {
      return new OpeningPlan(id, other, lengthMm, stretches, angles, corners, start, stitchMm);
    }
  }

  /** A free stretch of an edge in half units of the edge. */
  public record StretchPlan(PieceId piece, String edge, int fromHalf, int toHalf) {}

  /** A step of the order: what comes first, the markers on its edges, its reasons, the stitch that closes its points, and what is to be decided first. */
  public record StepPlan(
      SeamId seam,
      int number,
      String title,
      String direction,
      List<SeamId> after,
      List<ReasonView> reasons,
      List<String> first,
      List<String> markers,
      List<Closing> closing,
      List<OpenNow> openAfter,
      List<FindingView> toDecide) {}

  /** The stitch that closes a point, and how many joints of its seam are done when the last edge reaches that. */
  public record Closing(String words, int joint) {}

  /** Why a step stands where it does. */
  public record ReasonView(Reason.Code code, Reason.Weight weight, List<SeamId> seams, String sentence) {}

  /** What is open after a step. */
  public record OpenNow(String name, double lengthMm) {}

  /** Something to mend later, in words, with the seam that is its last moment. */
  public record Owed(String id, PieceId piece, String what, Optional<SeamId> before, String words) {}

  /** What is wanted of a seam, of a role, or of the whole garment. */
  public record WishView(Optional<SeamRole> role, Optional<SeamId> seam, Wish wish) {}

  /** The value taken for a question without an answer, and from what it follows. */
  public record Assumed(String answer, String value, Optional<String> because) {}

  /** A rule that is not as the house has it. */
  public record RuleView(Rule rule, double value) {}

  /** What follows from an answer. */
  public record ConsequenceView(String answer, String sentence) {}
}
