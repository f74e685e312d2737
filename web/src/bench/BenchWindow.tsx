import { useMemo } from 'react';
import type { Dye, SeamPlan } from '../api/types';
import { shade } from '../drawing/dyes';
import { railOf } from '../drawing/geometry';
import { expand, type Pair } from '../drawing/joints';
import { useSize } from '../drawing/useSize';
import { pairMm } from '../seam/railGeometry';
import { UnitMarks } from '../seam/UnitMarks';
import { type DrawnUnit, unitsOf } from '../seam/units';
import { isBelow, liesAt } from './below';

interface Props {
  plan: SeamPlan;
  /** The colour of a piece. */
  dyeOf: (piece: string) => Dye;
  position: number;
  /** Whether the start lies at the right hand. */
  mirrored: boolean;
  wrongSide: boolean;
}

const HEIGHT = 286;
const PLACE_PX = 62;
const TITLE = 34;
const UPPER = { y: 62, height: 62 };
const LOWER = { y: 188, height: 56 };

/** The few places round the joint in hand, large. */
export function BenchWindow({ plan, dyeOf, position, mirrored, wrongSide }: Props) {
  const { ref, width } = useSize<HTMLDivElement>();
  const pairs = useMemo(() => expand(plan), [plan]);
  const aIsBelow = isBelow(plan, true);
  const [upper, lower] = aIsBelow ? [plan.b, plan.a] : [plan.a, plan.b];
  const unitsAbove = useMemo(() => unitsOf(plan, upper, !aIsBelow, pairs), [plan, upper, aIsBelow, pairs]);
  const unitsBelow = useMemo(() => unitsOf(plan, lower, aIsBelow, pairs), [plan, lower, aIsBelow, pairs]);
  const now = pairs.find((pair) => pair.joint === position) ?? pairs.at(-1)!;
  const finest = Math.min(...plan.a.rails.map((r) => r.placeMm), ...plan.b.rails.map((r) => r.placeMm));
  const scale = PLACE_PX / finest;
  const mm = (pair: Pair) => {
    const { a, b } = pairMm(plan, pair);
    return aIsBelow ? { above: b, below: a } : { above: a, below: b };
  };
  const middle = mm(now);
  const far = liesAt(plan, !aIsBelow);
  const title = `${lower.name}, ${liesAt(plan, aIsBelow)}, ${wrongSide ? 'its wrong side shows' : 'right side up'}`;
  const way = mirrored ? -scale : scale;
  const xAbove = (at: number) => width / 2 + (at - middle.above) * way;
  const xBelow = (at: number) => width / 2 + (at - middle.below) * way;
  const inView = (x: (mm: number) => number) => (unit: DrawnUnit) => {
    const centre = x(unit.fromMm + unit.widthMm / 2);
    return Math.abs(centre - width / 2) < width / 2 + unit.widthMm * scale;
  };
  const [placeAbove, placeBelow] = aIsBelow ? [now.b, now.a] : [now.a, now.b];
  const dyeAbove = shade(dyeOf(railOf(upper, Math.max(0, placeAbove)).piece));
  const dyeBelow = shade(dyeOf(railOf(lower, Math.max(0, placeBelow)).piece));
  const markers = new Set(plan.checkpoints.map((checkpoint) => checkpoint.joint - 1));
  const thread = (pair: Pair) => {
    const { above, below } = mm(pair);
    return { from: xAbove(above), to: xBelow(below) };
  };
  const near = pairs.filter((pair) => Math.abs(pair.joint - position) < 14);
  return (
    <div ref={ref} className="bench-window">
      {width > 0 && (
        <svg width={width} height={HEIGHT} role="img" aria-label={`${upper.name} above, ${lower.name} below`}>
          <rect width={width} height={HEIGHT} fill="var(--mat)" />
          <rect
            x={Math.min(xAbove(0), xAbove(upper.lengthMm))}
            width={upper.lengthMm * scale}
            height={UPPER.y + 12}
            fill={dyeAbove.base}
          />
          <rect
            x={Math.min(xBelow(0), xBelow(lower.lengthMm))}
            y={LOWER.y + LOWER.height - 8}
            width={lower.lengthMm * scale}
            height={HEIGHT}
            fill={dyeBelow.base}
          />
          {near.map((pair) => {
            const { from, to } = thread(pair);
            const done = pair.joint < position;
            const isNow = pair.joint === position;
            return (
              <line
                key={`${pair.a} ${pair.b}`}
                x1={from}
                y1={UPPER.y + UPPER.height - 8}
                x2={to}
                y2={LOWER.y + 3}
                stroke={done || isNow ? 'var(--madder)' : 'var(--waiting)'}
                strokeWidth={isNow ? 11 : done ? 6 : 2.5}
                strokeDasharray={done || isNow ? undefined : '5 6'}
                strokeLinecap="round"
              />
            );
          })}
          <UnitMarks
            figure="number"
            units={unitsAbove.filter(inView(xAbove))}
            x={xAbove}
            pxPerMm={scale}
            y={UPPER.y}
            height={UPPER.height}
          />
          <UnitMarks
            figure="number"
            units={unitsBelow.filter(inView(xBelow))}
            x={xBelow}
            pxPerMm={scale}
            y={LOWER.y}
            height={LOWER.height}
          />
          <Numbers
            units={unitsAbove.filter(inView(xAbove))}
            x={xAbove}
            y={UPPER.y + UPPER.height / 2 + 6}
            place={placeAbove}
          />
          <Numbers
            units={unitsBelow.filter(inView(xBelow))}
            x={xBelow}
            y={LOWER.y + LOWER.height / 2 + 6}
            place={placeBelow}
          />
          <WindowTitle top={0} words={far ? `${upper.name}, ${far}` : upper.name} />
          <WindowTitle top={HEIGHT - TITLE} words={title} />
          {near
            .filter((pair) => pair.indexInGroup === 0 && markers.has(pair.joint))
            .map((pair) => {
              const { from, to } = thread(pair);
              return (
                <circle
                  key={`${pair.a} ${pair.b}`}
                  cx={(from + to) / 2}
                  cy={156}
                  r={15}
                  fill="none"
                  stroke="var(--weld)"
                  strokeWidth={7}
                />
              );
            })}
        </svg>
      )}
    </div>
  );
}

/** What an edge is, on paper, so that it can be read on any cloth. */
function WindowTitle({ top, words }: { top: number; words: string }) {
  return (
    <g>
      <rect x={0} y={top} width={words.length * 10.5 + 16} height={TITLE} fill="var(--paper)" />
      <text x={6} y={top + TITLE - 10} className="window-title">
        {words}
      </text>
    </g>
  );
}

function Numbers({
  units,
  x,
  y,
  place,
}: {
  units: DrawnUnit[];
  x: (mm: number) => number;
  y: number;
  place: number;
}) {
  return (
    <g aria-hidden="true">
      {units
        .filter((unit) => unit.kind !== 'ROW_END')
        .map((unit) => (
          <text
            key={unit.key}
            x={x(unit.fromMm + unit.widthMm * 0.45)}
            y={y}
            className={unit.lastPlace === place ? 'window-number now' : 'window-number'}
          >
            {unit.number}
          </text>
        ))}
    </g>
  );
}
