import type { SeamPlan } from '../api/types';
import type { RailScale } from './railGeometry';
import { A, B } from './railLayout';

/** Diamonds where repeats lie on both cloths; a dashed line ties those that miss each other. */
export function PhaseMarks({ seam, scale }: { seam: SeamPlan; scale: RailScale }) {
  return (
    <g aria-hidden="true">
      {seam.phases.flatMap((phase) =>
        phase.pairs.map((pair, index) => {
          const [a, b] = [scale.xA(pair.aMm), scale.xB(pair.bMm)];
          const colour = pair.meets ? 'var(--lichen-ink)' : 'var(--mulberry)';
          return (
            <g key={`${phase.kind}${index}`}>
              <path
                d={`M${a} ${A.marks}L${b} ${B.cloth}`}
                stroke={colour}
                strokeWidth={2}
                strokeDasharray={pair.meets ? undefined : '7 4'}
                fill="none"
              />
              <Diamond x={a} y={A.marks - 2} colour={colour} />
              <Diamond x={b} y={B.cloth - 6} colour={colour} />
            </g>
          );
        }),
      )}
    </g>
  );
}

function Diamond({ x, y, colour }: { x: number; y: number; colour: string }) {
  return <path d={`M${x} ${y - 9}l8 9l-8 9l-8 -9z`} fill={colour} stroke="var(--paper)" strokeWidth={1.6} />;
}
