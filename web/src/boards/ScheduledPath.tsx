import type { BoardPlan } from '../api/types';
import { onTable, type Point } from '../drawing/geometry';
import type { Sheet } from '../drawing/sheet';

interface Props {
  sheet: Sheet;
  board: BoardPlan;
  /** How many passes are drawn; the last one is the one looked at. */
  pass: number;
}

/** The way of the passes over a board, as far as they are gone through; each begins at a dot and ends at a bar. */
export function ScheduledPath({ sheet, board, pass }: Props) {
  const piece = sheet.plan.pieces.find(({ id }) => id === board.id)!;
  const scheme = board.schemes.find(({ now }) => now)!;
  return (
    <g aria-hidden="true">
      {scheme.path.slice(0, pass + 1).map(({ through }, index) => {
        const points = through.map(({ at }) => sheet.px(onTable(piece, at)));
        const last = index === pass;
        return (
          <g key={index} className={last ? 'pass-now' : 'pass-done'}>
            <polyline points={points.map(({ x, y }) => `${x},${y}`).join(' ')} fill="none" />
            {last && <circle cx={points[0]!.x} cy={points[0]!.y} r={6} />}
            {last && <Arrow from={points.at(-2)!} to={points.at(-1)!} />}
          </g>
        );
      })}
    </g>
  );
}

function Arrow({ from, to }: { from: Point; to: Point }) {
  const long = Math.hypot(to.x - from.x, to.y - from.y) || 1;
  const [ux, uy] = [(to.x - from.x) / long, (to.y - from.y) / long];
  const wing = (side: number) => `${to.x - 11 * ux + side * 6 * uy},${to.y - 11 * uy - side * 6 * ux}`;
  return <polygon points={`${to.x},${to.y} ${wing(1)} ${wing(-1)}`} />;
}
