import type { Opened } from '../api/types';
import type { GarmentEditor } from '../shell/useGarment';

/** An editor whose changes are kept for the test to look at. */
export function editorOf(opened: Opened, sent: unknown[]): GarmentEditor {
  return {
    garment: opened,
    saving: { status: 'saved' },
    refused: [],
    change: (changes) => {
      sent.push(...changes);
      return Promise.resolve(true);
    },
    addStrip: (change) => {
      sent.push(change);
      return Promise.resolve('own.1');
    },
    version: () => opened.version,
    settled: () => Promise.resolve(),
    refresh: () => Promise.resolve(),
    undo: () => Promise.resolve(true),
    redo: () => Promise.resolve(true),
    putOnTop: () => Promise.resolve(),
    keepAsCopy: () => Promise.resolve(undefined),
    drop: () => Promise.resolve(),
  };
}
