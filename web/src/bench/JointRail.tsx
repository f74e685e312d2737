import type { Stop } from '../api/types';
import { useSize } from '../drawing/useSize';

/** So much room a figure takes. */
const FIGURE_PX = 36;
const MARGIN = 14;

interface Props {
  all: number;
  position: number;
  stops: Stop[];
  mirrored: boolean;
}

/** The whole seam as one chain: done in madder, markers as rings. */
export function JointRail({ all, position, stops, mirrored }: Props) {
  const { ref, width } = useSize<HTMLDivElement>();
  const step = (width - 2 * MARGIN) / Math.max(1, all);
  const x = (joint: number) => (mirrored ? width - MARGIN - joint * step : MARGIN + joint * step);
  const figures = apart(stops, step);
  const r = Math.min(6, Math.max(1.4, step * 0.3));
  return (
    <div className="joint-rail">
      <div ref={ref}>
        <svg width={width} height={54} role="img" aria-label={`${position} of ${all} joints done`}>
          <line x1={x(0)} x2={x(all)} y1={20} y2={20} stroke="var(--waiting)" strokeWidth={1.2} />
          {position > 0 && (
            <line x1={x(0)} x2={x(position)} y1={20} y2={20} stroke="var(--madder)" strokeWidth={4} />
          )}
          {Array.from({ length: all }, (_, i) => (
            <ellipse
              key={i}
              cx={x(i + 0.5)}
              cy={20}
              rx={Math.max(1.5, step * 0.42)}
              ry={r}
              fill={i < position ? 'var(--madder)' : 'var(--paper)'}
              stroke={i < position ? 'var(--madder)' : 'var(--waiting)'}
            />
          ))}
          {stops
            .filter((stop) => stop.joint > 0)
            .map((stop) => (
              <g key={stop.number}>
                <circle
                  cx={x(stop.joint - 0.5)}
                  cy={20}
                  r={10}
                  fill="none"
                  stroke="var(--weld)"
                  strokeWidth={4.5}
                />
                {figures.has(stop.number) && (
                  <text x={x(stop.joint - 0.5)} y={49} textAnchor="middle" className="rail-figure">
                    {stop.joint}
                  </text>
                )}
              </g>
            ))}
          <path d={`M${x(position + 0.5) - 7} 0h14l-7 9z`} fill="var(--ink)" />
        </svg>
      </div>
    </div>
  );
}

/** The stops whose figures do not lie on each other. */
export function apart(stops: Stop[], pxPerJoint: number): Set<number> {
  const shown = new Set<number>();
  let last = -Infinity;
  for (const { number, joint } of stops) {
    if ((joint - last) * pxPerJoint >= FIGURE_PX) {
      shown.add(number);
      last = joint;
    }
  }
  return shown;
}
