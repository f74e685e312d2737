import { type KeyboardEvent, type PointerEvent, useCallback, useState } from 'react';

interface Drag {
  seam: string;
  /** The step it would come before; undefined for the end. */
  before: string | undefined;
}

/**
 * Moves a step by its grip: with the pointer to where a line shows, with the arrow keys one place at a time.
 * The move is asked for when it is let go.
 */
export function useStepDrag(seams: string[], onMove: (seam: string, before: string | undefined) => void) {
  const [drag, setDrag] = useState<Drag>();

  const beforeAt = useCallback(
    (y: number): string | undefined =>
      seams.find((seam) => {
        const box = document.getElementById(`step-${seam}`)?.getBoundingClientRect();
        return box !== undefined && y < box.top + box.height / 2;
      }),
    [seams],
  );

  const grip = useCallback(
    (seam: string) => ({
      onPointerDown: (event: PointerEvent<HTMLButtonElement>) => {
        event.currentTarget.setPointerCapture(event.pointerId);
        setDrag({ seam, before: beforeAt(event.clientY) });
      },
      onPointerMove: (event: PointerEvent) => {
        const y = event.clientY;
        setDrag((now) => (now?.seam === seam ? { seam, before: beforeAt(y) } : now));
      },
      onPointerUp: (event: PointerEvent) => {
        const before = beforeAt(event.clientY);
        setDrag(undefined);
        const follows = seams[seams.indexOf(seam) + 1];
        if (before !== seam && before !== follows) {
          onMove(seam, before);
        }
      },
      onPointerCancel: () => setDrag(undefined),
      onKeyDown: (event: KeyboardEvent) => {
        const index = seams.indexOf(seam);
        if (event.key === 'ArrowUp' && index > 0) {
          event.preventDefault();
          onMove(seam, seams[index - 1]);
        } else if (event.key === 'ArrowDown' && index < seams.length - 1) {
          event.preventDefault();
          onMove(seam, seams[index + 2]);
        }
      },
    }),
    [seams, beforeAt, onMove],
  );
  return { drag, grip };
}
