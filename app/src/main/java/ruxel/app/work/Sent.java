package ruxel.app.work;

import java.util.List;
import java.util.Optional;
import ruxel.core.bench.Departure;
import ruxel.core.bench.Look;
import ruxel.core.bench.Work;
import ruxel.core.seam.Side;

/** An event as a client sends it. */
public record Sent(int seq, Work.Kind kind, int joint, Optional<String> note, Optional<Departure.What> what, Optional<Side> side, Optional<Integer> count, Optional<Double> mm, Optional<List<Look.Fault>> faults) {
  /** What is worked as planned, or a note. */
  public static Sent of(int seq, Work.Kind kind, int joint, Optional<String> note) {
    return new Sent(seq, kind, joint, note, Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty());
  }

  Work.Event event() {
    return new Work.Event(seq, kind, joint, note.orElse(""), departure(), kind == Work.Kind.LOOKED ? Optional.of(new Look(joint, mm, faults.orElse(List.of()))) : Optional.empty());
  }

  /** A window that knows of no other kind sends one more by the joint alone. */
  private Optional<Departure> departure() {
    return kind != Work.Kind.AS_WORKED || what.isEmpty() && joint == 0
        ? Optional.empty()
        : Optional.of(new Departure(joint, what.orElse(Departure.What.ONE_MORE), side, count.orElse(1)));
  }
}
