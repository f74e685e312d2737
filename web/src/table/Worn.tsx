import type { GarmentPlan } from '../api/types';
import { shade } from '../drawing/dyes';
import { boxOf } from '../drawing/geometry';
import { Mat } from '../drawing/Mat';

const MARGIN = 46;
const BETWEEN = 40;

/** Front and back put together, to scale; from the front the wearer's left lies on the right. */
export function Worn({ plan, width, height }: { plan: GarmentPlan; width: number; height: number }) {
  if (plan.worn.length === 0) {
    return <p className="quiet">This garment has no front and back that could be put together.</p>;
  }
  const box = boxOf(plan.worn.flatMap((view) => view.shapes.flatMap((shape) => shape.points)));
  const room = { width: width - 2 * MARGIN, height: (height - 2 * MARGIN - BETWEEN) / plan.worn.length - 24 };
  const scale = Math.min(room.width / (box.right - box.left), room.height / (box.top - box.bottom));
  const viewHeight = (box.top - box.bottom) * scale + 24 + BETWEEN;
  const origin = (index: number) => ({ x: width / 2, y: MARGIN + 24 + index * viewHeight + box.top * scale });
  return (
    <svg
      width={width}
      height={height}
      role="img"
      aria-label={`${plan.name} as worn, from the front and from the back`}
    >
      <Mat width={width} height={height} origin={origin(0)} scale={scale} />
      {plan.worn.map((view, index) => (
        <g key={view.name}>
          {view.shapes.map((shape, i) => (
            <path
              key={i}
              d={`M${shape.points.map((p) => `${origin(index).x + p.x * scale} ${origin(index).y - p.y * scale}`).join('L')}Z`}
              fill={shade(shape.colour).base}
              stroke="var(--outline)"
              strokeWidth={1.4}
              strokeLinejoin="round"
            />
          ))}
          <text x={24} y={origin(index).y + 18} className="mat-note display-text">
            {view.name}
          </text>
        </g>
      ))}
    </svg>
  );
}
