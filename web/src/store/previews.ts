import { problemIn, STALE } from '../api/client';
import { previewChanges } from '../api/garments';
import type { Change, FindingView } from '../api/types';

export type Preview = Awaited<ReturnType<typeof previewChanges>>;

/** The garment as it lies open: what it is tried on, and how what was tried is kept. */
export interface TriedOn {
  id: string;
  version: () => number;
  /** Once nothing is on its way to the server. */
  settled: () => Promise<void>;
  /** Reads the garment anew. */
  refresh: () => Promise<void>;
  change: (changes: Change[]) => Promise<boolean>;
}

export interface TriedState<T> {
  tried: T | undefined;
  findings: FindingView[];
  /** Why nothing could be tried, where that is no matter of the garment. */
  refused: string;
}

const NOTHING = { tried: undefined, findings: [], refused: '' };

/**
 * Tries changes out while something is moved; saves nothing until they are kept. One preview in flight, on the version that lies open
 * then, the newest wanted changes next; impossible ones keep the last good answer and say why. What was overtaken by a save is asked anew.
 */
export class Previews<T> {
  private state: TriedState<T> = NOTHING;
  private listener: () => void = () => undefined;
  private wanted: Change[] | undefined;
  private good: Change[] | undefined;
  private inFlight: Promise<void> | undefined;

  /**
   * @param read what is shown of an answer
   * @param want seams that are asked for, all for none
   */
  constructor(
    private readonly on: TriedOn,
    private readonly read: (preview: Preview) => T | undefined,
    private readonly want: string[],
  ) {}

  snapshot = (): TriedState<T> => this.state;

  subscribe = (listener: () => void): (() => void) => {
    this.listener = listener;
    return () => {
      this.listener = () => undefined;
    };
  };

  attempt = (changes: Change[]): void => {
    this.wanted = changes;
    this.inFlight ??= this.askAll().finally(() => {
      this.inFlight = undefined;
    });
  };

  /** The last good changes are made; false, with the reason told, where what was wanted last is not kept. */
  keep = async (): Promise<boolean> => {
    await this.inFlight;
    const last = this.good;
    this.good = undefined;
    const isRefused = this.state.findings.length > 0 || this.state.refused !== '';
    const kept = last === undefined ? !isRefused : await this.on.change(last);
    this.tell({ ...this.state, tried: undefined });
    return kept;
  };

  cancel = (): void => {
    this.wanted = undefined;
    this.good = undefined;
    this.tell(NOTHING);
  };

  private async askAll(): Promise<void> {
    while (this.wanted) {
      const asked = this.wanted;
      await this.ask(asked);
      if (this.wanted === asked) {
        this.wanted = undefined;
      }
    }
  }

  private async ask(asked: Change[]): Promise<void> {
    try {
      const preview = await this.onToday(asked);
      const shown = this.read(preview);
      if (shown === undefined) {
        this.tell({ ...this.state, findings: preview.findings, refused: '' });
      } else if (this.wanted) {
        this.good = asked;
        this.tell({ tried: shown, findings: [], refused: '' });
      }
    } catch (error) {
      const { findings, detail } = problemIn(error);
      this.tell({ ...this.state, findings, refused: findings.length > 0 ? '' : detail });
    }
  }

  /** On the version that lies open; when that is overtaken, on the one that is there once everything is saved, or read anew. */
  private async onToday(asked: Change[]): Promise<Preview> {
    for (const catchUp of [this.on.settled, this.on.refresh]) {
      const version = this.on.version();
      try {
        return await previewChanges(this.on.id, version, asked, this.want);
      } catch (error) {
        if (problemIn(error).status !== STALE) {
          throw error;
        }
      }
      await catchUp();
      if (this.on.version() === version) {
        await this.on.refresh();
      }
    }
    return previewChanges(this.on.id, this.on.version(), asked, this.want);
  }

  private tell(state: TriedState<T>): void {
    this.state = state;
    this.listener();
  }
}
