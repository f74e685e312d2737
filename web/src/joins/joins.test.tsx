// @vitest-environment jsdom
import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import { afterEach, expect, test } from 'vitest';
import type { Answer, MethodEntry } from '../api/types';
import { editorOf } from '../testing/editor';
import { inEditor } from '../testing/inEditor';
import { garment, seam } from '../testing/sample';
import { AnswerCard } from './AnswerCard';
import { SumTable } from './SumTable';
import { Wants } from './Wants';

afterEach(cleanup);

const term = (name: Answer['terms'][number]['name'], weight: number, score: number, more = {}) => ({
  name,
  word: name.toLowerCase(),
  weight,
  score,
  table: score,
  share: (weight * score) / 13,
  code: 'TABLE',
  words: '',
  ...more,
});

const SLIP: Answer = {
  method: 'slip-both',
  heading: 'Best overall',
  sum: 48 / 13 + 0.4,
  terms: [
    term('STRONG', 5, 5),
    term('STRETCH', 1, 2),
    term('FLAT', 2, 2),
    term('HIDDEN', 3, 3, { table: 4, words: 'its yarn peeks through' }),
    term('QUICK', 2, 4),
    { ...term('SCHOOL', 0, 0.4), share: 0.4, words: 'it is of your school' },
  ],
};

const ENTRY: MethodEntry = {
  id: 'slip-both',
  title: 'Slip stitch, both loops',
  tool: 'HOOK',
  held: 'right sides together',
  family: 'SLIP_STITCH',
  scores: { strong: 5, stretch: 2, flat: 2, hidden: 3, quick: 4, undo: 5 },
  yarnCmPerCm: 3.5,
  look: 'LINE',
  looks: 'a line',
  squares: true,
};

test('a sum is shown as a sum, with what is not the table’s and the points of the school', () => {
  render(<SumTable answer={SLIP} title="Slip stitch" />);
  expect(screen.getByRole('row', { name: /^strong 5 × 5 = 25/ })).toBeTruthy();
  expect(screen.getByText('not 4: its yarn peeks through')).toBeTruthy();
  expect(screen.getByRole('row', { name: /^all ÷ 13 3.69/ })).toBeTruthy();
  expect(screen.getByText('4.09')).toBeTruthy();
});

test('an answer is taken, and its objection said', () => {
  let taken = 0;
  const objected: Answer = {
    ...SLIP,
    objection: {
      code: 'LESS',
      than: 'backstitch',
      name: 'HIDDEN',
      by: 0.2,
      words: 'It is less hidden than backstitch.',
    },
  };
  const props = {
    answer: objected,
    entry: ENTRY,
    seam: seam({ methods: [{ id: 'slip-both', yarnMm: 875, takeUpMm: 7, ends: 2, allowed: true }] }),
    colours: ['WOAD', 'WELD'] as ['WOAD', 'WELD'],
    unit: 'CM' as const,
    onTake: () => taken++,
  };
  const { rerender } = render(<AnswerCard {...props} taken={false} />);
  expect(screen.getByText('But: It is less hidden than backstitch.')).toBeTruthy();
  expect(screen.getByText(/Yarn 87.5 cm, 2 ends; takes 7 mm/)).toBeTruthy();
  fireEvent.click(screen.getByRole('button', { name: 'Take it' }));
  expect(taken).toBe(1);
  rerender(<AnswerCard {...props} taken />);
  expect(screen.queryByRole('button')).toBeNull();
});

test('what is not told of the yarn is asked for where the advice needs it', () => {
  const opened = garment();
  const wants = () => {
    cleanup();
    const editor = editorOf(opened, []);
    inEditor(<Wants editor={editor} />, editor);
  };
  wants();
  expect(screen.getByText(/No yarn is told yet/)).toBeTruthy();
  expect(screen.getByRole('link', { name: 'Tell it' }).getAttribute('href')).toContain('/yarn');
  const yarn = { id: 'yarn.1', name: 'Wool', colour: '', fibre: '', weight: 'WORSTED' as const, traits: [] };
  opened.plan.yarn.yarns = [{ id: 'yarn.1', neededMm: 0, stages: [], words: '', yarn }];
  opened.plan.yarn.pieces = [
    { piece: 'back', yarn: 'yarn.1', told: true, ribbed: false },
    { piece: 'sleeve', told: false, ribbed: false },
  ];
  wants();
  expect(screen.getByText(/in which yarn each piece is/)).toBeTruthy();
  opened.plan.yarn.pieces = [{ piece: 'back', yarn: 'yarn.1', told: true, ribbed: false }];
  wants();
  expect(screen.queryByRole('link', { name: 'Tell it' })).toBeNull();
});
