package ruxel.core.strip;

import java.util.List;
import java.util.Optional;
import ruxel.core.finding.Fact;
import ruxel.core.finding.Finding;
import ruxel.core.finding.FindingCode;
import ruxel.core.finding.Where;
import ruxel.core.measure.Stitch;
import ruxel.core.piece.UnitKind;

/**
 * A band worked sideways in ribs (handbook 11): what it is for, how wide, how high one of its rows is, both mm; a number of rows the maker
 * wants, and the method it is sewn on by.
 *
 * @param workedOn whether it is fastened to the edge row after row, two of them to two of its stitches, instead of made separately: its rows
 *     are told by the edge then
 */
public record RibBand(Kind kind, double widthMm, double rowMm, Optional<Integer> rows, Optional<String> method, boolean workedOn) {
  public static final int MOST_ROWS = 5000;
  /** Degrees by which an edge turns at an outer corner, less what an angle may be off (house default, model 4). */
  private static final double CORNER = 70;
  private static final double ROUNDING = 1e-9;
  /** What a slip stitch into the edge takes of yarn, in lengths of the edge (handbook 8). */
  private static final double SLIP_STITCH = 3.5;

  /** By how much shorter than its edge a band is: usually, at least and at most (house defaults). */
  public enum Kind {
    NECKBAND("neckband", 0.90, 0.85, 0.95),
    COLLAR("collar", 0.90, 0.85, 0.95),
    CUFF("cuff", 0.90, 0.85, 0.95),
    HEM("hem band", 0.95, 0.85, 1.00),
    FRONT("front band", 1.00, 0.97, 1.03),
    BUTTON("button band", 1.00, 0.97, 1.03);

    private final String words;
    private final double usual;
    private final double least;
    private final double most;

    Kind(String words, double usual, double least, double most) {
      this.words = words;
      this.usual = usual;
      this.least = least;
      this.most = most;
    }

    public String words() {
      return words;
    }

    public double usual() {
      return usual;
    }
  }

  /** How many stitches wide it is: they are about as wide as a row is high. */
  public int stitches() {
    return Math.max(1, (int) Math.round(widthMm / rowMm));
  }

  /** Rows for an edge: as many as it has stitches where it is worked on; else the wanted ones, or its usual share of it in whole ribs of two rows. */
  int rowsFor(Line line) {
    double edge = line.lengthMm();
    return workedOn ? line.places() : rows.orElseGet(() -> Math.max(2, Math.max(fewest(edge), Math.min(most(edge), 2 * (int) Math.round(edge * kind.usual / rowMm / 2)))));
  }

  /** The fewest and the most whole ribs that its kind allows, in rows. */
  public int fewest(double edgeMm) {
    return 2 * (int) Math.ceil(edgeMm * kind.least / rowMm / 2 - ROUNDING);
  }

  public int most(double edgeMm) {
    return Math.max(fewest(edgeMm), 2 * (int) Math.floor(edgeMm * kind.most / rowMm / 2 + ROUNDING));
  }

  /** Whether it can be worked onto an edge without a row of stitches before it. */
  public static boolean standsOn(Line line) {
    return line.stretches().stream().allMatch(stretch -> stretch.kind() == UnitKind.STITCH_TOP || stretch.kind() == UnitKind.FOUNDATION_LOOP);
  }

  /** The row that comes first where an edge is not of stitches: single crochet, as many of them as the band's rows ask for. */
  public Round rowBefore() {
    return Round.usual(Stitch.SC, Math.min(Round.MOST_MM, rowMm / kind.usual));
  }

  /** The same, worked on row after row. */
  public RibBand asWorkedOn() {
    return new RibBand(kind, widthMm, rowMm, Optional.empty(), Optional.empty(), true);
  }

  /** Why it cannot be worked onto an edge: that has to be of stitches, an even number of them. */
  Optional<Finding> hindrance(Strip strip, Line line, Where at) {
    boolean onStitches = standsOn(line);
    int places = line.places();
    Optional<Finding> noStitches = Optional.of(Finding.of(FindingCode.BAND_ONTO_STITCHES, at, Fact.text("strip", strip.name()))).filter(finding -> !onStitches);
    Optional<Finding> odd = Optional.of(Finding.of(FindingCode.BAND_ODD, at, Fact.text("strip", strip.name()), Fact.count("stitches", places), Fact.count("less", places - 1L), Fact.count("more", places + 1L))).filter(finding -> places % 2 != 0);
    return workedOn ? noStitches.or(() -> odd) : Optional.empty();
  }

  /** Ribs lie straight: what a band lacks on its outer side where the edge turns an outer corner. */
  Optional<Finding> turning(Strip strip, Line line, Where at) {
    List<Junction> corners = line.junctions().stream().filter(junction -> junction.turn() >= CORNER).toList();
    double lacking = corners.stream().mapToDouble(corner -> 2 * Rounds.outwards(corner.turn()) * widthMm).sum();
    return corners.isEmpty()
        ? Optional.empty()
        : Optional.of(
            Finding.of(FindingCode.BAND_CORNER, at, Fact.text("strip", strip.name()), Fact.count("corners", corners.size()), Fact.length("width", widthMm), Fact.length("lacking", lacking)));
  }

  /** What is wrong with its length. */
  Optional<Finding> misfit(Strip strip, Line line, Where at) {
    double edge = line.lengthMm();
    int count = rowsFor(line);
    if (count >= fewest(edge) && count <= most(edge)) {
      return Optional.empty();
    }
    FindingCode code = workedOn ? FindingCode.BAND_STITCHES : FindingCode.BAND_LENGTH;
    return Optional.of(Finding.of(code, at, Fact.text("strip", strip.name()), Fact.count("rows", count), Fact.count("least", fewest(edge)), Fact.count("most", most(edge)), Fact.length("edge", edge)));
  }

  /** Yarn of so many rows, and of what fastens them to an edge, mm; as of single crochet. */
  double yarnMm(int count, double edgeMm) {
    double fastened = workedOn ? edgeMm * SLIP_STITCH : 0;
    return count * widthMm * Stitch.SC.yarnPerLength() + fastened;
  }
}
