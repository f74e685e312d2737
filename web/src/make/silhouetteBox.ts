import type { Construction } from '../api/types';
import { boxOf } from '../drawing/geometry';

/** The box round a construction as worn, mm. */
export function silhouetteBox(construction: Construction) {
  const box = boxOf(construction.silhouette.flatMap((shape) => shape.points));
  return { ...box, width: box.right - box.left, height: box.top - box.bottom };
}
