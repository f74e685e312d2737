import type { EaseView, SeamPlan } from '../api/types';
import { Sign, STATE_WORDS, stateWords } from '../drawing/Signs';
import { difference, length, percent } from '../format';

const LADDER_MOST = 0.12;
const STEPS = [0, 0.02, 0.05, 0.1];

/** Ease in per cent, mm and verdict, on the ladder; per interval where there are several. */
export function EasePanel({ seam, unit }: { seam: SeamPlan; unit: 'CM' | 'INCH' }) {
  if (!seam.ease) {
    return <section />;
  }
  const { ease } = seam;
  return (
    <section aria-label="Ease">
      <div className={`verdict verdict-${ease.verdict.toLowerCase()}`}>
        <Sign state={ease.verdict} size={32} />
        <strong>{stateWords(ease.verdict, ease.share)}</strong>
      </div>
      <p>{ease.words}</p>
      <Ladder ease={ease} />
      <ul className="lengths">
        <li>
          <span>{seam.a.name}</span>
          <strong>{length(ease.aMm, unit)}</strong>
        </li>
        <li>
          <span>{seam.b.name}</span>
          <strong>{length(ease.bMm, unit)}</strong>
        </li>
        <li>
          <span>Difference</span>
          <strong>{difference(ease.differenceMm, unit)}</strong>
        </li>
      </ul>
      {seam.intervals.length > 1 && (
        <ul className="lengths">
          {seam.intervals.map((interval, index) => (
            <li key={index}>
              <span>
                {index + 1}. {STATE_WORDS[interval.ease.verdict]}
              </span>
              <strong>
                {percent(interval.ease.share)}, {difference(interval.ease.differenceMm, unit)}
              </strong>
            </li>
          ))}
        </ul>
      )}
      <p className="soft">The steps of 2, 5 and 10 % are house defaults.</p>
    </section>
  );
}

/** The ladder of handbook 6 with a pin where this seam stands. */
function Ladder({ ease }: { ease: EaseView }) {
  const width = 320;
  const x = (share: number) => (Math.min(share, LADDER_MOST) / LADDER_MOST) * width + 1;
  return (
    <svg width={width + 30} height={72} role="img" aria-label={`On the ladder: ${percent(ease.share)}`}>
      {STEPS.map((step, i) => {
        const to = STEPS[i + 1] ?? LADDER_MOST;
        const inside = ease.share > step && ease.share <= to;
        return (
          <g key={step}>
            <rect
              x={x(step)}
              y={20}
              width={x(to) - x(step)}
              height={24}
              fill={inside ? 'var(--weld)' : 'var(--paper)'}
              stroke="var(--ink)"
              strokeWidth={1.6}
            />
            <text x={x(step)} y={64} textAnchor={i === 0 ? 'start' : 'middle'} className="ladder-figure">
              {i === 0 ? '0' : `${Math.round(step * 100)} %`}
            </text>
          </g>
        );
      })}
      <line x1={x(ease.share)} x2={x(ease.share)} y1={8} y2={50} stroke="var(--ink)" strokeWidth={3} />
      <circle cx={x(ease.share)} cy={8} r={6} fill="var(--ink)" />
    </svg>
  );
}
