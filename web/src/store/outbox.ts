import { problemIn } from '../api/client';
import type { Kept, SentEvent, WorkView } from '../api/types';
import { placeOf, sendEvents } from '../api/work';
import { after, onTop, type Place } from './fold';
import { readUnsent, takeOver, writeUnsent } from './unsent';
import { thisWindow } from './windows';

const FIRST_RETRY_MS = 500;
const LONGEST_RETRY_MS = 10_000;
const MOST_AT_ONCE = 200;
const OVERTAKEN = 409;
const GONE = 404;

export interface BenchState {
  place: Place;
  unsent: number;
  /** What was worked in a window and could not be saved, since another went on; it waits to be added, or dropped. */
  left: SentEvent[];
  /** Seconds a joint takes, once enough are known. */
  pace: number | undefined;
  /** What was worked beside the plan, as the server last told it. */
  beside: WorkView['beside'];
}

/**
 * Keeps each event in local storage before it is shown, sends it at once, batches only while a request is
 * under way, and tries again with growing pauses when nobody answers. The server knows an event again, so that it may be sent twice.
 */
export class Outbox {
  private state: BenchState;
  private listener: () => void = () => undefined;
  private busy = false;
  private retryMs = FIRST_RETRY_MS;
  private timer: number | undefined;

  constructor(
    private readonly work: WorkView,
    private readonly onOvertaken: (words: string) => void,
  ) {
    const { position, state, nextSeq, beside, secondsPerJoint: pace } = work;
    this.state = {
      place: shown({ position, state, nextSeq, departures: beside.departures }, this.waiting()),
      unsent: this.waiting().length,
      left: readUnsent<SentEvent>('left', work.id),
      pace,
      beside,
    };
  }

  snapshot = (): BenchState => this.state;

  subscribe = (listener: () => void): (() => void) => {
    this.listener = listener;
    void this.begin();
    const moves = new EventSource(`/api/work/${this.work.id}/moves`);
    moves.addEventListener('moved', (event) => {
      const moved = JSON.parse((event as MessageEvent<string>).data) as { client: string; place: Kept };
      if (moved.client !== thisWindow()) {
        this.follow(moved.place);
      }
    });
    // What happened while nobody listened is asked for.
    moves.addEventListener('open', () => {
      placeOf(this.work.id).then(this.follow, () => undefined);
    });
    return () => {
      this.listener = () => undefined;
      window.clearTimeout(this.timer);
      moves.close();
    };
  };

  add = (kind: SentEvent['kind'], joint = 0, told: Omit<SentEvent, 'seq' | 'kind' | 'joint'> = {}): void => {
    const event: SentEvent = { seq: this.state.place.nextSeq, kind, joint, ...told };
    this.keep([...this.waiting(), event], after(this.state.place, event));
    void this.flush();
  };

  /** What could not be saved is put on top of what is saved now, as far as it leads on from there. */
  addLeft = (): void => {
    const events = onTop(this.state.place, this.state.left);
    this.dropLeft();
    this.keep([...this.waiting(), ...events], events.reduce(after, this.state.place));
    void this.flush();
  };

  dropLeft = (): void => {
    writeUnsent('left', this.work.id, []);
    this.tell({ left: [] });
  };

  /** Takes up what windows that are gone have left: what leads on is sent, the rest is offered. */
  private async begin(): Promise<void> {
    await takeOver<SentEvent>('joints', this.work.id);
    await takeOver<SentEvent>('left', this.work.id);
    const { position, state, nextSeq, beside } = this.work;
    const isAsRead = nextSeq >= this.state.place.nextSeq;
    this.tell({
      unsent: this.waiting().length,
      left: readUnsent<SentEvent>('left', this.work.id),
      ...(isAsRead
        ? { place: shown({ position, state, nextSeq, departures: beside.departures }, this.waiting()) }
        : {}),
    });
    await this.flush();
  }

  /** Another window added to this work: what it did is shown here at once, unless something of ours waits. */
  follow = (there: Kept): void => {
    const { position, state, nextSeq, secondsPerJoint: pace, beside } = there;
    if (this.waiting().length === 0 && nextSeq > this.state.place.nextSeq) {
      this.tell({ pace, beside, place: { position, state, nextSeq, departures: beside.departures } });
    }
  };

  private waiting(): SentEvent[] {
    return readUnsent<SentEvent>('joints', this.work.id);
  }

  private keep(waiting: SentEvent[], place: Place): void {
    writeUnsent('joints', this.work.id, waiting);
    this.tell({ place, unsent: waiting.length });
  }

  private async flush(): Promise<void> {
    if (this.busy || this.waiting().length === 0) {
      return;
    }
    this.busy = true;
    const batch = this.waiting().slice(0, MOST_AT_ONCE);
    let pause = 0;
    try {
      const kept = await sendEvents(this.work.id, thisWindow(), batch);
      this.retryMs = FIRST_RETRY_MS;
      this.tell({ pace: kept.secondsPerJoint, beside: kept.beside });
      this.keep(this.waiting().slice(batch.length), this.state.place);
    } catch (error) {
      const problem = problemIn(error);
      if (problem.status === OVERTAKEN) {
        this.setAside(problem.detail);
      } else if (problem.status === GONE) {
        // Nobody takes them any more; they stay here until the garment is back.
        this.busy = false;
        this.onOvertaken(problem.detail);
        return;
      } else {
        pause = this.retryMs;
        this.retryMs = Math.min(LONGEST_RETRY_MS, this.retryMs * 2);
      }
    }
    this.busy = false;
    if (this.waiting().length > 0) {
      this.timer = window.setTimeout(() => void this.flush(), pause);
    }
  }

  /** Another window went on with other events: ours are kept aside and offered, none is pressed on it. */
  private setAside(words: string): void {
    const left = [...this.state.left, ...this.waiting()];
    writeUnsent('left', this.work.id, left);
    this.keep([], this.state.place);
    this.tell({ left });
    this.onOvertaken(words);
  }

  private tell(changed: Partial<BenchState>): void {
    this.state = { ...this.state, ...changed };
    this.listener();
  }
}

/** Where the maker is after what waits; what the server may have already is not counted twice. */
function shown(server: Place, waiting: SentEvent[]): Place {
  return waiting.filter((event) => event.seq >= server.nextSeq).reduce(after, server);
}
