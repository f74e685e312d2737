import type { InnerPlan, StripPlan } from '../api/types';
import { SlideHandle } from '../drawing/SlideHandle';

const MOST_STITCHES = 5000;
/** How far the bead stands from the end of its stretch, px. */
export const BEAD = 26;

/** Counts of the first round, moved by their beads. */
export interface CountMoves {
  /** As they are while nothing is moved. */
  base: StripPlan;
  move: (stretch: number, stitches: number) => void;
  done: () => void;
  rest: () => void;
  cancel: () => void;
}

interface CountProps {
  index: number;
  inner: InnerPlan;
  stitches: number;
  offset: number;
  /** Where the round ends along the stretch, and how far a stitch reaches, px. */
  end: number;
  y: number;
  pitch: number;
  moves: CountMoves;
}

/** The bead at the end of a stretch: one stitch more for each that it is drawn outwards. */
export function CountHandle({ index, inner, stitches, offset, end, y, pitch, moves }: CountProps) {
  const segment = moves.base.rounds[0]?.segments.find(({ stretch }) => stretch === index);
  const base = segment?.stitches ?? stitches;
  return (
    <SlideHandle
      x={end + (stitches - base) * pitch + BEAD}
      y={y}
      name={`Stitches along ${inner.name.toLowerCase()}`}
      position={stitches}
      most={MOST_STITCHES}
      words={`${stitches} stitches`}
      mirrored={false}
      toPosition={(x) => Math.max(1, base + Math.round((x - offset - end - BEAD) / pitch))}
      onMove={(count) => moves.move(index, Math.max(1, count))}
      onDone={moves.done}
      onRest={moves.rest}
      onCancel={moves.cancel}
    />
  );
}
