import { useQueryClient } from '@tanstack/react-query';
import { useCallback, useRef, useState } from 'react';
import { NO_ANSWER, problemIn } from '../api/client';
import { garmentQuery, sendChanges } from '../api/garments';
import type { Change, FindingView, Opened } from '../api/types';

export type Saving =
  | { status: 'saved' }
  | { status: 'saving' }
  | { status: 'stale'; changes: Change[]; labels: string[]; currentVersion: number }
  | { status: 'unsent'; changes: Change[]; reason: string };

export interface GarmentEditor {
  garment: Opened;
  saving: Saving;
  refused: FindingView[];
  /** Sends changes; true when they were saved. */
  change: (changes: Change[]) => Promise<boolean>;
  /** Sends waiting changes on top of the newest version. */
  putOnTop: () => Promise<void>;
  drop: () => Promise<void>;
}

/** Saves each change as it is made; what could not be saved waits and is offered. */
export function useGarmentEditor(garment: Opened): GarmentEditor {
  const queries = useQueryClient();
  const [saving, setSaving] = useState<Saving>({ status: 'saved' });
  const [refused, setRefused] = useState<FindingView[]>([]);
  const last = useRef<Promise<unknown>>(Promise.resolve());
  const current = useCallback(
    () => queries.getQueryData<Opened>(garmentQuery(garment.id).queryKey)?.version ?? garment.version,
    [queries, garment.id, garment.version],
  );

  const send = useCallback(
    async (base: number, changes: Change[]) => {
      setSaving({ status: 'saving' });
      setRefused([]);
      try {
        const opened = await sendChanges(garment.id, base, changes);
        queries.setQueryData(garmentQuery(garment.id).queryKey, opened);
        setSaving({ status: 'saved' });
        return true;
      } catch (error) {
        const problem = problemIn(error);
        if (problem.status === 409) {
          setSaving({
            status: 'stale',
            changes,
            labels: problem.labels,
            currentVersion: problem.currentVersion ?? base,
          });
        } else if (problem.status === 422) {
          setRefused(problem.findings);
          setSaving({ status: 'saved' });
        } else {
          const reason = problem.status === NO_ANSWER ? 'Ruxel does not answer.' : problem.detail;
          setSaving({ status: 'unsent', changes, reason });
        }
        return false;
      }
    },
    [garment.id, queries],
  );

  // One after the other, so that quick changes do not overtake each other.
  const change = useCallback(
    (changes: Change[]) => {
      const sent = last.current.then(() => send(current(), changes));
      last.current = sent;
      return sent;
    },
    [send, current],
  );

  const refresh = useCallback(async () => {
    await queries.invalidateQueries({ queryKey: garmentQuery(garment.id).queryKey });
  }, [garment.id, queries]);

  const putOnTop = useCallback(async () => {
    if (saving.status === 'stale') {
      await send(saving.currentVersion, saving.changes);
    } else if (saving.status === 'unsent') {
      await send(current(), saving.changes);
    }
  }, [saving, send, current]);

  const drop = useCallback(async () => {
    setSaving({ status: 'saved' });
    await refresh();
  }, [refresh]);

  return { garment, saving, refused, change, putOnTop, drop };
}
