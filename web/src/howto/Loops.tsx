import { LEFT, STITCH, STITCHES, middle } from './measures';

const TAKEN = 'var(--weld)';

interface LoopsProps {
  y: number;
  taken: boolean;
}

/** A row of loops along an edge, one of each stitch, each lying over the next. */
export function Loops({ y, taken }: LoopsProps) {
  return (
    <g fill={taken ? TAKEN : 'var(--paper)'} stroke="var(--ink)" strokeWidth={1.5}>
      {Array.from({ length: STITCHES }, (_, stitch) => (
        <ellipse
          key={stitch}
          cx={middle(stitch)}
          cy={y}
          rx={STITCH * 0.56}
          ry={7}
          transform={`rotate(-7 ${middle(stitch)} ${y})`}
        />
      ))}
    </g>
  );
}

/** Row ends along an edge: the sides of the edge stitches, two strands of each. */
export function RowEnds({ y, taken }: LoopsProps) {
  return (
    <g fill={taken ? TAKEN : 'var(--paper)'} stroke="var(--ink)" strokeWidth={1.5}>
      {Array.from({ length: STITCHES }, (_, row) => (
        <g key={row}>
          <rect x={middle(row) - STITCH * 0.44} y={y - 8} width={STITCH * 0.88} height={7} rx={3} />
          <rect x={middle(row) - STITCH * 0.44} y={y + 1} width={STITCH * 0.88} height={7} rx={3} />
        </g>
      ))}
    </g>
  );
}

/** The cloth beside an edge, its stitches upright. */
export function ClothPart({ top, bottom }: { top: number; bottom: number }) {
  return (
    <g>
      <rect
        x={LEFT - 12}
        y={top}
        width={STITCHES * STITCH + 24}
        height={bottom - top}
        fill="var(--cloth)"
        stroke="var(--ink)"
        strokeWidth={1.5}
      />
      {Array.from({ length: STITCHES }, (_, index) => (
        <rect
          key={index}
          x={middle(index) - STITCH * 0.2}
          y={top + 5}
          width={STITCH * 0.4}
          height={bottom - top - 10}
          rx={8}
          fill="var(--mat)"
        />
      ))}
    </g>
  );
}

/** The way of the yarn where it is seen, or, behind the cloth, where it is not. */
export function Yarn({ d, hidden = false, thin = false }: { d: string; hidden?: boolean; thin?: boolean }) {
  return (
    <path
      d={d}
      fill="none"
      stroke="var(--madder)"
      strokeWidth={hidden ? 2 : thin ? 3 : 4.5}
      strokeDasharray={hidden ? '3 4' : undefined}
      strokeLinecap="round"
      strokeLinejoin="round"
    />
  );
}

/** A loop of the chain that a hooked seam leaves on top, from one joint to the next. */
export function ChainLoop({ x, y }: { x: number; y: number }) {
  return (
    <path
      d={`M${x + 26} ${y}q-26 -16 -52 0q26 16 52 0z`}
      fill="var(--paper)"
      stroke="var(--madder)"
      strokeWidth={3}
    />
  );
}

/** A hook, its handle towards the maker. */
export function Hook({ x, from, to }: { x: number; from: number; to: number }) {
  return (
    <path
      d={`M${x + 18} ${from + 50}L${x + 4} ${from}L${x - 4} ${to}q-2 -10 6 -10q6 1 5 8`}
      fill="none"
      stroke="var(--ink)"
      strokeWidth={5}
      strokeLinecap="round"
      strokeLinejoin="round"
    />
  );
}
