// @vitest-environment jsdom
import { cleanup, render, screen } from '@testing-library/react';
import { afterEach, expect, test } from 'vitest';
import { HOLD, seam } from '../testing/sample';
import { HowTo } from './HowTo';
import type { HowToPlan } from './HowToPicture';

afterEach(cleanup);

const PLAN: HowToPlan = {
  facing: 'RIGHT_SIDES_TOGETHER',
  look: 'LINE',
  fromRight: true,
  near: 'WRONG_SIDE_LOOP',
  far: 'WRONG_SIDE_LOOP',
  path: 'SLIP',
  lines: [{ part: 'JOINT', words: 'Hook through both.' }],
};

const taken = (picture: Element) =>
  [...picture.querySelectorAll('ellipse')]
    .filter((loop) => loop.closest('g')?.getAttribute('fill') === 'var(--weld)')
    .map((loop) => Number(loop.getAttribute('cy')));

test('right sides together the outer loops are taken, wrong sides together the inner ones', () => {
  const { rerender } = render(<HowTo seam={seam({ howTo: PLAN })} />);
  const outer = new Set(taken(screen.getByRole('img', { name: 'Hook through both.' })));
  rerender(<HowTo seam={seam({ howTo: { ...PLAN, facing: 'WRONG_SIDES_TOGETHER' } })} />);
  const inner = new Set(taken(screen.getByRole('img')));
  expect(outer.size).toBe(2);
  expect(Math.min(...outer)).toBeLessThan(Math.min(...inner));
  expect(Math.max(...outer)).toBeGreaterThan(Math.max(...inner));
});

test('both loops are four rows of loops taken, and row ends have none', () => {
  const { rerender } = render(
    <HowTo seam={seam({ howTo: { ...PLAN, near: 'BOTH_LOOPS', far: 'BOTH_LOOPS' } })} />,
  );
  expect(new Set(taken(screen.getByRole('img'))).size).toBe(4);
  rerender(<HowTo seam={seam({ howTo: { ...PLAN, near: 'ROW_END', far: 'ROW_END' } })} />);
  expect(taken(screen.getByRole('img'))).toHaveLength(0);
});

test('from the left it is drawn as a mirror image, its words are not', () => {
  render(
    <HowTo
      seam={seam({
        howTo: { ...PLAN, fromRight: false },
        hold: { ...HOLD, shows: ['WRONG_SIDE', 'WRONG_SIDE'] },
      })}
    />,
  );
  const picture = screen.getByRole('img');
  expect(picture.querySelector('g')?.getAttribute('transform')).toContain('scale(-1 1)');
  expect(screen.getByText('nearest you, its wrong side shows').closest('[transform]')).toBeNull();
});

test('a layer that is turned over is told by the side it shows', () => {
  render(<HowTo seam={seam({ howTo: PLAN, hold: { ...HOLD, shows: ['WRONG_SIDE', 'WRONG_SIDE'] } })} />);
  expect(screen.getByText('nearest you, its wrong side shows')).toBeTruthy();
  expect(screen.getByText('behind, its wrong side towards you')).toBeTruthy();
});

test.each(['SURFACE', 'MATTRESS', 'WOVEN', 'CHAINS'] as const)('%s is drawn side by side', (path) => {
  render(<HowTo seam={seam({ howTo: { ...PLAN, facing: 'FLAT_RIGHT_SIDES_UP', path } })} />);
  expect(screen.getByText('farther, right side up')).toBeTruthy();
  expect(screen.getByRole('img').querySelectorAll('path').length).toBeGreaterThan(0);
});

test('without a method there is nothing to show', () => {
  const { container } = render(<HowTo seam={seam()} />);
  expect(container.childElementCount).toBe(0);
});
