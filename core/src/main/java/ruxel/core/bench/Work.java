package ruxel.core.bench;

import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

/**
 * Where the maker is in a seam, folded from the events of its work (model 5). {@code position} is the
 * number of joints done; events are in the order of their sequence numbers, from 1 without gaps.
 *
 * @param departures what was worked otherwise than planned, in the order of the joints; going back takes those behind away
 * @param looks what was seen of it, in the order of the joints; going back takes those behind away, too
 */
public record Work(int position, State state, int nextSeq, Optional<String> note, List<Departure> departures, List<Look> looks) {
  /** More are no slips of the hook. */
  public static final int MOST_BESIDE = 500;

  public Work {
    departures = List.copyOf(departures);
    looks = List.copyOf(looks);
  }

  /** What happened at the bench. */
  public enum Kind {
    JOINT,
    /** All up to a marker, or to the end: done, and not counted one by one. */
    DONE_TO,
    BACK_TO,
    PAUSE,
    RESUME,
    /** Otherwise than planned, at a joint that is done; or a note. */
    AS_WORKED,
    /** Looked at, at a joint that is done: what is not right, how long it has become. */
    LOOKED,
    FINISH,
    /** Joined so far; the rest stays open. */
    ENDED,
    UNDONE
  }

  /** Whether the seam is in hand, resting, joined or undone again. */
  public enum State {
    IN_HAND,
    PAUSED,
    JOINED,
    UNDONE
  }

  /** One event: for JOINT, DONE_TO and BACK_TO the number of joints done after it, for AS_WORKED and LOOKED the joint it was at. */
  public record Event(int seq, Kind kind, int joint, String note, Optional<Departure> departure, Optional<Look> look) {
    public Event(int seq, Kind kind, int joint, String note) {
      this(seq, kind, joint, note, Optional.empty(), Optional.empty());
    }
  }

  /** What may follow once it is joined: it is opened again, in part or whole, or told of. */
  private static final Set<Kind> AFTERWARDS = EnumSet.of(Kind.BACK_TO, Kind.UNDONE, Kind.AS_WORKED, Kind.LOOKED);

  public static final Work BEGUN = new Work(0, State.IN_HAND, 1, Optional.empty(), List.of(), List.of());

  public static Work of(List<Event> events) {
    Work work = BEGUN;
    for (Event event : events) {
      work = work.after(event);
    }
    return work;
  }

  /** Why an event cannot follow; empty when it can. */
  public Optional<String> refusal(Event event, int joints) {
    if (event.seq() != nextSeq) {
      return Optional.of("Expected event %d next, got (%d); read the position again.".formatted(nextSeq, event.seq()));
    }
    if (state == State.UNDONE || state == State.JOINED && !AFTERWARDS.contains(event.kind())) {
      return Optional.of("This seam is finished; take it to the bench anew to go on.");
    }
    return switch (event.kind()) {
      case JOINT -> event.joint() == position + 1 && event.joint() <= joints
          ? Optional.empty()
          : Optional.of("Expected joint %d of %d, got (%d).".formatted(position + 1, joints, event.joint()));
      case DONE_TO -> event.joint() > position && event.joint() <= joints
          ? Optional.empty()
          : Optional.of("Expected a joint from %d to %d, got (%d).".formatted(position + 1, joints, event.joint()));
      case BACK_TO -> event.joint() >= 0 && (event.joint() < position || isEnded(joints) && event.joint() == position)
          ? Optional.empty()
          : Optional.of("Expected a joint below %d, got (%d).".formatted(position, event.joint()));
      case FINISH -> position == joints
          ? Optional.empty()
          : Optional.of("%d of %d joints are done; work the rest first.".formatted(position, joints));
      case ENDED -> event.joint() == position && position > 0 && position < joints
          ? Optional.empty()
          : Optional.of("Expected to end it at joint %d, between its start and its end, got (%d).".formatted(position, event.joint()));
      case AS_WORKED -> beside(event, event.departure().isPresent() ? 1 : 0, event.departure().isPresent() && departures.size() >= MOST_BESIDE);
      case LOOKED -> beside(event, 1, looks.size() >= MOST_BESIDE);
      default -> Optional.empty();
    };
  }

  /** Whether it was ended before the end of its frozen plan. */
  public boolean isEnded(int joints) {
    return state == State.JOINED && position < joints;
  }

  private Optional<String> beside(Event event, int least, boolean isFull) {
    if (event.joint() < least || event.joint() > position) {
      return Optional.of("Expected a joint that is done, from %d to %d, got (%d).".formatted(least, position, event.joint()));
    }
    return isFull ? Optional.of("Expected at most %d of these.".formatted(MOST_BESIDE)) : Optional.empty();
  }

  public Work after(Event event) {
    int next = event.seq() + 1;
    Optional<String> told = event.note().isBlank() ? note : Optional.of(event.note());
    int now =
        switch (event.kind()) {
          case JOINT, DONE_TO, BACK_TO -> event.joint();
          case UNDONE -> 0;
          default -> position;
        };
    return new Work(now, stateAfter(event.kind()), next, told, departuresAfter(event, now), looksAfter(event, now));
  }

  private List<Departure> departuresAfter(Event event, int now) {
    return Stream.concat(departures.stream().filter(departure -> departure.joint() <= now), event.departure().stream())
        .sorted(Comparator.comparingInt(Departure::joint))
        .toList();
  }

  private List<Look> looksAfter(Event event, int now) {
    return Stream.concat(looks.stream().filter(look -> look.joint() <= now), event.look().stream()).sorted(Comparator.comparingInt(Look::joint)).toList();
  }

  /** What a seam in this state is after an event of a kind. */
  public State stateAfter(Kind kind) {
    return switch (kind) {
      case JOINT, DONE_TO, BACK_TO, RESUME -> State.IN_HAND;
      case PAUSE -> State.PAUSED;
      case AS_WORKED, LOOKED -> state;
      case FINISH, ENDED -> State.JOINED;
      case UNDONE -> State.UNDONE;
    };
  }
}
