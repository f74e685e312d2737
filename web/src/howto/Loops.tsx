import { LEFT, STITCH, STITCHES, middle } from './measures';

interface LoopsProps {
  y: number;
  fill: string;
  line: string;
  taken: boolean;
}

/** A row of loops along an edge, one of each stitch, lying one into the next. */
export function Loops({ y, fill, line, taken }: LoopsProps) {
  return (
    <g fill={fill} stroke={taken ? 'var(--madder)' : line} strokeWidth={taken ? 3.5 : 1.5}>
      {Array.from({ length: STITCHES }, (_, stitch) => (
        <path
          key={stitch}
          d={`M${middle(stitch) - STITCH * 0.56} ${y}q${STITCH * 0.3} -11 ${STITCH * 1.06} -4q${STITCH * 0.06} 7 -${STITCH * 0.1} 8q-${STITCH * 0.5} 5 -${STITCH * 0.96} -4z`}
        />
      ))}
    </g>
  );
}

/** Row ends along an edge: the sides of the edge stitches, two strands of each. */
export function RowEnds({ y, fill, line, taken }: LoopsProps) {
  return (
    <g fill={fill} stroke={taken ? 'var(--madder)' : line} strokeWidth={taken ? 3 : 1.5}>
      {Array.from({ length: STITCHES }, (_, row) => (
        <g key={row}>
          <rect x={middle(row) - STITCH * 0.44} y={y - 8} width={STITCH * 0.88} height={7} rx={3} />
          <rect x={middle(row) - STITCH * 0.44} y={y + 1} width={STITCH * 0.88} height={7} rx={3} />
        </g>
      ))}
    </g>
  );
}

interface ClothProps {
  top: number;
  bottom: number;
  base: string;
  stitch: string;
}

/** The cloth below an edge, its stitches upright. */
export function ClothPart({ top, bottom, base, stitch }: ClothProps) {
  return (
    <g>
      <rect x={LEFT - 12} y={top} width={STITCHES * STITCH + 24} height={bottom - top} fill={base} />
      {Array.from({ length: STITCHES }, (_, index) => (
        <rect
          key={index}
          x={middle(index) - STITCH * 0.2}
          y={top + 5}
          width={STITCH * 0.4}
          height={bottom - top - 10}
          rx={8}
          fill={stitch}
        />
      ))}
    </g>
  );
}

/** The red way of the yarn, with its head. */
export function Yarn({ d, thin = false }: { d: string; thin?: boolean }) {
  return (
    <g fill="none" strokeLinecap="round" strokeLinejoin="round">
      <path d={d} stroke="var(--paper)" strokeWidth={thin ? 5 : 8} />
      <path d={d} stroke="var(--madder)" strokeWidth={thin ? 2.4 : 4.5} />
    </g>
  );
}
