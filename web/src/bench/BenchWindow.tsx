import { useMemo } from 'react';
import type { Dye, SeamPlan } from '../api/types';
import { shade } from '../drawing/dyes';
import { railOf } from '../drawing/geometry';
import { expand, type Pair } from '../drawing/joints';
import { useSize } from '../drawing/useSize';
import { pairMm } from '../seam/railGeometry';
import { UnitMarks } from '../seam/UnitMarks';
import { type DrawnUnit, unitsOf } from '../seam/units';

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
const A = { y: 62, height: 62 };
const B = { y: 188, height: 56 };

/** The few places round the joint in hand, large. */
export function BenchWindow({ plan, dyeOf, position, mirrored, wrongSide }: Props) {
  const { ref, width } = useSize<HTMLDivElement>();
  const pairs = useMemo(() => expand(plan), [plan]);
  const unitsA = useMemo(() => unitsOf(plan, plan.a, true, pairs), [plan, pairs]);
  const unitsB = useMemo(() => unitsOf(plan, plan.b, false, pairs), [plan, pairs]);
  const now = pairs.find((pair) => pair.joint === position) ?? pairs.at(-1)!;
  const finest = Math.min(...plan.a.rails.map((r) => r.placeMm), ...plan.b.rails.map((r) => r.placeMm));
  const scale = PLACE_PX / finest;
  const { a: midA, b: midB } = pairMm(plan, now);
  const title = `${plan.a.name}, ${wrongSide ? 'wrong side towards you' : 'right side up'}`;
  const way = mirrored ? -scale : scale;
  const xA = (mm: number) => width / 2 + (mm - midA) * way;
  const xB = (mm: number) => width / 2 + (mm - midB) * way;
  const inView = (x: (mm: number) => number) => (unit: DrawnUnit) => {
    const middle = x(unit.fromMm + unit.widthMm / 2);
    return Math.abs(middle - width / 2) < width / 2 + unit.widthMm * scale;
  };
  const dyeA = shade(dyeOf(railOf(plan.a, Math.max(0, now.a)).piece));
  const dyeB = shade(dyeOf(railOf(plan.b, Math.max(0, now.b)).piece));
  const markers = new Set(plan.checkpoints.map((checkpoint) => checkpoint.joint - 1));
  const thread = (pair: Pair) => {
    const { a, b } = pairMm(plan, pair);
    return { from: xA(a), to: xB(b) };
  };
  const near = pairs.filter((pair) => Math.abs(pair.joint - position) < 14);
  return (
    <div ref={ref} className="bench-window">
      {width > 0 && (
        <svg
          width={width}
          height={HEIGHT}
          role="img"
          aria-label={`${plan.a.name} above, ${plan.b.name} below`}
        >
          <rect width={width} height={HEIGHT} fill="var(--mat)" />
          <rect
            x={Math.min(xA(0), xA(plan.a.lengthMm))}
            width={plan.a.lengthMm * scale}
            height={A.y + 12}
            fill={dyeA.base}
          />
          <rect
            x={Math.min(xB(0), xB(plan.b.lengthMm))}
            y={B.y + B.height - 8}
            width={plan.b.lengthMm * scale}
            height={HEIGHT}
            fill={dyeB.base}
          />
          {near.map((pair) => {
            const { from, to } = thread(pair);
            const done = pair.joint < position;
            const isNow = pair.joint === position;
            return (
              <line
                key={`${pair.a} ${pair.b}`}
                x1={from}
                y1={A.y + A.height - 8}
                x2={to}
                y2={B.y + 3}
                stroke={done || isNow ? 'var(--madder)' : 'var(--waiting)'}
                strokeWidth={isNow ? 11 : done ? 6 : 2.5}
                strokeDasharray={done || isNow ? undefined : '5 6'}
                strokeLinecap="round"
              />
            );
          })}
          <UnitMarks
            figure="number"
            units={unitsA.filter(inView(xA))}
            x={xA}
            pxPerMm={scale}
            y={A.y}
            height={A.height}
          />
          <UnitMarks
            figure="number"
            units={unitsB.filter(inView(xB))}
            x={xB}
            pxPerMm={scale}
            y={B.y}
            height={B.height}
          />
          <Numbers units={unitsA.filter(inView(xA))} x={xA} y={A.y + A.height / 2 + 6} place={now.a} />
          <Numbers units={unitsB.filter(inView(xB))} x={xB} y={B.y + B.height / 2 + 6} place={now.b} />
          <rect x={0} y={0} width={title.length * 10.5} height={34} fill="var(--paper)" />
          <text x={6} y={23} className="window-title">
            {title}
          </text>
          <rect
            x={0}
            y={HEIGHT - 34}
            width={plan.b.name.length * 10.5 + 16}
            height={34}
            fill="var(--paper)"
          />
          <text x={6} y={HEIGHT - 10} className="window-title">
            {plan.b.name}
          </text>
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
