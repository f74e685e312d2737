import { useQueryClient } from '@tanstack/react-query';
import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import { NO_ANSWER, type Problem, problemIn } from '../api/client';
import { copyGarment, garmentQuery, sendChanges, takeStep } from '../api/garments';
import type { Change, FindingView, Opened } from '../api/types';
import { readUnsent, type Unsent, writeUnsent } from './unsent';

export type Saving =
  | { status: 'saved' }
  | { status: 'saving' }
  | { status: 'stale'; labels: string[]; count: number }
  | { status: 'unsent'; reason: string; count: number };

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

/**
 * Saves each change as it is made. A change is kept in this browser until the server has acknowledged it, so
 * that a reload or a lost connection loses nothing; what cannot be saved waits and is offered.
 */
export function useGarmentEditor(garment: Opened): GarmentEditor {
  const queries = useQueryClient();
  const { id } = garment;
  const [saving, setSaving] = useState<Saving>({ status: 'saved' });
  const [refused, setRefused] = useState<FindingView[]>([]);
  const waits = useRef(false);
  useEffect(() => {
    waits.current = saving.status === 'stale' || saving.status === 'unsent';
  });
  const last = useRef<Promise<unknown>>(Promise.resolve());
  const queryKey = useMemo(() => garmentQuery(id).queryKey, [id]);

  const version = useCallback(
    () => queries.getQueryData<Opened>(queryKey)?.version ?? garment.version,
    [queries, queryKey, garment.version],
  );
  const refresh = useCallback(() => queries.invalidateQueries({ queryKey }), [queries, queryKey]);

  const failed = useCallback(
    (problem: Problem) => {
      const count = readUnsent(id).length;
      if (problem.status === 409) {
        setSaving({ status: 'stale', labels: problem.labels, count });
      } else if (problem.status === 422) {
        setRefused(problem.findings);
        setSaving({ status: 'saved' });
      } else {
        const reason = problem.status === NO_ANSWER ? 'Ruxel does not answer.' : problem.detail;
        setSaving({ status: 'unsent', reason, count });
      }
    },
    [id],
  );

  const settle = useCallback(
    async (answer: Promise<Opened>): Promise<boolean> => {
      setSaving({ status: 'saving' });
      setRefused([]);
      try {
        queries.setQueryData(queryKey, await answer);
        setSaving({ status: 'saved' });
        return true;
      } catch (error) {
        failed(problemIn(error));
        return false;
      }
    },
    [queries, queryKey, failed],
  );

  const send = useCallback(
    async (unsent: Unsent): Promise<boolean> => {
      const done = (problem?: Problem) => {
        if (!problem || problem.status === 422) {
          writeUnsent(
            id,
            readUnsent(id).filter((other) => other.key !== unsent.key),
          );
        }
      };
      return settle(
        sendChanges(id, unsent.base, unsent.changes, unsent.key).then(
          (opened) => {
            done();
            return opened;
          },
          (error: unknown) => {
            done(problemIn(error));
            throw error;
          },
        ),
      );
    },
    [id, settle],
  );

  // One after the other, so that quick changes do not overtake each other.
  const inTurn = useCallback((step: () => Promise<boolean>) => {
    const turn = last.current.then(step);
    last.current = turn.catch(() => undefined);
    return turn;
  }, []);

  const change = useCallback(
    (changes: Change[]) => {
      const key = crypto.randomUUID();
      const unsent = [...readUnsent(id), { key, base: version(), changes }];
      writeUnsent(id, unsent);
      if (waits.current) {
        // Something waits already: this one waits behind it.
        setSaving((now) => ('count' in now ? { ...now, count: unsent.length } : now));
        return Promise.resolve(false);
      }
      return inTurn(() => send({ key, base: version(), changes }));
    },
    [id, inTurn, send, version],
  );

  const resend = useCallback(async () => {
    for (const unsent of readUnsent(id)) {
      if (!(await send(unsent))) {
        return;
      }
      writeUnsent(
        id,
        readUnsent(id).map((other) => ({ ...other, base: version() })),
      );
    }
  }, [id, send, version]);

  const started = useRef(false);
  useEffect(() => {
    if (!started.current) {
      started.current = true;
      void resend();
    }
  }, [resend]);

  const putOnTop = useCallback(async () => {
    await refresh();
    writeUnsent(
      id,
      readUnsent(id).map((other) => ({ ...other, base: version() })),
    );
    await resend();
  }, [id, refresh, resend, version]);

  const drop = useCallback(async () => {
    writeUnsent(id, []);
    setSaving({ status: 'saved' });
    await refresh();
  }, [id, refresh]);

  const keepAsCopy = useCallback(async () => {
    const unsent = readUnsent(id);
    const first = unsent[0];
    if (!first) {
      return undefined;
    }
    const copy = await copyGarment(
      id,
      first.base,
      unsent.flatMap((one) => one.changes),
    );
    await drop();
    return copy.id;
  }, [id, drop]);

  const undo = useCallback(
    () => inTurn(() => settle(takeStep(id, 'undo', version()))),
    [id, inTurn, settle, version],
  );
  const redo = useCallback(
    () => inTurn(() => settle(takeStep(id, 'redo', version()))),
    [id, inTurn, settle, version],
  );

  return { garment, saving, refused, change, undo, redo, putOnTop, keepAsCopy, drop };
}
