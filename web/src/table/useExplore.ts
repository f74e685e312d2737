import { useCallback, useRef, useState } from 'react';
import { problemIn } from '../api/client';
import { previewChanges } from '../api/garments';
import type { Change, FindingView, GarmentPlan } from '../api/types';
import type { GarmentEditor } from '../shell/useGarment';

/** How far each handle has been dragged, in steps. */
export type Steps = Record<string, number>;

export interface Tried {
  plan: GarmentPlan;
  effects: string[];
}

function changesOf(steps: Steps): Change[] {
  return Object.entries(steps)
    .filter(([, count]) => count !== 0)
    .map(([handle, count]) => ({ kind: 'HANDLE_DRAGGED', handle, steps: count }));
}

/**
 * Tries sizes out while something of the drawing is dragged; saves nothing until it is kept. One preview in
 * flight, the newest wanted steps next; impossible ones keep the last good drawing and say why.
 */
export function useExplore(editor: GarmentEditor) {
  const [on, setOn] = useState(false);
  const [steps, setSteps] = useState<Steps>({});
  const [last, setLast] = useState<string>();
  const [tried, setTried] = useState<Tried>();
  const [findings, setFindings] = useState<FindingView[]>([]);
  const wanted = useRef<Steps | undefined>(undefined);
  const good = useRef<Steps>({});
  const busy = useRef(false);
  const { garment, change } = editor;

  const reset = useCallback(() => {
    wanted.current = undefined;
    good.current = {};
    setSteps({});
    setTried(undefined);
    setFindings([]);
    setLast(undefined);
  }, []);

  const ask = useCallback(async () => {
    busy.current = true;
    while (wanted.current) {
      const asked: Steps = wanted.current;
      try {
        const preview = await previewChanges(garment.id, garment.version, changesOf(asked), []);
        if (preview.plan && wanted.current) {
          good.current = asked;
          setTried({ plan: preview.plan, effects: preview.effects });
          setFindings([]);
        } else {
          setFindings(preview.findings);
        }
      } catch (error) {
        setFindings(problemIn(error).findings);
      }
      if (wanted.current === asked) {
        wanted.current = undefined;
      }
    }
    busy.current = false;
  }, [garment.id, garment.version]);

  const drag = useCallback(
    (handle: string, count: number) => {
      const next = { ...steps, [handle]: count };
      setSteps(next);
      setLast(handle);
      wanted.current = next;
      if (!busy.current) {
        void ask();
      }
    },
    [steps, ask],
  );

  const keep = useCallback(async () => {
    if (await change(changesOf(good.current))) {
      reset();
    }
  }, [change, reset]);

  const toggle = useCallback(() => {
    reset();
    setOn((now) => !now);
  }, [reset]);

  return { on, toggle, steps, last, tried, findings, drag, keep, reset };
}

export type Explore = ReturnType<typeof useExplore>;
