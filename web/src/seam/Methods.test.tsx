// @vitest-environment jsdom
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import { afterEach, expect, test } from 'vitest';
import { methodsQuery } from '../api/garments';
import type { MethodEntry } from '../api/types';
import { garment, seam } from '../testing/sample';
import { Methods } from './Methods';

afterEach(cleanup);

const entry = (id: string, title: string): MethodEntry => ({
  id,
  title,
  tool: 'HOOK',
  held: 'right sides together',
  family: 'SLIP_STITCH',
  scores: { strong: 5, stretch: 2, flat: 2, hidden: 3, quick: 4, undo: 5 },
  yarnCmPerCm: 3.5,
  look: 'LINE',
  looks: 'a line',
  squares: true,
});

/** A seam joined like its twin, with one answer and one that is never for it. */
function shown(chosen: unknown[]) {
  const client = new QueryClient();
  client.setQueryData(methodsQuery('US').queryKey, [
    entry('slip-both', 'Slip stitch'),
    entry('lace', 'Lace join'),
  ]);
  const opened = garment();
  const own = seam({
    twin: 'side.left',
    methods: [{ id: 'slip-both', yarnMm: 875, takeUpMm: 0, ends: 2, allowed: true }],
    advice: {
      answers: [{ method: 'slip-both', heading: 'Best overall', sum: 3.69, terms: [] }],
      ranking: [{ method: 'slip-both', sum: 3.69 }],
      never: [
        {
          method: 'lace',
          code: 'MOTIFS_ONLY',
          reason: 'its chains open a band.',
          instead: 'Keep it for motifs.',
        },
      ],
      wish: 'NONE',
    },
  });
  render(
    <QueryClientProvider client={client}>
      <Methods garment={opened} seam={own} onChoose={(method, alone) => chosen.push([method, alone])} />
    </QueryClientProvider>,
  );
}

test('a method is for both twins until the maker parts them', () => {
  const chosen: unknown[] = [];
  shown(chosen);
  fireEvent.click(screen.getByRole('button', { name: 'Take it' }));
  fireEvent.click(screen.getByLabelText('Choose for this one alone, not for the side.left'));
  fireEvent.click(screen.getByRole('button', { name: 'Take it' }));
  expect(chosen).toEqual([
    ['slip-both', false],
    ['slip-both', true],
  ]);
});

test('what is never for it says why and what instead', () => {
  shown([]);
  expect(screen.getByText('1 not for this seam')).toBeTruthy();
  expect(screen.getByText(/its chains open a band. Keep it for motifs./)).toBeTruthy();
});
