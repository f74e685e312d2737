import { useMemo } from 'react';
import { Link } from 'react-router';
import type { Opened, SeamPlan } from '../api/types';
import { closeUp, type Point } from '../drawing/geometry';
import { Mat } from '../drawing/Mat';
import { PieceShape, pieceTransform } from '../drawing/PieceShape';
import { seamState } from '../drawing/seamState';
import { Labels } from '../drawing/Labels';
import { OpeningDots } from './OpeningDots';
import { SeamThreads } from './SeamThreads';
import { fitted, isFold, nearestJoint } from '../drawing/sheet';

const MARGIN = { side: 64, top: 34, bottom: 40 };

interface Props {
  garment: Opened;
  joined: Set<string>;
  width: number;
  height: number;
}

export function TableDrawing({ garment, joined, width, height }: Props) {
  const { plan, next } = garment;
  const sheet = useMemo(
    () =>
      fitted(
        plan,
        closeUp(plan, (seam) => joined.has(seam)),
        { width, height },
        MARGIN,
      ),
    [plan, joined, width, height],
  );
  const label = { x: width - 268, y: height - 150 };
  const progressOf = (seam: string) => garment.progress.find((p) => p.seam === seam);
  const nextSeam = plan.seams.find((seam) => seam.id === next?.seam);
  const threads = (seam: SeamPlan) => (
    <SeamThreads
      key={seam.id}
      sheet={sheet}
      seam={seam}
      state={seamState(seam, progressOf(seam.id))}
      next={seam.id === next?.seam}
    />
  );
  return (
    <>
      <svg
        width={width}
        height={height}
        role="img"
        aria-label={`${plan.name}: ${plan.pieces.length} pieces laid open round the shoulder line`}
      >
        <Mat width={width} height={height} origin={sheet.origin} scale={sheet.scale} />
        {plan.seams.filter(isFold).map(threads)}
        {plan.pieces.map((piece) => (
          <g
            key={piece.id}
            transform={pieceTransform(piece, sheet.origin, sheet.scale, sheet.shifts[piece.id])}
          >
            <PieceShape piece={piece} marks={sheet.scale > 0.2} dashed={!piece.closes} />
          </g>
        ))}
        {plan.seams.filter((seam) => !isFold(seam)).map(threads)}
        <OpeningDots sheet={sheet} />
        <Labels sheet={sheet} />
        {nextSeam && <Tie from={nearestJoint(sheet, nextSeam, label)} to={label} />}
        <text x={20} y={height - 14} className="mat-note">
          One mark is one stitch. Heavy lines: 10 cm.
        </text>
      </svg>
      {next && (
        <div className="next-label">
          <span className="soft">Next step</span>
          <h2>{next.title}</h2>
          <p>{next.direction}</p>
          <Link
            className="btn btn-primary"
            to={`/garments/${garment.id}/${next.begun ? 'bench' : 'seam'}/${next.seam}`}
          >
            {next.begun ? 'Go on with it' : 'Look at this seam'}
          </Link>
        </div>
      )}
    </>
  );
}

/** The thread from a statement to what it speaks of. */
function Tie({ from, to }: { from: Point | undefined; to: Point }) {
  if (!from) {
    return null;
  }
  const bend = `M${from.x} ${from.y}C${from.x} ${(from.y + to.y) / 2 + 30} ${to.x - 60} ${to.y} ${to.x + 8} ${to.y}`;
  return (
    <g aria-hidden="true">
      <path d={bend} fill="none" stroke="var(--madder)" strokeWidth={1.8} />
      <circle cx={from.x} cy={from.y} r={5} fill="var(--paper)" stroke="var(--madder)" strokeWidth={2} />
    </g>
  );
}
