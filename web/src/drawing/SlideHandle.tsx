import { type KeyboardEvent, type PointerEvent, useRef } from 'react';

interface Props {
  x: number;
  y: number;
  name: string;
  position: number;
  most: number;
  words: string;
  /** Whether positions grow to the left on screen. */
  mirrored: boolean;
  toPosition: (x: number) => number;
  onMove: (position: number) => void;
  onDone: () => void;
  onRest: () => void;
  onCancel: () => void;
}

const KEY_STEPS: Record<string, number> = {
  ArrowLeft: -1,
  ArrowDown: -1,
  ArrowRight: 1,
  ArrowUp: 1,
  PageDown: -10,
  PageUp: 10,
};

/** A bead on a line, moved by pointer or keyboard. */
export function SlideHandle({
  x,
  y,
  name,
  position,
  most,
  words,
  mirrored,
  toPosition,
  onMove,
  onDone,
  onRest,
  onCancel,
}: Props) {
  const held = useRef(false);
  const lastSent = useRef(position);

  const moveTo = (wanted: number) => {
    const within = Math.max(0, Math.min(most, wanted));
    if (within !== lastSent.current) {
      lastSent.current = within;
      onMove(within);
    }
  };
  const pointerX = (event: PointerEvent<SVGGElement>) =>
    event.clientX - (event.currentTarget.ownerSVGElement?.getBoundingClientRect().left ?? 0);
  const onKeyDown = (event: KeyboardEvent) => {
    const sideways = event.key === 'ArrowLeft' || event.key === 'ArrowRight';
    const key = KEY_STEPS[event.key];
    const step = key !== undefined && mirrored && sideways ? -key : key;
    if (step !== undefined) {
      event.preventDefault();
      lastSent.current = position;
      moveTo(position + step);
      onRest();
    } else if (event.key === 'Enter') {
      onDone();
    } else if (event.key === 'Escape') {
      onCancel();
    }
  };
  return (
    <g
      className="handle"
      role="slider"
      tabIndex={0}
      aria-label={name}
      aria-valuemin={0}
      aria-valuemax={most}
      aria-valuenow={position}
      aria-valuetext={words}
      aria-orientation="horizontal"
      onKeyDown={onKeyDown}
      onPointerDown={(event) => {
        event.currentTarget.setPointerCapture(event.pointerId);
        held.current = true;
        lastSent.current = position;
      }}
      onPointerMove={(event) => held.current && moveTo(toPosition(pointerX(event)))}
      onPointerUp={() => {
        held.current = false;
        onDone();
      }}
      onPointerCancel={() => {
        held.current = false;
        onCancel();
      }}
    >
      <circle cx={x} cy={y} r={22} fill="transparent" />
      <circle cx={x} cy={y} r={16} fill="var(--paper)" stroke="var(--ink)" strokeWidth={4} />
      <path
        d={`M${x - 5} ${y - 5}v10M${x} ${y - 5}v10M${x + 5} ${y - 5}v10`}
        stroke="var(--ink)"
        strokeWidth={2}
      />
    </g>
  );
}
