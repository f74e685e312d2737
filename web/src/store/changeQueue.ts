import { NO_ANSWER, type Problem, problemIn, STALE } from '../api/client';
import { sendChanges, takeStep } from '../api/garments';
import type { Change, Changed, FindingView } from '../api/types';
import { readUnsent, takeOver, writeUnsent } from './unsent';

/** Changes on their way: the version they are based on, and a key by which the server knows them again. */
export interface Unsent {
  key: string;
  base: number;
  changes: Change[];
}

const CHANGES = 'changes';

export type Saving =
  | { status: 'saved' }
  | { status: 'saving'; count: number }
  | { status: 'stale'; labels: string[]; count: number }
  | { status: 'unsent'; reason: string; count: number };

export interface QueueState {
  saving: Saving;
  refused: FindingView[];
}

/** The garment as it lies open: its version, and where a newer one goes. */
export interface OpenGarment {
  version: () => number;
  arrived: (changed: Changed) => void;
}

/**
 * Sends changes one after the other, each on the version the one before made. A change lies in this browser until the
 * server has acknowledged it; when one cannot be saved, it and all behind it wait and are offered.
 */
export class ChangeQueue {
  private state: QueueState = { saving: { status: 'saved' }, refused: [] };
  private listener: () => void = () => undefined;
  private busy = false;
  private turn: Promise<void> = Promise.resolve();
  private readonly answers = new Map<string, (saved: boolean) => void>();

  constructor(
    private readonly id: string,
    private readonly open: OpenGarment,
  ) {}

  snapshot = (): QueueState => this.state;

  subscribe = (listener: () => void): (() => void) => {
    this.listener = listener;
    return () => {
      this.listener = () => undefined;
    };
  };

  /** Queues changes; true once they were saved. */
  add = (changes: Change[]): Promise<boolean> => {
    const key = crypto.randomUUID();
    const waiting = [...this.waiting(), { key, base: this.open.version(), changes }];
    writeUnsent(CHANGES, this.id, waiting);
    if (this.isStopped()) {
      this.tell({ ...this.state.saving, count: waiting.length } as Saving);
      return Promise.resolve(false);
    }
    const saved = new Promise<boolean>((resolve) => this.answers.set(key, resolve));
    this.tell({ status: 'saving', count: waiting.length }, this.busy ? this.state.refused : []);
    void this.send();
    return saved;
  };

  /** Sends what waits, from the first on. */
  send = (): Promise<void> => {
    if (!this.busy) {
      this.turn = this.inTurn(() => this.sendAll());
    }
    return this.turn;
  };

  /** One thing at a time goes to the server; what came in meanwhile goes next. */
  private async inTurn(work: () => Promise<void>): Promise<void> {
    this.busy = true;
    try {
      await work();
    } finally {
      this.busy = false;
    }
    if (this.waiting().length > 0 && !this.isStopped()) {
      await this.send();
    }
  }

  /** Puts what waits on top of the version that lies open, and sends it. */
  sendOnTop = async (): Promise<void> => {
    this.rebase(this.open.version());
    await this.send();
  };

  /** Takes the last change back or does it again, once everything before it is saved. */
  step = async (way: 'undo' | 'redo'): Promise<boolean> => {
    await this.settled();
    let done = false;
    if (!this.isStopped()) {
      this.turn = this.inTurn(async () => {
        done = await this.stepNow(way);
      });
      await this.turn;
    }
    return done;
  };

  private async stepNow(way: 'undo' | 'redo'): Promise<boolean> {
    this.tell({ status: 'saving', count: 1 }, []);
    try {
      const changed = await takeStep(this.id, way, this.open.version());
      this.open.arrived(changed);
      this.rebase(changed.version);
      this.tell({ status: 'saved' });
      return true;
    } catch (error) {
      this.stop(problemIn(error));
      return false;
    }
  }

  drop = (): void => {
    writeUnsent(CHANGES, this.id, []);
    this.answerAll();
    this.tell({ status: 'saved' });
  };

  waiting(): Unsent[] {
    return readUnsent<Unsent>(CHANGES, this.id);
  }

  /** Takes up what windows that are gone have left, and sends it. */
  begin = async (): Promise<void> => {
    await takeOver<Unsent>(CHANGES, this.id);
    if (!this.isStopped()) {
      await this.send();
    }
  };

  /** Once nothing is on its way any more. */
  settled = async (): Promise<void> => {
    while (this.busy) {
      await this.turn;
    }
  };

  private async sendAll(): Promise<void> {
    for (let first = this.waiting()[0]; first; first = this.waiting()[0]) {
      this.tell({ status: 'saving', count: this.waiting().length });
      try {
        const changed = await sendChanges(this.id, first.base, first.changes, first.key);
        this.remove(first.key);
        this.open.arrived(changed);
        this.rebase(changed.version);
        this.answer(first.key, true);
      } catch (error) {
        const problem = problemIn(error);
        if (problem.status !== 422) {
          this.stop(problem);
          return;
        }
        this.remove(first.key);
        this.tell(this.state.saving, [...this.state.refused, ...problem.findings]);
        this.answer(first.key, false);
      }
    }
    this.tell({ status: 'saved' });
  }

  private stop(problem: Problem): void {
    const count = this.waiting().length;
    if (problem.status === 422) {
      this.tell({ status: 'saved' }, problem.findings);
    } else if (problem.status === STALE) {
      this.tell({ status: 'stale', labels: problem.labels, count });
    } else {
      const reason = problem.status === NO_ANSWER ? 'Ruxel does not answer.' : problem.detail;
      this.tell({ status: 'unsent', reason, count });
    }
    this.answerAll();
  }

  private isStopped(): boolean {
    return this.state.saving.status === 'stale' || this.state.saving.status === 'unsent';
  }

  private remove(key: string): void {
    writeUnsent(
      CHANGES,
      this.id,
      this.waiting().filter((other) => other.key !== key),
    );
  }

  private rebase(base: number): void {
    writeUnsent(
      CHANGES,
      this.id,
      this.waiting().map((other) => ({ ...other, base })),
    );
  }

  private answer(key: string, saved: boolean): void {
    this.answers.get(key)?.(saved);
    this.answers.delete(key);
  }

  private answerAll(): void {
    this.answers.forEach((resolve) => resolve(false));
    this.answers.clear();
  }

  private tell(saving: Saving, refused = this.state.refused): void {
    this.state = { saving, refused };
    this.listener();
  }
}
