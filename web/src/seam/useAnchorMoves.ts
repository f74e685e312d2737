import { useCallback, useEffect, useRef, useState } from 'react';
import { problemIn } from '../api/client';
import { previewChanges } from '../api/garments';
import type { Change, FindingView, SeamPlan } from '../api/types';
import type { GarmentEditor } from '../shell/useGarment';

const REST_MS = 600;

/**
 * Tries an anchor out while it is moved and saves it when it is let go. One preview in flight, the newest
 * wanted position next; an impossible one keeps the last good drawing and says why.
 */
export function useAnchorMoves(editor: GarmentEditor, seamId: string) {
  const [tried, setTried] = useState<SeamPlan>();
  const [findings, setFindings] = useState<FindingView[]>([]);
  const wanted = useRef<Change | undefined>(undefined);
  const good = useRef<Change | undefined>(undefined);
  const inFlight = useRef<Promise<void> | undefined>(undefined);
  const rest = useRef<number | undefined>(undefined);
  const { garment, change } = editor;

  const cancel = useCallback(() => {
    window.clearTimeout(rest.current);
    wanted.current = undefined;
    good.current = undefined;
    setTried(undefined);
    setFindings([]);
  }, []);
  useEffect(() => cancel, [seamId, cancel]);

  const ask = useCallback(async () => {
    while (wanted.current) {
      const asked = wanted.current;
      try {
        const preview = await previewChanges(garment.id, garment.version, [asked], [seamId]);
        const seam = preview.plan?.seams[0];
        if (seam && wanted.current) {
          good.current = asked;
          setTried(seam);
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
  }, [garment.id, garment.version, seamId]);

  const move = useCallback(
    (anchor: string, side: 'A' | 'B', position: number) => {
      wanted.current = { kind: 'ANCHOR_MOVED', seam: seamId, anchor, side, position };
      inFlight.current ??= ask().finally(() => {
        inFlight.current = undefined;
      });
    },
    [ask, seamId],
  );

  const done = useCallback(async () => {
    window.clearTimeout(rest.current);
    await inFlight.current;
    const last = good.current;
    good.current = undefined;
    if (last) {
      await change([last]);
      setTried(undefined);
    }
  }, [change]);

  const restThenDone = useCallback(() => {
    window.clearTimeout(rest.current);
    rest.current = window.setTimeout(() => void done(), REST_MS);
  }, [done]);

  return { tried, findings, move, done, restThenDone, cancel };
}
