package ruxel.core.plan;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import ruxel.core.finding.Fact;
import ruxel.core.finding.Finding;
import ruxel.core.finding.FindingCode;
import ruxel.core.finding.Where;
import ruxel.core.measure.HouseRules;
import ruxel.core.measure.Stitch;
import ruxel.core.measure.Wording;
import ruxel.core.plan.StripPlan.TrimPlan;
import ruxel.core.strip.Buttons;
import ruxel.core.strip.Fringe;
import ruxel.core.strip.Gathering;
import ruxel.core.strip.Picots;
import ruxel.core.strip.PlainEdge;
import ruxel.core.strip.Round;
import ruxel.core.strip.WorkedOn;

/** What is worked on a strip's last round (handbook 11), and what does not fit there. */
final class StripTrims {
  private final WorkedOn worked;
  private final StripNames names;
  private final HouseRules rules;
  private final Wording wording;
  private final int stitches;
  private final List<TrimPlan> plans = new ArrayList<>();
  private final List<Finding> findings = new ArrayList<>();

  StripTrims(WorkedOn worked, StripNames names, HouseRules rules, Wording wording) {
    this.rules = rules;
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
    List<Integer> sizes = new ArrayList<>(g.sizes(seams()));
    if (isMirrored()) {
      Collections.reverse(sizes);
    }
    double yarn = g.from() * last().widthMm() * Stitch.SC.yarnPerLength();
    plans.add(new TrimPlan(TrimPlan.Kind.GATHER, g.to(), yarn, List.of(), sizes, "", words));
  }

  private void picots(int every) {
    List<Between> between = between();
    List<Integer> on = new ArrayList<>();
    for (Between part : between) {
      Picots picots = Picots.on(part.stitches(), every, part.full());
      if (picots.fits()) {
        picots.at().map(at -> part.full() && isMirrored() ? stitches + 1 - at : (part.after() + at - 1) % stitches + 1).forEach(on::add);
      } else {
        List<String> counts = Stream.concat(picots.fewer().stream(), picots.more().stream()).map(String::valueOf).toList();
        find(
            FindingCode.PICOTS_OFF, Fact.text("every", Wording.ordinal(every)), Fact.count("stitches", part.stitches()), Fact.text("where", part.full() ? "in a full round" : "from plain to plain"),
            Fact.text("counts", String.join(" or ", counts)));
      }
    }
    if (!on.isEmpty()) {
      int chains = (int) rules.get(HouseRules.Rule.PICOT_CHAINS);
      double yarn = on.size() * (chains + 1) * last().widthMm() * Picots.YARN_PER_LENGTH;
      String plain = worked.strip().trims().plain().isEmpty() ? "" : "; none where it stays plain";
      String words = "%s, one on every %s stitch%s.".formatted(Wording.counted(on.size(), "picots"), Wording.ordinal(every), between.get(0).full() ? "" : ", plain at both ends" + plain);
      plans.add(new TrimPlan(TrimPlan.Kind.PICOTS, on.size(), yarn, on.stream().sorted().toList(), List.of(), "A picot: chain %d, and a slip stitch into the first of them".formatted(chains), words));
    }
  }

  /** Stitches in a row that may have picots, behind so many; all of a round where none stay plain. */
  private record Between(int after, int stitches, boolean full) {}

  private List<Between> between() {
    List<Between> parts = new ArrayList<>();
    int before = 0;
    int from = -1;
    for (int i = 0; i < worked.over().size(); i++) {
      boolean isPlain = PlainEdge.any(worked.strip().trims().plain(), worked.line().stretches().get(i), names.faces());
      if (isPlain && from >= 0) {
        parts.add(new Between(from, before - from, false));
      }
      from = isPlain ? -1 : from < 0 ? before : from;
      before += worked.over().get(i);
    }
    if (from >= 0) {
      parts.add(new Between(from, stitches - from, worked.line().round() && from == 0 && parts.isEmpty()));
    }
    return round(parts);
  }

  /** In a round what lies before its start goes on behind it. */
  private List<Between> round(List<Between> parts) {
    Between first = parts.isEmpty() ? null : parts.get(0);
    Between last = parts.isEmpty() ? null : parts.get(parts.size() - 1);
    if (!worked.line().round() || parts.size() < 2 || first.after() > 0 || last.after() + last.stitches() < stitches) {
      return parts;
    }
    List<Between> joined = new ArrayList<>(parts.subList(1, parts.size() - 1));
    joined.add(new Between(last.after(), last.stitches() + first.stitches(), false));
    return joined;
  }

  private Round last() {
    return worked.rounds().get(worked.rounds().size() - 1).round();
  }

  /** After how many stitches one piece ends and another begins. */
  private List<Integer> seams() {
    List<Integer> seams = new ArrayList<>();
    int before = 0;
    for (int i = 0; i + 1 < worked.over().size(); i++) {
      before += worked.over().get(i);
      if (!worked.line().stretches().get(i).piece().equals(worked.line().stretches().get(i + 1).piece())) {
        seams.add(before);
      }
    }
    return seams;
  }

  /** The mirror image runs the other way. */
  private boolean isMirrored() {
    return worked.strip().mirrorOf().isPresent();
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
    boolean hasHoles = buttons.lies().filter(Buttons.Lies.OVER::equals).isPresent();
    int chains = buttons.hole(worked.outerMm() / stitches);
    String each = hasHoles ? "A buttonhole: chain %d and pass over as many".formatted(chains) : "Mark this stitch for a button";
    plans.add(new TrimPlan(TrimPlan.Kind.BUTTONS, buttons.count(), 0, at, List.of(), each, words));
  }

  private void fringe(Fringe fringe) {
    int left = plans.stream().filter(plan -> plan.kind() == TrimPlan.Kind.GATHER).mapToInt(TrimPlan::count).findFirst().orElse(stitches);
    List<Integer> on = isMirrored() ? fringe.on(left).stream().map(at -> left + 1 - at).sorted().toList() : fringe.on(left);
    if (on.isEmpty()) {
      find(FindingCode.FRINGE_OFF, Fact.count("first", fringe.first().orElse(fringe.every())), Fact.count("last", Math.min(left, fringe.last().orElse(left))));
      return;
    }
    double yarn = on.size() * fringe.yarnMm();
    String what = fringe.curled() ? "twisted curls" : "tufts";
    String words =
        "%s on every %s stitch, %s to %s of %d, %s of yarn%s."
            .formatted(
                Wording.counted(on.size(), what), Wording.ordinal(fringe.every()), place(on.get(0), left), place(on.get(on.size() - 1), left), left, wording.yarn(yarn),
                fringe.curled() ? "; each is pulled out to %s and hangs about half of that".formatted(wording.length(fringe.lengthMm())) : "");
    String each = fringe.curled() ? "A curl: pull a loop out to %s, twist it and let it close".formatted(wording.length(fringe.lengthMm())) : "A tuft of %s, %s long".formatted(Wording.counted(fringe.strands(), "strands"), wording.length(fringe.lengthMm()));
    plans.add(new TrimPlan(TrimPlan.Kind.FRINGE, on.size(), yarn, on, List.of(), each, words));
  }

  /** A stitch of the last so many, and what it lies over. */
  private String place(int stitch, int left) {
    int before = 0;
    for (int i = 0; i < worked.over().size(); i++) {
      before += worked.over().get(i);
      if ((long) stitch * stitches <= (long) before * left) {
        return "%d (%s)".formatted(stitch, names.of(worked.line().stretches().get(i)));
      }
    }
    return String.valueOf(stitch);
  }
}
