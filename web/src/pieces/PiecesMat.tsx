import type { PiecePlan } from '../api/types';
import { Mat } from '../drawing/Mat';
import { PieceShape } from '../drawing/PieceShape';
import { Sign } from '../drawing/Signs';
import { useSize } from '../drawing/useSize';
import { length, type Unit } from '../format';
import { endsOf, inARow, outward, type Upright } from './layOut';

export interface Chosen {
  piece: string;
  edge: string;
}

interface Props {
  pieces: PiecePlan[];
  unit: Unit;
  chosen: Chosen;
  onChoose: (chosen: Chosen) => void;
}

const MARGIN = { side: 78, top: 108, bottom: 52 };
/** Under this the row is wider than the screen and is moved sideways. */
const PIECE_PX = 190;
const LABEL_OUT_PX = 25;
/** A longer label, that stands inside. */
const UNDER_IN_PX = 60;
const MARKS_FROM_SCALE = 0.2;

/** The pieces side by side to scale; every edge carries its count and is chosen by it. */
export function PiecesMat({ pieces, unit, chosen, onChoose }: Props) {
  const { ref, width: seen, height } = useSize<HTMLDivElement>();
  const width = seen === 0 ? 0 : Math.max(seen, pieces.length * PIECE_PX);
  const row = inARow(pieces, {
    width: width - 2 * MARGIN.side,
    height: height - MARGIN.top - MARGIN.bottom,
  });
  const { scale } = row;
  const left = (width - row.width * scale) / 2;
  const floor = height - MARGIN.bottom;
  return (
    <div ref={ref} className="pieces-mat">
      {width > 0 && (
        <>
          <svg
            width={width}
            height={height}
            role="img"
            aria-label={`${pieces.length} pieces side by side, to scale`}
          >
            <Mat width={width} height={height} origin={{ x: left, y: floor }} scale={scale} />
            {row.laid.map((upright) => (
              <g
                key={upright.piece.id}
                transform={`translate(${left + upright.x * scale} ${floor - upright.y * scale}) scale(${scale} ${-scale})`}
              >
                <PieceShape
                  piece={upright.piece}
                  marks={scale > MARKS_FROM_SCALE}
                  dashed={!upright.piece.closes}
                />
                <ChosenEdge piece={upright.piece} chosen={chosen} scale={scale} />
                <Landmarks piece={upright.piece} scale={scale} />
              </g>
            ))}
          </svg>
          {row.laid.map((upright) => (
            <Tags
              key={upright.piece.id}
              upright={upright}
              unit={unit}
              chosen={chosen}
              onChoose={onChoose}
              px={(x, y) => ({ x: left + (upright.x + x) * scale, y: floor - (upright.y + y) * scale })}
            />
          ))}
        </>
      )}
    </div>
  );
}

function ChosenEdge({ piece, chosen, scale }: { piece: PiecePlan; chosen: Chosen; scale: number }) {
  const edge = piece.id === chosen.piece ? piece.edges.find((e) => e.id === chosen.edge) : undefined;
  if (!edge) {
    return null;
  }
  const [, end] = endsOf(edge);
  const points = [...edge.runs.map((run) => ({ x: run.x, y: run.y })), end];
  return (
    <path
      d={points.map((p, i) => `${i === 0 ? 'M' : 'L'}${p.x} ${p.y}`).join('')}
      fill="none"
      stroke="var(--madder)"
      strokeWidth={5 / scale}
      strokeLinecap="round"
    />
  );
}

function Landmarks({ piece, scale }: { piece: PiecePlan; scale: number }) {
  const size = 6 / scale;
  return piece.edges.flatMap((edge) =>
    edge.landmarks.flatMap((landmark) =>
      landmark.points.map((p, index) => (
        <g key={`${edge.id}${landmark.id}${index}`} strokeWidth={1.4 / scale}>
          {landmark.kind !== 'MARKER' && (
            <path
              d={`M${p.x} ${p.y - size}l${size} ${size}l${-size} ${size}l${-size} ${-size}z`}
              fill="var(--mulberry)"
              stroke="var(--paper)"
            />
          )}
          {landmark.marker && <Hook x={p.x} y={p.y} size={size} />}
        </g>
      )),
    ),
  );
}

/** A marker hangs in the fabric like a safety pin: a ring below its place. */
function Hook({ x, y, size }: { x: number; y: number; size: number }) {
  return (
    <>
      <circle cx={x} cy={y - size} r={size} fill="none" stroke="var(--paper)" strokeWidth={size * 0.75} />
      <circle cx={x} cy={y - size} r={size} fill="none" stroke="var(--mulberry)" strokeWidth={size * 0.4} />
    </>
  );
}

interface TagsProps {
  upright: Upright;
  unit: Unit;
  chosen: Chosen;
  onChoose: (chosen: Chosen) => void;
  px: (x: number, y: number) => { x: number; y: number };
}

const VERDICTS = { FINE: 'MATCHED', REMIND: 'EASE_EVENLY', STOP: 'STOP' } as const;
const SAYS = { FINE: 'ready', REMIND: 'look at it', STOP: 'will not meet' } as const;

/** The piece's name with its verdict, and the count of each edge beside it. */
function Tags({ upright, unit, chosen, onChoose, px }: TagsProps) {
  const { piece } = upright;
  const tops = piece.edges.map((edge) => endsOf(edge)).flat();
  const left = Math.min(...tops.map((p) => p.x));
  const right = Math.max(...tops.map((p) => p.x));
  const high = Math.max(...tops.map((p) => p.y));
  const name = px((left + right) / 2, high);
  return (
    <>
      <div className="piece-tag" style={{ left: name.x, top: name.y - 98 }}>
        <strong>{piece.name}</strong>
        <span className="soft">
          <Sign state={VERDICTS[piece.inspection.verdict]} size={18} /> {SAYS[piece.inspection.verdict]}
        </span>
      </div>
      {piece.edges.map((edge) => {
        const { at, out } = outward(edge);
        const spot = px(at.x, at.y);
        const isChosen = piece.id === chosen.piece && edge.id === chosen.edge;
        const count = edge.finished === edge.units ? String(edge.units) : `${edge.units} of ${edge.finished}`;
        const isUnder = edge.runs.every((run) => run.under);
        const away = isUnder ? UNDER_IN_PX : LABEL_OUT_PX;
        const layered = isUnder ? `under: ${count}` : count;
        const shown =
          edge.measuredMm === undefined ? layered : `${layered} · ${length(edge.measuredMm, unit)}`;
        const made = edge.runs.some((run) => run.source !== 'PLANNED');
        return (
          <button
            key={edge.id}
            type="button"
            className={`edge-tag${isChosen ? ' chosen' : ''}${made ? ' made' : ''}`}
            style={{ left: spot.x + out.x * away, top: spot.y - out.y * LABEL_OUT_PX }}
            aria-pressed={isChosen}
            aria-label={`${piece.name}, ${edge.name}: ${shown}, that is ${edge.counts}, ${length(edge.lengthMm, unit)}`}
            title={`${edge.name}: ${edge.counts}, ${length(edge.lengthMm, unit)}`}
            onClick={() => onChoose({ piece: piece.id, edge: edge.id })}
          >
            {shown}
          </button>
        );
      })}
    </>
  );
}
