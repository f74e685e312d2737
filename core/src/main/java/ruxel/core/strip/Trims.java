package ruxel.core.strip;

import java.util.Optional;

/** What an edging has besides its rounds (handbook 11): stitches gathered to fewer, picots, buttons, a fringe. */
public record Trims(Optional<Integer> gatherTo, Optional<Integer> picotEvery, Optional<Buttons> buttons, Optional<Fringe> fringe) {
  public static final Trims NONE = new Trims(Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty());

  /** On the mirror image: where one band lies over, the other lies under. */
  Trims mirrored() {
    return new Trims(gatherTo, picotEvery, buttons.map(Buttons::opposite), fringe);
  }
}
