import { boxOf, corners, onTable, type Point } from '../drawing/geometry';
import { apart, type Rect } from '../drawing/rects';
import type { Sheet } from '../drawing/sheet';
import type { Dimension } from '../api/types';

/** A dimension line on the screen, a little inside its piece. */
export interface Line {
  key: string;
  from: Point;
  to: Point;
}

/** A field with its line; what is far from it is led to it. */
export interface PlacedField extends Line {
  at: Point;
}

const APART_PX = 16;
export const FIELD = { width: 54, height: 44 };
const GAP_PX = 2;
const STEP_PX = 12;
const RINGS = 24;
const WAYS = 16;

/** A box on the screen, y downwards. */
function rectOf(points: Point[]): Rect {
  const box = boxOf(points);
  return { left: box.left, right: box.right, top: box.bottom, bottom: box.top };
}

function moved({ from, to, key }: Line, dx: number, dy: number): Line {
  return { key, from: { x: from.x + dx, y: from.y + dy }, to: { x: to.x + dx, y: to.y + dy } };
}

/** The lines of a plan on the screen: beside the edge they lie on, outside its piece where no other lies there. */
export function linesOf(sheet: Sheet, dimensions: Dimension[]): Line[] {
  const boxes = sheet.plan.pieces.map((piece) => ({
    piece,
    rect: rectOf(corners(piece).map((corner) => sheet.px(onTable(piece, corner)))),
  }));
  return dimensions.flatMap(({ answer, piece: id, from, to }) => {
    const own = boxes.find(({ piece }) => piece.id === id);
    if (!own) {
      return [];
    }
    const { piece, rect } = own;
    const [a, b] = [sheet.px(onTable(piece, from)), sheet.px(onTable(piece, to))];
    const line = { key: answer, from: a, to: b };
    const upright = Math.abs(a.y - b.y) > Math.abs(a.x - b.x);
    const out = upright
      ? { x: Math.sign(a.x - (rect.left + rect.right) / 2) * APART_PX, y: 0 }
      : { x: 0, y: Math.sign(a.y - (rect.top + rect.bottom) / 2) * APART_PX };
    const outside = moved(line, out.x, out.y);
    const lies = rectOf([outside.from, outside.to]);
    const isFree = boxes.every((other) => other.piece.id === id || apart(lies, other.rect));
    return [isFree ? outside : moved(line, -out.x, -out.y)];
  });
}

export function fieldRect(at: Point): Rect {
  const [w, h] = [FIELD.width / 2 + GAP_PX, FIELD.height / 2 + GAP_PX];
  return { left: at.x - w, right: at.x + w, top: at.y - h, bottom: at.y + h };
}

/** Ways from the middle of a line, the nearest first. */
const OFFSETS: Point[] = [
  { x: 0, y: 0 },
  ...Array.from({ length: RINGS * WAYS }, (_, i) => {
    const away = (Math.floor(i / WAYS) + 1) * STEP_PX;
    const angle = ((i % WAYS) * 2 * Math.PI) / WAYS;
    return { x: away * Math.cos(angle), y: away * Math.sin(angle) };
  }),
];

/** Each field on the middle of its line, or as near as there is room. */
export function placeFields(
  lines: Line[],
  size: { width: number; height: number },
  taken: Rect[],
): PlacedField[] {
  const all = [...taken];
  return lines.map((line) => {
    const middle = { x: (line.from.x + line.to.x) / 2, y: (line.from.y + line.to.y) / 2 };
    const isFree = (offset: Point) => {
      const rect = fieldRect({ x: middle.x + offset.x, y: middle.y + offset.y });
      const inside =
        rect.left >= 0 && rect.top >= 0 && rect.right <= size.width && rect.bottom <= size.height;
      return inside && all.every((other) => apart(rect, other));
    };
    const offset = OFFSETS.find(isFree) ?? OFFSETS[0]!;
    const at = { x: middle.x + offset.x, y: middle.y + offset.y };
    all.push(fieldRect(at));
    return { ...line, at };
  });
}
