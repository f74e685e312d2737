import { useState, useSyncExternalStore } from 'react';
import { type Preview, Previews } from '../store/previews';
import type { GarmentEditor } from './useGarment';

/**
 * Tries changes out while something is moved; see Previews.
 *
 * @param read what is shown of an answer
 * @param want seams that are asked for, all for none; the same list as long as the view lives
 */
export function useTried<T>(
  editor: GarmentEditor,
  read: (preview: Preview) => T | undefined,
  want: string[],
) {
  const [previews] = useState(() => {
    const { garment, version, settled, refresh, change } = editor;
    return new Previews<T>({ id: garment.id, version, settled, refresh, change }, read, want);
  });
  const { tried, findings, refused } = useSyncExternalStore(previews.subscribe, previews.snapshot);
  return {
    tried,
    findings,
    refused,
    attempt: previews.attempt,
    keep: previews.keep,
    cancel: previews.cancel,
  };
}
