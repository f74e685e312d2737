package ruxel.core.change;

import java.util.ArrayList;
import java.util.List;
import ruxel.core.finding.Fact;
import ruxel.core.finding.Finding;
import ruxel.core.finding.FindingCode;
import ruxel.core.finding.Outcome;
import ruxel.core.finding.Where;
import ruxel.core.garment.Garment;
import ruxel.core.method.Method;
import ruxel.core.strip.Buttons;
import ruxel.core.strip.Fringe;
import ruxel.core.strip.Picots;
import ruxel.core.strip.RibBand;
import ruxel.core.strip.Round;
import ruxel.core.strip.Stitches;
import ruxel.core.strip.Strip;
import ruxel.core.strip.Trims;

/** What a strip is told with, held against its bounds, all at once. */
final class StripCheck {
  private static final Where PLACE = Where.path("$.settings.strips");
  private static final double WIDEST_BAND_MM = 500;
  private static final double WIDEST_MARGIN_MM = 1000;
  private static final double WIDEST_BUTTON_MM = 100;

  private final List<Finding> findings = new ArrayList<>();

  private StripCheck() {}

  static Outcome<Strip> checked(Strip strip) {
    StripCheck check = new StripCheck();
    check.strip(strip);
    return check.findings.isEmpty() ? Outcome.of(strip) : Outcome.refused(check.findings);
  }

  private void strip(Strip strip) {
    int name = strip.name().strip().length();
    if (name < 1 || name > Garment.MOST_NAME) {
      findings.add(Finding.of(FindingCode.NAME_LENGTH, PLACE, Fact.count("most", Garment.MOST_NAME), Fact.count("count", name)));
    }
    if (!strip.id().isWellFormed()) {
      findings.add(Finding.of(FindingCode.ID_FORM, PLACE, Fact.text("value", strip.id())));
    }
    if (strip.band().isEmpty() && strip.mirrorOf().isEmpty()) {
      within("the number of rounds", strip.rounds().size(), 1, Strip.MOST_ROUNDS);
    }
    for (Round round : strip.rounds()) {
      within("the width of a stitch in mm", round.widthMm(), Round.LEAST_MM, Round.MOST_MM);
      within("the height of a stitch in mm", round.heightMm(), Round.LEAST_MM, Round.MOST_MM);
      round.hookMm().ifPresent(hook -> within("the hook in mm", hook, Round.LEAST_HOOK_MM, Round.MOST_HOOK_MM));
    }
    within("the multiple", strip.multiple().of(), 1, Strip.Multiple.MOST);
    within("what is more than the multiple", strip.multiple().more(), 0, Math.max(0, strip.multiple().of() - 1.0));
    strip.multiple().round().ifPresent(round -> within("the round of the multiple", round, 1, Strip.MOST_ROUNDS));
    strip.trims().gatherTo().ifPresent(to -> within("the stitches gathered to", to, 1, Stitches.MOST));
    strip.trims().picotEvery().ifPresent(every -> within("the stitches from picot to picot", every, Picots.LEAST, Picots.MOST));
    within("the edges without picots", strip.trims().plain().size(), 0, Trims.MOST_PLAIN);
    strip.trims().buttons().ifPresent(this::buttons);
    strip.trims().fringe().ifPresent(this::fringe);
    strip.band().ifPresent(this::band);
  }

  private void buttons(Buttons buttons) {
    within("the number of buttons", buttons.count(), 2, Buttons.MOST);
    within("the margin in mm", buttons.marginMm(), 0, WIDEST_MARGIN_MM);
    within("the width of a button in mm", buttons.diameterMm(), 1, WIDEST_BUTTON_MM);
  }

  private void fringe(Fringe fringe) {
    within("the stitches from strand to strand", fringe.every(), 1, Picots.MOST);
    within("the strands", fringe.strands(), 1, Fringe.MOST_STRANDS);
    fringe.first().ifPresent(first -> within("the first stitch of the fringe", first, 1, Stitches.MOST));
    fringe.last().ifPresent(last -> within("the last stitch of the fringe", last, 1, Stitches.MOST));
    within("the length of the fringe in mm", fringe.lengthMm(), 1, Fringe.LONGEST_MM);
  }

  private void band(RibBand band) {
    within("the width of the band in mm", band.widthMm(), 1, WIDEST_BAND_MM);
    within("the height of a row in mm", band.rowMm(), Round.LEAST_MM, Round.MOST_MM);
    band.rows().ifPresent(rows -> within("the rows", rows, 2, RibBand.MOST_ROWS));
    band.method().filter(id -> Method.of(id).isEmpty()).ifPresent(id -> findings.add(Finding.of(FindingCode.UNKNOWN_METHOD, PLACE, Fact.text("value", id), Fact.text("choices", Method.ids()))));
  }

  private void within(String what, double value, double least, double most) {
    if (!(value >= least && value <= most)) {
      findings.add(Finding.of(FindingCode.STRIP_RANGE, PLACE, Fact.text("what", what), Fact.text("least", plain(least)), Fact.text("most", plain(most))));
    }
  }

  private static String plain(double number) {
    return number == Math.rint(number) ? Long.toString((long) number) : Double.toString(number);
  }
}
