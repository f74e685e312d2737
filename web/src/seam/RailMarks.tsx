import type { PiecePlan, SeamPlan, SidePlan } from '../api/types';
import { shade } from '../drawing/dyes';
import { isOnEdge, placeMm, railOf } from '../drawing/geometry';
import { type RailScale, unitOf } from './railGeometry';
import { BRACKETS, HEIGHT } from './railLayout';
import { spread } from './spread';

const MIN_LABEL_PX = 44;

/** Kept a little inside two ends. */
function within(x: number, one: number, other: number): number {
  return Math.max(Math.min(one, other) + 14, Math.min(Math.max(one, other) - 14, x));
}

interface NumbersProps {
  side: SidePlan;
  pieces: PiecePlan[];
  places: number[];
  x: (mm: number) => number;
  y: number;
}

/** The maker's numbers of some places, on the cloth. */
export function PlaceNumbers({ side, pieces, places, x, y }: NumbersProps) {
  const shown = [...new Set(places)].filter(
    (place) => place >= 0 && place < side.places && isOnEdge(railOf(side, place)),
  );
  return (
    <g aria-hidden="true">
      {shown.map((place) => {
        const rail = railOf(side, place);
        const cloth = pieces.find((piece) => piece.id === rail.piece)!.cloth;
        const dye = shade(rail.fabric === 'RIB' ? cloth.ribColour : cloth.colour);
        return (
          <text
            key={place}
            x={within(x(placeMm(side, place)), x(0), x(side.lengthMm))}
            y={y}
            className="place-number"
            fill={dye.text}
            stroke={dye.base}
          >
            {unitOf(side, place).number}
          </text>
        );
      })}
    </g>
  );
}

/** Open rings with a bead, hung on their joint, numbered as in the table below. */
export function Markers({ seam, scale }: { seam: SeamPlan; scale: RailScale }) {
  return (
    <g aria-hidden="true">
      {seam.checkpoints
        .filter(
          (checkpoint) => checkpoint.kind !== 'ANCHOR' && checkpoint.placeA > 0 && checkpoint.placeB > 0,
        )
        .map((checkpoint) => {
          const x =
            (scale.xA(placeMm(seam.a, checkpoint.placeA - 1)) +
              scale.xB(placeMm(seam.b, checkpoint.placeB - 1))) /
            2;
          return (
            <g key={checkpoint.number}>
              <circle cx={x} cy={195} r={14} fill="var(--paper)" stroke="var(--ink)" strokeWidth={1.4} />
              <path
                d={`M${x + 9} ${203}A12 12 0 1 1 ${x + 11} ${198}`}
                fill="none"
                stroke="var(--weld)"
                strokeWidth={4}
                strokeLinecap="round"
              />
              <text x={x} y={200.5} className="marker-number">
                {checkpoint.number}
              </text>
            </g>
          );
        })}
    </g>
  );
}

/** How many places meet between neighbouring markers. */
export function Brackets({ seam, scale }: { seam: SeamPlan; scale: RailScale }) {
  return (
    <g aria-hidden="true">
      {seam.intervals.flatMap((interval, index) => {
        const inside = seam.checkpoints.filter(
          (c) => c.placeA > interval.aFrom && c.placeA < interval.aTo && c.placeB <= interval.bTo,
        );
        const stops = [
          { a: interval.aFrom, b: interval.bFrom },
          ...inside.map((c) => ({ a: c.placeA, b: c.placeB })),
          { a: interval.aTo, b: interval.bTo },
        ];
        return stops.slice(1).map((stop, i) => {
          const before = stops[i]!;
          const [p, q] = [stop.a - before.a, stop.b - before.b];
          if (p === 0 || q === 0) {
            return null;
          }
          const [one, other] = [scale.xB(placeMm(seam.b, before.b)), scale.xB(placeMm(seam.b, stop.b - 1))];
          const [from, to] = [Math.min(one, other) + 2, Math.max(one, other) - 2];
          return (
            <g key={`${index} ${i}`}>
              <path
                d={`M${from - 6} ${BRACKETS}v6H${to + 6}v-6`}
                fill="none"
                stroke="var(--ink-soft)"
                strokeWidth={1.4}
              />
              {to - from > MIN_LABEL_PX && (
                <text x={(from + to) / 2} y={BRACKETS + 24} textAnchor="middle" className="bracket-label">
                  {p} on {q}
                </text>
              )}
            </g>
          );
        });
      })}
    </g>
  );
}

const START_WORDS_PX = 86;
const END_WORDS_PX = 46;

export function AnchorNames({ seam, scale, width }: { seam: SeamPlan; scale: RailScale; width: number }) {
  const inner = seam.anchors
    .filter((anchor) => anchor.movable)
    .map((anchor) => ({ text: anchor.name, x: scale.xB(anchor.bMm) }));
  const [first, last] = scale.mirrored ? ['End', 'Start here'] : ['Start here', 'End'];
  const [room, after] = scale.mirrored ? [END_WORDS_PX, START_WORDS_PX] : [START_WORDS_PX, END_WORDS_PX];
  return (
    <g className="anchor-name">
      <text x={16} y={HEIGHT - 4}>
        {first}
      </text>
      {spread(
        inner.filter((spot) => spot.x > 0 && spot.x < width),
        16 + room,
        width - 16 - after,
      ).map((spot) => (
        <text key={spot.text} x={spot.x} y={HEIGHT - 4} textAnchor="middle">
          {spot.text}
        </text>
      ))}
      <text x={width - 16} y={HEIGHT - 4} textAnchor="end">
        {last}
      </text>
    </g>
  );
}
