package ruxel.core.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import ruxel.core.finding.Fact;
import ruxel.core.finding.Finding;
import ruxel.core.finding.FindingCode;
import ruxel.core.finding.Where;
import ruxel.core.measure.Wording;
import ruxel.core.plan.StripPlan.TrimPlan;
import ruxel.core.strip.Buttons;
import ruxel.core.strip.Fringe;
import ruxel.core.strip.Gathering;
import ruxel.core.strip.Picots;
import ruxel.core.strip.WorkedOn;

/** What is worked on a strip's last round (handbook 11), and what does not fit there. */
final class StripTrims {
  private final WorkedOn worked;
  private final StripNames names;
  private final Wording wording;
  private final int stitches;
  private final List<TrimPlan> plans = new ArrayList<>();
  private final List<Finding> findings = new ArrayList<>();

  StripTrims(WorkedOn worked, StripNames names, Wording wording) {
    this.names = names;
    this.worked = worked;
    this.wording = wording;
    stitches = worked.outerUnits();
    if (worked.endsOnWrongSide()) {
      find(FindingCode.STRIP_WRONG_SIDE);
    }
    worked.strip().trims().gatherTo().ifPresent(this::gather);
    worked.strip().trims().picotEvery().ifPresent(this::picots);
    worked.strip().trims().buttons().ifPresent(this::buttons);
    worked.strip().trims().fringe().ifPresent(this::fringe);
  }

  List<TrimPlan> plans() {
    return List.copyOf(plans);
  }

  List<Finding> findings() {
    return List.copyOf(findings);
  }

  double yarnMm() {
    return plans.stream().mapToDouble(TrimPlan::yarnMm).sum();
  }

  private void find(FindingCode code, Fact... facts) {
    Fact[] all = Stream.concat(Stream.of(Fact.text("strip", worked.strip().name())), Stream.of(facts)).toArray(Fact[]::new);
    findings.add(Finding.of(code, Where.edge(worked.strip().from().piece(), worked.strip().from().edge()).ofStrip(worked.strip().id()), all));
  }

  private void gather(int to) {
    Optional<Gathering> gathering = Gathering.of(stitches, to);
    if (gathering.isEmpty()) {
      find(FindingCode.GATHER_OFF, Fact.count("from", stitches), Fact.count("to", to), Fact.count("least", (stitches + 2) / 3));
      return;
    }
    Gathering g = gathering.get();
    List<String> parts = new ArrayList<>();
    if (g.twos() > 0) {
      parts.add("two together " + Wording.times(g.twos()));
    }
    if (g.threes() > 0) {
      parts.add("three together %s, over a seam first".formatted(Wording.times(g.threes())));
    }
    parts.add("%d one each, evenly spread".formatted(g.plain()));
    String words = "%d gathered to %d in one round: %s.".formatted(g.from(), g.to(), String.join("; ", parts));
    plans.add(new TrimPlan(TrimPlan.Kind.GATHER, g.twos() + g.threes(), 0, List.of(), words));
  }

  private void picots(int every) {
    Picots picots = Picots.on(stitches, every);
    if (!picots.fits()) {
      List<String> counts = Stream.concat(picots.fewer().stream(), picots.more().stream()).map(String::valueOf).toList();
      find(FindingCode.PICOTS_OFF, Fact.text("every", Wording.ordinal(every)), Fact.count("stitches", stitches), Fact.text("counts", String.join(" or ", counts)));
      return;
    }
    plans.add(new TrimPlan(TrimPlan.Kind.PICOTS, picots.count(), 0, List.of(), "%s, one on every %s stitch, plain at both ends.".formatted(Wording.counted(picots.count(), "picots"), Wording.ordinal(every))));
  }

  private void buttons(Buttons buttons) {
    double gap = buttons.gapMm(worked.outerMm());
    if (gap < buttons.diameterMm()) {
      find(FindingCode.BUTTONS_OFF, Fact.count("count", buttons.count()), Fact.length("length", worked.outerMm()));
      return;
    }
    List<Integer> at = buttons.stitches(stitches, worked.outerMm());
    String holes = "holes of %s".formatted(Wording.counted(buttons.hole(worked.outerMm() / stitches), "chains"));
    String which =
        buttons.lies()
            .map(lies -> lies == Buttons.Lies.OVER ? "this side lies over and has %s".formatted(holes) : "this side lies under and has the buttons")
            .orElse("%s where it lies over, the buttons where it lies under: that is still to be told".formatted(holes));
    String words =
        "%s, %s from middle to middle, at stitches %s; %s."
            .formatted(Wording.counted(buttons.count(), "buttons"), wording.fine(gap), String.join(", ", at.stream().map(String::valueOf).toList()), which);
    plans.add(new TrimPlan(TrimPlan.Kind.BUTTONS, buttons.count(), 0, at, words));
  }

  private void fringe(Fringe fringe) {
    // The mirror image runs the other way.
    List<Integer> on = worked.strip().mirrorOf().isPresent() ? fringe.on(stitches).stream().map(at -> stitches + 1 - at).sorted().toList() : fringe.on(stitches);
    if (on.isEmpty()) {
      find(FindingCode.FRINGE_OFF, Fact.count("first", fringe.first().orElse(fringe.every())), Fact.count("last", Math.min(stitches, fringe.last().orElse(stitches))));
      return;
    }
    double yarn = on.size() * fringe.yarnMm();
    String what = fringe.curled() ? "twisted curls" : "tufts";
    String words =
        "%s on every %s stitch, %s to %s of %d, %s of yarn%s."
            .formatted(
                Wording.counted(on.size(), what), Wording.ordinal(fringe.every()), place(on.get(0)), place(on.get(on.size() - 1)), stitches, wording.yarn(yarn),
                fringe.curled() ? "; each is pulled out to %s and hangs about half of that".formatted(wording.length(fringe.lengthMm())) : "");
    plans.add(new TrimPlan(TrimPlan.Kind.FRINGE, on.size(), yarn, List.of(), words));
  }

  /** A stitch of the last round, and what it lies over. */
  private String place(int stitch) {
    int before = 0;
    for (int i = 0; i < worked.over().size(); i++) {
      before += worked.over().get(i);
      if (stitch <= before) {
        return "%d (%s)".formatted(stitch, names.of(worked.line().stretches().get(i)));
      }
    }
    return String.valueOf(stitch);
  }
}
