import { useCallback, useState } from 'react';
import type { previewChanges } from '../api/garments';
import type { Change, GarmentPlan } from '../api/types';
import type { GarmentEditor } from '../shell/useGarment';
import { useTried } from '../shell/useTried';

/** How far each handle has been dragged, in steps. */
export type Steps = Record<string, number>;

export interface Tried {
  plan: GarmentPlan;
  effects: string[];
}

const ALL: string[] = [];

function triedIn({ plan, effects }: Awaited<ReturnType<typeof previewChanges>>): Tried | undefined {
  return plan && { plan, effects };
}

function changesOf(steps: Steps): Change[] {
  return Object.entries(steps)
    .filter(([, count]) => count !== 0)
    .map(([handle, count]) => ({ kind: 'HANDLE_DRAGGED', handle, steps: count }));
}

/** Tries sizes out while something of the drawing is dragged; saves nothing until it is kept. */
export function useExplore(editor: GarmentEditor) {
  const [on, setOn] = useState(false);
  const [steps, setSteps] = useState<Steps>({});
  const [last, setLast] = useState<string>();
  const { tried, findings, refused, attempt, keep: keepTried, cancel } = useTried(editor, triedIn, ALL);

  const reset = useCallback(() => {
    cancel();
    setSteps({});
    setLast(undefined);
  }, [cancel]);

  const drag = useCallback(
    (handle: string, count: number) => {
      const next = { ...steps, [handle]: count };
      setSteps(next);
      setLast(handle);
      attempt(changesOf(next));
    },
    [steps, attempt],
  );

  const keep = useCallback(async () => {
    if (await keepTried()) {
      reset();
    }
  }, [keepTried, reset]);

  const toggle = useCallback(() => {
    reset();
    setOn((now) => !now);
  }, [reset]);

  return { on, toggle, steps, last, tried, findings, refused, drag, keep, reset };
}

export type Explore = ReturnType<typeof useExplore>;
