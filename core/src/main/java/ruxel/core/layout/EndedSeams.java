package ruxel.core.layout;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import ruxel.core.decision.EndedSeam;
import ruxel.core.decision.Settings;
import ruxel.core.piece.Piece;
import ruxel.core.seam.Anchor;
import ruxel.core.seam.ResolvedSeam;
import ruxel.core.seam.ResolvedSpan;
import ruxel.core.seam.Seam;
import ruxel.core.seam.SeamParts;
import ruxel.core.seam.SeamResolver;

/** Seams that the maker ended early, without what stays open. One whose end is not there any more goes on to its own, and that is set aside as gone. */
final class EndedSeams {
  private final List<Seam> seams = new ArrayList<>();
  private final List<EndedSeam> gone = new ArrayList<>();

  /**
   * @param whole directed, with their anchors
   * @param carries what leads from the runs that places are told by to those of {@code pieces}, in order
   */
  EndedSeams(List<Piece> pieces, List<Seam> whole, Settings settings, List<Carries> carries) {
    for (Seam seam : whole) {
      Optional<EndedSeam> ended = settings.on(EndedSeam.class, seam.id());
      Optional<Seam> joined = ended.flatMap(end -> SeamResolver.find(pieces, List.of(seam), seam.id()).flatMap(resolved -> joined(resolved, end.at().carried(spot -> Carries.all(carries, spot)))));
      seams.add(joined.orElse(seam));
      ended.filter(end -> joined.isEmpty()).ifPresent(gone::add);
    }
  }

  List<Seam> seams() {
    return List.copyOf(seams);
  }

  List<EndedSeam> gone() {
    return List.copyOf(gone);
  }

  private static Optional<Seam> joined(ResolvedSeam seam, EndedSeam.End end) {
    Anchor at = new Anchor(Seam.END, "end", end.a(), end.b());
    return SeamParts.split(seam, at, seam.seam().id(), seam.seam().name()).map(parts -> parts.get(isAlong(seam.a(), end) ? 0 : 1));
  }

  /** Whether the seam still comes to its end on side A the way it came when it was ended there. */
  private static boolean isAlong(List<ResolvedSpan> side, EndedSeam.End end) {
    Anchor.Spot cut = end.a();
    Stream<ResolvedSpan> there = side.stream().filter(span -> span.piece().id().equals(cut.piece()) && span.edge().id().equals(cut.edge()));
    return there.map(span -> span.span().along()).findFirst().filter(end.along()::equals).isPresent();
  }
}
