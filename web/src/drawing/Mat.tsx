import { useId } from 'react';
import type { Point } from './geometry';

/** A cutting mat with a centimetre grid, lines at 1, 5 and 10 cm. */
export function Mat({
  width,
  height,
  origin,
  scale,
}: {
  width: number;
  height: number;
  origin: Point;
  scale: number;
}) {
  const id = useId();
  const cell = 100 * scale;
  const lines = Array.from({ length: 10 }, (_, i) => i);
  const colour = (i: number) =>
    i === 0 ? 'var(--mat-line-10)' : i === 5 ? 'var(--mat-line-5)' : 'var(--mat-line)';
  return (
    <g aria-hidden="true">
      <defs>
        <pattern id={id} width={cell} height={cell} x={origin.x} y={origin.y} patternUnits="userSpaceOnUse">
          {lines.map((i) => (
            <g key={i} stroke={colour(i)} strokeWidth={i === 0 ? 1.6 : 1}>
              <line x1={(i * cell) / 10} x2={(i * cell) / 10} y1={0} y2={cell} />
              <line x1={0} x2={cell} y1={(i * cell) / 10} y2={(i * cell) / 10} />
            </g>
          ))}
        </pattern>
      </defs>
      <rect width={width} height={height} fill="var(--mat)" />
      <rect width={width} height={height} fill={`url(#${id})`} />
    </g>
  );
}
