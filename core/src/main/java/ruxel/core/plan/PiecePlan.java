package ruxel.core.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import ruxel.core.decision.EdgingRows;
import ruxel.core.decision.LaidPiece;
import ruxel.core.decision.PieceRows;
import ruxel.core.decision.Settings;
import ruxel.core.identity.PieceId;
import ruxel.core.identity.SeamId;
import ruxel.core.lay.Placement;
import ruxel.core.layout.RowStrip;
import ruxel.core.measure.Corner;
import ruxel.core.measure.HouseRules;
import ruxel.core.measure.Stitch;
import ruxel.core.measure.Wording;
import ruxel.core.piece.Cloth;
import ruxel.core.piece.Counts;
import ruxel.core.piece.Edge;
import ruxel.core.piece.Fabric;
import ruxel.core.piece.Folded;
import ruxel.core.piece.Landmark;
import ruxel.core.piece.Lean;
import ruxel.core.piece.Marker;
import ruxel.core.piece.Mirror;
import ruxel.core.piece.Origin;
import ruxel.core.piece.Outline;
import ruxel.core.piece.Piece;
import ruxel.core.piece.RowNumbers;
import ruxel.core.piece.RowNumbers.RightSide;
import ruxel.core.piece.Run;
import ruxel.core.piece.UnitKind;

/** A piece ready to be drawn: every run with its start in the piece's own axes, mm; {@code assumed} where its shape follows from something that is only assumed. */
public record PiecePlan(
    PieceId id,
    String name,
    Piece.Part part,
    Optional<PieceId> mirrorOf,
    Cloth cloth,
    List<EdgePlan> edges,
    List<Outline.Band> ribs,
    List<List<Outline.Point>> rowAreas,
    Placement placement,
    Optional<LaidPiece> laid,
    boolean assumed,
    boolean closes,
    double gapMm,
    SizePlan size,
    Inspection inspection,
    Optional<Lean> lean,
    Optional<RowsPlan> rows,
    Optional<FoldedPlan> folded) {

  /**
   * A piece that lies folded: its layers, the upper one first, and its folds from point to point; mm in its own axes. What lies on the lower one is drawn
   * slid out by so much.
   */
  public record FoldedPlan(List<LayerPlan> layers, List<List<Outline.Point>> folds, Outline.Point slide) {
    static FoldedPlan of(Folded folded) {
      List<Outline.Point> line = folded.line();
      return new FoldedPlan(
          folded.layers().stream().map(layer -> new LayerPlan(layer.points(), layer.isUpper() ? Shows.RIGHT_SIDE : Shows.WRONG_SIDE)).toList(),
          IntStream.range(0, line.size() - 1).mapToObj(i -> List.of(line.get(i), line.get(i + 1))).toList(),
          folded.slide());
    }
  }

  /** A layer, and which side of the fabric it shows to who looks at it from above. */
  public record LayerPlan(List<Outline.Point> points, Shows shows) {}

  /** A side of the fabric. */
  public enum Shows {
    RIGHT_SIDE,
    WRONG_SIDE
  }

  /** Across and up in mm, as made and with the strips taken off that disappear in seams (handbook 3, take-up). */
  public record SizePlan(double widthMm, double heightMm, double finishedWidthMm, double finishedHeightMm, String words) {}

  /** Whether the piece may be joined (handbook 14). */
  public record Inspection(Verdict verdict, List<Check> checks, Optional<TwinView> twin) {}

  /** The piece beside its mirror image, run by run, by finished counts. */
  public record TwinView(String name, List<TwinRow> rows) {}

  /**
   * Its rows: the edge that row 1 stands on, how many there are, which of them are right-side rows, as told or as usual, and at which side
   * the tail of a foundation tells the right side without a marker.
   */
  public record RowsPlan(String first, int count, RightSide rightSideRows, boolean told, String words, Optional<String> tail) {
    static Optional<RowsPlan> of(Piece piece, List<Piece> pieces, Settings settings, Wording.Hand hand) {
      return RowNumbers.of(piece)
          .map(
              rows -> {
                RightSide side = PieceRows.of(settings, piece, pieces);
                String words = "%s from the %s on".formatted(Wording.counted(rows.rows(), "rows"), rows.first().name());
                return new RowsPlan(rows.first().id(), rows.rows(), side, settings.on(PieceRows.class, piece.id()).isPresent(), words, tail(rows.first(), side, hand));
              });
    }

    /** Row 1 is worked back over its foundation, so that the tail hangs where the row ends, seen from the side it was worked on. */
    private static Optional<String> tail(Edge first, RightSide side, Wording.Hand hand) {
      boolean isFoundation = first.runs().stream().allMatch(run -> run.kind() == UnitKind.FOUNDATION_LOOP);
      boolean isLeft = (side == RightSide.ODD) == (hand == Wording.Hand.RIGHT);
      return isFoundation ? Optional.of("Its right side is up when, with the %s nearest you, the tail it was begun with hangs at your %s.".formatted(Wording.low(first.name()), isLeft ? "left" : "right")) : Optional.empty();
    }
  }

  /** A run on this piece and on its twin. */
  public record TwinRow(String words, int mine, int other, boolean alike) {}

  /** What was looked at, what is to be done, and the seams it matters to. */
  public record Check(Verdict verdict, String words, String remedy, List<SeamId> seams) {}

  /** The verdict of an inspection, best first. */
  public enum Verdict {
    FINE,
    REMIND,
    STOP
  }

  /**
   * An edge with its length by count and gauge, and as measured, both also in words; its count when the rows held
   * back are worked; the corner between it and the next edge, with its angle in degrees; how many
   * stitches of the piece's own width an edging would pick up along it; the edging rows worked onto it, and what they change.
   */
  public record EdgePlan(
      String id,
      String name,
      int units,
      double lengthMm,
      Optional<Double> measuredMm,
      List<RunPlan> runs,
      List<LandmarkPlan> landmarks,
      String counts,
      String words,
      int finished,
      Optional<Corner> corner,
      double cornerAngle,
      int pickUp,
      Optional<EdgingPlan> edging,
      String edgingWords,
      List<EdgePlaces> places) {}

  /** So many like places in turn along an edge of squares. */
  public record EdgePlaces(UnitKind kind, int count) {}

  /** Rows of so many stitches worked along an edge, each row so high. */
  public record EdgingPlan(int rows, double rowMm, int stitches, Optional<EdgingRows.Within> within, Optional<Stitch> joins) {}

  /** A landmark: its first cut of the edge, how often and how far on it comes back, and where it lies, mm in the piece's axes. */
  public record LandmarkPlan(
      String id,
      String name,
      Landmark.Kind kind,
      int at,
      int every,
      int times,
      List<Outline.Point> points,
      Optional<MarkerPlan> marker) {}

  /** The marker at a landmark, what it is called (yellow marker) and what it does. */
  public record MarkerPlan(Marker.Purpose purpose, String title, String words, String takeOut) {}

  /** A run with its three counts, its start and the advance of one unit, and whether it lies on the lower layer of a folded piece. */
  public record RunPlan(
      String id,
      UnitKind kind,
      Fabric fabric,
      int count,
      int planned,
      Optional<Integer> made,
      Optional<Integer> worked,
      Counts.Source source,
      double x,
      double y,
      double dx,
      double dy,
      double lengthMm,
      boolean noEase,
      String label,
      int chains,
      int heldBack,
      boolean told,
      boolean edging,
      boolean under) {}

  static PiecePlan of(
      Piece piece, List<Piece> pieces, Placement placement, boolean assumed, Settings settings, HouseRules rules, Wording wording, SizePlan size, Inspection inspection) {
    Outline outline = new Outline(piece);
    List<List<Outline.Point>> starts = new ArrayList<>();
    for (int e = 0; e < piece.edges().size(); e++) {
      starts.add(drawn(piece, e, outline.runStarts().get(e)));
    }
    List<EdgePlan> edges = new ArrayList<>();
    for (int e = 0; e < piece.edges().size(); e++) {
      edges.add(edge(piece, e, starts.get(e), settings, wording));
    }
    return new PiecePlan(
        piece.id(), piece.name(), piece.part(), piece.mirrorOf().map(Mirror::piece), piece.cloth(),
        List.copyOf(edges), outline.ribs(), RowStrip.areas(piece, settings), placement, settings.on(LaidPiece.class, piece.id()), assumed, outline.closes(rules), outline.gapMm(), size, inspection, piece.lean(), RowsPlan.of(piece, pieces, settings, wording.hand()),
        piece.folded().map(FoldedPlan::of));
  }

  /** Where the runs of an edge begin, with what lies on the lower layer slid out. */
  private static List<Outline.Point> drawn(Piece piece, int index, List<Outline.Point> starts) {
    Edge edge = piece.edges().get(index);
    return IntStream.range(0, starts.size()).mapToObj(r -> piece.drawn(index, edge.startOfRun(edge.runs().get(r).id()), starts.get(r))).toList();
  }

  private static EdgePlan edge(Piece piece, int index, List<Outline.Point> starts, Settings told, Wording wording) {
    Edge edge = piece.edges().get(index);
    List<RunPlan> runs = new ArrayList<>();
    for (int r = 0; r < edge.runs().size(); r++) {
      Run run = edge.runs().get(r);
      Counts counts = run.counts();
      runs.add(
          new RunPlan(
              run.id(), run.kind(), run.fabric(), run.count(), counts.planned(), counts.made(), counts.worked(),
              counts.source(), starts.get(r).x(), starts.get(r).y(), run.advance().dxMm(), run.advance().dyMm(),
              run.lengthMm(), run.noEase(), run.notes().label(), run.notes().chains(), run.notes().heldBack(), run.origin().kind() == Origin.Kind.PART, run.origin().isEdging(),
              piece.isUnder(index, edge.startOfRun(run.id()))));
    }
    return new EdgePlan(edge.id(), edge.name(), edge.units(), edge.gaugeLengthMm(), edge.measuredMm(), List.copyOf(runs),
        edge.landmarks().stream().map(landmark -> landmark(landmark, edge, starts)).toList(),
        EdgeWords.counts(edge),
        EdgeWords.counts(edge) + "; " + EdgeWords.lengths(edge, wording) + "." + EdgeWords.inTurn(piece),
        edge.runs().stream().mapToInt(Run::finishedCount).sum(),
        piece.cornerBehind(index),
        piece.shape().angleAt(index, 2 * edge.units()),
        Math.max(1, (int) Math.round(edge.finishedLengthMm() / piece.cloth().stitchWidthMm())),
        told.on(EdgingRows.class, piece.id(), edge.id()).map(e -> new EdgingPlan(e.rows(), e.rowMm(), e.stitches(), e.within(), e.joins())),
        EdgeWords.edging(piece, index),
        EdgeWords.places(piece, index));
  }

  private static LandmarkPlan landmark(Landmark landmark, Edge edge, List<Outline.Point> starts) {
    List<Integer> cuts = landmark.cuts(edge);
    return new LandmarkPlan(
        landmark.id(), landmark.name(), landmark.kind(), cuts.isEmpty() ? 0 : cuts.get(0), landmark.every(), landmark.times(),
        cuts.stream().map(cut -> pointAt(cut, edge, starts)).toList(),
        landmark.marker().map(m -> new MarkerPlan(m.purpose(), m.title(), m.purpose().words(), m.takeOut())));
  }

  private static Outline.Point pointAt(int cut, Edge edge, List<Outline.Point> starts) {
    int before = 0;
    for (int r = 0; r < edge.runs().size(); r++) {
      Run run = edge.runs().get(r);
      if (cut <= before + run.count()) {
        return new Outline.Point(
            starts.get(r).x() + (cut - before) * run.advance().dxMm(), starts.get(r).y() + (cut - before) * run.advance().dyMm());
      }
      before += run.count();
    }
    throw new IllegalArgumentException("Edge %s ends before cut %d".formatted(edge.id(), cut));
  }
}
