import { problemIn } from '../api/client';
import type { Kept, SentEvent, WorkView } from '../api/types';
import { placeOf, sendEvents } from '../api/work';
import { after, type Place, stillWaiting } from './fold';

const FIRST_RETRY_MS = 500;
const LONGEST_RETRY_MS = 10_000;
const MOST_AT_ONCE = 200;
const OVERTAKEN = 409;
const GONE = 404;

function clientName(): string {
  const known = sessionStorage.getItem('ruxel.client') ?? crypto.randomUUID();
  sessionStorage.setItem('ruxel.client', known);
  return known;
}

export interface BenchState {
  place: Place;
  unsent: number;
  /** Seconds a joint takes, once enough are known. */
  pace: number | undefined;
  /** What was worked beside the plan, as the server last told it. */
  beside: WorkView['beside'];
}

/**
 * Keeps each event in local storage before it is shown, sends it at once, batches only while a request is
 * under way, and tries again with growing pauses when nobody answers.
 */
export class Outbox {
  private state: BenchState;
  private waiting: SentEvent[];
  private listener: () => void = () => undefined;
  private busy = false;
  private retryMs = FIRST_RETRY_MS;
  private timer: number | undefined;

  constructor(
    private readonly work: WorkView,
    private readonly onOvertaken: (words: string) => void,
  ) {
    const server: Place = {
      position: work.position,
      state: work.state,
      nextSeq: work.nextSeq,
      extras: work.beside.extras,
    };
    this.waiting = stillWaiting(server, this.stored());
    this.state = {
      place: this.waiting.reduce(after, server),
      unsent: this.waiting.length,
      pace: work.secondsPerJoint,
      beside: work.beside,
    };
  }

  snapshot = (): BenchState => this.state;

  subscribe = (listener: () => void): (() => void) => {
    this.listener = listener;
    void this.flush();
    const moves = new EventSource(`/api/work/${this.work.id}/moves`);
    moves.addEventListener('moved', (event) => {
      const moved = JSON.parse((event as MessageEvent<string>).data) as { client: string; place: Kept };
      if (moved.client !== clientName()) {
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

  add = (kind: SentEvent['kind'], joint = 0, note?: string): void => {
    const event: SentEvent = { seq: this.state.place.nextSeq, kind, joint, ...(note ? { note } : {}) };
    this.keep([...this.waiting, event], after(this.state.place, event));
    void this.flush();
  };

  /** Another window added to this work: what it did is shown here at once, unless something of ours waits. */
  private follow = (there: Kept): void => {
    const { position, state, nextSeq, secondsPerJoint: pace, beside } = there;
    if (this.waiting.length === 0 && nextSeq > this.state.place.nextSeq) {
      const { extras } = beside;
      this.state = { ...this.state, pace, beside, place: { position, state, nextSeq, extras } };
      this.listener();
    }
  };

  private keep(waiting: SentEvent[], place: Place): void {
    this.waiting = waiting;
    localStorage.setItem(this.key(), JSON.stringify(waiting));
    this.state = { ...this.state, place, unsent: waiting.length };
    this.listener();
  }

  private async flush(): Promise<void> {
    if (this.busy || this.waiting.length === 0) {
      return;
    }
    this.busy = true;
    const batch = this.waiting.slice(0, MOST_AT_ONCE);
    let pause = 0;
    try {
      const kept = await sendEvents(this.work.id, clientName(), batch);
      this.retryMs = FIRST_RETRY_MS;
      this.state = { ...this.state, pace: kept.secondsPerJoint, beside: kept.beside };
      this.keep(this.waiting.slice(batch.length), this.state.place);
    } catch (error) {
      const problem = problemIn(error);
      if (problem.status === OVERTAKEN) {
        this.keep([], this.state.place);
        this.onOvertaken(problem.detail);
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
    if (this.waiting.length > 0) {
      this.timer = window.setTimeout(() => void this.flush(), pause);
    }
  }

  private key(): string {
    return `ruxel.bench.${this.work.id}`;
  }

  private stored(): SentEvent[] {
    try {
      return JSON.parse(localStorage.getItem(this.key()) ?? '[]') as SentEvent[];
    } catch {
      return [];
    }
  }
}
