import type { EdgePlan, PiecePlan, RunPlan } from '../api/types';
import { shade } from './dyes';
import { boxOf, onTable, type Point, seenOutline, widestAt } from './geometry';
import { count, length } from '../format';
import { apart, type Rect } from './rects';
import type { Sheet } from './sheet';

const TEXT_PX = 17;
const CHAR_PX = 7.6;
const INSIDE = 15;
/** Where along its run a count may stand, best first. */
const SPOTS = [0.5, 0.42, 0.58, 0.34, 0.66];

interface Label {
  text: string;
  at: Point;
  angle: number;
  colour: string;
  halo: string;
  size: number;
}

function rectOf(label: Label): Rect {
  const along = (label.text.length * CHAR_PX * label.size) / TEXT_PX / 2 + 3;
  const across = label.size / 2 + 3;
  const steep = Math.abs(label.angle) > 45;
  const w = steep ? across : along;
  const h = steep ? along : across;
  return { left: label.at.x - w, right: label.at.x + w, top: label.at.y - h, bottom: label.at.y + h };
}

/**
 * Names first, then counts from the longest run down, each at the first of its spots that is free; what
 * finds no room is in the table of counts.
 */
function placed(labels: Label[][]): Label[] {
  const taken: Rect[] = [];
  return labels.flatMap((spots) => {
    const free = spots.find((label) => taken.every((other) => apart(rectOf(label), other)));
    if (free) {
      taken.push(rectOf(free));
    }
    return free ? [free] : [];
  });
}

function upright(angle: number): number {
  const turned = ((angle + 540) % 360) - 180;
  return turned >= 89 ? turned - 180 : turned < -91 ? turned + 180 : turned;
}

function runLabel(sheet: Sheet, piece: PiecePlan, edge: EdgePlan, run: RunPlan): Label[] {
  const start = sheet.px(onTable(piece, { x: run.x, y: run.y }, sheet.shifts));
  const end = sheet.px(
    onTable(piece, { x: run.x + run.count * run.dx, y: run.y + run.count * run.dy }, sheet.shifts),
  );
  const long = Math.hypot(end.x - start.x, end.y - start.y);
  const rows = run.kind === 'ROW_END';
  // The other way round, the label of what lies under comes to stand outside.
  const layer = run.under ? 'under: ' : '';
  const full = rows
    ? count(run.count, 'row')
    : `${layer}${run.count} st · ${length(run.lengthMm, sheet.plan.unit)}`;
  const short = rows ? String(run.count) : `${layer}${run.count} st`;
  const text = [full, short].find((candidate) => candidate.length * CHAR_PX + 8 < long);
  if (!text || (run.fabric === 'RIB' && rows)) {
    return [];
  }
  // The inside lies to the left of the ring's way; y is down on screen.
  const inside = { x: (end.y - start.y) / long, y: -(end.x - start.x) / long };
  const isRib = run.fabric === 'RIB';
  const dye = shade(isRib ? piece.cloth.ribColour : piece.cloth.colour);
  const depth = edge.id === 'hem' || edge.id === 'cuff' ? INSIDE + 2 : INSIDE;
  return SPOTS.map((along) => ({
    text,
    at: {
      x: start.x + (end.x - start.x) * along + inside.x * depth,
      y: start.y + (end.y - start.y) * along + inside.y * depth,
    },
    angle: upright((Math.atan2(end.y - start.y, end.x - start.x) * 180) / Math.PI),
    colour: run.under ? 'var(--ink)' : dye.text,
    halo: run.under ? 'var(--mat)' : dye.base,
    size: TEXT_PX,
  }));
}

/** Where an edge goes over a fold, what lies under is told by the like of it above. */
function isUnderItsLike(edge: EdgePlan, run: RunPlan): boolean {
  return run.under && edge.runs.some((other) => !other.under && other.count === run.count);
}

function nameLabel(sheet: Sheet, piece: PiecePlan): Label {
  const points = seenOutline(piece).map((corner) => sheet.px(onTable(piece, corner, sheet.shifts)));
  const box = boxOf(points);
  // A hexagon folded to an L is widest above its fold.
  const y = piece.folded ? 0.65 * box.bottom + 0.35 * box.top : (box.bottom + box.top) / 2;
  const cloth = widestAt(points, y);
  const dye = shade(piece.cloth.colour);
  const width = cloth.to - cloth.from;
  const size = Math.max(17, Math.min(28, (width / Math.max(1, piece.name.length)) * 1.4));
  return {
    text: piece.name,
    at: { x: (cloth.from + cloth.to) / 2, y },
    angle: 0,
    colour: dye.text,
    halo: dye.base,
    size,
  };
}

/** Where the names of the pieces stand. */
export function nameRects(sheet: Sheet): Rect[] {
  return sheet.plan.pieces.map((piece) => rectOf(nameLabel(sheet, piece)));
}

/** Names of the pieces, and the counts along their edges where they are not asked for there. */
export function Labels({ sheet, counted = true }: { sheet: Sheet; counted?: boolean }) {
  const names = sheet.plan.pieces.map((piece) => nameLabel(sheet, piece));
  const counts = (counted ? sheet.plan.pieces : [])
    .flatMap((piece) =>
      // Squares are told on their own view.
      (sheet.plan.boards.some(({ id }) => id === piece.id) ? [] : piece.edges).flatMap((edge) =>
        edge.runs
          .filter((run) => !isUnderItsLike(edge, run))
          .map((run) => ({ run, label: runLabel(sheet, piece, edge, run) })),
      ),
    )
    .sort((one, other) => other.run.lengthMm - one.run.lengthMm)
    .map(({ label }) => label);
  return (
    <g aria-hidden="true">
      {placed([...names.map((name) => [name]), ...counts]).map((label, index) => (
        <text
          key={index}
          x={label.at.x}
          y={label.at.y}
          transform={`rotate(${label.angle} ${label.at.x} ${label.at.y})`}
          textAnchor="middle"
          dominantBaseline="central"
          className={index < names.length ? 'piece-name' : 'cloth-label'}
          fill={label.colour}
          stroke={label.halo}
          fontSize={label.size}
        >
          {label.text}
        </text>
      ))}
    </g>
  );
}
