package ruxel.core.construction;

import java.util.ArrayList;
import java.util.List;
import ruxel.core.lay.Placement;
import ruxel.core.piece.Outline;
import ruxel.core.piece.Outline.Box;
import ruxel.core.piece.Piece;

/** Panels opened flat round the shoulder line, right sides up, fronts towards the maker, sleeves beside the armholes. */
final class RoundShoulders {
  private static final double SHOULDER_GAP_MM = 20;
  private static final double SLEEVE_GAP_MM = 95;

  static final String WORDS = "Opened flat round the shoulder line, right sides up, fronts towards you. Left and right as worn.";

  private RoundShoulders() {}

  /** Pieces without a part of a body are left out. */
  static List<Placement> lay(List<Piece> pieces) {
    double half = pieces.stream().filter(piece -> piece.part() == Piece.Part.BACK).mapToDouble(piece -> box(piece).width() / 2).max().orElse(0);
    double gap = SHOULDER_GAP_MM / 2;
    double halves = pieces.stream().filter(piece -> piece.part() == Piece.Part.HALF).mapToDouble(piece -> box(piece).width() + gap).max().orElse(0);
    double beside = pieces.stream().filter(piece -> piece.part() == Piece.Part.SLEEVE).mapToDouble(piece -> box(piece).width() / 2).max().orElse(0);
    List<Placement> placements = new ArrayList<>();
    for (Piece piece : pieces) {
      Box box = box(piece);
      boolean right = piece.mirrorOf().filter(mirror -> !mirror.piece().equals(piece.id())).isPresent();
      boolean paired = right || pieces.stream().anyMatch(other -> other != piece && other.mirrorOf().filter(mirror -> mirror.piece().equals(piece.id())).isPresent());
      switch (piece.part()) {
        case BACK -> placements.add(new Placement(piece.id(), 2, box.middle().x(), box.height() + gap));
        case FRONT -> placements.add(new Placement(piece.id(), 0, paired ? right ? -half - box.left() : half - box.right() : -box.middle().x(), -box.height() - gap));
        case SLEEVE -> {
          double out = half + SLEEVE_GAP_MM + box.height();
          placements.add(new Placement(piece.id(), right ? 3 : 1, right ? -out : out, right ? base(piece) : -base(piece)));
        }
        case HALF -> placements.add(new Placement(piece.id(), 2, right ? box.left() - gap : box.right() + gap, box.middle().y()));
        // Beside the back, above the sleeve at the right hand.
        case HOOD -> placements.add(new Placement(piece.id(), 0, Math.max(half, halves) + SLEEVE_GAP_MM - box.left(), beside + 2 * SHOULDER_GAP_MM - box.bottom()));
        case WHOLE, OTHER -> {}
      }
    }
    return placements;
  }

  private static Box box(Piece piece) {
    return new Outline(piece).box();
  }

  /** The middle of the lower edge in the piece's own axes. */
  private static double base(Piece piece) {
    return box(piece).middle().x();
  }
}
