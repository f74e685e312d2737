package ruxel.core.garment;

import java.util.Optional;
import ruxel.core.construction.Construct;
import ruxel.core.decision.OwedItem;
import ruxel.core.finding.Fact;
import ruxel.core.finding.Finding;
import ruxel.core.finding.FindingCode;
import ruxel.core.finding.Outcome;
import ruxel.core.finding.Where;
import ruxel.core.measure.Ids;

/** What was put off on a piece, and what of it is done (handbook 3, owed item). */
public sealed interface OwedChange extends Change {
  /** Something to mend later on a piece; {@code before} names the seam that is its last moment. */
  record OwedNoted(String owed, String piece, String what, Optional<String> before) implements OwedChange {
    static final int MOST_WHAT = 400;

    @Override
    public Outcome<Garment> apply(Garment garment) {
      String trimmed = what.strip();
      if (trimmed.isEmpty() || trimmed.length() > MOST_WHAT) {
        return Outcome.refused(
            Finding.of(FindingCode.NOTE_LENGTH, Where.piece(piece), Fact.count("most", MOST_WHAT), Fact.count("count", trimmed.length())));
      }
      if (!Ids.isWellFormed(owed)) {
        return Outcome.refused(Finding.of(FindingCode.ID_FORM, Where.piece(piece), Fact.text("value", owed)));
      }
      OwedItem item = new OwedItem(owed, piece, trimmed, before);
      return Layout.of(garment)
          .then(
              layout -> {
                Construct construct = layout.construct();
                if (construct.pieces().stream().noneMatch(p -> p.id().equals(piece))) {
                  return Outcome.refused(Change.PieceMoved.unknownPiece(piece, construct));
                }
                boolean seamKnown = before.isEmpty() || construct.seams().stream().anyMatch(s -> s.id().equals(before.get()));
                return seamKnown
                    ? Outcome.of(garment.withSettings(garment.settings().with(item)))
                    : Outcome.refused(Change.unknownSeam(before.get(), construct.seams()));
              });
    }

    @Override
    public String label(Names names) {
      return "Noted for %s: %s".formatted(names.piece(piece), what.strip());
    }
  }

  /** Something owed that was done. */
  record OwedDone(String owed) implements OwedChange {
    @Override
    public Outcome<Garment> apply(Garment garment) {
      return Outcome.of(garment.withSettings(garment.settings().without(OwedItem.class, owed)));
    }

    @Override
    public String label(Names names) {
      return "Did something owed";
    }
  }
}
