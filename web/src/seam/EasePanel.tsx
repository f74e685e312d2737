import { Link } from 'react-router';
import type { EaseView, Ladder, SeamPlan } from '../api/types';
import { Sign, STATE_WORDS, stateWords } from '../drawing/Signs';
import { difference, length, percent, trimmed } from '../format';

/** How far beyond its last step the ladder is drawn. */
const BEYOND = 1.2;

function asPercent(share: number): string {
  return trimmed(share * 100);
}

function stepsInWords(ladder: Ladder): string {
  const steps = ladder.rungs.slice(1).map((rung) => asPercent(rung.from));
  return `${steps.slice(0, -1).join(', ')} and ${steps.at(-1)}`;
}

interface Props {
  seam: SeamPlan;
  ladder: Ladder;
  unit: 'CM' | 'INCH';
  /** Where the house rules of the garment are. */
  rulesAt: string;
}

/** Ease in per cent, mm and verdict, on the ladder; per interval where there are several. */
export function EasePanel({ seam, ladder, unit, rulesAt }: Props) {
  if (!seam.ease) {
    return <section />;
  }
  const { ease } = seam;
  // Parts of one interval share its ease.
  const intervals = seam.intervals.filter((interval) => interval.start !== '');
  return (
    <section aria-label="Ease">
      <div className={`verdict verdict-${ease.verdict.toLowerCase()}`}>
        <Sign state={ease.verdict} size={32} />
        <strong>{stateWords(ease.verdict, ease.share)}</strong>
      </div>
      <p>{ease.words}</p>
      <Rungs ease={ease} ladder={ladder} />
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
      {intervals.length > 1 && (
        <ul className="lengths">
          {intervals.map((interval, index) => (
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
      <p className="soft">
        The steps of {stepsInWords(ladder)} % are <Link to={rulesAt}>house rules</Link>; stiff fabrics halve
        them.
      </p>
    </section>
  );
}

/** The ladder of handbook 6 with a pin where this seam stands. */
function Rungs({ ease, ladder }: { ease: EaseView; ladder: Ladder }) {
  const width = 320;
  const most = ladder.rungs.at(-1)!.from * BEYOND;
  const x = (share: number) => (Math.min(share, most) / most) * width + 1;
  return (
    <svg width={width + 30} height={72} role="img" aria-label={`On the ladder: ${percent(ease.share)}`}>
      {ladder.rungs.map(({ verdict, from, to }) => (
        <g key={verdict}>
          <rect
            x={x(from)}
            y={20}
            width={x(to ?? most) - x(from)}
            height={24}
            fill={verdict === ease.verdict ? 'var(--weld)' : 'var(--paper)'}
            stroke="var(--ink)"
            strokeWidth={1.6}
          />
          <text x={x(from)} y={64} textAnchor={from === 0 ? 'start' : 'middle'} className="ladder-figure">
            {from === 0 ? '0' : `${asPercent(from)} %`}
          </text>
        </g>
      ))}
      <line x1={x(ease.share)} x2={x(ease.share)} y1={8} y2={50} stroke="var(--ink)" strokeWidth={3} />
      <circle cx={x(ease.share)} cy={8} r={6} fill="var(--ink)" />
    </svg>
  );
}
