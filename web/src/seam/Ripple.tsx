import type { SeamPlan } from '../api/types';
import type { RailScale } from './railGeometry';
import { A, B } from './railLayout';

const LEAST_SHARE = 0.005;
const STEP_PX = 3;

/** Height above flat at a share of the way: whole waves, falling to nothing at both anchors. */
export function wave(share: number, waves: number): number {
  const fade = Math.min(1, Math.min(share, 1 - share) * waves * 2);
  return Math.sin(share * waves * 2 * Math.PI) * fade;
}

/** The surplus where it lies, true to scale: how high the longer side stands if it is not eased (handbook 6). */
export function Ripple({ seam, scale, waveMm }: { seam: SeamPlan; scale: RailScale; waveMm: number }) {
  const eased = seam.stretches.filter((stretch) => stretch.share >= LEAST_SHARE);
  if (eased.length === 0) {
    return null;
  }
  return (
    <g>
      {eased.map((stretch, index) => (
        <Wave key={index} stretch={stretch} scale={scale} waveMm={waveMm} />
      ))}
    </g>
  );
}

interface WaveProps {
  stretch: SeamPlan['stretches'][number];
  scale: RailScale;
  waveMm: number;
}

function Wave({ stretch, scale, waveMm }: WaveProps) {
  const onA = stretch.surplusMm > 0;
  const [x, place] = onA ? [scale.xA, A] : [scale.xB, B];
  const flat = place.ripple - place.cloth;
  const [from, to] = onA ? [stretch.aFromMm, stretch.aToMm] : [stretch.bFromMm, stretch.bToMm];
  const waves = Math.max(1, Math.round((to - from) / waveMm));
  const height = stretch.rippleMm * scale.pxPerMm;
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
