import type { AnchorPlan } from '../api/types';
import { SlideHandle } from '../drawing/SlideHandle';
import { halfPlaceAt, type RailScale } from './railGeometry';
import { A, B } from './railLayout';
import type { RailsProps } from './Rails';

type Props = { anchor: AnchorPlan; scale: RailScale } & RailsProps;

/** A bar across both rails; with a bead at each end where it can be moved. */
export function AnchorBar({ anchor, scale, ...props }: Props) {
  const { seam } = props;
  const xa = scale.xA(anchor.aMm);
  const xb = scale.xB(anchor.bMm);
  const topY = 70;
  const bottomY = 312;
  const bar = `M${xa} ${topY}V${A.marks + A.marksHeight}L${xb} ${B.marks}V${bottomY}`;
  return (
    <g>
      <path d={bar} fill="none" stroke="var(--ink)" strokeWidth={anchor.movable ? 6 : 3} aria-hidden="true" />
      {anchor.movable && (
        <path
          d={bar}
          fill="none"
          stroke="var(--paper)"
          strokeWidth={1.6}
          strokeDasharray="3 5"
          aria-hidden="true"
        />
      )}
      {anchor.movable && (
        <>
          <SlideHandle
            x={xa}
            y={topY}
            name={`${anchor.name} on the ${seam.a.name.toLowerCase()}`}
            position={anchor.a}
            most={2 * seam.a.places}
            words={anchor.aName}
            mirrored={scale.mirrored}
            toPosition={(x) => halfPlaceAt(seam.a, scale.mmA(x))}
            onMove={(position) => props.onMove(anchor.id, 'A', position)}
            onDone={props.onDone}
            onRest={props.onRest}
            onCancel={props.onCancel}
          />
          <SlideHandle
            x={xb}
            y={bottomY}
            name={`${anchor.name} on the ${seam.b.name.toLowerCase()}`}
            position={anchor.b}
            most={2 * seam.b.places}
            words={anchor.bName}
            mirrored={scale.mirrored}
            toPosition={(x) => halfPlaceAt(seam.b, scale.mmB(x))}
            onMove={(position) => props.onMove(anchor.id, 'B', position)}
            onDone={props.onDone}
            onRest={props.onRest}
            onCancel={props.onCancel}
          />
        </>
      )}
    </g>
  );
}
