package ruxel.core.change;

import java.util.Arrays;
import java.util.List;
import ruxel.core.board.Board;
import ruxel.core.decision.OwnColourway;
import ruxel.core.decision.RunPart;
import ruxel.core.decision.WorkedStrip;
import ruxel.core.garment.Garment;
import ruxel.core.layout.Bounds;
import ruxel.core.measure.Stitch;
import ruxel.core.measure.Terms;
import ruxel.core.piece.Lean;
import ruxel.core.piece.Run;
import ruxel.core.seam.Seam;
import ruxel.core.strip.RibBand;
import ruxel.core.strip.Round;
import ruxel.core.strip.Strip;
import ruxel.core.wearer.Measure;

/** How much may be typed where, so that a field can say so before anything is sent: characters, numbers, mm, shares. */
public record InputBounds(
    int name,
    int units,
    int chains,
    int heldBack,
    double narrowestMm,
    double widestMm,
    double longestMm,
    double deepestMm,
    double leanMm,
    int placesPerRow,
    double fullness,
    int owed,
    int reason,
    int along,
    int squares,
    int colourways,
    double lightestGrams,
    double heaviestGrams,
    int gussetRows,
    List<MeasureBounds> measures,
    int rounds,
    int strips,
    List<StitchEntry> stitches,
    List<BandEntry> bands) {
  /** A measure of the wearer, what it is called, and its bounds. */
  public record MeasureBounds(Measure measure, String label, double least, double most) {}

  /** A stitch by its names, and how high it usually is in its widths. */
  public record StitchEntry(Stitch stitch, String us, String uk, double heightInWidths) {}

  /** A band made separately, and its usual share of its edge. */
  public record BandEntry(RibBand.Kind kind, String words, double usual) {}

  public static final InputBounds HOUSE =
      new InputBounds(
          Garment.MOST_NAME, Bounds.MOST_UNITS, Run.Notes.MOST_CHAINS, RunPart.MOST_HELD_BACK, RunPart.NARROWEST_MM,
          RunPart.WIDEST_MM, EdgeChange.EdgeMeasured.LONGEST_MM, Stops.DEEPEST_MM, Lean.MOST_MM, Seam.MOST_PLACES_PER_ROW,
          Seam.Working.MOST_FULLNESS, OwedChange.OwedNoted.MOST_WHAT, FindingChange.FindingLeft.MOST_WHAT,
          BoardShape.MOST_ALONG, Board.MOST_SQUARES, OwnColourway.MOST,
          WearChange.GarmentWeighed.LEAST_GRAMS, WearChange.GarmentWeighed.MOST_GRAMS, OwnSeam.GussetLetIn.MOST_ROWS,
          Arrays.stream(Measure.values()).map(m -> new MeasureBounds(m, m.words(), m.least(), m.most())).toList(),
          Strip.MOST_ROUNDS, WorkedStrip.MOST,
          Arrays.stream(Stitch.values()).map(stitch -> new StitchEntry(stitch, stitch.name(Terms.US), stitch.name(Terms.UK), Round.heightInWidths(stitch))).toList(),
          Arrays.stream(RibBand.Kind.values()).map(kind -> new BandEntry(kind, kind.words(), kind.usual())).toList());
}
