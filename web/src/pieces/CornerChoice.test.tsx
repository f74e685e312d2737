// @vitest-environment jsdom
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import { afterEach, expect, test, vi } from 'vitest';
import { cornersQuery } from '../api/garments';
import { piece } from '../testing/sample';
import { CornerChoice } from './CornerChoice';

afterEach(cleanup);

function choice(corner?: 'CHAIN_1') {
  const queries = new QueryClient();
  queries.setQueryData(cornersQuery.queryKey, [
    { corner: 'CHAIN_1', words: 'one chain, shared' },
    { corner: 'SPACE', words: 'corner space worked as one' },
  ]);
  const onCorner = vi.fn();
  const back = piece('back');
  const edge = { ...back.edges[3]!, ...(corner ? { corner } : {}) };
  back.edges[3] = edge;
  render(
    <QueryClientProvider client={queries}>
      <CornerChoice piece={back} edge={edge} onCorner={onCorner} />
    </QueryClientProvider>,
  );
  return onCorner;
}

test('the last edge has its corner to the first', () => {
  const onCorner = choice();
  const field = screen.getByLabelText('Corner to the hem');
  expect(field).toHaveProperty('value', '');
  fireEvent.change(field, { target: { value: 'SPACE' } });
  expect(onCorner).toHaveBeenCalledWith('SPACE');
});

test('a corner that is told is taken back', () => {
  const onCorner = choice('CHAIN_1');
  const field = screen.getByLabelText('Corner to the hem');
  expect(field).toHaveProperty('value', 'CHAIN_1');
  fireEvent.change(field, { target: { value: '' } });
  expect(onCorner).toHaveBeenCalledWith(undefined);
});
