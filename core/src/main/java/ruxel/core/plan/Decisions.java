package ruxel.core.plan;

import java.util.List;
import java.util.Optional;
import ruxel.core.finding.FindingCode;
import ruxel.core.garment.Construct;
import ruxel.core.piece.Piece;
import ruxel.core.seam.Seam;

/** What must be mended or left so before a seam is begun (model 6): at the seam and at the edges it joins; what tells twins apart also at the other twin. */
final class Decisions {
  private final Construct construct;
  private final List<FindingView> open;

  Decisions(Construct construct, List<FindingView> views) {
    this.construct = construct;
    open = views.stream().filter(finding -> finding.level() == FindingCode.Level.DECIDE_FIRST).toList();
  }

  List<FindingView> of(SeamPlan seam) {
    return open.stream().filter(finding -> isAt(finding, seam) || finding.code().comparesTwins() && isAtTwin(finding, seam)).toList();
  }

  private static boolean isAt(FindingView finding, SeamPlan seam) {
    return finding.seam().filter(seam.id()::equals).isPresent() || seam.rails().anyMatch(rail -> concerns(finding, rail.piece(), rail.edge()));
  }

  private boolean isAtTwin(FindingView finding, SeamPlan seam) {
    Optional<String> twin = twin(seam).map(Seam::id);
    return twin.isPresent() && finding.seam().equals(twin) || seam.rails().anyMatch(rail -> isAtTwin(finding, rail));
  }

  private Optional<Seam> twin(SeamPlan plan) {
    return construct.seams().stream()
        .filter(seam -> seam.id().equals(plan.id()))
        .findFirst()
        .flatMap(seam -> SeamTwins.of(seam, construct.seams(), construct.pieces()));
  }

  private boolean isAtTwin(FindingView finding, SeamPlan.Rail rail) {
    return construct.pieces().stream()
        .filter(piece -> piece.id().equals(rail.piece()))
        .findFirst()
        .flatMap(piece -> piece.twinAmong(construct.pieces()).map(twin -> concerns(finding, twin.id(), Twins.mirrored(piece, twin, rail.edge()))))
        .orElse(false);
  }

  private static boolean concerns(FindingView finding, String piece, String edge) {
    return finding.piece().filter(piece::equals).isPresent() && finding.edge().map(edge::equals).orElse(true);
  }
}
