import { openWindows, thisWindow } from './windows';

/** What is not acknowledged yet: changes of a garment, or events of a work, or such events that could not be saved. */
export type Kind = 'changes' | 'joints' | 'left';

interface Entry {
  kind: Kind;
  of: string;
  window: string;
}

const PREFIX = 'ruxel.unsent:';
/** Where an earlier Ruxel kept it for all windows. */
const FORMER: Record<Kind, string> = {
  changes: 'ruxel.unsent.',
  joints: 'ruxel.bench.',
  left: 'ruxel.left.',
};

/**
 * What a window has not got acknowledged lies in the browser under a key of that window alone, so that no two write to one. What a
 * window that is gone has left is taken over by the next one that asks.
 */
export function readUnsent<T>(kind: Kind, of: string): T[] {
  return read(keyOf({ kind, of, window: thisWindow() })) as T[];
}

export function writeUnsent<T>(kind: Kind, of: string, unsent: T[]): void {
  const key = keyOf({ kind, of, window: thisWindow() });
  if (unsent.length === 0) {
    localStorage.removeItem(key);
  } else {
    localStorage.setItem(key, JSON.stringify(unsent));
  }
}

/** Takes over what windows that are gone have left, before what is this window’s own, and says what it was. */
export async function takeOver<T>(kind: Kind, of: string): Promise<T[]> {
  const open = await openWindows();
  const left: T[] = [];
  const former = FORMER[kind] + of;
  left.push(...(read(former) as T[]));
  localStorage.removeItem(former);
  for (const key of keys()) {
    const entry = entryOf(key);
    if (entry?.kind === kind && entry.of === of && !open.has(entry.window)) {
      left.push(...(read(key) as T[]));
      localStorage.removeItem(key);
    }
  }
  if (left.length > 0) {
    writeUnsent(kind, of, [...left, ...readUnsent<T>(kind, of)]);
  }
  return left;
}

function keys(): string[] {
  return Array.from({ length: localStorage.length }, (_, i) => localStorage.key(i) ?? '').sort();
}

function keyOf({ kind, of, window }: Entry): string {
  return PREFIX + JSON.stringify([kind, of, window]);
}

function entryOf(key: string): Entry | undefined {
  if (!key.startsWith(PREFIX)) {
    return undefined;
  }
  try {
    const [kind, of, window] = JSON.parse(key.slice(PREFIX.length)) as [Kind, string, string];
    return { kind, of, window };
  } catch {
    return undefined;
  }
}

function read(key: string): unknown[] {
  try {
    const stored: unknown = JSON.parse(localStorage.getItem(key) ?? '[]');
    return Array.isArray(stored) ? stored : [];
  } catch {
    return [];
  }
}
