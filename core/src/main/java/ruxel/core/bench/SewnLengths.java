package ruxel.core.bench;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import ruxel.core.bench.Looks.Sewn;
import ruxel.core.identity.PieceId;
import ruxel.core.measure.Wording;
import ruxel.core.piece.Edge;
import ruxel.core.piece.Piece;
import ruxel.core.piece.Pieces;
import ruxel.core.plan.SeamPlan.Rail;
import ruxel.core.plan.SeamPlan.SidePlan;

/**
 * What the edges that a seam joins measure once it has drawn in, or become slack, by the tape at its end: sizes, openings and the seams that come go by
 * that when it is kept.
 */
public final class SewnLengths {
  private static final double SAME_MM = 0.5;

  /** The length of a whole edge as it is now, mm, and what of it lies beyond the seam as it was. */
  public record EdgeLength(PieceId piece, String edge, double mm, String words) {}

  private final List<Piece> pieces;
  private final Wording wording;

  public SewnLengths(List<Piece> pieces, Wording wording) {
    this.pieces = pieces;
    this.wording = wording;
  }

  /** Of edges that are not measured so already; none where it was not measured at its end, or is as it should be. */
  public List<EdgeLength> of(BenchPlan plan, Looks looks, List<Look> done) {
    Optional<Sewn> last = looks.sewn(done).stream().reduce((before, sewn) -> sewn).filter(sewn -> sewn.joint() == plan.joints().size() && !looks.isRight(sewn));
    return last.stream().flatMap(sewn -> plan.plan().stream().flatMap(seam -> Stream.of(seam.a(), seam.b())).flatMap(side -> of(side, sewn.mm()))).toList();
  }

  private Stream<EdgeLength> of(SidePlan side, double sewnMm) {
    Map<List<Object>, Double> onEdges = new LinkedHashMap<>();
    Map<List<Object>, Double> told = new LinkedHashMap<>();
    for (Rail rail : side.rails().stream().filter(rail -> rail.kind().isOfEdge()).toList()) {
      List<Object> edge = List.of(rail.piece(), rail.edge());
      onEdges.merge(edge, rail.places() * rail.placeMm(), Double::sum);
      told.merge(edge, toldMm(rail), Double::sum);
    }
    return onEdges.entrySet().stream().flatMap(on -> of((PieceId) on.getKey().get(0), (String) on.getKey().get(1), on.getValue(), told.get(on.getKey()), sewnMm / side.lengthMm()).stream());
  }

  /** By the gauge, without what was measured. */
  private double toldMm(Rail rail) {
    return Pieces.find(pieces, rail.piece(), rail.edge()).flatMap(edge -> edge.run(rail.run())).map(run -> rail.places() / (double) rail.placesPerUnit() * run.advance().lengthMm()).orElse(0.0);
  }

  private Optional<EdgeLength> of(PieceId piece, String edgeId, double planned, double told, double factor) {
    Optional<Piece> on = Pieces.find(pieces, piece).filter(found -> found.board().isEmpty() && told > 0);
    return on.flatMap(
        found -> {
          Edge edge = found.edge(edgeId).orElseThrow();
          double mm = edge.gaugeLengthMm() * planned / told + planned * (factor - 1);
          boolean isKept = edge.measuredMm().filter(measured -> Math.abs(measured - mm) < SAME_MM).isPresent();
          String words = "the %s of the %s %s".formatted(Wording.low(edge.name()), Wording.low(found.name()), wording.length(mm));
          return isKept || mm <= 0 ? Optional.empty() : Optional.of(new EdgeLength(piece, edgeId, mm, words));
        });
  }
}
