package ruxel.core.layout;

import java.util.Optional;
import ruxel.core.construction.Construct;
import ruxel.core.decision.EdgingRows;
import ruxel.core.decision.Naming;
import ruxel.core.decision.Settings;
import ruxel.core.decision.WorkedStrip;
import ruxel.core.identity.PieceId;
import ruxel.core.identity.SeamId;
import ruxel.core.identity.StripId;
import ruxel.core.measure.Wording;
import ruxel.core.method.Method;
import ruxel.core.piece.Piece;
import ruxel.core.piece.Pieces;
import ruxel.core.seam.Seam;
import ruxel.core.seam.Seams;

/** What the parts of a garment are called; none of a garment that cannot be laid out. */
public record LaidNames(Optional<Construct> construct, Settings settings, Wording wording) implements Naming {
  @Override
  public String piece(PieceId id) {
    return pieceOf(id).map(piece -> the(piece.name())).orElse(id.text());
  }

  @Override
  public String edge(PieceId piece, String edge) {
    return pieceOf(piece).flatMap(found -> found.edge(edge)).map(found -> the(found.name())).orElse(edge);
  }

  @Override
  public String seam(SeamId id) {
    return seamOf(id).map(seam -> the(seam.name())).orElse(id.text());
  }

  @Override
  public String anchor(SeamId seam, String id) {
    return seamOf(seam).flatMap(found -> found.anchor(id)).map(anchor -> the(anchor.name())).orElse(id);
  }

  @Override
  public String method(String id) {
    return Method.of(id).map(method -> Wording.low(method.title(wording))).orElse(id);
  }

  @Override
  public String strip(StripId id) {
    return settings.on(WorkedStrip.class, id)
        .map(worked -> worked.strip().name())
        .or(() -> EdgingRows.find(settings, id).map(rows -> "the rows on %s of %s".formatted(edge(rows.piece(), rows.edge()), piece(rows.piece()))))
        .orElse(id.text());
  }

  private Optional<Piece> pieceOf(PieceId id) {
    return construct.flatMap(made -> Pieces.find(made.pieces(), id));
  }

  private Optional<Seam> seamOf(SeamId id) {
    return construct.flatMap(made -> Seams.find(made.seams(), id));
  }

  private static String the(String name) {
    return "the " + Wording.low(name);
  }
}
