// @vitest-environment jsdom
import { render, screen } from '@testing-library/react';
import { expect, test } from 'vitest';
import type { Held, SeamPlan } from '../api/types';
import { HOLD, seam } from '../testing/sample';
import { HeldEdges } from './HeldEdges';

const HELD: Held = {
  hold: 'Slip stitch: right sides together.',
  start: 'Start at your right with stitch 1.',
  wrongSide: true,
  fromRight: true,
  facing: 'RIGHT_SIDES_TOGETHER',
  check: '',
};

function drawn(held: Held, hold?: SeamPlan['hold']) {
  const { container, unmount } = render(
    <HeldEdges
      seam={seam(hold ? { hold } : {})}
      clothOf={() => ({ colour: 'WELD', ribColour: 'WELD' })}
      held={held}
    />,
  );
  const start = Number(container.querySelector('.held-start circle')?.getAttribute('cx'));
  const joints = container.querySelectorAll('.held-joint').length;
  const words = [...container.querySelectorAll('.held-words')].map((text) => text.textContent);
  const label = screen.getByRole('img').getAttribute('aria-label');
  unmount();
  return { start, joints, words, label };
}

test('held together, the nearer layer shows its wrong side and the other its right side', () => {
  const { words, label, joints } = drawn(HELD);
  expect(words[1]).toContain('nearest you, its wrong side shows');
  expect(words[0]).toContain('behind, facing you with its right side');
  expect(label).toContain('Start at your right');
  expect(joints).toBe(7);
});

test('it starts at the hand that the plan says', () => {
  const right = drawn(HELD).start;
  const left = drawn({ ...HELD, fromRight: false, facing: 'FLAT_RIGHT_SIDES_UP' });
  expect(left.start).toBeLessThan(right);
  expect(left.words.every((words) => words?.includes('right side up'))).toBe(true);
});

test('the side that is held nearest is drawn nearest', () => {
  const { a, b } = seam();
  expect(drawn(HELD).words[1]).toContain(`${a.name}: nearest you`);
  const { words } = drawn(HELD, HOLD);
  expect(words[1]).toContain(`${b.name}: nearest you`);
  expect(words[0]).toContain(`${a.name}: behind`);
});

const FLAT: Held = { ...HELD, wrongSide: false, facing: 'FLAT_RIGHT_SIDES_UP' };

test('a piece that is turned over shows its other side, stacked or flat', () => {
  expect(drawn(HELD, { ...HOLD, shows: ['WRONG_SIDE', 'WRONG_SIDE'] }).words[0]).toContain(
    'facing you with its wrong side',
  );
  expect(drawn(HELD, HOLD).words[0]).toContain('facing you with its right side');
  const { words } = drawn(FLAT, { ...HOLD, kind: 'SIDE_BY_SIDE', edges: 'LEVEL' });
  expect(words[1]).toContain('nearest you, wrong side up');
  expect(words[0]).toContain('right side up');
});

test('of upright edges it is said which lies left, whichever is drawn below', () => {
  const { a, b } = seam();
  const right = drawn(FLAT, { ...HOLD, kind: 'SIDE_BY_SIDE', edges: 'UPRIGHT' }).words;
  expect(right[1]).toContain(`${b.name}: on your left`);
  expect(right[0]).toContain(`${a.name}: on your right`);
  const left = drawn(FLAT, { ...HOLD, kind: 'SIDE_BY_SIDE', edges: 'UPRIGHT', below: 'A' }).words;
  expect(left[1]).toContain(`${a.name}: on your right`);
});
