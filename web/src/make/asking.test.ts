// @vitest-environment jsdom
import { act, renderHook, waitFor } from '@testing-library/react';
import { beforeEach, expect, test, vi } from 'vitest';
import type { Construction, FindingView, Question } from '../api/types';
import { garment } from '../testing/sample';
import { asking, below, isAsked } from './asking';
import { useAnswers } from './useAnswers';

const { previewed } = vi.hoisted(() => ({ previewed: vi.fn() }));
vi.mock('../api/garments', () => ({ previewAnswers: previewed }));
beforeEach(() => previewed.mockReset().mockResolvedValue({ findings: [] }));

function question(key: string, over: Partial<Question> = {}): Question {
  return {
    key,
    label: key,
    help: `How many at the ${key}.`,
    type: 'COUNT',
    group: 'BODY',
    groupTitle: 'Body',
    choices: [],
    least: 1,
    most: 500,
    ...over,
  };
}

function finding(over: Partial<FindingView>): FindingView {
  return {
    code: 'SHOULDERS_TOO_WIDE',
    level: 'DECIDE_FIRST',
    sentence: 'No neck is left.',
    remedy: 'Take fewer.',
    against: [],
    ...over,
  } as FindingView;
}

const CONSTRUCTION: Construction = {
  id: 'made-up',
  name: 'Made up',
  tells: '',
  signs: [],
  silhouette: [],
  questions: [question('rows'), question('gauge', { type: 'NUMBER' }), question('fold', { type: 'CHOICE' })],
};

test('a question that hangs on another is asked after its answer, or what it usually is', () => {
  const when = { key: 'fold', value: 'yes', usual: true };
  expect(isAsked(question('rows'), {})).toBe(true);
  expect(isAsked(question('rows', { when }), {})).toBe(true);
  expect(isAsked(question('rows', { when }), { fold: '' })).toBe(true);
  expect(isAsked(question('rows', { when }), { fold: 'no' })).toBe(false);
  expect(isAsked(question('rows', { when: { ...when, usual: false } }), {})).toBe(false);
  expect(isAsked(question('rows', { when: { ...when, usual: false } }), { fold: 'yes' })).toBe(true);
});

test('below a question stands what is wrong, else what is assumed and follows, else a hint', () => {
  const { plan } = garment();
  plan.assumed = [{ answer: 'rows', value: '14', because: 'As the body is high.' }];
  plan.consequences = [{ answer: 'gauge', sentence: 'A row is 12.5 mm.' }];
  const texts = { gauge: '8' };
  const ask = (key: string, findings: FindingView[] = []) =>
    asking(question(key), texts, () => undefined, plan, findings);
  expect(below(ask('rows'))).toBe('Assumed. As the body is high. How many at the rows.');
  expect(below(ask('gauge'))).toBe('A row is 12.5 mm.');
  expect(below(ask('hem'))).toBe('How many at the hem.');
  const wrong = [finding({ answer: 'rows', against: ['gauge'] })];
  expect(below(ask('rows', wrong))).toBe('No neck is left. Take fewer.');
  expect(ask('gauge', wrong).blamed).toBe(true);
  expect(ask('rows', wrong).blamed).toBe(false);
});

test('numbers go as numbers, words as they are, and what is empty not at all', async () => {
  const { result } = renderHook(() => useAnswers(CONSTRUCTION, { rows: 12 }));
  act(() => result.current.setText('gauge', ' 12,5 '));
  act(() => result.current.setText('fold', '2'));
  expect(result.current.answers).toEqual({ rows: 12, gauge: 12.5, fold: '2' });
  act(() => result.current.setText('rows', 'twelve'));
  act(() => result.current.setText('fold', ' '));
  expect(result.current.answers).toEqual({ rows: 'twelve', gauge: 12.5 });
  await waitFor(() => expect(previewed).toHaveBeenLastCalledWith('made-up', { rows: 'twelve', gauge: 12.5 }));
});

test('one preview is in flight; what is typed meanwhile is sent once, the newest only', async () => {
  let answer: (preview: object) => void = () => undefined;
  previewed.mockReturnValueOnce(new Promise((resolve) => (answer = resolve)));
  const { result } = renderHook(() => useAnswers(CONSTRUCTION, {}));
  for (const text of ['1', '12', '120']) {
    act(() => result.current.setText('rows', text));
  }
  expect(previewed).toHaveBeenCalledTimes(1);
  await act(async () => {
    answer({ findings: [] });
    await Promise.resolve();
  });
  await waitFor(() => expect(previewed).toHaveBeenCalledTimes(2));
  expect(previewed.mock.calls[1]![1]).toEqual({ rows: 120 });
});

test('an impossible answer keeps the last good drawing, and only what must be decided is told', async () => {
  const { plan } = garment();
  previewed.mockResolvedValueOnce({ plan, findings: [finding({ level: 'LOOK_FIRST' })] });
  const { result } = renderHook(() => useAnswers(CONSTRUCTION, {}));
  await waitFor(() => expect(result.current.drawn).toBe(plan));
  expect(result.current.findings).toEqual([]);
  previewed.mockResolvedValueOnce({ findings: [finding({ answer: 'rows' })] });
  act(() => result.current.setText('rows', '900'));
  await waitFor(() => expect(result.current.findings).toHaveLength(1));
  expect(result.current.drawn).toBe(plan);
});

test('a server that is silent is told of, until it answers again', async () => {
  previewed.mockRejectedValueOnce(new Error('gone'));
  const { result } = renderHook(() => useAnswers(CONSTRUCTION, {}));
  await waitFor(() => expect(result.current.silent).toBe(true));
  act(() => result.current.setText('rows', '12'));
  await waitFor(() => expect(result.current.silent).toBe(false));
});
