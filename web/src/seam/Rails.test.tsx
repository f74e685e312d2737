// @vitest-environment jsdom
import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import { afterEach, expect, test, vi } from 'vitest';
import { piece, seam } from '../testing/sample';
import { Rails, type RailsProps } from './Rails';

afterEach(cleanup);

function rails(over: Partial<RailsProps> = {}) {
  const spies = { onMove: vi.fn(), onDone: vi.fn(), onRest: vi.fn(), onCancel: vi.fn() };
  const drawn = render(
    <Rails
      seam={seam()}
      pieces={[piece('back'), piece('sleeve')]}
      unit="CM"
      width={1000}
      stretch={undefined}
      mirrored={false}
      wrongSide={false}
      asHeld={false}
      waveMm={40}
      {...spies}
      {...over}
    />,
  );
  return { ...spies, svg: drawn.container };
}

const onA = () => screen.getByRole('slider', { name: 'shoulder on the sleeve top' });

test('only anchors that can be moved are sliders, one on each side', () => {
  rails();
  expect(screen.getAllByRole('slider')).toHaveLength(2);
  expect(onA().getAttribute('aria-valuenow')).toBe('8');
  expect(onA().getAttribute('aria-valuetext')).toBe('after stitch 4');
});

test('arrow keys move by half a place, Enter saves, Escape leaves it', () => {
  const { onMove, onDone, onRest, onCancel } = rails();
  fireEvent.keyDown(onA(), { key: 'ArrowRight' });
  expect(onMove).toHaveBeenLastCalledWith('shoulder', 'A', 9);
  fireEvent.keyDown(onA(), { key: 'ArrowLeft' });
  expect(onMove).toHaveBeenLastCalledWith('shoulder', 'A', 7);
  expect(onRest).toHaveBeenCalledTimes(2);
  fireEvent.keyDown(onA(), { key: 'Enter' });
  expect(onDone).toHaveBeenCalledOnce();
  fireEvent.keyDown(onA(), { key: 'Escape' });
  expect(onCancel).toHaveBeenCalledOnce();
});

test('mirrored, the right arrow leads back to the start', () => {
  const { onMove } = rails({ mirrored: true });
  fireEvent.keyDown(onA(), { key: 'ArrowRight' });
  expect(onMove).toHaveBeenLastCalledWith('shoulder', 'A', 7);
  fireEvent.keyDown(onA(), { key: 'ArrowUp' });
  expect(onMove).toHaveBeenLastCalledWith('shoulder', 'A', 9);
});

test('an anchor never leaves its side', () => {
  const { onMove } = rails();
  fireEvent.keyDown(onA(), { key: 'PageUp' });
  expect(onMove).toHaveBeenLastCalledWith('shoulder', 'A', 14);
});

test('every joint is a thread while there is room, else only those at markers', () => {
  const threads = (container: HTMLElement) =>
    [...container.querySelectorAll('path')]
      .filter((path) => path.getAttribute('stroke') === 'var(--madder)')
      .map((path) => path.getAttribute('d')!.split('M').length - 1);
  expect(threads(rails().svg)).toEqual([7]);
  cleanup();
  expect(threads(rails({ width: 160 }).svg)).toEqual([1]);
});

test('row ends say how many joints they take', () => {
  rails();
  const figures = [...document.querySelectorAll('.barrel-figure')].map((text) => text.textContent);
  expect(figures).toEqual(['2', '2', '2', '1']);
});

test('the wrong side says so', () => {
  rails({ wrongSide: true, mirrored: true });
  expect(screen.getAllByText(/wrong side up/)).toHaveLength(2);
  expect(screen.getByText('Start here').getAttribute('text-anchor')).toBe('end');
});
