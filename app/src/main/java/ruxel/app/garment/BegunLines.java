package ruxel.app.garment;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import ruxel.app.web.Problems;
import ruxel.core.board.Lines;
import ruxel.core.finding.Fact;
import ruxel.core.finding.Finding;
import ruxel.core.finding.FindingCode;
import ruxel.core.finding.Where;
import ruxel.core.plan.BoardPlan;
import ruxel.core.plan.GarmentPlan;
import ruxel.core.seam.Join;

/** What an edit may not do to lines of boards that are in hand or joined: take squares of theirs away, or change what is counted along them. */
final class BegunLines {
  private BegunLines() {}

  /** What a line is worked along. */
  private record Worked(List<Lines.InnerJoin> joins, int joints) {}

  /**
   * To be asked while the garment is held.
   *
   * @throws Problems.Refused naming every begun line that would be lost or be another one
   */
  static void requireKept(Set<String> begun, Optional<OpenGarments.Computed> was, OpenGarments.Computed after) {
    List<Finding> findings = new ArrayList<>();
    for (String line : begun) {
      Optional<Worked> now = worked(after.plan(), line);
      boolean isOther = was.flatMap(before -> worked(before.plan(), line)).filter(before -> !Optional.of(before).equals(now)).isPresent();
      if (now.isEmpty() || isOther) {
        findings.add(Finding.of(now.isEmpty() ? FindingCode.BEGUN_WITHOUT_PIECES : FindingCode.BEGUN_TOLD_ANEW, Where.NOWHERE, Fact.text("seam", "Line " + line)));
      }
    }
    if (!findings.isEmpty()) {
      throw new Problems.Refused(findings, after.garment().wording());
    }
  }

  private static Optional<Worked> worked(GarmentPlan plan, String id) {
    for (BoardPlan board : plan.boards()) {
      for (BoardPlan.LinePlan line : board.lines()) {
        if (Join.line(board.id(), line.id()).id().equals(id)) {
          return Optional.of(new Worked(line.joins(), line.joints()));
        }
      }
    }
    return Optional.empty();
  }
}
