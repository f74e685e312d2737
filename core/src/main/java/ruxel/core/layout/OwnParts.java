package ruxel.core.layout;

import java.util.ArrayList;
import java.util.List;
import ruxel.core.construction.Construct;
import ruxel.core.construction.ExpectedOpening;
import ruxel.core.construction.Told;
import ruxel.core.finding.Outcome;
import ruxel.core.garment.Garment;
import ruxel.core.lay.Placement;
import ruxel.core.lay.Rows;
import ruxel.core.piece.Outline;
import ruxel.core.piece.Outline.Point;
import ruxel.core.piece.Piece;
import ruxel.core.piece.Pieces;
import ruxel.core.seam.Seam;
import ruxel.core.seam.Seams;

/** The pieces and seams of the maker's own, alone or beside those of a construction. */
final class OwnParts {
  private static final double GAP_MM = 80;

  private OwnParts() {}

  static Outcome<Construct> alone(Garment garment) {
    return Outcome.of(
        new Construct(
            garment.pieces(), garment.seams(), garment.openings(), Rows.of(garment.pieces()), Rows.WORDS, Told.NOTHING, List.of(), List.of(), List.of()));
  }

  /** Something of the maker's own with the id of something of the construction stands in its place. */
  static Outcome<Construct> beside(Construct made, Garment garment) {
    List<Piece> pieces = new ArrayList<>(made.pieces().stream().map(piece -> Pieces.find(garment.pieces(), piece.id()).orElse(piece)).toList());
    List<Piece> added = garment.pieces().stream().filter(own -> Pieces.find(made.pieces(), own.id()).isEmpty()).toList();
    pieces.addAll(added);
    List<Seam> seams = new ArrayList<>(made.seams().stream().map(seam -> Seams.find(garment.seams(), seam.id()).orElse(seam)).toList());
    garment.seams().stream().filter(own -> Seams.find(made.seams(), own.id()).isEmpty()).forEach(seams::add);
    List<ExpectedOpening> openings = new ArrayList<>(made.openings());
    openings.addAll(garment.openings());
    List<Placement> placements = new ArrayList<>(made.placements());
    placements.addAll(below(made, added));
    return Outcome.of(
        new Construct(
            pieces, seams, openings, placements, made.laidWords(), made.told(), made.handles(), made.levers(),
            made.stops()));
  }

  /** In a row below what the construction lays. */
  private static List<Placement> below(Construct made, List<Piece> own) {
    List<Point> corners = new ArrayList<>();
    for (Placement placement : made.placements()) {
      Pieces.find(made.pieces(), placement.piece()).ifPresent(piece -> new Outline(piece).corners().forEach(corner -> corners.add(placement.onTable(corner))));
    }
    Outline.Box box = Outline.Box.round(corners);
    double highest = own.stream().mapToDouble(piece -> new Outline(piece).box().height()).max().orElse(0);
    return Rows.of(own).stream().map(placement -> placement.moved(box.left(), box.bottom() - GAP_MM - highest)).toList();
  }
}
