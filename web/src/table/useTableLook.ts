import { type KeyboardEvent, type PointerEvent, type RefObject, useEffect, useRef, useState } from 'react';
import type { Point } from '../drawing/geometry';
import { ALL, type TableLook, zoomedAt } from '../drawing/sheet';

const STEP = 1.25;
const PAN_PX = 60;
const STILL_PX = 4;

const PANS: Record<string, Point> = {
  ArrowLeft: { x: PAN_PX, y: 0 },
  ArrowRight: { x: -PAN_PX, y: 0 },
  ArrowUp: { x: 0, y: PAN_PX },
  ArrowDown: { x: 0, y: -PAN_PX },
};

/** A piece being dragged, by so many px. */
export interface Dragged {
  piece: string;
  by: Point;
}

/**
 * Looks at the table nearer or further and moves it: by wheel, by keys, by dragging the mat. A piece that is
 * dragged is moved instead.
 */
export function useTableLook(
  ref: RefObject<HTMLDivElement | null>,
  size: { width: number; height: number },
  onDropped: (dragged: Dragged) => void,
) {
  const [look, setLook] = useState<TableLook>(ALL);
  const [dragged, setDragged] = useState<Dragged>();
  const from = useRef<{ start: Point; look: TableLook; piece: string | undefined } | undefined>(undefined);

  const middle = { x: size.width / 2, y: size.height / 2 };
  const zoom = (factor: number) => setLook((now) => zoomedAt(now, factor, middle));

  useEffect(() => {
    const element = ref.current;
    const onWheel = (event: WheelEvent) => {
      event.preventDefault();
      const box = element!.getBoundingClientRect();
      const at = { x: event.clientX - box.left, y: event.clientY - box.top };
      setLook((now) => zoomedAt(now, event.deltaY < 0 ? STEP : 1 / STEP, at));
    };
    element?.addEventListener('wheel', onWheel, { passive: false });
    return () => element?.removeEventListener('wheel', onWheel);
  }, [ref]);

  const handlers = {
    onPointerDown: (event: PointerEvent<HTMLDivElement>) => {
      const target = event.target as Element;
      if (event.button !== 0 || target.closest('a, button')) {
        return;
      }
      event.currentTarget.setPointerCapture(event.pointerId);
      const piece = target.closest('[data-piece]')?.getAttribute('data-piece') ?? undefined;
      from.current = { start: { x: event.clientX, y: event.clientY }, look, piece };
    },
    onPointerMove: (event: PointerEvent) => {
      const held = from.current;
      if (!held) {
        return;
      }
      const by = { x: event.clientX - held.start.x, y: event.clientY - held.start.y };
      if (held.piece) {
        setDragged({ piece: held.piece, by });
      } else {
        setLook({ ...held.look, x: held.look.x + by.x, y: held.look.y + by.y });
      }
    },
    onPointerUp: () => {
      if (dragged && Math.hypot(dragged.by.x, dragged.by.y) > STILL_PX) {
        onDropped(dragged);
      }
      from.current = undefined;
      setDragged(undefined);
    },
    onPointerCancel: () => {
      from.current = undefined;
      setDragged(undefined);
    },
    onKeyDown: (event: KeyboardEvent) => {
      const pan = PANS[event.key];
      if (event.target !== event.currentTarget) {
        return;
      }
      if (pan) {
        event.preventDefault();
        setLook((now) => ({ ...now, x: now.x + pan.x, y: now.y + pan.y }));
      } else if (event.key === '+' || event.key === '=') {
        zoom(STEP);
      } else if (event.key === '-') {
        zoom(1 / STEP);
      } else if (event.key === '0') {
        setLook(ALL);
      }
    },
  };
  return {
    look,
    dragged,
    handlers,
    nearer: () => zoom(STEP),
    further: () => zoom(1 / STEP),
    fit: () => setLook(ALL),
  };
}
