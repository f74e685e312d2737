import type { Dye, Held, SeamPlan, SidePlan } from '../api/types';
import { shade } from '../drawing/dyes';
import { expand } from '../drawing/joints';
import { pairMm } from '../seam/railGeometry';
import { unitsOf } from '../seam/units';
import { isBelow, isFlat, liesAt, showsWrong } from './below';

/** So much of the start is drawn, mm. */
const SHOWN_MM = 110;
const WIDTH = 640;
const HEIGHT = 330;
const SIDE_PX = 40;
const MARK_PX = 12;

interface Layer {
  side: SidePlan;
  onA: boolean;
  /** Its cloth, and the edge that is joined. */
  top: number;
  bottom: number;
  edge: number;
  words: string;
  wordsY: number;
  /** The side that is seen. */
  wrong: boolean;
}

/** Both layers as they are held: one behind the other with their edges on top, or side by side with edges facing. */
function layersOf(seam: SeamPlan, { facing, wrongSide: wrong }: Held): [Layer, Layer] {
  const isA = isBelow(seam, true);
  const behind = { side: isA ? seam.b : seam.a, onA: !isA };
  const front = { side: isA ? seam.a : seam.b, onA: isA };
  if (facing === undefined || isFlat(facing)) {
    const flat = (onA: boolean) => ({
      words: [liesAt(seam, onA), showsWrong(seam, onA) ? 'wrong side up' : 'right side up']
        .filter(Boolean)
        .join(', '),
      wrong: showsWrong(seam, onA),
    });
    return [
      { ...behind, ...flat(behind.onA), top: 40, bottom: 146, edge: 146, wordsY: 28 },
      { ...front, ...flat(front.onA), top: 184, bottom: 290, edge: 184, wordsY: 314 },
    ];
  }
  const behindWrong = seam.hold ? showsWrong(seam, behind.onA) : !wrong;
  const shows = `nearest you, its ${wrong ? 'wrong' : 'right'} side shows`;
  return [
    {
      ...behind,
      top: 84,
      bottom: 270,
      edge: 84,
      words: `behind, facing you with its ${behindWrong ? 'wrong' : 'right'} side`,
      wordsY: 30,
      wrong: behindWrong,
    },
    { ...front, top: 112, bottom: 290, edge: 112, words: shows, wordsY: 314, wrong },
  ];
}

interface Props {
  seam: SeamPlan;
  /** The colours of a piece. */
  clothOf: (piece: string) => { colour: Dye; ribColour: Dye };
  held: Held;
}

/** The start of a seam as it lies in the hands: both edges to scale, their first joints, and where to begin. */
export function HeldEdges({ seam, clothOf, held }: Props) {
  const shown = Math.min(SHOWN_MM, Math.max(seam.a.lengthMm, seam.b.lengthMm));
  const scale = (WIDTH - 2 * SIDE_PX) / shown;
  const x = (mm: number) => (held.fromRight ? WIDTH - SIDE_PX - mm * scale : SIDE_PX + mm * scale);
  const near = isBelow(seam, true);
  const layers = layersOf(seam, held);
  const pairs = expand(seam).filter((pair) => {
    const { a, b } = pairMm(seam, pair);
    return a <= shown && b <= shown;
  });
  const edge = (onA: boolean) => layers.find((layer) => layer.onA === onA)!.edge;
  const flat = layers[0].edge === layers[0].bottom;
  const ahead = held.fromRight ? -1 : 1;
  const startY = flat ? 165 : 56;
  return (
    <svg
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      className="held-edges"
      role="img"
      aria-label={`${held.hold} ${held.start}`}
    >
      {layers.map((layer) => (
        <LayerCloth key={String(layer.onA)} layer={layer} seam={seam} clothOf={clothOf} x={x} shown={shown} />
      ))}
      {pairs.map((pair, index) => {
        const mm = pairMm(seam, pair);
        const [from, to] = near ? [x(mm.a), x(mm.b)] : [x(mm.b), x(mm.a)];
        const bend = edge(!near) - 18;
        return (
          <path
            key={index}
            className="held-joint"
            d={
              flat
                ? `M${from} ${edge(near)}L${to} ${edge(!near)}`
                : `M${from} ${edge(near) + MARK_PX}C${from} ${bend} ${to - 6} ${bend} ${to} ${edge(!near) + MARK_PX}`
            }
          />
        );
      })}
      <g className="held-start">
        <circle cx={x(0)} cy={startY} r={9} />
        <path d={`M${x(0)} ${startY}h${ahead * 70}m${-ahead * 12} -8l${ahead * 12} 8l${-ahead * 12} 8`} />
        {!flat && seam.hold && (
          <text x={x(0) + ahead * 84} y={startY + 6} textAnchor={held.fromRight ? 'end' : 'start'}>
            {seam.hold.from} to {seam.hold.to}
          </text>
        )}
      </g>
    </svg>
  );
}

interface ClothProps {
  layer: Layer;
  seam: SeamPlan;
  /** The colours of a piece. */
  clothOf: (piece: string) => { colour: Dye; ribColour: Dye };
  x: (mm: number) => number;
  shown: number;
}

/** A strip of each piece along the edge with one mark for each stitch or row, and what the maker sees of it. */
function LayerCloth({ layer, seam, clothOf, x, shown }: ClothProps) {
  const { side, onA, top, bottom, edge, words, wordsY, wrong } = layer;
  const units = unitsOf(seam, side, onA, expand(seam)).filter((unit) => unit.fromMm < shown);
  const stretch = (fromMm: number, toMm: number) => {
    const [one, other] = [x(fromMm), x(Math.min(shown, toMm))];
    return { x: Math.min(one, other), width: Math.abs(one - other) };
  };
  return (
    <g>
      {side.rails
        .filter((rail) => rail.startMm < shown)
        .map((rail) => {
          const cloth = clothOf(rail.piece);
          const dye = shade(rail.fabric === 'RIB' ? cloth.ribColour : cloth.colour);
          const end = rail.startMm + rail.places * rail.placeMm;
          return (
            <g key={rail.firstPlace}>
              <rect
                {...stretch(rail.startMm, end)}
                y={top}
                height={bottom - top}
                fill={dye.base}
                stroke="var(--outline)"
              />
              {units
                .filter((unit) => unit.fromMm >= rail.startMm - 0.01 && unit.fromMm < end - 0.01)
                .map((unit) => (
                  <rect
                    key={unit.key}
                    {...stretch(unit.fromMm + unit.widthMm * 0.06, unit.fromMm + unit.widthMm * 0.94)}
                    y={edge === top ? top + 3 : edge - 3 - MARK_PX}
                    height={MARK_PX}
                    rx={4}
                    fill={wrong ? 'none' : dye.stitch}
                    stroke={dye.stitch}
                    strokeWidth={1.6}
                  />
                ))}
            </g>
          );
        })}
      <text x={WIDTH / 2} y={wordsY} textAnchor="middle" className="held-words">
        {side.name}: {words}
      </text>
    </g>
  );
}
