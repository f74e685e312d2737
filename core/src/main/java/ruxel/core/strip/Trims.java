package ruxel.core.strip;

import java.util.List;
import java.util.Optional;

/**
 * What an edging has besides its rounds (handbook 11): stitches gathered to fewer, picots, buttons, a fringe.
 *
 * @param plain where it has no picots
 */
public record Trims(Optional<Integer> gatherTo, Optional<Integer> picotEvery, List<PlainEdge> plain, Optional<Buttons> buttons, Optional<Fringe> fringe) {
  public static final Trims NONE = new Trims(Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty());
  public static final int MOST_PLAIN = 200;

  public Trims {
    plain = List.copyOf(plain);
  }

  /** Picots all along, if any. */
  public Trims(Optional<Integer> gatherTo, Optional<Integer> picotEvery, Optional<Buttons> buttons, Optional<Fringe> fringe) {
    this(gatherTo, picotEvery, List.of(), buttons, fringe);
  }

  /** On the mirror image: where one band lies over, the other lies under. */
  Trims mirrored() {
    return new Trims(gatherTo, picotEvery, plain, buttons.map(Buttons::opposite), fringe);
  }
}
