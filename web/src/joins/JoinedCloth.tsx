import { useId } from 'react';
import type { Dye, MethodEntry } from '../api/types';
import { shade } from '../drawing/dyes';

type Look = MethodEntry['look'];

const W = 132;
const H = 66;
const MID = W / 2;
const STITCH_W = 11;
const ROW_H = 11;

interface Props {
  look: Look;
  left: Dye;
  right: Dye;
  title: string;
}

/** Two pieces as joined, seen from the right side: rows of stitches, and what the seam shows between them. */
export function JoinedCloth({ look, left, right, title }: Props) {
  const id = useId();
  const thread = shade(left);
  return (
    <svg className="joined-cloth" viewBox={`0 0 ${W} ${H}`} role="img" aria-label={title}>
      <defs>
        {[left, right].map((dye, side) => (
          <pattern
            key={side}
            id={`${id}-${side}`}
            width={STITCH_W}
            height={ROW_H}
            patternUnits="userSpaceOnUse"
          >
            <rect width={STITCH_W} height={ROW_H} fill={shade(dye).base} />
            <path
              d={`M1 2 Q${STITCH_W / 2} ${ROW_H} ${STITCH_W - 1} 2`}
              fill="none"
              stroke={shade(dye).stitch}
              strokeWidth={1.4}
            />
          </pattern>
        ))}
      </defs>
      <rect x={0} y={0} width={MID} height={H} fill={`url(#${id}-0)`} />
      <rect x={MID} y={0} width={MID} height={H} fill={`url(#${id}-1)`} />
      <Between look={look} fill={thread.base} line={thread.text} />
    </svg>
  );
}

function Between({ look, fill, line }: { look: Look; fill: string; line: string }) {
  const rows = Array.from({ length: H / ROW_H }, (_, row) => row * ROW_H);
  switch (look) {
    case 'NOTHING':
      return null;
    case 'LINE':
      return <path d={`M${MID} 0V${H}`} stroke="var(--ink)" strokeOpacity={0.55} strokeWidth={2.2} />;
    case 'TWO_LINES':
      return <path d={`M${MID - 3} 0V${H}M${MID + 3} 0V${H}`} stroke={line} strokeWidth={1.5} fill="none" />;
    case 'BRAID':
      return (
        <g stroke={line} strokeWidth={1.2} fill={fill}>
          {rows.map((y) => (
            <path
              key={y}
              d={`M${MID} ${y + ROW_H + 2}C${MID - 9} ${y + 6} ${MID - 8} ${y} ${MID} ${y + 3}C${MID + 8} ${y} ${MID + 9} ${y + 6} ${MID} ${y + ROW_H + 2}Z`}
            />
          ))}
        </g>
      );
    case 'RIDGE':
      return (
        <g>
          <rect x={MID - 7} y={0} width={14} height={H} fill="var(--ink)" opacity={0.25} />
          <rect x={MID - 5} y={0} width={10} height={H} fill={fill} stroke={line} />
          {rows.map((y) => (
            <path key={y} d={`M${MID - 4} ${y + 8}L${MID + 4} ${y + 3}`} stroke={line} strokeWidth={1.4} />
          ))}
        </g>
      );
    case 'SLANT':
      return (
        <g stroke={line} strokeWidth={4.4} strokeLinecap="round">
          {rows.map((y) => (
            <path key={y} d={`M${MID - 5} ${y + 9}L${MID + 5} ${y + 2}`} />
          ))}
          <g stroke={fill} strokeWidth={2.6}>
            {rows.map((y) => (
              <path key={y} d={`M${MID - 5} ${y + 9}L${MID + 5} ${y + 2}`} />
            ))}
          </g>
        </g>
      );
    case 'OPENWORK':
      return (
        <g>
          <rect x={MID - 10} y={0} width={20} height={H} fill="var(--paper)" />
          <path
            d={rows.map((y) => `M${MID - 10} ${y}Q${MID} ${y + 6} ${MID + 10} ${y + ROW_H}`).join('')}
            stroke={line}
            strokeWidth={3}
            fill="none"
          />
        </g>
      );
  }
}
