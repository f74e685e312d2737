import type { IntervalView, SeamPlan, SidePlan } from '../api/types';
import { placeMm, railOf } from '../drawing/geometry';
import type { RailScale } from './railGeometry';
import { A, B } from './railLayout';

const LEAST_SHARE = 0.005;
const STEP_PX = 3;

/** Height above flat at a share of the way: whole waves, falling to nothing at both anchors. */
export function wave(share: number, waves: number): number {
  const fade = Math.min(1, Math.min(share, 1 - share) * waves * 2);
  return Math.sin(share * waves * 2 * Math.PI) * fade;
}

function ends(side: SidePlan, from: number, to: number): [number, number] {
  const half = (place: number) => railOf(side, place).placeMm / 2;
  return [placeMm(side, from) - half(from), placeMm(side, to - 1) + half(to - 1)];
}

/** The surplus where it lies, true to scale: how high the longer side stands if it is not eased (handbook 6). */
export function Ripple({ seam, scale, waveMm }: { seam: SeamPlan; scale: RailScale; waveMm: number }) {
  const eased = seam.intervals.filter((interval) => interval.ease.share >= LEAST_SHARE);
  if (eased.length === 0) {
    return null;
  }
  return (
    <g>
      {eased.map((interval, index) => (
        <Wave key={index} seam={seam} interval={interval} scale={scale} waveMm={waveMm} />
      ))}
    </g>
  );
}

interface WaveProps {
  seam: SeamPlan;
  interval: IntervalView;
  scale: RailScale;
  waveMm: number;
}

function Wave({ seam, interval, scale, waveMm }: WaveProps) {
  const onA = interval.ease.aMm >= interval.ease.bMm;
  const [side, x, place] = onA ? [seam.a, scale.xA, A] : [seam.b, scale.xB, B];
  const flat = place.ripple - place.cloth;
  const [from, to] = onA
    ? ends(side, interval.aFrom, interval.aTo)
    : ends(side, interval.bFrom, interval.bTo);
  const waves = Math.max(1, Math.round((to - from) / waveMm));
  const height = interval.ease.rippleMm * scale.pxPerMm;
  const steps = Math.max(8, Math.round(Math.abs(x(to) - x(from)) / STEP_PX));
  const d = Array.from({ length: steps + 1 }, (_, i) => {
    const share = i / steps;
    return `${i === 0 ? 'M' : 'L'}${x(from + share * (to - from)).toFixed(1)} ${(flat - wave(share, waves) * height).toFixed(1)}`;
  }).join('');
  return (
    <svg y={place.cloth} height={place.clothHeight} aria-hidden="true" fill="none" stroke="#fbf8ee">
      <path d={`M${x(from)} ${flat}H${x(to)}`} strokeWidth={1.4} strokeDasharray="1.5 4" />
      <path d={d} strokeWidth={2.2} strokeLinejoin="round" />
    </svg>
  );
}
