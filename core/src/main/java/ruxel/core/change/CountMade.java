package ruxel.core.change;

import java.util.Optional;
import ruxel.core.decision.MadeCount;
import ruxel.core.decision.Settings;
import ruxel.core.finding.Fact;
import ruxel.core.finding.Finding;
import ruxel.core.finding.FindingCode;
import ruxel.core.finding.Outcome;
import ruxel.core.finding.Where;
import ruxel.core.garment.Garment;
import ruxel.core.identity.PieceId;
import ruxel.core.layout.Counted;
import ruxel.core.layout.Layout;
import ruxel.core.piece.Counts;

/** A run counted on the finished piece, or that count taken back. */
public record CountMade(PieceId piece, String edge, String run, Optional<Integer> count, Counts.Source when) implements Change {
  static final int MOST = 5000;

  public CountMade {
    if (when == Counts.Source.PLANNED) {
      throw new IllegalArgumentException("Expected a count as made or as worked (%s)".formatted(when));
    }
  }

  public CountMade(PieceId piece, String edge, String run, Optional<Integer> count) {
    this(piece, edge, run, count, Counts.Source.AS_MADE);
  }

  @Override
  public Outcome<Garment> apply(Garment garment) {
    if (count.isPresent() && (count.get() < 1 || count.get() > MOST)) {
      return Outcome.refused(
          Finding.of(
              FindingCode.COUNT_OUT_OF_RANGE, Where.edge(piece, edge),
              Fact.count("least", 1), Fact.count("most", MOST), Fact.text("value", count.get().toString())));
    }
    MadeCount target = new MadeCount(piece, edge, run, count.orElse(1), when);
    Settings bare = garment.settings().without(target::replaces);
    Garment counted = garment.withSettings(count.isPresent() ? bare.with(target) : bare);
    return Layout.of(counted)
        .then(
            layout ->
                layout.gone().contains(target)
                    ? Outcome.refused(layout.findings())
                    : Outcome.of(counted));
  }

  @Override
  public String label(Names names) {
    return "%s %s of %s"
        .formatted(
            count.map(n -> (when == Counts.Source.AS_MADE ? "Counted " : "Worked ") + n + " at").orElse("Took back the count at"), names.edge(piece, edge), names.piece(piece));
  }
}
