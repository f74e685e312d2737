package ruxel.core.construction;

import java.util.List;
import java.util.Optional;

/** The constructions that can be chosen. */
public final class Templates {
  private static final List<Template> ALL = List.of(new DropShoulder(), new NotchedArmhole(), new SetInSleeve(), new SidewaysRibs(), new GrownOnSleeves(), new WideFront(), new Sleeveless(), new Squares(), new SquareHalves(), new TwoHexagons(), new FoldedSquare());

  private Templates() {}

  public static List<Template> all() {
    return ALL;
  }

  public static Optional<Template> of(String id) {
    return ALL.stream().filter(template -> template.id().equals(id)).findFirst();
  }
}
