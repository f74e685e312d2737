// @vitest-environment jsdom
import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import { afterEach, expect, test, vi } from 'vitest';
import type { GarmentPlan, WorkView } from '../api/types';
import { CountAgain } from './CountAgain';

afterEach(cleanup);

const work = {
  plan: {
    plan: {
      a: { rails: [] },
      b: { rails: [{ piece: 'back', edge: 'top', run: 'r', pieceName: 'Back', words: 'stitches' }] },
    },
  },
} as unknown as WorkView;

function offered(what: 'LEFT_OVER' | 'LEFT_OUT', worked?: number) {
  const run = { id: 'r', count: worked ?? 23, ...(worked === undefined ? {} : { worked }) };
  const plan = { pieces: [{ id: 'back', edges: [{ id: 'top', runs: [run] }] }] } as unknown as GarmentPlan;
  const keep = vi.fn();
  render(
    <CountAgain
      plan={plan}
      work={work}
      departures={[{ joint: 23, what, side: 'B', count: 2, words: '' }]}
      onKeep={keep}
    />,
  );
  return keep;
}

test('what was left over is kept as the count of its edge', () => {
  const keep = offered('LEFT_OVER');
  fireEvent.click(screen.getByText('Keep 25 for what comes'));
  expect(keep).toHaveBeenCalledWith([
    { kind: 'COUNT_MADE', piece: 'back', edge: 'top', run: 'r', count: 25, when: 'AS_WORKED' },
  ]);
});

test('what is kept is not added again, and nothing else counts anew', () => {
  offered('LEFT_OVER', 25);
  offered('LEFT_OUT');
  expect(screen.queryByRole('button')).toBeNull();
});
