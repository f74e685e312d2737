import type { SeamPlan } from '../api/types';
import type { Lit } from './lit';
import type { SeamState } from '../drawing/Signs';
import { type DrawnJoint, drawnJoints, type Sheet } from '../drawing/sheet';

const STUB = 13;
const SPARSE = 4;
/** Pieces that lie beside each other are nearer; threads over the cloth of others are few. */
const FAR_MM = 220;
const FAR_APART = 12;
const ARCH = 0.35;

/** Bows run outside the cloth from front to back, away from the middle of the table. */
function bow(joint: DrawnJoint, middleX: number, reach: number): string {
  const out = Math.sign(joint.a.x - middleX) || 1;
  const x = joint.a.x + out * reach;
  return `M${joint.a.x} ${joint.a.y}C${x} ${joint.a.y} ${x} ${joint.b.y} ${joint.b.x} ${joint.b.y}`;
}

/** Where both edges belong to one piece, its layers fold: only the ends of the threads show. */
function stubs(joint: DrawnJoint): string {
  const down = Math.sign(joint.a.y - joint.b.y) || 1;
  const loop = (x: number, y: number, way: number) => `M${x - 3} ${y}c0 ${way * STUB} 6 ${way * STUB} 6 0`;
  return loop(joint.a.x, joint.a.y, down) + loop(joint.b.x, joint.b.y, -down);
}

/** Edges of one piece in a line arch over its outside. */
function arch(joint: DrawnJoint): string {
  const dx = joint.b.x - joint.a.x;
  const dy = joint.b.y - joint.a.y;
  const x = (joint.a.x + joint.b.x) / 2 - ARCH * dy;
  const y = (joint.a.y + joint.b.y) / 2 + ARCH * dx;
  return `M${joint.a.x} ${joint.a.y}Q${x} ${y} ${joint.b.x} ${joint.b.y}`;
}

function isFar(joints: DrawnJoint[], scale: number): boolean {
  const middle = joints[Math.floor(joints.length / 2)];
  return (
    middle !== undefined && Math.hypot(middle.a.x - middle.b.x, middle.a.y - middle.b.y) > FAR_MM * scale
  );
}

function zigzag(joints: DrawnJoint[]): string {
  return joints
    .map((joint, i) => `${i === 0 ? 'M' : 'L'}${joint.a.x} ${joint.a.y}L${joint.b.x} ${joint.b.y}`)
    .join('');
}

/** The threads of a seam as one path; `fold` tells whether layers of pieces fold at its edges. */
export function threads(
  fold: boolean,
  { origin, scale }: Pick<Sheet, 'origin' | 'scale'>,
  joints: DrawnJoint[],
  joined: boolean,
): string {
  if (!fold && joints.some(({ samePiece }) => samePiece)) {
    return joints
      .filter((_, i) => i % SPARSE === 0)
      .map(arch)
      .join('');
  }
  if (!fold && isFar(joints, scale)) {
    return joints
      .filter((_, i) => i % FAR_APART === FAR_APART / 2)
      .map((joint) => `M${joint.a.x} ${joint.a.y}L${joint.b.x} ${joint.b.y}`)
      .join('');
  }
  if (joined && !fold) {
    return zigzag(joints);
  }
  if (!fold) {
    return joints.map((joint) => `M${joint.a.x} ${joint.a.y}L${joint.b.x} ${joint.b.y}`).join('');
  }
  const every = joined ? 2 : SPARSE;
  return joints
    .filter((_, i) => i % every === 0)
    .map((joint) => {
      if (joint.samePiece) {
        return stubs(joint);
      }
      const span = Math.abs(joint.a.y - joint.b.y);
      return bow(joint, origin.x, joined ? 10 + span * 0.04 : 24 + span * 0.22);
    })
    .join('');
}

export function SeamThreads({
  sheet,
  seam,
  state,
  next,
  lit,
  onLit,
}: {
  sheet: Sheet;
  seam: SeamPlan;
  state: SeamState;
  next: boolean;
  /** Whether the maker points at it. */
  lit: boolean;
  onLit: (lit: Lit | undefined) => void;
}) {
  const joined = state === 'JOINED';
  const { fold } = seam;
  const d = threads(fold, sheet, drawnJoints(sheet, seam), joined);
  const colour = next
    ? 'var(--madder)'
    : joined && !fold
      ? 'var(--paper)'
      : joined
        ? 'var(--ink)'
        : 'var(--waiting)';
  return (
    <g
      aria-hidden="true"
      onPointerEnter={() => onLit({ seam: seam.id })}
      onPointerLeave={() => onLit(undefined)}
    >
      <path d={d} fill="none" stroke={lit ? 'var(--weld)' : 'transparent'} strokeWidth={lit ? 5 : 9} />
      {joined && !fold && (
        <path d={d} fill="none" stroke="var(--outline)" strokeWidth={3.6} strokeLinejoin="round" />
      )}
      <path
        d={d}
        fill="none"
        stroke={colour}
        strokeWidth={next ? 1.7 : joined ? 1.9 : 1.1}
        strokeLinejoin="round"
      />
    </g>
  );
}
