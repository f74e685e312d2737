import type { previewChanges } from '../api/garments';
import type { Change, StripPlan } from '../api/types';
import type { GarmentEditor } from '../shell/useGarment';
import { useRest } from '../shell/useRest';
import { useTried } from '../shell/useTried';
import type { CountMoves } from './CountHandle';

const ALL: string[] = [];
const strips = ({ plan }: Awaited<ReturnType<typeof previewChanges>>) => plan?.strips;

/** The counts of an edging while one is drawn longer or shorter; what is tied to it follows. Saved when it is let go, or rests. */
export function useCountMoves(editor: GarmentEditor, strip: StripPlan | undefined) {
  const { tried, findings, refused, attempt, keep, cancel } = useTried(editor, strips, ALL);
  const { done, restThenDone, still } = useRest(keep);
  if (!strip || strip.rounds.length === 0 || strip.strip.mirrorOf !== undefined || !isTold(strip)) {
    return { shown: undefined, findings, refused, moves: undefined };
  }
  const moves: CountMoves = {
    base: strip,
    move: (stretch, wanted) => {
      const changed = countChange(editor, strip, stretch, wanted);
      if (changed) {
        attempt([changed]);
      }
    },
    done: () => void done(),
    rest: restThenDone,
    cancel: () => {
      still();
      cancel();
    },
  };
  return { shown: tried?.find(({ id }) => id === strip.id), findings, refused, moves };
}

/** A row over several edges is told edge by edge. */
function isTold({ row }: StripPlan): boolean {
  return !row || row.edges.length === 1;
}

/** The change that gives a stretch so many stitches; rows on a piece are told by all the stitches along their edge. */
export function countChange(
  editor: GarmentEditor,
  { id, row, inner, rounds }: StripPlan,
  stretch: number,
  wanted: number,
): Change | undefined {
  if (!row) {
    const { at, worked } = inner[stretch]!;
    return {
      kind: 'STRIP_STITCHES',
      strip: id,
      at,
      wanted,
      trial: [],
      ...(worked === undefined ? {} : { worked }),
    };
  }
  const piece = editor.garment.plan.pieces.find((each) => each.id === row.piece);
  const edge = piece?.edges.find((each) => each.id === row.edges[0]);
  const now = rounds[0]!.segments.find((segment) => segment.stretch === stretch)!.stitches;
  return (
    edge?.edging && {
      kind: 'EDGING_WORKED',
      piece: row.piece,
      edge: edge.id,
      edging: { ...edge.edging, stitches: edge.edging.stitches + wanted - now },
    }
  );
}
