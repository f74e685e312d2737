import { type KeyboardEvent, useRef } from 'react';
import type { Handle } from '../api/types';
import { onTable, type Point } from '../drawing/geometry';
import type { Sheet } from '../drawing/sheet';
import type { Explore } from './useExplore';

const FORWARD = ['ArrowRight', 'ArrowUp'];
const BACKWARD = ['ArrowLeft', 'ArrowDown'];

/** Beads on the drawing that make it wider, deeper or longer by whole stitches and rows. */
export function SizeHandles({ sheet, explore }: { sheet: Sheet; explore: Explore }) {
  return (
    <g>
      {sheet.plan.handles.map((handle) => (
        <SizeHandle key={handle.id} handle={handle} sheet={sheet} explore={explore} />
      ))}
    </g>
  );
}

function SizeHandle({ handle, sheet, explore }: { handle: Handle; sheet: Sheet; explore: Explore }) {
  const held = useRef<{ from: Point; steps: number; way: Point } | undefined>(undefined);
  const piece = sheet.plan.pieces.find((candidate) => candidate.id === handle.piece);
  if (!piece) {
    return null;
  }
  const at = sheet.px(onTable(piece, handle, sheet.shifts));
  const next = sheet.px(onTable(piece, { x: handle.x + handle.dx, y: handle.y + handle.dy }, sheet.shifts));
  const way = { x: next.x - at.x, y: next.y - at.y };
  const long = Math.hypot(way.x, way.y) || 1;
  const unit = { x: way.x / long, y: way.y / long };
  const steps = explore.steps[handle.id] ?? 0;
  const onKeyDown = (event: KeyboardEvent) => {
    const by = FORWARD.includes(event.key) ? 1 : BACKWARD.includes(event.key) ? -1 : 0;
    if (by !== 0) {
      event.preventDefault();
      event.stopPropagation();
      explore.drag(handle.id, steps + by);
    }
  };
  return (
    <g
      className="size-handle"
      role="slider"
      tabIndex={0}
      aria-label={handle.name}
      aria-valuenow={steps}
      aria-valuetext={steps === 0 ? 'as it is' : `${Math.abs(steps)} ${steps > 0 ? 'more' : 'fewer'}`}
      onKeyDown={onKeyDown}
      onPointerDown={(event) => {
        event.stopPropagation();
        event.currentTarget.setPointerCapture(event.pointerId);
        held.current = { from: { x: event.clientX, y: event.clientY }, steps, way };
      }}
      onPointerMove={(event) => {
        const start = held.current;
        if (!start) {
          return;
        }
        const length = Math.hypot(start.way.x, start.way.y) || 1;
        const along =
          ((event.clientX - start.from.x) * start.way.x + (event.clientY - start.from.y) * start.way.y) /
          length;
        const wanted = start.steps + Math.round(along / length);
        if (wanted !== steps) {
          explore.drag(handle.id, wanted);
        }
      }}
      onPointerUp={() => {
        held.current = undefined;
      }}
      onPointerCancel={() => {
        held.current = undefined;
      }}
    >
      <title>{`${handle.name}: ${handle.tied}`}</title>
      <circle cx={at.x} cy={at.y} r={22} fill="transparent" />
      <path
        d={`M${at.x - unit.x * 24} ${at.y - unit.y * 24}L${at.x + unit.x * 24} ${at.y + unit.y * 24}`}
        stroke="var(--ink)"
        strokeWidth={3}
      />
      <circle cx={at.x} cy={at.y} r={12} fill="var(--weld)" stroke="var(--ink)" strokeWidth={3} />
    </g>
  );
}
