// @vitest-environment jsdom
import { cleanup, fireEvent, screen, within } from '@testing-library/react';
import { afterEach, beforeEach, expect, test, vi } from 'vitest';
import { inEditor } from '../testing/inEditor';
import { editorOf } from '../testing/editor';
import { garment, piece } from '../testing/sample';
import { PiecesView } from './PiecesView';

/** The mat is never measured here: the edge and its piece are told below it. */
class Unmeasured {
  observe() {}
  disconnect() {}
}

beforeEach(() => vi.stubGlobal('ResizeObserver', Unmeasured));
afterEach(cleanup);

function view() {
  const opened = garment();
  const check = {
    verdict: 'REMIND' as const,
    words: 'Right: 29 row ends, planned 30; 1 too few.',
    remedy: 'Count again in twos.',
    seams: ['side.left'],
  };
  opened.plan.pieces = [
    piece('back'),
    piece('sleeve', {
      inspection: {
        verdict: 'REMIND',
        checks: [check],
        twin: { name: 'Twin', rows: [{ words: 'top, stitches', mine: 40, other: 40, alike: true }] },
      },
    }),
    piece('twin', { mirrorOf: 'sleeve' }),
  ];
  opened.plan.findings = [
    {
      code: 'TWINS_DIFFER',
      level: 'DECIDE_FIRST',
      levelWords: 'Decide first',
      piece: 'sleeve',
      edge: 'right',
      facts: [],
      against: [],
      sentence: 'Not alike.',
      remedy: 'Count both.',
    },
  ];
  opened.plan.owed = [
    {
      id: 'o1',
      piece: 'sleeve',
      what: 'mend the loop',
      words: 'mend the loop: at the latest before the side is joined.',
    },
  ];
  const sent: unknown[] = [];
  inEditor(<PiecesView />, editorOf(opened, sent));
  return sent;
}

test('it opens at the edge that is to be looked at, with the verdict and its seams', () => {
  view();
  expect(screen.getByRole('heading', { name: 'Sleeve, right' })).toBeTruthy();
  const inspection = screen.getByLabelText('Inspection of the sleeve');
  expect(inspection.textContent).toContain('1 too few');
  expect(within(inspection).getByRole('link').getAttribute('href')).toContain('/seam/side.left');
  expect(inspection.textContent).toContain('Beside the twin: alike');
});

test('a count as made, a length and a landmark go to the chosen edge', () => {
  const sent = view();
  const made = screen.getByLabelText('Sleeve, right, side: as made');
  fireEvent.change(made, { target: { value: '29' } });
  fireEvent.blur(made);
  const measured = screen.getByLabelText('Measured, blocked and lying flat');
  fireEvent.change(measured, { target: { value: '37' } });
  fireEvent.blur(measured);
  expect(sent).toEqual([
    { kind: 'COUNT_MADE', piece: 'sleeve', edge: 'right', run: 'side', when: 'AS_MADE', count: 29 },
    { kind: 'EDGE_MEASURED', piece: 'sleeve', edge: 'right', mm: 370 },
  ]);
});

test('another edge is chosen from the list too', () => {
  view();
  fireEvent.change(screen.getByLabelText('Edge of the sleeve'), { target: { value: 'top' } });
  expect(screen.getByRole('heading', { name: 'Sleeve, top' })).toBeTruthy();
});

test('what is owed is told with its last moment, done and noted', () => {
  const sent = view();
  expect(screen.getByText(/at the latest before the side/)).toBeTruthy();
  fireEvent.click(screen.getByLabelText('Done: mend the loop'));
  fireEvent.change(screen.getByLabelText('To mend later'), { target: { value: 'weave in' } });
  fireEvent.click(screen.getByText('Note it'));
  expect(sent[0]).toEqual({ kind: 'OWED_DONE', owed: 'o1' });
  expect(sent[1]).toMatchObject({ kind: 'OWED_NOTED', piece: 'sleeve', what: 'weave in' });
});

test('a count as worked stands beside the one as made', () => {
  const sent = view();
  const worked = screen.getByLabelText('Sleeve, right, side: as worked');
  fireEvent.change(worked, { target: { value: '31' } });
  fireEvent.blur(worked);
  expect(sent).toEqual([
    { kind: 'COUNT_MADE', piece: 'sleeve', edge: 'right', run: 'side', when: 'AS_WORKED', count: 31 },
  ]);
});

test('a corner is told and taken back', () => {
  const sent = view();
  fireEvent.change(screen.getByLabelText('Corner to the top'), { target: { value: '' } });
  expect(sent).toEqual([{ kind: 'CORNER_TOLD', piece: 'sleeve', edge: 'right' }]);
});
