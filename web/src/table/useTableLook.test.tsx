// @vitest-environment jsdom
import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import { useRef } from 'react';
import { afterEach, beforeEach, expect, test, vi } from 'vitest';
import { type Dragged, useTableLook } from './useTableLook';

afterEach(cleanup);
beforeEach(() => {
  Element.prototype.setPointerCapture = vi.fn();
});

function Table({ onDropped }: { onDropped: (dragged: Dragged) => void }) {
  const ref = useRef<HTMLDivElement>(null);
  const { look, dragged, handlers, nearer, further, fit } = useTableLook(
    ref,
    { width: 400, height: 200 },
    onDropped,
  );
  return (
    <>
      <div ref={ref} role="group" aria-label="mat" tabIndex={0} {...handlers}>
        <svg>
          <g data-piece="back">
            <text>piece</text>
          </g>
        </svg>
        <button type="button">on it</button>
      </div>
      <output>
        {`${look.zoom} ${look.x} ${look.y} ${dragged ? `${dragged.piece} ${dragged.by.x}` : ''}`.trim()}
      </output>
      <button type="button" onClick={nearer}>
        nearer
      </button>
      <button type="button" onClick={further}>
        further
      </button>
      <button type="button" onClick={fit}>
        fit
      </button>
    </>
  );
}

function table() {
  const dropped: Dragged[] = [];
  render(<Table onDropped={(dragged) => dropped.push(dragged)} />);
  return { dropped, mat: screen.getByRole('group'), shown: () => screen.getByRole('status').textContent };
}

test('the mat is moved by dragging it and by the arrow keys, and 0 shows all again', () => {
  const { mat, shown } = table();
  expect(shown()).toBe('1 0 0');
  fireEvent.pointerDown(mat, { button: 0, clientX: 10, clientY: 10 });
  fireEvent.pointerMove(mat, { clientX: 40, clientY: 5 });
  fireEvent.pointerUp(mat);
  expect(shown()).toBe('1 30 -5');
  fireEvent.pointerMove(mat, { clientX: 90, clientY: 90 });
  expect(shown()).toBe('1 30 -5');
  fireEvent.keyDown(mat, { key: 'ArrowLeft' });
  fireEvent.keyDown(mat, { key: 'ArrowDown' });
  expect(shown()).toBe('1 90 -65');
  fireEvent.keyDown(mat, { key: '0' });
  expect(shown()).toBe('1 0 0');
});

test('nearer and further by keys, buttons and wheel are each other’s inverse', () => {
  const { mat, shown } = table();
  fireEvent.click(screen.getByRole('button', { name: 'nearer' }));
  fireEvent.keyDown(mat, { key: '+' });
  expect(shown()).toMatch(/^1\.5625 /);
  fireEvent.keyDown(mat, { key: '-' });
  fireEvent.click(screen.getByRole('button', { name: 'further' }));
  expect(shown()).toBe('1 0 0');
  fireEvent.wheel(mat, { deltaY: -1, clientX: 400, clientY: 200 });
  expect(shown()).toMatch(/^1\.25 -\d/);
  fireEvent.wheel(mat, { deltaY: 1, clientX: 400, clientY: 200 });
  expect(shown()).toBe('1 0 0');
  fireEvent.click(screen.getByRole('button', { name: 'fit' }));
  expect(shown()).toBe('1 0 0');
});

test('a piece is moved instead of the mat, and one that hardly moved stays', () => {
  const { dropped, mat, shown } = table();
  const piece = screen.getByText('piece');
  fireEvent.pointerDown(piece, { button: 0, clientX: 0, clientY: 0 });
  fireEvent.pointerMove(mat, { clientX: 25, clientY: 0 });
  expect(shown()).toBe('1 0 0 back 25');
  fireEvent.pointerUp(mat);
  expect(dropped).toEqual([{ piece: 'back', by: { x: 25, y: 0 } }]);
  fireEvent.pointerDown(piece, { button: 0, clientX: 0, clientY: 0 });
  fireEvent.pointerMove(mat, { clientX: 3, clientY: 2 });
  fireEvent.pointerUp(mat);
  expect(dropped).toHaveLength(1);
});

test('what is on the mat keeps its own clicks and keys; another button moves nothing', () => {
  const { mat, shown } = table();
  fireEvent.pointerDown(screen.getByRole('button', { name: 'on it' }), { button: 0, clientX: 0, clientY: 0 });
  fireEvent.pointerMove(mat, { clientX: 25, clientY: 0 });
  fireEvent.pointerDown(mat, { button: 2, clientX: 0, clientY: 0 });
  fireEvent.pointerMove(mat, { clientX: 25, clientY: 0 });
  fireEvent.keyDown(screen.getByRole('button', { name: 'on it' }), { key: 'ArrowUp' });
  expect(shown()).toBe('1 0 0');
});
