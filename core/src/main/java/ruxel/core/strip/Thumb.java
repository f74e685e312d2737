package ruxel.core.strip;

import java.util.Optional;
import ruxel.core.measure.Stitch;
import ruxel.core.piece.UnitKind;

/** The rule of thumb for single crochet into row ends (handbook 11), shown beside the count by length. */
public final class Thumb {
  /** Rows up to so many stitch widths high are those of sc, hdc and dc; higher ones are of tr. */
  private static final double SC = 1.15;
  private static final double HDC = 1.75;
  private static final double DC = 2.5;

  private Thumb() {}

  /** One for each row of sc, three for two of hdc, two for dc, three for tr; empty where there is no such rule. */
  public static Optional<Integer> of(Round round, UnitKind kind, int units, double unitMm) {
    if (round.stitch() != Stitch.SC || !kind.isRowEnd()) {
      return Optional.empty();
    }
    double widths = unitMm / round.widthMm();
    return Optional.of(widths < SC ? units : widths < HDC ? units * 3 / 2 : widths < DC ? 2 * units : 3 * units);
  }
}
