import type { Change, GarmentPlan, Opened } from '../api/types';

type Pair = GarmentPlan['pairs'][number];
type PairWay = Pair['ways'][number];

interface Props {
  pair: Pair;
  seamId: string;
  hand: GarmentPlan['hand'];
  progress: Opened['progress'];
  onChange: (change: Change) => void;
}

/** The two ways to hold the second of a pair; one press changes it. */
export function PairChoice({ pair, seamId, hand, progress, onChange }: Props) {
  const isBegun = progress.some(({ seam, work }) => seam === pair.second && work);
  const take = (way: PairWay) => {
    if (!way.now) {
      // What was turned by itself, or is begun already, is not changed by the school.
      onChange(
        pair.told || isBegun
          ? { kind: 'SEAM_TURNED', seam: seamId }
          : { kind: 'SCHOOL_TAKEN', school: 'PAIR', way: way.way },
      );
    }
  };
  return (
    <div className="pair-choice" role="group" aria-label="How the pair is held">
      <p>
        One of a pair, held in one of two ways. Either way your {hand === 'LEFT' ? 'left' : 'right'} hand
        begins.
      </p>
      {pair.ways.map((way) => (
        <button
          key={way.way}
          type="button"
          className="pair-way"
          aria-pressed={way.now}
          onClick={() => take(way)}
        >
          {way.seams.map(({ seam, nearest, to }) => (
            <Layers key={seam} nearest={nearest} to={to} hand={hand} isHere={seam === seamId} />
          ))}
          <span>
            <strong>{way.title}</strong>
            {way.words}
          </span>
          {way.now && <span className="pair-now">✓</span>}
        </button>
      ))}
    </div>
  );
}

interface LayersProps {
  nearest: string;
  to: string;
  hand: GarmentPlan['hand'];
  isHere: boolean;
}

/** More of them are drawn narrower, so that they stay under their layer. */
const MOST_LETTERS = 13;

/** One layer behind the other, and the way of the seam from the hand that begins. */
function Layers({ nearest, to, hand, isHere }: LayersProps) {
  const [start, end] = hand === 'LEFT' ? [14, 86] : [86, 14];
  const tip = Math.sign(start - end) * 9;
  const where = `to ${to.replace(/^the (left |right )?/, '')}`;
  return (
    <svg className="pair-layers" viewBox="0 0 100 104" aria-hidden="true">
      <rect x={14} y={24} width={72} height={20} className="layer-far" />
      <rect
        x={10}
        y={36}
        width={80}
        height={42}
        className={isHere ? 'layer-near layer-here' : 'layer-near'}
      />
      <path d={`M${start} 12H${end}m${tip} -7l${-tip} 7l${tip} 7`} className="layer-way" />
      <circle cx={start} cy={12} r={6} className="layer-way" />
      <text x={50} y={62} textAnchor="middle" className="layer-name">
        {nearest}
      </text>
      <text
        x={50}
        y={97}
        textAnchor="middle"
        className="layer-to"
        {...(where.length > MOST_LETTERS ? { textLength: 98, lengthAdjust: 'spacingAndGlyphs' } : {})}
      >
        {where}
      </text>
    </svg>
  );
}
