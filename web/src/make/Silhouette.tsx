import type { Construction } from '../api/types';
import { shade } from '../drawing/dyes';
import { silhouetteBox } from './silhouetteBox';

const EDGE_MM = 4;

interface Props {
  construction: Construction;
  /** The room for the largest one, mm, so that all can be compared. */
  width: number;
  height: number;
}

/** A construction from the front with its usual numbers. */
export function Silhouette({ construction, width, height }: Props) {
  const box = silhouetteBox(construction);
  const left = (box.left + box.right - width) / 2 - EDGE_MM;
  return (
    <svg
      className="silhouette"
      viewBox={`${left} ${-box.top - EDGE_MM} ${width + 2 * EDGE_MM} ${height + 2 * EDGE_MM}`}
      aria-hidden="true"
    >
      {construction.silhouette.map((shape, i) => (
        <path
          key={i}
          d={`M${shape.points.map((p) => `${p.x} ${-p.y}`).join('L')}Z`}
          fill={shade(shape.colour).base}
          stroke="var(--outline)"
          strokeWidth={EDGE_MM}
          strokeLinejoin="round"
        />
      ))}
    </svg>
  );
}
