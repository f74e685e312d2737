import type { PiecePlan, Rail, SidePlan } from '../api/types';
import { shade } from '../drawing/dyes';
import { isOnEdge, lies } from '../drawing/geometry';

interface Props {
  side: SidePlan;
  pieces: PiecePlan[];
  x: (mm: number) => number;
  width: number;
  wrongSide: boolean;
  place: { cloth: number; clothHeight: number };
  nameY: number;
}

interface Drawn {
  rail: Rail;
  from: number;
  to: number;
}

/** The cloth behind a side's places, with its stitches and the names of its pieces as worn and as laid. */
export function RailCloth({ side, pieces, x, width, wrongSide, place, nameY }: Props) {
  const { cloth: y, clothHeight: height } = place;
  const drawn = side.rails.map((rail): Drawn => {
    const [one, other] = [x(rail.startMm), x(rail.startMm + rail.places * rail.placeMm)];
    return { rail, from: Math.min(one, other), to: Math.max(one, other) };
  });
  const several = new Set(side.rails.map((rail) => rail.span)).size > 1;
  return (
    <g aria-hidden="true">
      {drawn.map(({ rail, from, to }) => {
        const piece = pieces.find((p) => p.id === rail.piece)!;
        const dye = shade(rail.fabric === 'RIB' ? piece.cloth.ribColour : piece.cloth.colour);
        const seenFrom = Math.max(from, 4);
        const seenTo = Math.min(to, width - 4);
        const first =
          side.rails.find((r) => r.span === rail.span && r.fabric === 'PLAIN' && isOnEdge(r)) === rail;
        const words = lies(piece) ? `${rail.pieceName}, lies ${lies(piece)}` : rail.pieceName;
        const name = [words, rail.pieceName].find((text) => seenTo - seenFrom > text.length * 9.5 + 20);
        return (
          <g key={rail.firstPlace}>
            <rect x={from} y={y} width={to - from} height={height} fill={dye.base} />
            <ClothMarks
              units={rail.places / rail.placesPerUnit}
              {...{ from, to, y, height, width }}
              colour={dye.stitch}
              faint={wrongSide}
            />
            <rect
              x={from}
              y={y}
              width={to - from}
              height={height}
              fill="none"
              stroke="var(--outline)"
              strokeWidth={1.2}
            />
            {several && first && name && (
              <text
                x={(seenFrom + seenTo) / 2}
                y={nameY}
                textAnchor="middle"
                fill={dye.text}
                stroke={dye.base}
                className="rail-piece"
              >
                {name}
              </text>
            )}
          </g>
        );
      })}
    </g>
  );
}

interface MarksProps {
  units: number;
  from: number;
  to: number;
  y: number;
  height: number;
  width: number;
  colour: string;
  faint: boolean;
}

/** One mark a stitch or a row, as it lies in the cloth; left out where it would be a blur. */
function ClothMarks({ units, from, to, y, height, width, colour, faint }: MarksProps) {
  const unit = (to - from) / units;
  if (unit < 4) {
    return null;
  }
  const rows = Math.max(1, Math.round(height / 42));
  const w = unit * 0.56;
  const r = Math.min(w / 2, 7);
  const h = height / rows - 6;
  const bar = (x: number, top: number) =>
    `M${x} ${top + r}a${r} ${r} 0 0 1 ${r} ${-r}h${w - 2 * r}a${r} ${r} 0 0 1 ${r} ${r}v${h - 2 * r}a${r} ${r} 0 0 1 ${-r} ${r}h${2 * r - w}a${r} ${r} 0 0 1 ${-r} ${-r}z`;
  const marks = Array.from({ length: units }, (_, i) => from + (i + 0.22) * unit)
    .filter((x) => x > -unit && x < width + unit)
    .flatMap((x) => Array.from({ length: rows }, (_, row) => bar(x, y + (row * height) / rows + 3)));
  return faint ? (
    <path d={marks.join('')} fill="none" stroke={colour} strokeWidth={1.6} />
  ) : (
    <path d={marks.join('')} fill={colour} />
  );
}
