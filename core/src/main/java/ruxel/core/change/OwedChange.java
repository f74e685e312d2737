package ruxel.core.change;

import java.util.Optional;
import ruxel.core.construction.Construct;
import ruxel.core.decision.OwedItem;
import ruxel.core.finding.Fact;
import ruxel.core.finding.Finding;
import ruxel.core.finding.FindingCode;
import ruxel.core.finding.Outcome;
import ruxel.core.finding.Where;
import ruxel.core.garment.Garment;
import ruxel.core.identity.PieceId;
import ruxel.core.identity.SeamId;
import ruxel.core.layout.Layout;
import ruxel.core.measure.Ids;
import ruxel.core.piece.Piece;
import ruxel.core.piece.Pieces;
import ruxel.core.seam.Seams;

/** What was put off on a piece, and what of it is done (handbook 3, owed item). */
public sealed interface OwedChange extends Change {
  /** Something to mend later on a piece; {@code before} names the seam that is its last moment. */
  record OwedNoted(String owed, PieceId piece, String what, Optional<SeamId> before) implements OwedChange {
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
          .then(layout -> known(layout.construct()))
          .then(known -> Outcome.of(garment.withSettings(garment.settings().with(item))));
    }

    /** Whether piece and seam are there. */
    private Outcome<?> known(Construct construct) {
      Outcome<Piece> onPiece = Pieces.named(construct.pieces(), piece, Where.piece(piece));
      return before.isEmpty() ? onPiece : onPiece.then(found -> Seams.named(construct.seams(), before.get()));
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
