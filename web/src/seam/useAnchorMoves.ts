import { useCallback, useEffect, useMemo } from 'react';
import type { previewChanges } from '../api/garments';
import type { GarmentEditor } from '../shell/useGarment';
import { useRest } from '../shell/useRest';
import { useTried } from '../shell/useTried';

const firstSeam = (preview: Awaited<ReturnType<typeof previewChanges>>) => preview.plan?.seams[0];

/** Tries an anchor out while it is moved and saves it when it is let go, or rests. */
export function useAnchorMoves(editor: GarmentEditor, seamId: string) {
  const want = useMemo(() => [seamId], [seamId]);
  const { tried, findings, refused, attempt, keep, cancel: drop } = useTried(editor, firstSeam, want);
  const { done, restThenDone, still } = useRest(keep);
  const cancel = useCallback(() => {
    still();
    drop();
  }, [still, drop]);
  useEffect(() => cancel, [seamId, cancel]);
  const move = useCallback(
    (anchor: string, side: 'A' | 'B', position: number) =>
      attempt([{ kind: 'ANCHOR_MOVED', seam: seamId, anchor, side, position }]),
    [attempt, seamId],
  );
  return { tried, findings, refused, move, done, restThenDone, cancel };
}
