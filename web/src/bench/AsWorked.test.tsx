// @vitest-environment jsdom
import { fireEvent, render, screen } from '@testing-library/react';
import { expect, test, vi } from 'vitest';
import type { StripPlan } from '../api/types';
import { AsWorked } from './AsWorked';

const at = { piece: 'back', edge: 'neck', cut: { run: 'neck', offset: 0, from: 'START' }, at: 'CUT' };

function strip(worked?: number): StripPlan {
  return {
    id: 'one',
    inner: [{ at, ...(worked === undefined ? {} : { worked }) }],
    rounds: [{ segments: [{ stretch: 0, stitches: 32 }] }],
  } as unknown as StripPlan;
}

const stretches = [{ stretch: 0, name: 'Neck of the back', more: 1 }];

test('what was worked is kept for the other side with one press', () => {
  const keep = vi.fn();
  render(<AsWorked strip={strip()} stretches={stretches} onKeep={keep} />);
  expect(screen.getByText('33 stitches along the neck of the back (1 more than planned)')).toBeTruthy();
  fireEvent.click(screen.getByText('Keep these counts for the other side'));
  expect(keep).toHaveBeenCalledWith([{ kind: 'STRIP_STITCHES', strip: 'one', at, worked: 33 }]);
});

test('what is kept already is not kept again', () => {
  const { container } = render(<AsWorked strip={strip(33)} stretches={stretches} onKeep={vi.fn()} />);
  expect(container.querySelector('button')).toBeNull();
  expect(container.textContent).toContain('These counts are kept');
});

test('counts of stretches that are no more are not offered', () => {
  const { container } = render(<AsWorked strip={strip()} stretches={[]} onKeep={vi.fn()} />);
  expect(container.textContent).toBe('');
});
