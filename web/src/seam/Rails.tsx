import { useMemo } from 'react';
import type { PiecePlan, SeamPlan, SidePlan } from '../api/types';
import { expand } from '../drawing/joints';
import { liesAt } from '../bench/below';
import { Mat } from '../drawing/Mat';
import { length } from '../format';
import { AnchorBar } from './AnchorBar';
import { AnchorNames, Brackets, Markers, PlaceNumbers } from './RailMarks';
import { PhaseMarks } from './PhaseMarks';
import { RailCloth } from './RailCloth';
import { pairMm, railScale, type RailScale, type Stretch, stretchScale } from './railGeometry';
import { A, B, BAND_PX, HEIGHT } from './railLayout';
import { Ripple } from './Ripple';
import { UnitMarks } from './UnitMarks';
import { type DrawnUnit, unitsInWords, unitsOf } from './units';

export interface RailsProps {
  seam: SeamPlan;
  pieces: PiecePlan[];
  unit: 'CM' | 'INCH';
  width: number;
  /** The part to be seen large; the whole seam without it. */
  stretch: Stretch | undefined;
  mirrored: boolean;
  wrongSide: boolean;
  /** Whether it is drawn as it lies in the hands, so that it may be said where each side lies. */
  asHeld: boolean;
  waveMm: number;
  onMove: (anchor: string, side: 'A' | 'B', position: number) => void;
  onDone: () => void;
  onRest: () => void;
  onCancel: () => void;
}

function inView(units: DrawnUnit[], x: (mm: number) => number, width: number): DrawnUnit[] {
  return units.filter((unit) => {
    const [one, other] = [x(unit.fromMm), x(unit.fromMm + unit.widthMm)];
    return Math.max(one, other) > -10 && Math.min(one, other) < width + 10;
  });
}

/** Two facing rails, true to scale: every place, every joint, anchors to move. */
export function Rails(props: RailsProps) {
  const { seam, width, unit, stretch, mirrored, wrongSide } = props;
  const scale = useMemo(
    () => (stretch ? stretchScale(stretch, width, mirrored) : railScale(seam, width, mirrored)),
    [seam, width, stretch, mirrored],
  );
  const pairs = useMemo(() => expand(seam), [seam]);
  const unitsA = useMemo(() => unitsOf(seam, seam.a, true, pairs), [seam, pairs]);
  const unitsB = useMemo(() => unitsOf(seam, seam.b, false, pairs), [seam, pairs]);
  const finest =
    Math.min(
      ...[...seam.a.rails, ...seam.b.rails]
        .filter((rail) => rail.kind !== 'SEAM_PLACE')
        .map((rail) => rail.placeMm),
    ) * scale.pxPerMm;
  const banded = finest < BAND_PX;
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
      <SideTitle
        side={seam.a}
        unit={unit}
        y={30}
        lies={props.asHeld ? liesAt(seam, true) : ''}
        wrongSide={wrongSide}
      />
      <SideTitle
        side={seam.b}
        unit={unit}
        y={HEIGHT - 32}
        lies={props.asHeld ? liesAt(seam, false) : ''}
        wrongSide={wrongSide}
      />
      <RailCloth
        side={seam.a}
        pieces={props.pieces}
        x={scale.xA}
        width={width}
        wrongSide={wrongSide}
        place={A}
        nameY={A.cloth + 24}
      />
      <RailCloth
        side={seam.b}
        pieces={props.pieces}
        x={scale.xB}
        width={width}
        wrongSide={wrongSide}
        place={B}
        nameY={B.cloth + 52}
      />
      <Ripple seam={seam} scale={scale} waveMm={props.waveMm} />
      <Threads seam={seam} pairs={pairs} scale={scale} banded={banded} />
      <UnitMarks
        units={inView(unitsA, scale.xA, width)}
        x={scale.xA}
        pxPerMm={scale.pxPerMm}
        y={A.marks}
        height={A.marksHeight}
        banded={banded}
      />
      <UnitMarks
        units={inView(unitsB, scale.xB, width)}
        x={scale.xB}
        pxPerMm={scale.pxPerMm}
        y={B.marks}
        height={B.marksHeight}
        banded={banded}
      />
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
      <PhaseMarks seam={seam} scale={scale} />
      <Markers seam={seam} scale={scale} />
      <Brackets seam={seam} scale={scale} />
      <AnchorNames seam={seam} scale={scale} width={width} />
      {seam.anchors.map((anchor) => (
        <AnchorBar key={anchor.id} anchor={anchor} scale={scale} {...props} />
      ))}
    </svg>
  );
}

interface ThreadsProps {
  seam: SeamPlan;
  pairs: ReturnType<typeof expand>;
  scale: RailScale;
  banded: boolean;
}

/** Every joint, or only those at markers where single joints would be a blur. */
function Threads({ seam, pairs, scale, banded }: ThreadsProps) {
  const atMarkers = new Set(seam.checkpoints.map((checkpoint) => checkpoint.joint - 1));
  const d = pairs
    .filter((pair) => pair.a >= 0 && pair.b >= 0 && (!banded || atMarkers.has(pair.joint)))
    .map((pair) => {
      const { a, b } = pairMm(seam, pair);
      return `M${scale.xA(a)} ${A.marks + A.marksHeight - 3}L${scale.xB(b)} ${B.marks + 2}`;
    })
    .join('');
  return (
    <path
      d={d}
      fill="none"
      stroke="var(--madder)"
      strokeWidth={scale.pxPerMm > 1.5 ? 2 : 1}
      aria-hidden="true"
    />
  );
}

interface TitleProps {
  side: SidePlan;
  unit: 'CM' | 'INCH';
  y: number;
  /** Where it lies before the maker, as far as that is known. */
  lies: string;
  wrongSide: boolean;
}

function SideTitle({ side, unit, y, lies, wrongSide }: TitleProps) {
  return (
    <text x={40} y={y} className="rail-title">
      <tspan className="display-text">{side.name}</tspan>
      <tspan dx={14}>
        {unitsInWords(side)} · {length(side.lengthMm, unit)}
        {lies && ` · ${lies}`}
        {wrongSide && ' · wrong side up'}
      </tspan>
    </text>
  );
}
