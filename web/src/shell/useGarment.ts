import { useQueryClient } from '@tanstack/react-query';
import { useCallback, useEffect, useMemo, useState, useSyncExternalStore } from 'react';
import { copyGarment, garmentQuery } from '../api/garments';
import { merged } from '../api/merged';
import type { Change, FindingView, Opened } from '../api/types';
import { ChangeQueue, type Saving } from '../store/changeQueue';

export interface GarmentEditor {
  garment: Opened;
  saving: Saving;
  refused: FindingView[];
  /** Sends changes; true when they were saved. */
  change: (changes: Change[]) => Promise<boolean>;
  /** Sends a change that adds an edging; the id it was given, once it was saved. */
  addStrip: (change: Change) => Promise<string | undefined>;
  /** The version that lies open, whatever was drawn last. */
  version: () => number;
  /** Once nothing is on its way to the server. */
  settled: () => Promise<void>;
  /** Reads the garment anew. */
  refresh: () => Promise<void>;
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
  const [version] = useState(() => () => queries.getQueryData<Opened>(queryKey)?.version ?? garment.version);
  const [queue] = useState(
    () =>
      new ChangeQueue(id, {
        version,
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
    void queue.begin();
  }, [queue]);

  const addStrip = useCallback(
    async (change: Change) => {
      const strips = () => queries.getQueryData<Opened>(queryKey)?.plan.strips.map((strip) => strip.id) ?? [];
      const before = strips();
      return (await queue.add([change])) ? strips().find((strip) => !before.includes(strip)) : undefined;
    },
    [queue, queries, queryKey],
  );

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
  return {
    garment,
    saving,
    refused,
    change: queue.add,
    addStrip,
    version,
    settled: queue.settled,
    refresh,
    undo,
    redo,
    putOnTop,
    keepAsCopy,
    drop,
  };
}
