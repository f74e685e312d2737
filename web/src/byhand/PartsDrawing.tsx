import { type MouseEvent, useState } from 'react';
import type { FreePart, GarmentPlan, PiecePlan, SeamPlan } from '../api/types';
import { onTable, type Point } from '../drawing/geometry';
import { Labels } from '../drawing/Labels';
import { Mat } from '../drawing/Mat';
import { PieceShape, pieceTransform } from '../drawing/PieceShape';
import { edgesOf } from '../drawing/seamEdges';
import { fitted, PLAN_MARGIN, type Sheet } from '../drawing/sheet';
import { count } from '../format';
import { SeamThreads } from '../table/SeamThreads';
import type { SeamDraft } from './useSeamDraft';

interface Props {
  plan: GarmentPlan;
  width: number;
  height: number;
  parts: FreePart[];
  draft: SeamDraft;
  /** The seam that is tried or looked at. */
  seam: SeamPlan | undefined;
}

interface Spot {
  key: string;
  /** Its piece and edge. */
  edge: string;
  from: Point;
  to: Point;
  /** The parts that take this run, the longest first. */
  parts: number[];
}

const REACH_PX = 24;

/** How far a point of the screen is from a line. */
function away({ from, to }: Spot, at: Point): number {
  const [dx, dy] = [to.x - from.x, to.y - from.y];
  const along = ((at.x - from.x) * dx + (at.y - from.y) * dy) / (dx * dx + dy * dy || 1);
  const on = Math.max(0, Math.min(1, along));
  return Math.hypot(at.x - from.x - on * dx, at.y - from.y - on * dy);
}

/** The edge that is meant by a point: the nearest within reach, since edges that face each other lie close. */
function nearest(spots: Spot[], event: MouseEvent<SVGSVGElement>): Spot | undefined {
  const box = event.currentTarget.getBoundingClientRect();
  const at = { x: event.clientX - box.left, y: event.clientY - box.top };
  return spots
    .filter((spot) => away(spot, at) <= REACH_PX)
    .sort((one, other) => away(one, at) - away(other, at))[0];
}

/** Each run of a piece that is still free, where it lies on the screen. */
function spotsOf(sheet: Sheet, piece: PiecePlan, parts: FreePart[]): Spot[] {
  return piece.edges.flatMap((edge) => {
    const of = parts.flatMap((part, index) =>
      part.piece === piece.id && part.edge === edge.id ? [{ part, index }] : [],
    );
    const at = (run: string) => edge.runs.findIndex((candidate) => candidate.id === run);
    return edge.runs.flatMap((run, i) => {
      const taking = of
        .filter(({ part }) => at(part.first) <= i && i <= at(part.last))
        .sort((one, other) => other.part.lengthMm - one.part.lengthMm)
        .map(({ index }) => index);
      const from = sheet.px(onTable(piece, { x: run.x, y: run.y }));
      const to = sheet.px(onTable(piece, { x: run.x + run.count * run.dx, y: run.y + run.count * run.dy }));
      return taking.length > 0
        ? [
            {
              key: `${piece.id} ${edge.id} ${run.id}`,
              edge: `${piece.id} ${edge.id}`,
              from,
              to,
              parts: taking,
            },
          ]
        : [];
    });
  });
}

/** The pieces with the threads of their seams; edges that are still free can be pointed at. */
export function PartsDrawing({ plan, width, height, parts, draft, seam }: Props) {
  const [meant, setMeant] = useState<string>();
  const sheet = fitted(plan, {}, { width, height }, PLAN_MARGIN);
  const chosen = { a: draft.sides.a.map((slot) => slot.part), b: draft.sides.b.map((slot) => slot.part) };
  const spots = plan.pieces.flatMap((piece) => spotsOf(sheet, piece, parts));
  const state = (spot: Spot) => (takes(chosen.a, spot) ? 'is-a' : takes(chosen.b, spot) ? 'is-b' : '');
  return (
    <svg
      width={width}
      height={height}
      className={meant ? 'can-point' : ''}
      onClick={(event) => {
        const spot = nearest(spots, event);
        if (spot) {
          draft.point(spot.parts);
        }
      }}
      onPointerMove={(event) => setMeant(nearest(spots, event)?.key)}
      onPointerLeave={() => setMeant(undefined)}
      role="img"
      aria-label={`${count(plan.pieces.length, 'piece')}, drawn to scale; their edges stand in the list beside`}
    >
      <Mat width={width} height={height} origin={sheet.origin} scale={sheet.scale} />
      {plan.pieces.map((piece) => (
        <g key={piece.id} transform={pieceTransform(piece, sheet.origin, sheet.scale)}>
          <PieceShape piece={piece} marks dashed={!piece.closes} />
          {seam && (
            <path
              d={edgesOf(seam, piece)}
              stroke="var(--madder)"
              strokeWidth={6 / sheet.scale}
              strokeLinecap="round"
              fill="none"
            />
          )}
        </g>
      ))}
      {plan.seams.map((joined) => (
        <SeamThreads
          key={joined.id}
          sheet={sheet}
          seam={joined}
          state="MATCHED"
          next={joined.id === seam?.id}
          lit={false}
          onLit={() => undefined}
        />
      ))}
      <Labels sheet={sheet} />
      <g className="free-edges">
        {spots.map((spot) => {
          const d = `M${spot.from.x} ${spot.from.y}L${spot.to.x} ${spot.to.y}`;
          return (
            <g
              key={spot.key}
              data-edge={spot.edge}
              className={meant === spot.key ? `${state(spot)} is-meant` : state(spot)}
            >
              <path d={d} className="halo" />
              <path d={d} className="edge" />
            </g>
          );
        })}
      </g>
      <text x={width - 16} y={height - 14} textAnchor="end" className="mat-note">
        Dotted edges are still free
      </text>
    </svg>
  );
}

function takes(chosen: (number | undefined)[], spot: Spot): boolean {
  return spot.parts.some((part) => chosen.includes(part));
}
