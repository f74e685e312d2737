import { useMemo } from 'react';
import type { AnchorPlan, PiecePlan, Rail, SeamPlan, SidePlan } from '../api/types';
import { shade } from '../drawing/dyes';
import { expand } from '../drawing/joints';
import { placeMm, railOf } from '../drawing/geometry';
import { Mat } from '../drawing/Mat';
import { length } from '../format';
import { AnchorHandle } from './AnchorHandle';
import { halfPlaceAt, jointMm, railScale, type RailScale, unitOf } from './railGeometry';
import { spread } from './spread';
import { UnitMarks } from './UnitMarks';
import { unitsOf } from './units';

export interface RailsProps {
  seam: SeamPlan;
  pieces: PiecePlan[];
  unit: 'CM' | 'INCH';
  width: number;
  onMove: (anchor: string, side: 'A' | 'B', position: number) => void;
  onDone: () => void;
  onRest: () => void;
  onCancel: () => void;
}

const HEIGHT = 376;
const A = { cloth: 44, clothHeight: 82, marks: 126, marksHeight: 26 };
const B = { marks: 238, marksHeight: 34, cloth: 272, clothHeight: 44 };
const BRACKETS = 326;
const MIN_LABEL_PX = 44;

/** Two facing rails, true to scale: every place, every joint, anchors to move. */
export function Rails(props: RailsProps) {
  const { seam, width, unit } = props;
  const scale = useMemo(() => railScale(seam, width), [seam, width]);
  const joints = useMemo(() => expand(seam), [seam]);
  const unitsA = useMemo(() => unitsOf(seam, seam.a, true, joints), [seam, joints]);
  const unitsB = useMemo(() => unitsOf(seam, seam.b, false, joints), [seam, joints]);
  const threads = joints
    .filter((joint) => joint.a >= 0 && joint.b >= 0)
    .map((joint) => {
      const { a, b } = jointMm(seam, joint);
      return `M${scale.xA(a)} ${A.marks + A.marksHeight - 3}L${scale.xB(b)} ${B.marks + 2}`;
    })
    .join('');
  const stops = seam.checkpoints.filter((checkpoint) => checkpoint.kind !== 'ANCHOR');
  return (
    <svg
      width={width}
      height={HEIGHT}
      className="rails"
      role="group"
      aria-label={`${seam.a.name} facing ${seam.b.name}, to scale`}
    >
      <Mat width={width} height={HEIGHT} origin={{ x: scale.xA(0), y: 0 }} scale={scale.pxPerMm} />
      <SideTitle side={seam.a} unit={unit} y={30} x={scale.xA(0)} />
      <Cloth
        side={seam.a}
        pieces={props.pieces}
        x={scale.xA}
        y={A.cloth}
        height={A.clothHeight}
        nameY={A.cloth + 24}
      />
      <UnitMarks units={unitsA} x={scale.xA} pxPerMm={scale.pxPerMm} y={A.marks} height={A.marksHeight} />
      <path
        d={threads}
        fill="none"
        stroke="var(--madder)"
        strokeWidth={scale.pxPerMm > 1.5 ? 2 : 1}
        aria-hidden="true"
      />
      <Cloth
        side={seam.b}
        pieces={props.pieces}
        x={scale.xB}
        y={B.cloth}
        height={B.clothHeight}
        nameY={B.cloth + 38}
      />
      <UnitMarks units={unitsB} x={scale.xB} pxPerMm={scale.pxPerMm} y={B.marks} height={B.marksHeight} />
      <PlaceNumbers
        side={seam.a}
        pieces={props.pieces}
        places={[0, seam.a.places - 1, ...stops.map((c) => c.placeA - 1)]}
        x={scale.xA}
        y={A.cloth + A.clothHeight - 14}
      />
      <PlaceNumbers
        side={seam.b}
        pieces={props.pieces}
        places={stops.map((c) => c.placeB - 1)}
        x={scale.xB}
        y={B.cloth + 17}
      />
      <Markers seam={seam} scale={scale} />
      <Brackets seam={seam} scale={scale} />
      <AnchorNames seam={seam} scale={scale} width={width} />
      {seam.anchors.map((anchor) => (
        <AnchorBar key={anchor.id} anchor={anchor} scale={scale} {...props} />
      ))}
    </svg>
  );
}

function SideTitle({ side, unit, x, y }: { side: SidePlan; unit: 'CM' | 'INCH'; x: number; y: number }) {
  const kinds = [...new Set(side.rails.map((rail) => rail.words))].join(' and ');
  const units = side.rails.reduce((sum, rail) => sum + rail.places / rail.placesPerUnit, 0);
  return (
    <text x={Math.max(40, x)} y={y} className="rail-title">
      <tspan className="display-text">{side.name}</tspan>
      <tspan dx={14}>
        {units} {kinds} · {length(side.lengthMm, unit)}
      </tspan>
    </text>
  );
}

function Cloth({
  side,
  pieces,
  x,
  y,
  height,
  nameY,
}: {
  side: SidePlan;
  pieces: PiecePlan[];
  x: (mm: number) => number;
  y: number;
  height: number;
  nameY: number;
}) {
  return (
    <g aria-hidden="true">
      {side.rails.map((rail) => {
        const piece = pieces.find((p) => p.id === rail.piece)!;
        const dye = shade(rail.fabric === 'RIB' ? piece.cloth.ribColour : piece.cloth.colour);
        const from = x(rail.startMm);
        const to = x(rail.startMm + rail.places * rail.placeMm);
        const names = side.rails.filter((r) => r.span === rail.span && r.fabric === 'PLAIN');
        const named =
          side.rails.some((r) => r.span !== rail.span) &&
          names[0] === rail &&
          to - from > rail.pieceName.length * 9 + 20;
        return (
          <g key={`${rail.span}${rail.run}`}>
            <rect x={from} y={y} width={to - from} height={height} fill={dye.base} />
            <ClothMarks rail={rail} from={from} to={to} y={y} height={height} colour={dye.stitch} />
            <rect
              x={from}
              y={y}
              width={to - from}
              height={height}
              fill="none"
              stroke="var(--outline)"
              strokeWidth={1.2}
            />
            {named && (
              <text
                x={(from + to) / 2}
                y={nameY}
                textAnchor="middle"
                fill={dye.text}
                stroke={dye.base}
                className="rail-piece"
              >
                {rail.pieceName}
              </text>
            )}
          </g>
        );
      })}
    </g>
  );
}

interface MarksProps {
  rail: Rail;
  from: number;
  to: number;
  y: number;
  height: number;
  colour: string;
}

/** One mark a stitch or a row, as it lies in the cloth; left out where it would be a blur. */
function ClothMarks({ rail, from, to, y, height, colour }: MarksProps) {
  const units = rail.places / rail.placesPerUnit;
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
  const marks = Array.from({ length: units * rows }, (_, i) =>
    bar(from + (Math.floor(i / rows) + 0.22) * unit, y + ((i % rows) * height) / rows + 3),
  );
  return <path d={marks.join('')} fill={colour} />;
}

interface NumbersProps {
  side: SidePlan;
  pieces: PiecePlan[];
  places: number[];
  x: (mm: number) => number;
  y: number;
}

/** The maker's numbers of some places, on the cloth. */
function PlaceNumbers({ side, pieces, places, x, y }: NumbersProps) {
  const shown = [...new Set(places)].filter((place) => place >= 0 && place < side.places);
  return (
    <g aria-hidden="true">
      {shown.map((place) => {
        const rail = railOf(side, place);
        const cloth = pieces.find((piece) => piece.id === rail.piece)!.cloth;
        const dye = shade(rail.fabric === 'RIB' ? cloth.ribColour : cloth.colour);
        return (
          <text
            key={place}
            x={Math.max(x(0) + 14, Math.min(x(side.lengthMm) - 14, x(placeMm(side, place))))}
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
function Markers({ seam, scale }: { seam: SeamPlan; scale: RailScale }) {
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
function Brackets({ seam, scale }: { seam: SeamPlan; scale: RailScale }) {
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
          const from = scale.xB(placeMm(seam.b, before.b)) + 2;
          const to = scale.xB(placeMm(seam.b, stop.b - 1)) - 2;
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

function AnchorNames({ seam, scale, width }: { seam: SeamPlan; scale: RailScale; width: number }) {
  const inner = seam.anchors
    .filter((anchor) => anchor.movable)
    .map((anchor) => ({ text: anchor.name, x: scale.xB(anchor.bMm) }));
  return (
    <g className="anchor-name">
      <text x={16} y={HEIGHT - 4}>
        Start here
      </text>
      {spread(inner, 16 + START_WORDS_PX, width - 16 - END_WORDS_PX).map((spot) => (
        <text key={spot.text} x={spot.x} y={HEIGHT - 4} textAnchor="middle">
          {spot.text}
        </text>
      ))}
      <text x={width - 16} y={HEIGHT - 4} textAnchor="end">
        End
      </text>
    </g>
  );
}

function AnchorBar({ anchor, scale, ...props }: { anchor: AnchorPlan; scale: RailScale } & RailsProps) {
  const { seam } = props;
  const xa = scale.xA(anchor.aMm);
  const xb = scale.xB(anchor.bMm);
  const topY = 92;
  const bottomY = 294;
  const bar = `M${xa} ${topY}V${A.marks + A.marksHeight}L${xb} ${B.marks}V${bottomY}`;
  return (
    <g>
      <path d={bar} fill="none" stroke="var(--ink)" strokeWidth={anchor.movable ? 6 : 3} aria-hidden="true" />
      {anchor.movable && (
        <path
          d={bar}
          fill="none"
          stroke="var(--paper)"
          strokeWidth={1.6}
          strokeDasharray="3 5"
          aria-hidden="true"
        />
      )}
      {anchor.movable && (
        <>
          <AnchorHandle
            x={xa}
            y={topY}
            name={`${anchor.name} on the ${seam.a.name.toLowerCase()}`}
            position={anchor.a}
            most={2 * seam.a.places}
            words={anchor.aName}
            toPosition={(x) => halfPlaceAt(seam.a, (x - scale.xA(0)) / scale.pxPerMm)}
            onMove={(position) => props.onMove(anchor.id, 'A', position)}
            onDone={props.onDone}
            onRest={props.onRest}
            onCancel={props.onCancel}
          />
          <AnchorHandle
            x={xb}
            y={bottomY}
            name={`${anchor.name} on the ${seam.b.name.toLowerCase()}`}
            position={anchor.b}
            most={2 * seam.b.places}
            words={anchor.bName}
            toPosition={(x) => halfPlaceAt(seam.b, (x - scale.xB(0)) / scale.pxPerMm)}
            onMove={(position) => props.onMove(anchor.id, 'B', position)}
            onDone={props.onDone}
            onRest={props.onRest}
            onCancel={props.onCancel}
          />
        </>
      )}
    </g>
  );
}
