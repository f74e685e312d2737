package ruxel.core.layout;

import java.util.List;
import ruxel.core.construction.ExpectedOpening;
import ruxel.core.identity.PieceId;
import ruxel.core.piece.Cut;
import ruxel.core.seam.Anchor;
import ruxel.core.seam.Seam;
import ruxel.core.seam.Span;

/** Carries seams and openings that are told by one set of runs over to pieces whose runs have changed. */
interface Carries {
  /** Where a cut of an edge lies now; one that nothing has changed stays. */
  Cut carried(PieceId piece, String edge, Cut cut);

  /** The same for the cut before a unit that is meant itself. */
  default Cut carriedUnit(PieceId piece, String edge, Cut before) {
    return carried(piece, edge, before);
  }

  default Seam carried(Seam seam) {
    return seam.withSides(seam.a().with(spans(seam.a().spans())), seam.b().with(spans(seam.b().spans())))
        .withAnchors(seam.anchors().stream().map(a -> new Anchor(a.id(), a.name(), carried(a.a()), carried(a.b()))).toList());
  }

  default ExpectedOpening carried(ExpectedOpening opening) {
    return new ExpectedOpening(opening.id(), opening.name(), opening.kind(), spans(opening.spans()));
  }

  private List<Span> spans(List<Span> spans) {
    return spans.stream()
        .map(
            span ->
                new Span(
                    span.piece(), span.edge(), carried(span.piece(), span.edge(), span.fromInclusive()),
                    carried(span.piece(), span.edge(), span.toExclusive()), span.along()))
        .toList();
  }

  /** By one after the other. */
  static Anchor.Spot all(List<Carries> carries, Anchor.Spot spot) {
    Anchor.Spot carried = spot;
    for (Carries each : carries) {
      carried = each.carried(carried);
    }
    return carried;
  }

  default Anchor.Spot carried(Anchor.Spot spot) {
    Cut cut =
        spot.at() == Anchor.Spot.At.UNIT
            ? carriedUnit(spot.piece(), spot.edge(), spot.cut())
            : carried(spot.piece(), spot.edge(), spot.cut());
    return new Anchor.Spot(spot.piece(), spot.edge(), cut, spot.at());
  }
}
