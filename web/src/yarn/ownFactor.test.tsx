// @vitest-environment jsdom
import { cleanup, fireEvent, screen, waitFor } from '@testing-library/react';
import { afterEach, beforeEach, expect, test, vi } from 'vitest';
import type { MethodEntry, Opened, YarnSum } from '../api/types';
import { editorOf } from '../testing/editor';
import { inEditor } from '../testing/inEditor';
import { garment, seam } from '../testing/sample';
import { Calibration } from './Calibration';
import { SeamStrands } from './SeamStrands';

const { weighed } = vi.hoisted(() => ({ weighed: vi.fn() }));
vi.mock('./scale', () => ({ readScale: weighed }));
beforeEach(() => weighed.mockReset());
afterEach(cleanup);

type SeamYarn = Opened['plan']['yarn']['seams'][number];

const WHIP = { id: 'whip', title: 'Whip stitch', yarnCmPerCm: 3.5 } as MethodEntry;

function strand(id: string, over: Partial<SeamYarn> = {}): SeamYarn {
  return {
    seam: id,
    yarn: 'yarn.1',
    told: false,
    factor: 3.5,
    measured: 0,
    spread: 0,
    lengthMm: 400,
    neededMm: 1700,
    twiceMm: 800,
    tails: 2,
    words: 'With two tails.',
    strands: [],
    sample: { joints: 20, seamMm: 160 },
    ...over,
  };
}

function opened(over: Partial<SeamYarn> = {}, yarn: Partial<YarnSum> = { mmPerGram: 2000 }) {
  const made = garment();
  made.plan.seams = ['side.left', 'side.right'].map((id) =>
    seam({ id, name: id === 'side.left' ? 'Left side' : 'Right side', method: 'whip', planned: true }),
  );
  made.plan.yarn.seams = [strand('side.left', over), strand('side.right')];
  made.plan.yarn.yarns = ['yarn.1', 'yarn.2'].map((id) => ({
    id,
    neededMm: 3400,
    words: '',
    stages: [],
    yarn: {
      id,
      name: id === 'yarn.1' ? 'Quay wool' : 'Net cotton',
      colour: '',
      fibre: '',
      weight: 'WORSTED',
      traits: [],
    },
    ...yarn,
  }));
  return made;
}

function calibration(made = opened()) {
  const sent: unknown[] = [];
  const editor = editorOf(made, sent);
  inEditor(<Calibration editor={editor} catalogue={[WHIP]} />, editor);
  return sent;
}

test('what twenty joints took is measured in the maker’s unit', async () => {
  const made = opened();
  made.plan.unit = 'INCH';
  const sent = calibration(made);
  expect(screen.getByText(/Work 20 joints/)).toBeDefined();
  const keep = screen.getByRole('button', { name: 'Keep it' });
  fireEvent.change(screen.getByLabelText('They took'), { target: { value: 'much' } });
  expect(keep).toHaveProperty('disabled', true);
  fireEvent.change(screen.getByLabelText('They took'), { target: { value: '20' } });
  fireEvent.click(keep);
  expect(sent).toEqual([
    { kind: 'FACTOR_MEASURED', method: 'whip', yarn: 'yarn.1', seamMm: 160, yarnMm: 508 },
  ]);
  await waitFor(() => expect(screen.getByLabelText('They took')).toHaveProperty('value', ''));
});

test('the ball weighed before and after tells the same', async () => {
  weighed.mockResolvedValueOnce(50).mockResolvedValueOnce(49.7);
  const sent = calibration();
  fireEvent.click(screen.getByRole('button', { name: 'Weigh the ball before' }));
  expect(await screen.findByText('50 g before.')).toBeDefined();
  expect(sent).toEqual([]);
  fireEvent.click(screen.getByRole('button', { name: 'Weigh it again, after' }));
  await waitFor(() => expect(sent).toHaveLength(1));
  expect((sent[0] as { yarnMm: number }).yarnMm).toBeCloseTo(0.3 * 2000, 6);
});

test('a scale that is silent is told of and nothing is measured', async () => {
  weighed.mockResolvedValue(undefined);
  const sent = calibration();
  fireEvent.click(screen.getByRole('button', { name: 'Weigh the ball before' }));
  expect((await screen.findByRole('alert')).textContent).toBe('The scale does not answer.');
  expect(sent).toEqual([]);
});

test('without metres and grams of a ball there is nothing to weigh; what was measured can be forgotten', () => {
  const sent = calibration(opened({ measured: 2, factor: 3.12, spread: 0.21 }, {}));
  expect(screen.queryByRole('button', { name: /Weigh/ })).toBeNull();
  expect(screen.getByText(/give or take 0\.21, measured 2 times \(table: 3\.5\)/)).toBeDefined();
  fireEvent.click(screen.getByRole('button', { name: 'Take the table’s again' }));
  expect(sent).toEqual([{ kind: 'FACTOR_FORGOTTEN', method: 'whip', yarn: 'yarn.1' }]);
});

test('seams without a yarn or a plan are not asked to be measured', () => {
  const made = opened();
  made.plan.yarn.seams = [strand('side.left')];
  delete made.plan.yarn.seams[0]!.yarn;
  calibration(made);
  expect(screen.queryByRole('region')).toBeNull();
});

test('each seam tells length times factor and all of them their sum; its yarn can be chosen and left to its pieces', () => {
  const sent: unknown[] = [];
  const editor = editorOf(opened({ told: true }), sent);
  inEditor(<SeamStrands editor={editor} catalogue={[WHIP]} />, editor);
  expect(screen.getAllByText('40 cm × 3.5')).toHaveLength(2);
  expect(screen.getByRole('rowheader', { name: 'All' }).closest('tr')?.textContent).toContain('3.4 m');
  fireEvent.change(screen.getByLabelText('Yarn for right side'), { target: { value: 'yarn.2' } });
  fireEvent.change(screen.getByLabelText('Yarn for left side'), { target: { value: '' } });
  expect(sent).toEqual([
    { kind: 'SEAM_YARNED', seam: 'side.right', yarn: 'yarn.2' },
    { kind: 'SEAM_YARNED', seam: 'side.left' },
  ]);
});
