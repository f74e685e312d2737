// @vitest-environment jsdom
import { cleanup, fireEvent, screen } from '@testing-library/react';
import { afterEach, expect, test } from 'vitest';
import { inEditor } from '../testing/inEditor';
import { editorOf } from '../testing/editor';
import { garment, step } from '../testing/sample';
import { OrderView } from './OrderView';

afterEach(cleanup);

const grip = (number: number) => screen.getByRole('button', { name: new RegExp(`^Move step ${number},`) });

test('arrow keys move a step by one place', () => {
  const sent: unknown[] = [];
  inEditor(<OrderView />, editorOf(garment(), sent));
  fireEvent.keyDown(grip(2), { key: 'ArrowUp' });
  fireEvent.keyDown(grip(1), { key: 'ArrowDown' });
  fireEvent.keyDown(grip(2), { key: 'ArrowDown' });
  expect(sent).toEqual([
    { kind: 'STEP_MOVED', seam: 'side.left', before: 'armhole.left' },
    { kind: 'STEP_MOVED', seam: 'armhole.left', before: 'side.right' },
    { kind: 'STEP_MOVED', seam: 'side.left' },
  ]);
});

test('the first cannot go up and the last cannot go down', () => {
  const sent: unknown[] = [];
  inEditor(<OrderView />, editorOf(garment(), sent));
  fireEvent.keyDown(grip(1), { key: 'ArrowUp' });
  fireEvent.keyDown(grip(3), { key: 'ArrowDown' });
  expect(sent).toEqual([]);
});

test('a finished step cannot be taken', () => {
  const opened = garment();
  opened.progress[0] = { seam: 'armhole.left', state: 'JOINED', position: 7, joints: 7 };
  inEditor(<OrderView />, editorOf(opened, []));
  expect(grip(1)).toHaveProperty('disabled', true);
  expect(grip(2)).toHaveProperty('disabled', false);
});

test('each reason says its weight, and the usual order is offered for an own one', () => {
  const sent: unknown[] = [];
  const opened = garment();
  opened.plan.steps[1] = step('side.left', 2, {
    reasons: [
      { code: 'MAKES_POINT', weight: 'MUST', seams: [], sentence: 'After the armhole.' },
      { code: 'YOURS', weight: 'YOURS', seams: [], sentence: 'It stands here by your order.' },
      { code: 'CLOSES_EARLY', weight: 'WARNING', seams: [], sentence: 'Only the top layer.' },
    ],
  });
  inEditor(<OrderView />, editorOf(opened, sent));
  for (const words of ['Must.', 'Yours.', 'Mind.']) {
    expect(screen.getByText(words)).toBeTruthy();
  }
  fireEvent.click(screen.getByRole('button', { name: 'Take the usual order' }));
  expect(sent).toEqual([{ kind: 'ORDER_LEFT' }]);
});

test('work that joins nothing is ticked off, and taken back', () => {
  const sent: unknown[] = [];
  const opened = garment();
  const look = { ...opened.plan.order.steps[0]!, title: 'Look every piece over', words: '', todo: [] };
  delete look.of;
  opened.plan.order.steps = [
    { ...look, kind: 'INSPECT', chore: 'INSPECT', number: 1 },
    { ...look, kind: 'WEAVE', chore: 'WEAVE', number: 2, title: 'Weave in what is left', done: true },
  ];
  inEditor(<OrderView />, editorOf(opened, sent));
  fireEvent.click(screen.getByRole('checkbox', { name: 'Done: Look every piece over' }));
  fireEvent.click(screen.getByRole('checkbox', { name: 'Done: Weave in what is left' }));
  expect(sent).toEqual([
    { kind: 'CHORE_TICKED', chore: 'INSPECT', done: true },
    { kind: 'CHORE_TICKED', chore: 'WEAVE', done: false },
  ]);
});

test('an edging that is worked is shown as done', () => {
  const opened = garment({ finished: [{ strip: 'strip.1' }] });
  const edging = { ...opened.plan.order.steps[0]!, title: 'Work the neck edging', of: { strip: 'strip.1' } };
  opened.plan.order.steps = [
    { ...edging, kind: 'EDGING' },
    { ...edging, kind: 'EDGING', number: 2, of: { strip: 'strip.2' }, title: 'Work the hem' },
  ];
  inEditor(<OrderView />, editorOf(opened, []));
  const isDone = (title: string) => screen.getByText(title).closest('li')!.classList.contains('step-done');
  expect(isDone('Work the neck edging')).toBe(true);
  expect(isDone('Work the hem')).toBe(false);
});
