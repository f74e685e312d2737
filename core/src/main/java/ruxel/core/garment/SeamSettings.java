package ruxel.core.garment;

import java.util.List;
import java.util.Optional;
import ruxel.core.seam.Anchor;
import ruxel.core.seam.Seam;
import ruxel.core.seam.Side;

/** What the maker has decided of single seams (model 5): how they are worked, and anchors of their own. */
public record SeamSettings(List<WorkedSeam> worked, List<OwnAnchor> pins) {
  public static final SeamSettings NONE = new SeamSettings(List.of(), List.of());

  /** How a seam brings its sides together, and what rows and spaces give on each. */
  public record WorkedSeam(String seam, Seam.Working working, SideWorking a, SideWorking b) {
    Seam on(Seam usual) {
      return usual
          .withWorking(working)
          .withSides(
              usual.side(Side.A).with(a.placesPerRow(), a.spaces()), usual.side(Side.B).with(b.placesPerRow(), b.spaces()));
    }
  }

  /** What row ends and chain spaces of one side give. */
  public record SideWorking(Optional<Integer> placesPerRow, Seam.Spaces spaces) {
    public static final SideWorking USUAL = new SideWorking(Optional.empty(), Seam.Spaces.ROUND);
  }

  /** An anchor the maker has added to a seam. */
  public record OwnAnchor(String seam, Anchor anchor) {
    boolean sameTarget(String otherSeam, String anchorId) {
      return seam.equals(otherSeam) && anchor.id().equals(anchorId);
    }
  }

  public SeamSettings {
    worked = List.copyOf(worked);
    pins = List.copyOf(pins);
  }

  SeamSettings withWorked(WorkedSeam decided) {
    List<WorkedSeam> changed = EdgeSettings.without(worked, other -> other.seam().equals(decided.seam()));
    changed.add(decided);
    return new SeamSettings(changed, pins);
  }

  SeamSettings withPin(OwnAnchor pin) {
    List<OwnAnchor> changed = EdgeSettings.without(pins, other -> other.sameTarget(pin.seam(), pin.anchor().id()));
    changed.add(pin);
    return new SeamSettings(worked, changed);
  }

  SeamSettings withoutPin(String seam, String anchorId) {
    return new SeamSettings(worked, EdgeSettings.without(pins, other -> other.sameTarget(seam, anchorId)));
  }

  SeamSettings without(SeamSettings gone) {
    return new SeamSettings(
        EdgeSettings.without(worked, gone.worked::contains), EdgeSettings.without(pins, gone.pins::contains));
  }

  boolean isEmpty() {
    return worked.isEmpty() && pins.isEmpty();
  }
}
