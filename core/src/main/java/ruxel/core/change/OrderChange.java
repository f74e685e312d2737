package ruxel.core.change;

import java.util.List;
import java.util.Optional;
import ruxel.core.decision.Chore;
import ruxel.core.decision.DoneChore;
import ruxel.core.decision.WantedOrder;
import ruxel.core.finding.Outcome;
import ruxel.core.garment.Garment;
import ruxel.core.identity.SeamId;
import ruxel.core.layout.Layout;
import ruxel.core.measure.Wording;

/** What the maker decides of the order of work. */
public sealed interface OrderChange extends Change {
  /** A step of the order moved before another, or to the end. Refused where a must stands against it. */
  record StepMoved(SeamId seam, Optional<SeamId> before) implements OrderChange {
    @Override
    public Outcome<Garment> apply(Garment garment) {
      return Layout.of(garment)
          .then(layout -> StepMove.of(garment, layout.construct(), seam, before))
          .then(order -> Outcome.of(garment.withSettings(garment.settings().with(WantedOrder.class, Optional.of(new WantedOrder(order)).filter(wanted -> !order.isEmpty())))));
    }

    @Override
    public String label(Names names) {
      return "Put %s %s in the order".formatted(names.seam(seam), before.map(other -> "before " + names.seam(other)).orElse("last"));
    }
  }

  /** A whole order taken; those it does not name keep their usual neighbours. Refused where a must stands against it. */
  record OrderTaken(List<SeamId> seams) implements OrderChange {
    @Override
    public Outcome<Garment> apply(Garment garment) {
      return Layout.of(garment)
          .then(layout -> StepMove.taken(garment, layout.construct(), seams))
          .then(order -> Outcome.of(garment.withSettings(garment.settings().with(WantedOrder.class, Optional.of(new WantedOrder(order)).filter(wanted -> !order.isEmpty())))));
    }

    @Override
    public String label(Names names) {
      return "Took another order of work";
    }
  }

  /** Work that joins nothing ticked off, or not done after all. */
  record ChoreTicked(Chore chore, boolean done) implements OrderChange {
    @Override
    public Outcome<Garment> apply(Garment garment) {
      return Outcome.of(garment.withSettings(garment.settings().with(DoneChore.class, Optional.of(new DoneChore(chore)).filter(ticked -> done), chore)));
    }

    @Override
    public String label(Names names) {
      return done ? Wording.capital(chore.did()) : "Not done after all: " + chore.did();
    }
  }

  /** The order of work left to the house again. */
  record OrderLeft() implements OrderChange {
    @Override
    public Outcome<Garment> apply(Garment garment) {
      return Outcome.of(garment.withSettings(garment.settings().without(WantedOrder.class)));
    }

    @Override
    public String label(Names names) {
      return "Took the usual order";
    }
  }
}
