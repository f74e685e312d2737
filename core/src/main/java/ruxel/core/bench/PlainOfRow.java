package ruxel.core.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import ruxel.core.bench.BenchPlan.BenchJoint;
import ruxel.core.bench.BenchPlan.Prompt;
import ruxel.core.identity.SeamId;
import ruxel.core.measure.Wording;
import ruxel.core.plan.RowPlan;
import ruxel.core.plan.RowPlan.RowPart;

/** What a joining row goes on with behind one of the seams it joins: plain stitches up to the next seam, or to its end (handbook 4.10). */
record PlainOfRow(List<RowPart> parts, boolean goesOn) {
  /** A stitch that joins nothing. */
  private static final int NONE = -1;

  static Optional<PlainOfRow> behind(RowPlan row, SeamId seam) {
    int at = row.parts().stream().map(RowPart::seam).toList().indexOf(Optional.of(seam));
    int next = at + 1;
    while (next < row.parts().size() && row.parts().get(next).seam().isEmpty()) {
      next++;
    }
    List<RowPart> parts = row.parts().subList(at + 1, next);
    return parts.isEmpty() ? Optional.empty() : Optional.of(new PlainOfRow(List.copyOf(parts), next < row.parts().size()));
  }

  private int stitches() {
    return parts.stream().mapToInt(RowPart::stitches).sum();
  }

  /** One after the other, counted within each edge. */
  List<BenchJoint> joints() {
    List<BenchJoint> joints = new ArrayList<>();
    for (RowPart part : parts) {
      for (int i = 1; i <= part.stitches(); i++) {
        joints.add(new BenchJoint(NONE, NONE, "Stitch %d of %s.".formatted(i, part.words())));
      }
    }
    return joints;
  }

  /**
   * @param joined joints of the seam before
   */
  List<Prompt> prompts(int joined) {
    Prompt plain = new Prompt(joined, Prompt.Kind.MARKER, "Do not cut: the row goes on with %s.".formatted(Wording.counted(stitches(), "plain stitches")), "The other piece hangs free here.");
    Prompt next = new Prompt(joined + stitches(), Prompt.Kind.MARKER, "Do not cut: the next seam is joined with the same row.", "The loop stays live; take the next seam now.");
    return goesOn ? List.of(plain, next) : List.of(plain);
  }
}
