// @vitest-environment jsdom
import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import { afterEach, expect, test, vi } from 'vitest';
import type { GarmentPlan, SeamPlan } from '../api/types';
import { garment, HOLD, seam } from '../testing/sample';
import { HoldChoices } from './HoldChoices';

afterEach(cleanup);

const HELD = {
  ...HOLD,
  choices: [{ facing: 'RIGHT_SIDES_TOGETHER' as const, title: 'Right sides together', now: true }],
};

const PAIR: GarmentPlan['pairs'][number] = {
  first: 'shoulder.left',
  second: 'shoulder.right',
  told: false,
  ways: [
    {
      way: 'SAME_DIRECTION',
      now: true,
      title: 'Same direction',
      words: 'Both run to the neck.',
      seams: [
        { seam: 'shoulder.left', nearest: 'back', to: 'the neck' },
        { seam: 'shoulder.right', nearest: 'right front', to: 'the neck' },
      ],
    },
    {
      way: 'SAME_PIECE',
      now: false,
      title: 'Same piece nearest',
      words: 'The back both times.',
      seams: [
        { seam: 'shoulder.left', nearest: 'back', to: 'the neck' },
        { seam: 'shoulder.right', nearest: 'back', to: 'the right armhole' },
      ],
    },
  ],
};

function shown(told: boolean, isBegun: boolean, hold: NonNullable<SeamPlan['hold']> = HELD) {
  const opened = garment();
  opened.plan.pairs = [{ ...PAIR, told }];
  opened.progress = isBegun
    ? [{ seam: 'shoulder.right', state: 'IN_HAND', joints: 20, position: 2, work: 'w' }]
    : [];
  const onChange = vi.fn();
  render(<HoldChoices garment={opened} seam={seam({ id: 'shoulder.left', hold })} onChange={onChange} />);
  return onChange;
}

test('a pair is held the other way by one press, for all pairs', () => {
  const onChange = shown(false, false);
  fireEvent.click(screen.getByRole('button', { name: /Same direction/ }));
  expect(onChange).not.toHaveBeenCalled();
  fireEvent.click(screen.getByRole('button', { name: /Same piece nearest/ }));
  expect(onChange).toHaveBeenCalledWith({ kind: 'SCHOOL_TAKEN', school: 'PAIR', way: 'SAME_PIECE' });
});

test.each([
  [true, false],
  [false, true],
])('where one was turned by itself, or is begun, this one is turned', (told, isBegun) => {
  const onChange = shown(told, isBegun);
  fireEvent.click(screen.getByRole('button', { name: /Same piece nearest/ }));
  expect(onChange).toHaveBeenCalledWith({ kind: 'SEAM_TURNED', seam: 'shoulder.left' });
});

test('pieces are held as the method allows, and only then is it asked', () => {
  const onChange = shown(false, false, {
    ...HELD,
    choices: [...HELD.choices, { facing: 'WRONG_SIDES_TOGETHER', title: 'Wrong sides together', now: false }],
  });
  fireEvent.change(screen.getByLabelText('Held'), { target: { value: 'WRONG_SIDES_TOGETHER' } });
  expect(onChange).toHaveBeenCalledWith({
    kind: 'FACING_CHOSEN',
    seam: 'shoulder.left',
    facing: 'WRONG_SIDES_TOGETHER',
  });
  cleanup();
  shown(false, false);
  expect(screen.queryByLabelText('Held')).toBeNull();
});
