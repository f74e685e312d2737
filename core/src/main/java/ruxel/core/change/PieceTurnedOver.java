package ruxel.core.change;

import java.util.List;
import ruxel.core.construction.Construct;
import ruxel.core.finding.Fact;
import ruxel.core.finding.Finding;
import ruxel.core.finding.FindingCode;
import ruxel.core.finding.Outcome;
import ruxel.core.finding.Where;
import ruxel.core.garment.Garment;
import ruxel.core.identity.PieceId;
import ruxel.core.identity.SeamId;
import ruxel.core.layout.Layout;
import ruxel.core.piece.Pieces;
import ruxel.core.seam.Seam;

/** A piece that shows its wrong side turned over: its spans run the other way in every seam that turns it. */
public record PieceTurnedOver(PieceId piece) implements Change {
  @Override
  public Outcome<Garment> apply(Garment garment) {
    return Layout.of(garment)
        .then(layout -> Pieces.named(layout.construct().pieces(), piece, Where.piece(piece)).then(found -> Outcome.of(turning(layout.construct()))))
        .then(
            seams -> {
              Outcome<Garment> turned =
                  seams.isEmpty() ? Outcome.refused(Finding.of(FindingCode.NOT_TURNED, Where.piece(piece), Fact.text("value", piece))) : Outcome.of(garment);
              for (SeamId seam : seams) {
                turned = turned.then(changed -> OwnSeam.told(changed, seam, found -> Outcome.of(List.of(found.seam().turnedOver(piece)))));
              }
              return turned;
            });
  }

  /**
   * The seams in which it runs the same way round as what it meets there, so that one of the two shows its wrong side; told from
   * the spans alone, since anchors that cross keep such a seam from being glued.
   */
  private List<SeamId> turning(Construct construct) {
    return construct.seams().stream().filter(seam -> turns(seam.a(), seam.b()) || turns(seam.b(), seam.a())).map(Seam::id).toList();
  }

  private boolean turns(Seam.SideOf own, Seam.SideOf facing) {
    return own.spans().stream()
        .filter(span -> span.piece().equals(piece))
        .anyMatch(span -> facing.spans().stream().anyMatch(other -> !other.piece().equals(piece) && other.along() == span.along()));
  }

  @Override
  public String label(Names names) {
    return "Turned over " + names.piece(piece);
  }
}
