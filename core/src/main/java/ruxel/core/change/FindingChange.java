package ruxel.core.change;

import ruxel.core.decision.LeftFinding;
import ruxel.core.finding.Fact;
import ruxel.core.finding.Finding;
import ruxel.core.finding.FindingCode;
import ruxel.core.finding.Outcome;
import ruxel.core.finding.Where;
import ruxel.core.garment.Garment;

/** What the maker decides of a finding: to leave it so, and to take that back (model 6). */
public sealed interface FindingChange extends Change {
  /** A finding left as it is, with the reason in the maker's words; {@code finding} is its key. */
  record FindingLeft(String finding, String what) implements FindingChange {
    static final int MOST_WHAT = 400;
    static final int MOST_KEY = 100;

    @Override
    public Outcome<Garment> apply(Garment garment) {
      String trimmed = what.strip();
      if (finding.isBlank() || finding.length() > MOST_KEY) {
        return Outcome.refused(Finding.of(FindingCode.FINDING_UNKNOWN, Where.path("$.changes"), Fact.text("value", finding.substring(0, Math.min(finding.length(), MOST_KEY)))));
      }
      if (trimmed.isEmpty() || trimmed.length() > MOST_WHAT) {
        return Outcome.refused(
            Finding.of(FindingCode.NOTE_LENGTH, Where.path("$.changes"), Fact.count("most", MOST_WHAT), Fact.count("count", trimmed.length())));
      }
      return Outcome.of(garment.withSettings(garment.settings().with(new LeftFinding(finding, trimmed))));
    }

    @Override
    public String label(Names names) {
      return "Left as it is: " + what.strip();
    }
  }

  /** A finding that stands again. */
  record FindingTakenBack(String finding) implements FindingChange {
    @Override
    public Outcome<Garment> apply(Garment garment) {
      return Outcome.of(garment.withSettings(garment.settings().without(LeftFinding.class, finding)));
    }

    @Override
    public String label(Names names) {
      return "Took back that something is left so";
    }
  }
}
