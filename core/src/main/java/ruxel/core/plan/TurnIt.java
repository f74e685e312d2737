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
import ruxel.core.hold.Facing;
import ruxel.core.hold.Facing.Face;
import ruxel.core.identity.PieceId;
import ruxel.core.method.Method;
import ruxel.core.seam.Join;
import ruxel.core.seam.ResolvedSeam;

/** Whether the work lies right side out or inside out as it is joined on, and where it is turned in between (handbook 13). */
public enum TurnIt {
  RIGHT_SIDE_OUT("right side out"),
  INSIDE_OUT("inside out");

  private final String how;

  TurnIt(String how) {
    this.how = how;
  }

  private static TurnIt to(boolean insideOut) {
    return insideOut ? INSIDE_OUT : RIGHT_SIDE_OUT;
  }

  /** How the work lies. */
  static String lies(boolean insideOut) {
    return to(insideOut).how;
  }

  /** As a step of its own. */
  String title() {
    return "Turn the work " + how;
  }

  /** Before something else. */
  public String first() {
    return title() + " first.";
  }

  /** How it is turned, for the seams before which the work is turned. Linear in the pieces for each seam of the order. */
  static Map<Join, TurnIt> of(List<ResolvedSeam> sequence, Settings settings) {
    Map<Join, TurnIt> turned = new HashMap<>();
    Map<PieceId, Set<PieceId>> together = new HashMap<>();
    Map<PieceId, Boolean> insideOut = new HashMap<>();
    for (ResolvedSeam seam : sequence) {
      Set<PieceId> part = new HashSet<>();
      pieces(seam).forEach(piece -> part.addAll(together.getOrDefault(piece, Set.of(piece))));
      Optional<Boolean> now = seam.seam().method().flatMap(Method::of).map(method -> ChosenFacing.of(settings, seam.seam(), method).isInsideOut());
      now.filter(is -> part.stream().anyMatch(piece -> insideOut.getOrDefault(piece, is) != (boolean) is)).ifPresent(is -> turned.put(seam.join(), to(is)));
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

  /**
   * How the work is turned before a strip: it lies as the last of the seams below was joined.
   *
   * @param below how these are held, in the order in which they are joined
   */
  static Optional<TurnIt> before(StripPlan strip, Stream<Facing> below) {
    Optional<Boolean> sewn = strip.sewn().flatMap(SeamPlan::howTo).map(howTo -> howTo.facing().isInsideOut());
    if (sewn.isEmpty() && strip.rounds().isEmpty()) {
      return Optional.empty();
    }
    boolean isInsideOut = sewn.orElseGet(() -> strip.rounds().get(0).hold().shows().get(0) == Face.WRONG_SIDE);
    return below.reduce((before, last) -> last).filter(last -> last.isInsideOut() != isInsideOut).map(last -> to(isInsideOut));
  }

  /** The same in a garment that is planned. */
  public static Optional<TurnIt> before(GarmentPlan planned, StripPlan strip) {
    return before(
        strip,
        planned.steps().stream()
            .filter(step -> strip.after().contains(step.seam()))
            .flatMap(step -> planned.seams().stream().filter(seam -> seam.id().equals(step.seam())))
            .flatMap(seam -> seam.howTo().stream())
            .map(SeamPlan.HowToView::facing));
  }
}
