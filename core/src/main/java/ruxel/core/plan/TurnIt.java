package ruxel.core.plan;

import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import ruxel.core.decision.ChosenFacing;
import ruxel.core.decision.Settings;
import ruxel.core.identity.PieceId;
import ruxel.core.method.Method;
import ruxel.core.seam.Join;
import ruxel.core.seam.ResolvedSeam;

/** Whether the work lies right side out or inside out as it is joined on, and where it is turned in between (handbook 13). */
public final class TurnIt {
  private static final String RIGHT_SIDE_OUT = "Turn the work right side out first.";
  private static final String INSIDE_OUT = "Turn the work inside out first.";

  private TurnIt() {}

  /** What is said of turning, for the seams before which the work is turned. Linear in the pieces for each seam of the order. */
  static Map<Join, String> of(List<ResolvedSeam> sequence, Settings settings) {
    Map<Join, String> turned = new HashMap<>();
    Map<PieceId, Set<PieceId>> together = new HashMap<>();
    Map<PieceId, Boolean> insideOut = new HashMap<>();
    for (ResolvedSeam seam : sequence) {
      Set<PieceId> part = new HashSet<>();
      pieces(seam).forEach(piece -> part.addAll(together.getOrDefault(piece, Set.of(piece))));
      Optional<Boolean> now = seam.seam().method().flatMap(Method::of).map(method -> ChosenFacing.of(settings, seam.seam(), method).isInsideOut());
      now.filter(is -> part.stream().anyMatch(piece -> insideOut.getOrDefault(piece, is) != (boolean) is)).ifPresent(is -> turned.put(seam.join(), words(is)));
      part.forEach(
          piece -> {
            together.put(piece, part);
            now.ifPresent(is -> insideOut.put(piece, is));
          });
    }
    return turned;
  }

  private static Set<PieceId> pieces(ResolvedSeam seam) {
    return Stream.concat(seam.a().stream(), seam.b().stream()).map(span -> span.piece().id()).collect(Collectors.toSet());
  }

  /** What is said of it. */
  public static String words(boolean insideOut) {
    return insideOut ? INSIDE_OUT : RIGHT_SIDE_OUT;
  }
}
