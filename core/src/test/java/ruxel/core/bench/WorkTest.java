package ruxel.core.bench;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import ruxel.core.bench.Work.Event;
import ruxel.core.bench.Work.Kind;
import ruxel.core.seam.Side;

class WorkTest {
  private final List<Event> events = new ArrayList<>();

  @Test
  void foldsToTheExactJoint() {
    joints(1, 12);
    add(Kind.BACK_TO, 7);
    add(Kind.PAUSE, 0);
    assertThat(Work.of(events)).extracting(Work::position, Work::state).containsExactly(7, Work.State.PAUSED);
    joints(8, 51);
    assertThat(Work.of(events).refusal(new Event(events.size() + 1, Kind.JOINT, 52, ""), 51)).isPresent();
    add(Kind.FINISH, 0);
    assertThat(Work.of(events).state()).isEqualTo(Work.State.JOINED);
  }

  @Test
  void refusesWhatCannotFollow() {
    joints(1, 3);
    Work work = Work.of(events);
    assertThat(work.refusal(new Event(4, Kind.JOINT, 4, ""), 51)).isEmpty();
    assertThat(work.refusal(new Event(4, Kind.JOINT, 5, ""), 51)).as("a gap").isPresent();
    assertThat(work.refusal(new Event(6, Kind.JOINT, 4, ""), 51)).as("a later number").isPresent();
    assertThat(work.refusal(new Event(4, Kind.BACK_TO, 3, ""), 51)).as("back to where it is").isPresent();
    assertThat(work.refusal(new Event(4, Kind.FINISH, 0, ""), 51)).as("too early").isPresent();
  }

  @Test
  void afterTheEndOnlyUndoingFollows() {
    joints(1, 2);
    add(Kind.FINISH, 0);
    Work work = Work.of(events);
    assertThat(work.refusal(new Event(4, Kind.JOINT, 3, ""), 2)).isPresent();
    assertThat(work.refusal(new Event(4, Kind.UNDONE, 0, ""), 2)).isEmpty();
    add(Kind.UNDONE, 0);
    assertThat(Work.of(events)).extracting(Work::position, Work::state).containsExactly(0, Work.State.UNDONE);
  }

  /** Done to a marker in one press, as far as the end; a seam that is joined is opened again from a marker on. */
  @Test
  void markersArePassedAndComeBackTo() {
    joints(1, 3);
    add(Kind.DONE_TO, 12);
    Work work = Work.of(events);
    assertThat(work).extracting(Work::position, Work::state).containsExactly(12, Work.State.IN_HAND);
    assertThat(work.refusal(new Event(5, Kind.DONE_TO, 12, ""), 51)).as("nothing would be done").isPresent();
    assertThat(work.refusal(new Event(5, Kind.DONE_TO, 52, ""), 51)).as("beyond the end").isPresent();
    assertThat(work.refusal(new Event(5, Kind.DONE_TO, 51, ""), 51)).isEmpty();
    add(Kind.DONE_TO, 51);
    add(Kind.FINISH, 0);
    Work joined = Work.of(events);
    assertThat(joined.refusal(new Event(7, Kind.DONE_TO, 51, ""), 51)).isPresent();
    assertThat(joined.refusal(new Event(7, Kind.BACK_TO, 12, ""), 51)).isEmpty();
    add(Kind.BACK_TO, 12);
    assertThat(Work.of(events)).extracting(Work::position, Work::state).containsExactly(12, Work.State.IN_HAND);
  }

  /** What was worked otherwise stands at its joint; going back past it takes it away, undoing takes all. */
  @Test
  void whatIsWorkedBesideThePlanIsKeptInOrder() {
    joints(1, 6);
    otherwise(Departure.oneMore(6));
    otherwise(Departure.oneMore(2));
    joints(7, 9);
    Departure two = new Departure(9, Departure.What.TWO_INTO_ONE, Optional.of(Side.B), 1);
    otherwise(two);
    assertThat(Work.of(events).departures()).containsExactly(Departure.oneMore(2), Departure.oneMore(6), two);
    assertThat(Work.of(events).position()).isEqualTo(9);
    add(Kind.BACK_TO, 6);
    assertThat(Work.of(events).departures()).extracting(Departure::joint).containsExactly(2, 6);
    Work work = Work.of(events);
    assertThat(work.refusal(event(Departure.oneMore(7)), 51)).as("not done yet").isPresent();
    assertThat(work.refusal(event(Departure.oneMore(0)), 51)).as("nothing is done yet").isPresent();
    assertThat(work.refusal(event(Departure.oneMore(6)), 51)).as("two in one place").isEmpty();
    add(Kind.AS_WORKED, 0);
    assertThat(Work.of(events).departures()).as("a note").extracting(Departure::joint).containsExactly(2, 6);
    add(Kind.UNDONE, 0);
    assertThat(Work.of(events).departures()).isEmpty();
  }

  /** What was seen stands at its joint, too, and a look moves nothing, joined or not. */
  @Test
  void whatWasSeenIsKeptUntilItIsUndone() {
    joints(1, 6);
    Look first = look(4);
    Look second = look(6);
    assertThat(Work.of(events).looks()).containsExactly(first, second);
    assertThat(Work.of(events)).extracting(Work::position, Work::state).containsExactly(6, Work.State.IN_HAND);
    assertThat(Work.of(events).refusal(new Event(9, Kind.LOOKED, 7, ""), 6)).as("not done yet").isPresent();
    add(Kind.FINISH, 0);
    Look late = look(6);
    assertThat(Work.of(events).state()).isEqualTo(Work.State.JOINED);
    assertThat(Work.of(events).looks()).containsExactly(first, second, late);
    add(Kind.BACK_TO, 5);
    assertThat(Work.of(events).looks()).containsExactly(first);
  }

  private Look look(int joint) {
    Look look = new Look(joint, Optional.of(100.0 + events.size()), List.of(Look.Fault.GAPS));
    events.add(new Event(events.size() + 1, Kind.LOOKED, joint, "", Optional.empty(), Optional.of(look)));
    return look;
  }

  /** A place belongs to one of two sides; a stitch of an edging, and a joint more, to none. */
  @ParameterizedTest
  @CsvSource({
    "ONE_MORE, , 1, true, true", "ONE_MORE, A, 1, false, false", "LEFT_OUT, A, 1, true, false", "LEFT_OUT, , 1, false, true", "TWO_INTO_ONE, B, 1, true, false",
    "TWO_INTO_ONE, B, 2, false, false", "LEFT_OVER, A, 7, true, false", "LEFT_OVER, , 6, false, true", "LEFT_OVER, , 7, false, false", "LEFT_OVER, B, 501, false, false", "ONE_MORE, , 0, false, false"
  })
  void whatIsWorkedOtherwiseHasASideWhereThereAreTwo(Departure.What what, Side side, int count, boolean atASeam, boolean onAnEdging) {
    Departure departure = new Departure(6, what, Optional.ofNullable(side), count);
    assertThat(departure.refusal(true).isEmpty()).as("at a seam").isEqualTo(atASeam);
    assertThat(departure.refusal(false).isEmpty()).as("on an edging").isEqualTo(onAnEdging);
  }

  private void otherwise(Departure departure) {
    events.add(event(departure));
  }

  private Event event(Departure departure) {
    return new Event(events.size() + 1, Kind.AS_WORKED, departure.joint(), "", Optional.of(departure), Optional.empty());
  }

  private void joints(int first, int last) {
    for (int joint = first; joint <= last; joint++) {
      add(Kind.JOINT, joint);
    }
  }

  private void add(Kind kind, int joint) {
    events.add(new Event(events.size() + 1, kind, joint, ""));
  }
}
