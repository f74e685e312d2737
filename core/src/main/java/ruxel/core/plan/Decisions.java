package ruxel.core.plan;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import ruxel.core.construction.Construct;
import ruxel.core.finding.FindingCode.Level;
import ruxel.core.identity.SeamId;
import ruxel.core.piece.Piece;
import ruxel.core.piece.Run;
import ruxel.core.seam.ResolvedSeam;
import ruxel.core.seam.ResolvedSpan;
import ruxel.core.seam.Seam;
import ruxel.core.seam.TwinSeam;

/** What must be mended or left so before a seam is begun (model 6): at the seam and at the edges it joins; what tells twins apart also at the other twin. */
final class Decisions {
  private final Construct construct;
  private final List<FindingView> all;

  Decisions(Construct construct, List<FindingView> views) {
    this.construct = construct;
    all = views;
  }

  List<FindingView> of(ResolvedSeam seam) {
    return all.stream()
        .filter(finding -> finding.level() == Level.DECIDE_FIRST)
        .filter(finding -> isAt(finding, seam) || finding.code().comparesTwins() && isAtTwin(finding, seam))
        .toList();
  }

  /** The gravest of what is said of a seam. */
  Level level(ResolvedSeam seam) {
    boolean look = all.stream().anyMatch(finding -> finding.level() == Level.LOOK_FIRST && isAtSeam(finding, seam));
    return !of(seam).isEmpty() ? Level.DECIDE_FIRST : look ? Level.LOOK_FIRST : Level.NOTE;
  }

  private static boolean isAtSeam(FindingView finding, ResolvedSeam seam) {
    return finding.seam().filter(seam.seam().id()::equals).isPresent();
  }

  private static boolean isAt(FindingView finding, ResolvedSeam seam) {
    return isAtSeam(finding, seam) || spans(seam).anyMatch(span -> concerns(finding, span, span.piece(), span.edge().id()));
  }

  private boolean isAtTwin(FindingView finding, ResolvedSeam seam) {
    Optional<SeamId> twin = TwinSeam.of(seam.seam(), construct.seams(), construct.pieces()).map(Seam::id);
    return twin.isPresent() && finding.seam().equals(twin) || spans(seam).anyMatch(span -> isAtTwin(finding, span));
  }

  private boolean isAtTwin(FindingView finding, ResolvedSpan span) {
    Piece piece = span.piece();
    return piece.twinAmong(construct.pieces())
        .filter(twin -> concerns(finding, span, twin, piece.edgeOnTwin(twin, span.edge().id())))
        .isPresent();
  }

  private static Stream<ResolvedSpan> spans(ResolvedSeam seam) {
    return Stream.concat(seam.a().stream(), seam.b().stream());
  }

  /**
   * Whether a finding at a piece's edge is one at a seam's span there, or at its mirror image. A run that the span's edge
   * does not have may lie anywhere on it.
   */
  private static boolean concerns(FindingView finding, ResolvedSpan span, Piece piece, String edge) {
    boolean here = finding.piece().filter(piece.id()::equals).isPresent() && finding.edge().map(edge::equals).orElse(true);
    return here && finding.run().map(run -> stands(span.runs(), run) || !stands(span.edge().runs(), run)).orElse(true);
  }

  private static boolean stands(List<Run> runs, String told) {
    return runs.stream().anyMatch(run -> run.origin().standsFor(told));
  }
}
