import type { previewChanges } from '../api/garments';
import type { StripPlan } from '../api/types';
import type { GarmentEditor } from '../shell/useGarment';
import { useRest } from '../shell/useRest';
import { useTried } from '../shell/useTried';
import type { CountMoves } from './CountHandle';

const ALL: string[] = [];
const strips = ({ plan }: Awaited<ReturnType<typeof previewChanges>>) => plan?.strips;

/** The counts of an edging while one is drawn longer or shorter; what is tied to it follows. Saved when it is let go, or rests. */
export function useCountMoves(editor: GarmentEditor, strip: StripPlan | undefined) {
  const { tried, findings, attempt, keep, cancel } = useTried(editor, strips, ALL);
  const { done, restThenDone, still } = useRest(keep);
  if (!strip || strip.rounds.length === 0 || strip.strip.mirrorOf !== undefined) {
    return { shown: undefined, findings, moves: undefined };
  }
  const moves: CountMoves = {
    base: strip,
    move: (stretch, wanted) => {
      const { at, worked } = strip.inner[stretch]!;
      attempt([
        {
          kind: 'STRIP_STITCHES',
          strip: strip.id,
          at,
          wanted,
          trial: [],
          ...(worked === undefined ? {} : { worked }),
        },
      ]);
    },
    done: () => void done(),
    rest: restThenDone,
    cancel: () => {
      still();
      cancel();
    },
  };
  return { shown: tried?.find(({ id }) => id === strip.id), findings, moves };
}
