package ruxel.core.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import ruxel.core.finding.Fact;
import ruxel.core.finding.Finding;
import ruxel.core.finding.FindingCode;
import ruxel.core.finding.Where;
import ruxel.core.identity.SeamId;
import ruxel.core.match.SeamMatch;
import ruxel.core.measure.Wording;
import ruxel.core.piece.Piece;
import ruxel.core.seam.ResolvedSeam;
import ruxel.core.seam.ResolvedSpan;
import ruxel.core.seam.Seam;
import ruxel.core.seam.TwinSeam;
import ruxel.core.seam.Side;

/** Seams on the two sides of the wearer: one joins the mirror images of the edges the other joins. */
final class SeamTwins {
  private SeamTwins() {}

  /** Twin seams that join other numbers, where no piece was told of for it. */
  static List<Finding> unlike(List<SeamMatch> matches, List<Piece> pieces, List<Finding> ofPieces) {
    List<Seam> seams = matches.stream().map(match -> match.seam().seam()).toList();
    List<Finding> findings = new ArrayList<>();
    List<SeamId> done = new ArrayList<>();
    for (SeamMatch match : matches) {
      Seam seam = match.seam().seam();
      done.add(seam.id());
      TwinSeam.of(seam, seams, pieces)
          .filter(twin -> !done.contains(twin.id()))
          .ifPresent(
              twin -> {
                ResolvedSeam other = matches.stream().map(SeamMatch::seam).filter(s -> s.seam().id().equals(twin.id())).findFirst().orElseThrow();
                if (!told(match.seam(), other, ofPieces)) {
                  findings.addAll(unlike(match.seam(), other, pieces));
                }
              });
    }
    return findings;
  }

  private static boolean told(ResolvedSeam seam, ResolvedSeam twin, List<Finding> ofPieces) {
    return ofPieces.stream()
        .map(Finding::where)
        .anyMatch(where -> touches(seam, where) || touches(twin, where));
  }

  private static boolean touches(ResolvedSeam seam, Where where) {
    return Stream.concat(seam.a().stream(), seam.b().stream())
        .anyMatch(span -> where.piece().filter(span.piece().id()::equals).isPresent() && where.edge().filter(span.edge().id()::equals).isPresent());
  }

  private static List<Finding> unlike(ResolvedSeam seam, ResolvedSeam twin, List<Piece> pieces) {
    boolean crossed = !TwinSeam.sameSides(seam.seam(), twin.seam(), pieces);
    List<Finding> findings = new ArrayList<>();
    for (Side side : Side.values()) {
      int here = units(seam.side(side));
      int there = units(twin.side(crossed ? side.other() : side));
      if (here != there) {
        findings.add(
            Finding.of(
                FindingCode.SEAMS_DIFFER, Where.seam(seam.seam().id()), Fact.text("seam", seam.seam().name()),
                Fact.text("twin", Wording.low(twin.seam().name())), Fact.count("count", here), Fact.count("other", there),
                Fact.text("side", "the " + Wording.low(seam.seam().side(side).name()))));
      }
    }
    return findings;
  }

  private static int units(List<ResolvedSpan> spans) {
    return spans.stream().mapToInt(ResolvedSpan::units).sum();
  }
}
