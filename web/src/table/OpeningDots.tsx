import { length } from '../format';
import type { OpeningPlan } from '../api/types';
import { onTable, type Point } from '../drawing/geometry';
import type { Sheet } from '../drawing/sheet';

const OUT = 6;

interface Line {
  from: Point;
  to: Point;
  out: Point;
}

/** The free stretches of an opening as straight lines on the screen, moved a little off the cloth. */
function lines(sheet: Sheet, opening: OpeningPlan): Line[] {
  return opening.stretches.flatMap((stretch) => {
    const piece = sheet.plan.pieces.find((p) => p.id === stretch.piece)!;
    const edge = piece.edges.find((e) => e.id === stretch.edge)!;
    let start = 0;
    return edge.runs.flatMap((run) => {
      const from = Math.max(stretch.fromHalf / 2, start);
      const to = Math.min(stretch.toHalf / 2, start + run.count);
      const at = (unit: number) =>
        sheet.px(
          onTable(
            piece,
            { x: run.x + (unit - start) * run.dx, y: run.y + (unit - start) * run.dy },
            sheet.shifts,
          ),
        );
      const line = from < to ? [run.under ? outside(at(to), at(from)) : outside(at(from), at(to))] : [];
      start += run.count;
      return line;
    });
  });
}

/** The ring runs counter-clockwise, so the outside lies to the right of its way; y is down on screen. */
function outside(from: Point, to: Point): Line {
  const size = Math.hypot(to.x - from.x, to.y - from.y) || 1;
  const out = { x: -(to.y - from.y) / size, y: (to.x - from.x) / size };
  const move = (p: Point) => ({ x: p.x + out.x * OUT, y: p.y + out.y * OUT });
  return { from: move(from), to: move(to), out };
}

function longest(all: Line[]): Line {
  const size = (line: Line) => Math.hypot(line.to.x - line.from.x, line.to.y - line.from.y);
  return all.reduce((best, line) => (size(line) > size(best) ? line : best));
}

/** The edges that stay open, dotted; a short one is named beside it. */
export function OpeningDots({ sheet, openings }: { sheet: Sheet; openings: OpeningPlan[] }) {
  return (
    <g aria-hidden="true">
      {openings.map((opening, index) => {
        const all = lines(sheet, opening);
        const d = all.map((line) => `M${line.from.x} ${line.from.y}L${line.to.x} ${line.to.y}`).join('');
        return (
          <g key={index}>
            <path
              d={d}
              fill="none"
              stroke="var(--lichen-ink)"
              strokeWidth={4}
              strokeLinecap="round"
              strokeDasharray="0.1 7.5"
            />
            {opening.stretches.length === 1 && (
              <CuffLabel
                line={longest(all)}
                words={`${opening.name}: ${length(opening.lengthMm, sheet.plan.unit)}`}
              />
            )}
          </g>
        );
      })}
    </g>
  );
}

/** Beside a short opening of one stretch, such as a cuff, along its edge. */
function CuffLabel({ line, words }: { line: Line; words: string }) {
  const x = (line.from.x + line.to.x) / 2 + line.out.x * 18;
  const y = (line.from.y + line.to.y) / 2 + line.out.y * 18;
  const angle = Math.abs(line.out.x) > Math.abs(line.out.y) ? -90 : 0;
  return (
    <text
      x={x}
      y={y}
      textAnchor="middle"
      dominantBaseline="middle"
      transform={`rotate(${angle} ${x} ${y})`}
      className="opening-label"
    >
      {words}
    </text>
  );
}
