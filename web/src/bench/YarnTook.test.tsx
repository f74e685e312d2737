// @vitest-environment jsdom
import { act, cleanup, fireEvent, render, screen } from '@testing-library/react';
import { afterEach, expect, test } from 'vitest';
import type { Opened } from '../api/types';
import { garment, seam } from '../testing/sample';
import { YarnTook } from './YarnTook';

afterEach(cleanup);

function opened(over: Partial<Opened['plan']['yarn']['seams'][number]> = {}): Opened {
  const made = garment();
  made.plan.seams = [seam({ id: 'side.left', name: 'Left side', method: 'whip-both' })];
  made.plan.yarn.yarns = [
    {
      id: 'yarn.1',
      neededMm: 0,
      stages: [],
      words: '',
      yarn: { id: 'yarn.1', name: 'Quay wool', colour: '', fibre: '', weight: 'WORSTED', traits: [] },
    },
  ];
  made.plan.yarn.seams = [
    {
      seam: 'side.left',
      yarn: 'yarn.1',
      told: false,
      factor: 1.8,
      measured: 0,
      spread: 0,
      lengthMm: 400,
      neededMm: 1020,
      twiceMm: 800,
      tails: 2,
      words: '',
      strands: [],
      sample: { joints: 20, seamMm: 160 },
      ...over,
    },
  ];
  return made;
}

test('what a joined seam took is one more measurement over its whole length, kept once it is taken', async () => {
  const sent: unknown[] = [];
  let taken = false;
  render(
    <YarnTook
      garment={opened()}
      seam="side.left"
      onKeep={(changes) => {
        sent.push(...changes);
        return Promise.resolve(taken);
      }}
    />,
  );
  expect(screen.getByText(/Its 40 cm took, without the tails/)).toBeDefined();
  const keep = screen.getByRole('button', { name: 'Keep it' });
  fireEvent.change(screen.getByRole('textbox'), { target: { value: '-3' } });
  expect(keep).toHaveProperty('disabled', true);
  fireEvent.change(screen.getByRole('textbox'), { target: { value: '74' } });
  await act(async () => fireEvent.click(keep));
  expect(screen.queryByText(/^Kept/)).toBeNull();
  expect(sent).toEqual([
    { kind: 'FACTOR_MEASURED', method: 'whip-both', yarn: 'yarn.1', seamMm: 400, yarnMm: 740 },
  ]);
  taken = true;
  await act(async () => fireEvent.click(keep));
  expect(screen.getByText(/^Kept/)).toBeDefined();
  expect(screen.queryByRole('button')).toBeNull();
});

test('without a yarn told there is nothing to measure it of', () => {
  const made = opened();
  delete made.plan.yarn.seams[0]!.yarn;
  render(<YarnTook garment={made} seam="side.left" onKeep={() => Promise.resolve(true)} />);
  expect(screen.queryByRole('textbox')).toBeNull();
});
