import { useQueryClient } from '@tanstack/react-query';
import { useCallback, useEffect, useMemo, useState, useSyncExternalStore } from 'react';
import { copyGarment, garmentQuery } from '../api/garments';
import { merged } from '../api/merged';
import type { Change, FindingView, Opened } from '../api/types';
import { ChangeQueue, type Saving } from './changeQueue';

export interface GarmentEditor {
  garment: Opened;
  saving: Saving;
  refused: FindingView[];
  /** Sends changes; true when they were saved. */
  change: (changes: Change[]) => Promise<boolean>;
  undo: () => Promise<boolean>;
  redo: () => Promise<boolean>;
  /** Sends what waits on top of the newest version. */
  putOnTop: () => Promise<void>;
  /** Makes a new garment of what waits; its id. */
  keepAsCopy: () => Promise<string | undefined>;
  drop: () => Promise<void>;
}

/** Saves each change of an open garment as it is made; see ChangeQueue. */
export function useGarmentEditor(garment: Opened): GarmentEditor {
  const queries = useQueryClient();
  const { id } = garment;
  const queryKey = useMemo(() => garmentQuery(id).queryKey, [id]);
  const [queue] = useState(
    () =>
      new ChangeQueue(id, {
        version: () => queries.getQueryData<Opened>(queryKey)?.version ?? garment.version,
        arrived: (changed) => {
          const opened = merged(queries.getQueryData<Opened>(queryKey), changed);
          queries.setQueryData(queryKey, opened);
          if (!opened) {
            void queries.invalidateQueries({ queryKey });
          }
        },
      }),
  );
  const { saving, refused } = useSyncExternalStore(queue.subscribe, queue.snapshot);
  const refresh = useCallback(() => queries.invalidateQueries({ queryKey }), [queries, queryKey]);

  useEffect(() => {
    void queue.send();
  }, [queue]);

  const putOnTop = useCallback(async () => {
    await refresh();
    await queue.sendOnTop();
  }, [queue, refresh]);

  const drop = useCallback(async () => {
    queue.drop();
    await refresh();
  }, [queue, refresh]);

  const keepAsCopy = useCallback(async () => {
    const waiting = queue.waiting();
    const first = waiting[0];
    if (!first) {
      return undefined;
    }
    const copy = await copyGarment(
      id,
      first.base,
      waiting.flatMap((one) => one.changes),
    );
    await drop();
    return copy.id;
  }, [id, queue, drop]);

  const undo = useCallback(() => queue.step('undo'), [queue]);
  const redo = useCallback(() => queue.step('redo'), [queue]);
  return { garment, saving, refused, change: queue.add, undo, redo, putOnTop, keepAsCopy, drop };
}
