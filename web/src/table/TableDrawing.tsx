import { useMemo } from 'react';
import type { FindingView, Opened, OpeningPlan, SeamPlan } from '../api/types';
import { closeUp, type Point } from '../drawing/geometry';
import { Labels } from '../drawing/Labels';
import { Mat } from '../drawing/Mat';
import { PieceShape, pieceTransform } from '../drawing/PieceShape';
import { SquareShapes } from '../drawing/SquareShapes';
import { seamState } from '../drawing/seamState';
import { fitted, looked, nearestJoint, TABLE_MARGIN, type TableLook } from '../drawing/sheet';
import { count } from '../format';
import { EdgeLines } from './EdgeLines';
import type { Lit } from './lit';
import { OpeningDots } from './OpeningDots';
import { SeamThreads } from './SeamThreads';
import { SizeHandles } from './SizeHandles';
import type { Explore } from './useExplore';
import type { Dragged } from './useTableLook';

const MARKS_FROM_SCALE = 0.2;

interface Props {
  garment: Opened;
  joined: Set<string>;
  openings: OpeningPlan[];
  width: number;
  height: number;
  look: TableLook;
  dragged: Dragged | undefined;
  lit: Lit | undefined;
  onLit: (lit: Lit | undefined) => void;
  /** What is to be looked at first, with the place its label hangs at. */
  warning: FindingView | undefined;
  /** Sizes being tried out: their plan is drawn, with beads to drag, at the scale of the saved one. */
  explore: Explore | undefined;
}

/** The pieces to scale on the mat, threads between the edges that will be joined, openings, counts. */
export function TableDrawing({
  garment,
  joined,
  openings,
  width,
  height,
  look,
  dragged,
  lit,
  onLit,
  warning,
  explore,
}: Props) {
  const { next } = garment;
  const plan = explore?.tried?.plan ?? garment.plan;
  const fit = useMemo(
    () =>
      fitted(
        garment.plan,
        closeUp(garment.plan, (seam) => joined.has(seam)),
        { width, height },
        TABLE_MARGIN,
      ),
    [garment.plan, joined, width, height],
  );
  const { boards } = plan;
  const sheet = useMemo(() => ({ ...looked(fit, look), plan }), [fit, look, plan]);
  const nextSeam = plan.seams.find((seam) => seam.id === next?.seam);
  const warned = plan.seams.find((seam) => seam.id === warning?.seam);
  const threads = (seam: SeamPlan) => (
    <SeamThreads
      key={seam.id}
      sheet={sheet}
      seam={seam}
      state={seamState(
        seam,
        garment.progress.find((p) => p.seam === seam.id),
      )}
      next={seam.id === next?.seam}
      lit={lit !== undefined && 'seam' in lit && seam.id === lit.seam}
      onLit={onLit}
    />
  );
  return (
    <svg
      width={width}
      height={height}
      role={explore ? 'group' : 'img'}
      aria-label={`${plan.name}: ${count(plan.pieces.length, 'piece')}. ${plan.laidWords}`}
    >
      <Mat width={width} height={height} origin={sheet.origin} scale={sheet.scale} />
      {plan.seams.filter((seam) => seam.fold).map(threads)}
      {plan.pieces.map((piece) => {
        const by = dragged?.piece === piece.id ? dragged.by : { x: 0, y: 0 };
        return (
          <g
            key={piece.id}
            data-piece={piece.id}
            className="table-piece"
            transform={`translate(${by.x} ${by.y})`}
          >
            <g transform={pieceTransform(piece, sheet.origin, sheet.scale, sheet.shifts[piece.id])}>
              <PieceShape piece={piece} marks={sheet.scale > MARKS_FROM_SCALE} dashed={!piece.closes} />
              {boards
                .filter(({ id }) => id === piece.id)
                .map((board) => (
                  <SquareShapes
                    key={board.id}
                    board={board}
                    colours={plan.colours}
                    plain={piece.cloth.colour}
                  />
                ))}
            </g>
            <EdgeLines sheet={sheet} piece={piece} lit={lit} onLit={onLit} />
          </g>
        );
      })}
      {plan.seams.filter((seam) => !seam.fold).map(threads)}
      <OpeningDots sheet={sheet} openings={explore?.tried ? plan.gluing.openings : openings} />
      <Labels sheet={sheet} />
      {nextSeam && !explore && (
        <Tie
          from={nearestJoint(sheet, nextSeam, nextLabelAt(width, height))}
          to={nextLabelAt(width, height)}
          colour="var(--madder)"
        />
      )}
      {warned && !explore && (
        <Tie
          from={nearestJoint(sheet, warned, { x: 150, y: height })}
          to={{ x: 150, y: height - 150 }}
          colour="var(--mulberry)"
        />
      )}
      {explore && <SizeHandles sheet={sheet} explore={explore} />}
      <text x={20} y={26} className="mat-note">
        One mark is one stitch. Heavy lines: 10 cm.
      </text>
    </svg>
  );
}

function nextLabelAt(width: number, height: number): Point {
  return { x: width - 268, y: height - 150 };
}

/** The thread from a statement to what it speaks of. */
function Tie({ from, to, colour }: { from: Point | undefined; to: Point; colour: string }) {
  if (!from) {
    return null;
  }
  const bend = `M${from.x} ${from.y}C${from.x} ${(from.y + to.y) / 2 + 30} ${to.x} ${to.y - 30} ${to.x + 8} ${to.y}`;
  return (
    <g aria-hidden="true">
      <path d={bend} fill="none" stroke={colour} strokeWidth={1.8} />
      <circle cx={from.x} cy={from.y} r={5} fill="var(--paper)" stroke={colour} strokeWidth={2} />
    </g>
  );
}
