package ruxel.files;

import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import ruxel.core.change.Change;
import ruxel.core.change.EndChange;
import ruxel.core.change.HoldChange;
import ruxel.core.change.PieceChange;
import ruxel.core.change.WearChange;
import ruxel.core.hold.Facing;
import ruxel.core.change.YarnChange;
import ruxel.core.identity.BoardId;
import ruxel.core.identity.LineId;
import ruxel.core.identity.WorkRef;
import ruxel.core.measure.School;
import ruxel.core.method.Method;
import ruxel.core.method.Wish;
import ruxel.core.seam.SeamRole;
import ruxel.core.wearer.Fit;
import ruxel.core.wearer.Measure;
import ruxel.core.wearer.Wearer;
import ruxel.core.yarn.Yarn;

/** Changes of yarns, of what is worked with them, and of who wears it, with values as {@link RandomChanges} has them. */
final class RandomYarns {
  private final RandomChanges changes;
  private final RandomStrips strips;
  private final Random random;

  RandomYarns(RandomChanges changes, RandomStrips strips, Random random) {
    this.changes = changes;
    this.strips = strips;
    this.random = random;
  }

  Change yarn() {
    String yarn = random.nextInt(6) == 0 ? changes.word() : "y" + random.nextInt(3);
    return switch (random.nextInt(9)) {
      case 7 -> new YarnChange.RibYarned(changes.piece().id(), changes.maybe(() -> yarn));
      case 6 -> changes.onEdge((piece, edge) -> new YarnChange.TailKept(piece.id(), edge.id(), changes.maybe(() -> random.nextInt(3) == 0 ? changes.length() : 800.0)));
      case 0, 1 -> {
        Yarn told = new Yarn(yarn, random.nextInt(4) == 0 ? changes.word() : "Harbour", random.nextInt(4) == 0 ? changes.word() : "grey", changes.one(Yarn.Weight.values()), random.nextInt(4) == 0 ? changes.word() : "wool", changes.maybe(() -> random.nextInt(4) == 0 ? changes.length() : 100.0), changes.maybe(() -> random.nextInt(4) == 0 ? changes.length() : 50.0), random.nextBoolean() ? Set.of(changes.one(Yarn.Trait.values())) : Set.of(), changes.maybe(() -> new Yarn.Left(random.nextInt(3) == 0 ? changes.length() : 12.5, random.nextBoolean() ? List.of(work()) : List.of())));
        yield random.nextBoolean() ? new YarnChange.YarnAdded(told) : new YarnChange.YarnTold(told);
      }
      case 2 -> new YarnChange.YarnRemoved(yarn);
      case 3 -> new YarnChange.PieceYarned(changes.piece().id(), changes.maybe(() -> yarn));
      case 4 -> new YarnChange.SeamYarned(changes.seam(), changes.maybe(() -> yarn));
      case 5 -> new YarnChange.StripYarned(strips.any(), changes.maybe(() -> yarn));
      default -> new YarnChange.FactorMeasured(random.nextInt(6) == 0 ? changes.word() : changes.one(Method.values()).id(), yarn, random.nextInt(3) == 0 ? changes.length() : 100, random.nextInt(3) == 0 ? changes.length() : 300);
    };
  }

  private WorkRef work() {
    return switch (random.nextInt(4)) {
      case 0 -> WorkRef.seam(changes.seam());
      case 1 -> WorkRef.board(new BoardId(changes.piece().id()));
      case 2 -> WorkRef.line(new BoardId(changes.piece().id()), new LineId(random.nextInt(6) == 0 ? changes.word() : "row.1.1"));
      default -> WorkRef.strip(strips.any());
    };
  }

  Change wear() {
    return switch (random.nextInt(9)) {
      case 8 -> ended();
      case 5 -> new HoldChange.FacingChosen(random.nextBoolean() ? Optional.empty() : Optional.of(changes.seam()), changes.maybe(() -> changes.one(Facing.values())));
      case 6 -> new HoldChange.SeamTurned(changes.seam());
      case 7 -> new PieceChange.RowsTold(changes.piece().id(), changes.maybe(() -> random.nextInt(60)));
      case 0 -> new WearChange.Wished(changes.maybe(() -> changes.one(SeamRole.values())), random.nextBoolean() ? Optional.empty() : Optional.of(changes.seam()), changes.maybe(() -> changes.one(Wish.values())));
      case 1 -> new WearChange.SchoolTaken(changes.one(School.values()), changes.maybe(() -> changes.one(School.Way.values())));
      case 2 -> new WearChange.GarmentWeighed(changes.maybe(changes::length));
      case 3 -> new WearChange.WearerTold(changes.maybe(() -> changes.one(Wearer.values())), changes.maybe(() -> changes.one(Fit.values())));
      default -> new WearChange.WearerMeasured(changes.one(Measure.values()), changes.maybe(() -> random.nextBoolean() ? 550.0 : changes.length()));
    };
  }

  private Change ended() {
    return switch (random.nextInt(6)) {
      case 2 -> new EndChange.SeamReopened(changes.seam());
      case 0 -> new EndChange.SeamEndedAlike(changes.seam());
      case 1 -> new EndChange.SeamWhole(changes.seam());
      default -> new EndChange.SeamEnded(changes.seam(), changes.number(-1, 60), changes.number(-1, 60));
    };
  }
}
