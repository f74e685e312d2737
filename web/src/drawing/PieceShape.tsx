import { useId } from 'react';
import type { DrawnPiece } from '../api/types';
import { shade } from './dyes';
import { boxOf, corners, type Point, seenOutline, underLayer } from './geometry';

const DASH_OF_STITCH = 0.6;
const STROKE_OF_ROW = 0.72;

function path(points: Point[]): string {
  return points.map((p, i) => `${i === 0 ? 'M' : 'L'}${p.x} ${p.y}`).join('') + 'Z';
}

/** A piece in its own axes (mm, y upwards): cloth with one mark for each stitch, ribbing, outline. */
export function PieceShape({
  piece,
  marks,
  dashed,
}: {
  piece: DrawnPiece;
  marks: boolean;
  dashed?: boolean;
}) {
  const id = useId();
  const { stitchWidthMm: w, rowHeightMm: h, colour, ribColour } = piece.cloth;
  const outline = path(seenOutline(piece));
  const box = boxOf(corners(piece));
  const main = shade(colour);
  const ribbing = shade(ribColour);
  return (
    <g aria-hidden="true">
      <defs>
        <pattern
          id={`${id}s`}
          width={w}
          height={h}
          patternUnits="userSpaceOnUse"
          x={box.left}
          y={piece.ribs[0]?.toMm ?? box.bottom}
        >
          <rect
            x={(w * (1 - DASH_OF_STITCH)) / 2}
            y={(h * (1 - STROKE_OF_ROW)) / 2}
            width={w * DASH_OF_STITCH}
            height={h * STROKE_OF_ROW}
            fill={main.stitch}
          />
        </pattern>
        <pattern
          id={`${id}r`}
          width={2 * w}
          height={10}
          patternUnits="userSpaceOnUse"
          x={box.left}
          y={box.bottom}
        >
          <rect x={w * 0.5} y={0} width={w * 0.8} height={10} fill={ribbing.stitch} />
        </pattern>
        <clipPath id={`${id}c`}>
          <path d={outline} />
        </clipPath>
      </defs>
      {piece.folded && <UnderLayer points={underLayer(piece)} fill={main.base} />}
      <path d={outline} fill={main.base} />
      {marks && <path d={outline} fill={`url(#${id}s)`} />}
      {piece.ribs.map(({ fromMm, toMm }) => (
        <g key={fromMm} clipPath={`url(#${id}c)`}>
          {[ribbing.base, ...(marks ? [`url(#${id}r)`] : [])].map((fill) => (
            <rect
              key={fill}
              x={box.left}
              y={fromMm}
              width={box.right - box.left}
              height={toMm - fromMm}
              fill={fill}
            />
          ))}
        </g>
      ))}
      {piece.rowAreas.map((area, index) => (
        <path
          key={index}
          d={path(area)}
          fill={main.base}
          stroke="var(--outline)"
          strokeWidth={0.8}
          vectorEffect="non-scaling-stroke"
        />
      ))}
      <path
        d={outline}
        fill="none"
        stroke="var(--outline)"
        strokeWidth={1.4}
        strokeDasharray={dashed ? '6 5' : undefined}
        vectorEffect="non-scaling-stroke"
        strokeLinejoin="round"
      />
      {piece.folded?.folds.map(([from, to], index) => (
        <path
          key={index}
          d={`M${from!.x} ${from!.y}L${to!.x} ${to!.y}`}
          stroke="var(--outline)"
          strokeWidth={4}
          strokeDasharray="10 4 2 4"
          vectorEffect="non-scaling-stroke"
        />
      ))}
    </g>
  );
}

/** What lies under a folded piece shows its wrong side: darker, with a broken edge. */
function UnderLayer({ points, fill }: { points: Point[]; fill: string }) {
  return (
    <>
      <path d={path(points)} fill={fill} />
      <path
        d={path(points)}
        fill="rgb(0 0 0 / 28%)"
        stroke="var(--outline)"
        strokeWidth={1.4}
        strokeDasharray="5 3"
        vectorEffect="non-scaling-stroke"
        strokeLinejoin="round"
      />
    </>
  );
}

/** The transform that lays a piece's own axes onto a drawing of {@code scale} px per mm. */
export function pieceTransform(
  piece: DrawnPiece,
  origin: Point,
  scale: number,
  shift: Point = { x: 0, y: 0 },
): string {
  const { quarterTurns, xMm, yMm } = piece.placement;
  return `translate(${origin.x} ${origin.y}) scale(${scale} ${-scale}) translate(${xMm + shift.x} ${yMm + shift.y}) rotate(${quarterTurns * 90})`;
}
