package ruxel.core.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import ruxel.core.board.Board;
import ruxel.core.board.Motif;
import ruxel.core.finding.Fact;
import ruxel.core.finding.Finding;
import ruxel.core.finding.FindingCode;
import ruxel.core.garment.Garment;
import ruxel.core.glue.Cells;
import ruxel.core.glue.Glued;
import ruxel.core.glue.GluedJoin;
import ruxel.core.identity.PieceId;
import ruxel.core.measure.Wording;
import ruxel.core.piece.Piece;
import ruxel.core.seam.Join;
import ruxel.core.seam.ResolvedSpan;

/** All that is told of a garment's squares; nothing where it has none. */
record SquaresPlan(List<BoardPlan> boards, Optional<BoardPlan.Whole> whole, Optional<ColourPlan> colours, List<Finding> findings) {
  static SquaresPlan of(List<Piece> pieces, Glued glued, Materials materials, Map<Join, String> names, Garment garment) {
    if (pieces.stream().allMatch(piece -> piece.board().isEmpty())) {
      return new SquaresPlan(List.of(), Optional.empty(), Optional.empty(), List.of());
    }
    Cells cells = Cells.of(pieces, glued);
    Set<PieceId> own = garment.pieces().stream().map(Piece::id).collect(Collectors.toSet());
    List<BoardPlan> boards = new BoardPlans(materials, garment.settings(), garment.rules(), garment.hand(), own).plan(pieces);
    List<Finding> findings = new ArrayList<>(motifs(glued, names));
    ColourPlans colours = new ColourPlans(pieces, cells, garment.settings());
    Optional<ColourPlan> plan = colours.plan();
    findings.addAll(colours.findings());
    return new SquaresPlan(boards, Optional.of(BoardPlans.whole(boards, cells)), plan, List.copyOf(findings));
  }

  /** Squares of different sides that meet in a seam. */
  private static List<Finding> motifs(Glued glued, Map<Join, String> names) {
    List<Finding> findings = new ArrayList<>();
    for (GluedJoin join : glued.joins()) {
      List<Motif> one = motifs(join.a());
      List<Motif> other = motifs(join.b());
      if (!one.isEmpty() && !other.isEmpty() && !one.equals(other)) {
        findings.add(Finding.of(FindingCode.MOTIFS_DIFFER, join.join().where(), Fact.text("seam", names.get(join.join())), Fact.text("one", words(one)), Fact.text("other", words(other))));
      }
    }
    return findings;
  }

  private static List<Motif> motifs(List<ResolvedSpan> spans) {
    return spans.stream().flatMap(span -> span.piece().board().map(Board::motif).stream()).distinct().toList();
  }

  private static String words(List<Motif> motifs) {
    return Wording.all(motifs.stream().map(motif -> "%s and %s".formatted(Wording.counted(motif.stitches(), "stitches"), motif.corner().words())).toList());
  }
}
