package ruxel.app;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;
import ruxel.app.garment.DemoGarments;
import ruxel.app.garment.GarmentService;
import ruxel.app.garment.GarmentStore;
import ruxel.app.work.Sent;
import ruxel.app.work.WorkService;
import ruxel.core.bench.Work;
import ruxel.core.change.BoardChange;
import ruxel.core.colour.ColourTask;
import ruxel.core.identity.SeamId;
import ruxel.core.identity.WorkRef;

/** The made-up wardrobe of a lantern parade in a harbour town, partly joined. */
@Component
public class DemoWardrobe {
  private static final int JOINTS_INTO_THE_LINE = 40;
  private static final long SEED = 4;
  private static final int STITCHES_INTO_THE_ARMHOLE = 40;
  private static final int JOINTS_INTO_THE_SLEEVE = 17;

  private final GarmentService garments;
  private final WorkService work;

  DemoWardrobe(GarmentService garments, WorkService work) {
    this.garments = garments;
    this.work = work;
  }

  /** Lays the demo garments on an empty shelf; a shelf with anything on it stays as it is. */
  public void fillIfEmpty() {
    if (!garments.shelf(GarmentStore.ShelfState.OPEN).isEmpty()) {
      return;
    }
    coloured(DemoGarments.SQUARE_HALVES);
    UUID squares = coloured(DemoGarments.SQUARES);
    garments.plan(squares).boards().stream()
        .filter(board -> board.cells().stream().allMatch(cell -> cell.colourway().isPresent()))
        .findFirst()
        .ifPresent(board -> begin(squares, WorkRef.line(board.id(), board.lines().get(0).id()), JOINTS_INTO_THE_LINE));
    Stream.of(DemoGarments.FOLDED_SQUARE, DemoGarments.HEXAGONS, DemoGarments.SIDEWAYS, DemoGarments.GROWN_ON, DemoGarments.WIDE, DemoGarments.JOINED_AS_WORKED, DemoGarments.SET_IN, DemoGarments.NOTCHED)
        .forEach(garment -> garments.importFile(garment.file()));
    UUID tunic = garments.importFile(DemoGarments.SLEEVELESS.file());
    garments.plan(tunic).seams().forEach(seam -> join(tunic, seam.id()));
    garments.plan(tunic).strips().stream().findFirst().ifPresent(strip -> begin(tunic, WorkRef.strip(strip.id()), STITCHES_INTO_THE_ARMHOLE));
    garments.importFile(DemoGarments.JACKET.file());
    garments.importFile(DemoGarments.PULLOVER.file());
    UUID cardigan = garments.importFile(DemoGarments.CARDIGAN.file());
    join(cardigan, new SeamId("shoulder.left"));
    join(cardigan, new SeamId("shoulder.right"));
    begin(cardigan, WorkRef.seam(new SeamId("armhole.left")), JOINTS_INTO_THE_SLEEVE);
  }

  private UUID coloured(DemoGarments garment) {
    UUID id = garments.importFile(garment.file());
    garments.change(id, 1, List.of(new BoardChange.ColoursPlaced(SEED, Set.of(ColourTask.Wish.EVERY_BOARD))), Optional.empty());
    return id;
  }

  private void join(UUID garment, SeamId seam) {
    WorkService.View view = begin(garment, WorkRef.seam(seam), Integer.MAX_VALUE);
    int last = view.plan().joints().size() + 1;
    work.keep(view.id(), "demo", List.of(Sent.of(last, Work.Kind.FINISH, 0, Optional.of("Neat and flat."))));
  }

  private WorkService.View begin(UUID garment, WorkRef of, int joints) {
    WorkService.View view = work.take(garment, of, false);
    Stream<Sent> events =
        IntStream.rangeClosed(1, Math.min(joints, view.plan().joints().size()))
            .mapToObj(joint -> Sent.of(joint, Work.Kind.JOINT, joint, Optional.empty()));
    work.keep(view.id(), "demo", events.toList());
    return view;
  }
}
