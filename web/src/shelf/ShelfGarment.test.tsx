// @vitest-environment jsdom
import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import { MemoryRouter } from 'react-router';
import { afterEach, expect, test, vi } from 'vitest';
import type { Summary } from '../api/types';
import { piece } from '../testing/sample';
import { ShelfGarment } from './ShelfGarment';

afterEach(cleanup);

const GARMENT: Summary = {
  id: 'g1',
  revision: '7',
  name: 'Quay coat',
  changedAt: '2026-01-01T00:00:00Z',
  pieces: [piece('back')],
  progress: [
    { seam: 's1', state: 'JOINED', position: 4, joints: 4 },
    { seam: 's2', position: 0, joints: 9 },
  ],
  next: {
    seam: 's2',
    title: 'Join the side',
    direction: 'Up.',
    words: 'Both are equally long.',
    begun: false,
  },
};

const UNREADABLE: Summary = {
  id: 'g1',
  revision: '7',
  name: 'Quay coat',
  changedAt: '2026-01-01T00:00:00Z',
  pieces: [],
  progress: [],
  unreadable: 'It is of version 9.',
};

function board(over: Partial<Summary> = {}) {
  const onArchive = vi.fn();
  render(
    <MemoryRouter>
      <ul>
        <ShelfGarment
          garment={{ ...GARMENT, ...over }}
          scale={0.2}
          onArchive={onArchive}
          onDelete={vi.fn()}
        />
      </ul>
    </MemoryRouter>,
  );
  return onArchive;
}

test('it says how far it is and what is next', () => {
  board();
  expect(screen.getByText('1 of 2 seams joined')).toBeTruthy();
  expect(screen.getByText('Look at this seam').getAttribute('href')).toBe('/garments/g1/seam/s2');
});

test('a step that is begun goes on at the bench', () => {
  board({ next: { ...GARMENT.next!, begun: true } });
  expect(screen.getByText('Go on with it').getAttribute('href')).toBe('/garments/g1/bench/s2');
});

test('one that cannot be read is not opened, but can be saved and put away', () => {
  const onArchive = vi.fn();
  render(
    <MemoryRouter>
      <ul>
        <ShelfGarment garment={UNREADABLE} scale={0.2} onArchive={onArchive} onDelete={vi.fn()} />
      </ul>
    </MemoryRouter>,
  );
  expect(screen.getByText(/It is of version 9/)).toBeTruthy();
  expect(screen.queryByLabelText('Open Quay coat')).toBeNull();
  expect(screen.getByText('Save as file').getAttribute('href')).toBe('/api/garments/g1/file');
  fireEvent.click(screen.getByText('Archive'));
  expect(onArchive).toHaveBeenCalled();
});
