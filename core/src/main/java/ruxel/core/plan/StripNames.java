package ruxel.core.plan;

import java.util.List;
import ruxel.core.measure.Wording;
import ruxel.core.piece.Piece;
import ruxel.core.strip.Stretch;
import ruxel.core.strip.Strips;

/** What the stretches of a strip are called. */
record StripNames(Strips strips, List<Piece> faces) {
  Piece piece(Stretch stretch) {
    return faces.stream().filter(face -> face.id().equals(stretch.piece())).findFirst().orElseThrow();
  }

  /** Of the outer edge of a strip told by what lies under it on the pieces. */
  String of(Stretch stretch) {
    Stretch first = bottom(stretch, true);
    Stretch last = bottom(stretch, false);
    if (first.equals(stretch)) {
      return ofPiece(stretch);
    }
    String over = first.equals(last) ? ofPiece(first) : "%s to the %s".formatted(ofPiece(first), ofPiece(last));
    return "%s, over the %s".formatted(Wording.low(piece(stretch).name()), over);
  }

  private String ofPiece(Stretch stretch) {
    Piece piece = piece(stretch);
    return "%s of the %s".formatted(piece.edges().get(stretch.edgeIndex()).name(), Wording.low(piece.name()));
  }

  /** The first, or last, of what a stretch stands over, down to where no strip lies under it. */
  private Stretch bottom(Stretch stretch, boolean first) {
    Stretch here = stretch;
    List<Stretch> under = under(here);
    while (!under.isEmpty()) {
      here = under.get(first ? 0 : under.size() - 1);
      under = under(here);
    }
    return here;
  }

  private List<Stretch> under(Stretch stretch) {
    return strips.onFace(stretch.piece()).map(of -> of.under(stretch.edgeIndex(), stretch.from(), stretch.to())).orElse(List.of());
  }
}
