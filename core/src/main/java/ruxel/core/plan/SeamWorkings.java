package ruxel.core.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import ruxel.core.match.From;
import ruxel.core.match.Interval;
import ruxel.core.match.PlacedAnchor;
import ruxel.core.match.SeamMatch;
import ruxel.core.match.SideLayout;
import ruxel.core.match.WholeIntervals;
import ruxel.core.measure.Wording;
import ruxel.core.method.Method;
import ruxel.core.method.TakeUp;
import ruxel.core.piece.UnitKind;
import ruxel.core.plan.SeamPlan.SideWorkingView;
import ruxel.core.plan.SeamPlan.SurplusChoice;
import ruxel.core.plan.SeamPlan.TakeUpView;
import ruxel.core.plan.SeamPlan.WorkingView;
import ruxel.core.seam.Seam;
import ruxel.core.seam.Side;
import ruxel.core.seam.Surplus;

/** What can be chosen about how a seam is worked, and what it takes of its pieces. */
final class SeamWorkings {
  private SeamWorkings() {}

  static WorkingView of(SeamMatch match, Wording wording) {
    Seam seam = match.seam().seam();
    return new WorkingView(
        seam.working().together(), seam.working().surplus(), seam.working().fullness(), seam.working().fuller(), seam.working().seamPlaces(),
        match.a().spans().size() + match.b().spans().size() > 2, choices(match),
        side(match.a(), seam.side(Side.A)), side(match.b(), seam.side(Side.B)));
  }

  private static SideWorkingView side(SideLayout layout, Seam.SideOf side) {
    return new SideWorkingView(side.placesPerRow(), side.spaces(), has(layout, UnitKind.ROW_END), has(layout, UnitKind.CHAIN_SPACE));
  }

  private static boolean has(SideLayout layout, UnitKind kind) {
    return layout.places().stream().anyMatch(place -> place.run().kind() == kind);
  }

  private static List<SurplusChoice> choices(SeamMatch match) {
    SideLayout larger = match.a().size() >= match.b().size() ? match.a() : match.b();
    long mayPass = larger.places().stream().filter(place -> place.run().kind().mayBePassedOver()).count();
    boolean tooFew = mayPass < Math.abs(match.a().size() - match.b().size());
    List<SurplusChoice> choices = new ArrayList<>();
    choices.add(new SurplusChoice(Surplus.EVEN, "Evenly", "Spread along the whole length.", Optional.empty()));
    choices.add(new SurplusChoice(Surplus.TO_HIDDEN, "Towards " + end(match, true), "Gathered there, the rest one to one.", Optional.empty()));
    choices.add(new SurplusChoice(Surplus.TO_OPEN, "Towards " + end(match, false), "Fullness that is meant to show.", Optional.empty()));
    choices.add(
        new SurplusChoice(
            Surplus.SKIP, "Pass over some", "Some row ends or spaces of the longer side are left out.",
            tooFew ? Optional.of("The longer side has too few row ends and spaces; a stitch is never passed over.") : Optional.empty()));
    choices.add(new SurplusChoice(Surplus.NOWHERE, "Nowhere", "Only equal counts are joined.", Optional.empty()));
    return List.copyOf(choices);
  }

  /** The anchors that surplus is steered to: "the underarm", "the front underarm and the back underarm". */
  private static String end(SeamMatch match, boolean hidden) {
    List<String> hiddenIds = match.seam().seam().hidden();
    List<String> names = new ArrayList<>();
    for (Interval interval : WholeIntervals.of(match)) {
      PlacedAnchor from = interval.from() == From.START ? interval.start() : interval.end();
      PlacedAnchor other = interval.from() == From.START ? interval.end() : interval.start();
      String name = (hidden ? from : other).theName();
      if ((hiddenIds.isEmpty() || hiddenIds.contains(from.id())) && !names.contains(name)) {
        names.add(name);
      }
    }
    return names.isEmpty() ? (hidden ? "its hidden end" : "its other end") : String.join(" and ", names);
  }

  static TakeUpView takeUp(SeamMatch match, Wording wording) {
    Seam seam = match.seam().seam();
    Optional<Method> method = seam.method().flatMap(Method::of);
    double a = TakeUp.mm(method, match.a());
    double b = TakeUp.mm(method, match.b());
    List<String> strips = new ArrayList<>();
    strip(strips, a, seam.a(), wording);
    strip(strips, b, seam.b(), wording);
    String words = strips.isEmpty() ? "Nothing of the pieces disappears in this seam." : "In the seam disappear " + String.join(" and ", strips) + ".";
    return new TakeUpView(a, b, words);
  }

  private static void strip(List<String> strips, double mm, Seam.SideOf side, Wording wording) {
    if (mm > 0) {
      strips.add("%s of the %s".formatted(wording.fine(mm), Wording.low(side.name())));
    }
  }
}
