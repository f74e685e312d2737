import type { GarmentPlan, InnerPlan, StripPlan } from '../api/types';
import { shade } from '../drawing/dyes';
import { length } from '../format';
import { CountHandle, type CountMoves } from './CountHandle';
import { Rounds } from './Rounds';

const LEFT = 12;
const RIGHT = 150;
const TITLE = 22;
const CLOTH = 26;
const GAP = 24;
const PICK = 9;
const MOST_SCALE = 3;
/** Higher waves would reach the words above, px. */
const MOST_WAVE = 5;

interface Props {
  plan: GarmentPlan;
  strip: StripPlan;
  width: number;
  /** Where the counts are the maker's to set. */
  moves?: CountMoves | undefined;
}

/** The edge a strip is worked onto, stretch under stretch in the order of work, all to one scale, with its rounds above. */
export function Unrolled({ plan, strip, width, moves }: Props) {
  // A band of ribs does not turn a corner: its outer edge is as long as its inner one.
  const height = strip.band ? 0 : strip.heightMm;
  const longest = Math.max(
    ...strip.inner.map(
      ({ lengthMm, leansBefore, leansBehind }) =>
        lengthMm + (Math.max(0, leansBehind) + Math.max(0, leansBefore)) * height,
    ),
  );
  const scale = Math.min(MOST_SCALE, (width - LEFT - RIGHT - 40) / longest);
  const rise = Math.max(strip.heightMm * scale, strip.rounds.length > 0 ? 6 * strip.rounds.length : 6);
  const row = TITLE + rise + PICK + CLOTH + GAP;
  const leftOf = (inner: InnerPlan) => LEFT + Math.max(0, inner.leansBefore) * height * scale;
  return (
    <figure className="unrolled">
      <svg
        width={width - 40}
        height={row * strip.inner.length + 10}
        role={moves ? 'group' : 'img'}
        aria-label={`${strip.strip.name}, unrolled`}
      >
        {strip.inner.map((inner, index) => (
          <g key={index} transform={`translate(${leftOf(inner)} ${row * index})`}>
            <StretchRow
              plan={plan}
              strip={strip}
              inner={inner}
              index={index}
              scale={scale}
              rise={rise}
              before={inner.leansBefore * height}
              behind={inner.leansBehind * height}
              offset={leftOf(inner)}
              moves={moves}
            />
          </g>
        ))}
      </svg>
      <figcaption className="soft">
        In the order of work, to scale: {length(strip.innerMm, plan.unit)} along the pieces,{' '}
        {length(strip.outer.lengthMm, plan.unit)} along the outer edge.
      </figcaption>
    </figure>
  );
}

interface RowProps {
  plan: GarmentPlan;
  strip: StripPlan;
  inner: InnerPlan;
  index: number;
  scale: number;
  rise: number;
  /** By how much the outer edge reaches beyond the stretch at its two ends, mm. */
  before: number;
  behind: number;
  /** Where the stretch begins in the drawing, px. */
  offset: number;
  moves: CountMoves | undefined;
}

interface ClothProps {
  inner: InnerPlan;
  units: number;
  span: number;
  top: number;
  colour: GarmentPlan['pieces'][number]['cloth']['colour'] | undefined;
}

/** The edge of the piece with its units. */
function ClothEdge({ inner, units, span, top, colour }: ClothProps) {
  return (
    <>
      <rect
        className="cloth"
        x={0}
        y={top}
        width={span}
        height={CLOTH}
        fill={shade(colour ?? 'LINEN').base}
      />
      {Array.from({ length: Math.max(0, units - 1) }, (_, i) => (
        <line
          key={i}
          className="unit"
          x1={((i + 1) / units) * span}
          y1={top}
          x2={((i + 1) / units) * span}
          y2={top + (inner.kind === 'ROW_END' ? CLOTH : CLOTH / 2)}
        />
      ))}
    </>
  );
}

function StretchRow({ plan, strip, inner, index, scale, rise, before, behind, offset, moves }: RowProps) {
  const span = inner.lengthMm * scale;
  const clothTop = TITLE + rise + PICK;
  const piece = plan.pieces.find(({ id }) => id === inner.piece);
  const total = strip.heightMm;
  const twin = inner.twin === undefined ? '' : ' · alike on the other side';
  const first = strip.rounds[0]?.segments.find(({ stretch }) => stretch === index);
  const units = first?.units ?? inner.to - inner.from;
  const at = (share: number, up: number) => {
    const left = -before * (up / total) * scale;
    const right = span + behind * (up / total) * scale;
    return left + share * (right - left);
  };
  const level = (up: number) => TITLE + rise - (up / total) * rise;
  const count = first ? `${first.stitches} stitches` : '';
  return (
    <>
      <text x={0} y={15}>
        {index + 1}. {inner.name}
        <tspan className="soft">
          {' '}
          · {length(inner.lengthMm, plan.unit)}
          {count && ` · ${count}`}
          {twin}
        </tspan>
      </text>
      <Rounds
        strip={strip}
        index={index}
        at={at}
        level={level}
        countsAt={span}
        moved={moves !== undefined}
        rise={rise}
      />
      {first && first.waveMm !== 0 && (
        <path
          className="wave"
          d={wave(
            at(0, total),
            at(1, total),
            level(total),
            Math.min(first.waveMm * scale, MOST_WAVE),
            plan.ladder.waveMm * scale,
          )}
        >
          <title>{first.waveMm > 0 ? 'It ripples here' : 'It pulls in here'}</title>
        </path>
      )}
      {first &&
        Array.from({ length: first.stitches }, (_, i) => (
          <line
            key={i}
            className="pick"
            x1={((i + 0.5) / first.stitches) * span}
            y1={TITLE + rise}
            x2={(((first.into[i] ?? i) + 0.5) / units) * span}
            y2={clothTop}
          />
        ))}
      <ClothEdge inner={inner} units={units} span={span} top={clothTop} colour={piece?.cloth.colour} />
      <Behind strip={strip} inner={inner} index={index} x={span + 8} y={clothTop + CLOTH - 4} />
      {moves && first && (
        <CountHandle
          index={index}
          inner={inner}
          stitches={first.stitches}
          offset={offset}
          end={at(1, strip.rounds[0]!.heightMm / 2)}
          y={level(strip.rounds[0]!.heightMm / 2)}
          pitch={strip.rounds[0]!.widthMm * scale}
          moves={moves}
        />
      )}
    </>
  );
}

/** A surplus stands in waves, above and below the edge; what is too short draws it in. */
function wave(from: number, to: number, y: number, high: number, wavelength: number): string {
  if (high < 0) {
    return `M${from} ${y}Q${(from + to) / 2} ${y - 4 * high} ${to} ${y}`;
  }
  const halves = Math.max(2, Math.round((2 * (to - from)) / wavelength));
  const step = (to - from) / halves;
  const bends = Array.from({ length: halves }, (_, i) => {
    const up = i % 2 === 0 ? -2 : 2;
    return `Q${from + (i + 0.5) * step} ${y + up * high} ${from + (i + 1) * step} ${y}`;
  });
  return `M${from} ${y}${bends.join('')}`;
}

/** What stands between this stretch and the next. */
function Behind({
  strip,
  inner,
  index,
  x,
  y,
}: {
  strip: StripPlan;
  inner: InnerPlan;
  index: number;
  x: number;
  y: number;
}) {
  const segments = strip.rounds[0]?.segments ?? [];
  const place = segments.findIndex(({ stretch }) => stretch === index);
  const corner = strip.rounds[0]?.corners.find(({ behind }) => behind === place);
  const between = segments.slice(place + 1);
  const until = between.findIndex(({ stretch }) => stretch !== undefined);
  const counts = (until < 0 ? between : between.slice(0, until)).map(({ stitches }) => stitches);
  const words = [
    ...(counts.length > 1 && inner.seam
      ? [`corner, seam, corner: ${counts.join(' + ')}`]
      : inner.seam
        ? ['seam: 1']
        : []),
    ...(corner && corner.stitches !== 0
      ? [`corner ${corner.stitches > 0 ? '+' : '−'}${Math.abs(corner.stitches)}`]
      : []),
  ];
  return (
    <text x={x} y={y} className={corner ? 'turn' : 'soft'}>
      {words.join(', ')}
    </text>
  );
}
