// @vitest-environment jsdom
import { cleanup, fireEvent, screen } from '@testing-library/react';
import { afterEach, expect, test } from 'vitest';
import type { CheckView } from '../api/types';
import { editorOf } from '../testing/editor';
import { inEditor } from '../testing/inEditor';
import { garment } from '../testing/sample';
import { FitView } from './FitView';

afterEach(cleanup);

const BODY: CheckView = {
  check: 'BODY',
  what: 'Round the body',
  needed: 980,
  found: 900,
  verdict: 'TIGHT',
  asks: 'CHEST',
  before: 'side.left',
  words: '90 cm for 88 cm and 10 cm of room: 8 cm too little.',
};

function opened(checks: CheckView[]) {
  const made = garment();
  made.plan.wearer = checks;
  made.plan.wearing = {
    wearer: 'CHILD',
    fit: 'EASY',
    measures: [{ measure: 'CHEST', mm: 880 }],
    care: ['No cords.'],
  };
  return made;
}

test('what does not fit is said with the seam before which it is mended', () => {
  inEditor(<FitView />, editorOf(opened([BODY]), []));
  expect(screen.getByRole('heading', { name: '1 of 1 will not' })).toBeTruthy();
  expect(screen.getByRole('link', { name: 'side.left' })).toBeTruthy();
  expect(screen.getByText('No cords.')).toBeTruthy();
});

test('a measure is saved in mm, emptied it is taken back, and what no body has is refused at the field', () => {
  const sent: unknown[] = [];
  inEditor(<FitView />, editorOf(opened([{ ...BODY, verdict: 'ASK' }]), sent));
  const chest = screen.getByLabelText('Chest');
  fireEvent.change(chest, { target: { value: '12' } });
  expect(screen.getByText('From 30 cm to 200 cm.')).toBeTruthy();
  fireEvent.blur(chest);
  fireEvent.change(chest, { target: { value: '92,5' } });
  fireEvent.blur(chest);
  fireEvent.change(chest, { target: { value: '' } });
  fireEvent.blur(chest);
  expect(sent).toEqual([
    { kind: 'WEARER_MEASURED', measure: 'CHEST', mm: 925 },
    { kind: 'WEARER_MEASURED', measure: 'CHEST' },
  ]);
});

test('only what the garment is held against is asked for, and what was told before', () => {
  const hood: CheckView = { ...BODY, check: 'HOOD', asks: 'OVER_HEAD', verdict: 'ASK' };
  inEditor(<FitView />, editorOf(opened([hood]), []));
  expect(screen.getByLabelText('Over the head, neck to neck')).toBeTruthy();
  expect(screen.getByLabelText('Chest')).toBeTruthy();
  expect(screen.queryByLabelText('Upper arm')).toBeNull();
});

test('who wears it keeps how it is to sit', () => {
  const sent: unknown[] = [];
  inEditor(<FitView />, editorOf(opened([]), sent));
  fireEvent.change(screen.getByLabelText('and is to sit'), { target: { value: 'LOOSE' } });
  fireEvent.change(screen.getByLabelText('It is for'), { target: { value: '' } });
  expect(sent).toEqual([{ kind: 'WEARER_TOLD', wearer: 'CHILD', fit: 'LOOSE' }, { kind: 'WEARER_TOLD' }]);
});
