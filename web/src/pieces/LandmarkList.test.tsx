// @vitest-environment jsdom
import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import { afterEach, expect, test, vi } from 'vitest';
import { piece } from '../testing/sample';
import { LandmarkList } from './LandmarkList';

afterEach(cleanup);

function list(landmarks: Parameters<typeof LandmarkList>[0]['edge']['landmarks'] = []) {
  const onPut = vi.fn();
  const onRemove = vi.fn();
  const edge = { ...piece('back').edges[1]!, landmarks };
  render(<LandmarkList edge={edge} onPut={onPut} onRemove={onRemove} />);
  return { onPut, onRemove };
}

function type(label: string, value: string) {
  fireEvent.change(screen.getByLabelText(label), { target: { value } });
}

test('a row of repeats is marked by its first place and how far on it comes back', () => {
  const { onPut } = list();
  type('After', '4');
  type('Then every', '8');
  type('In all', '3');
  fireEvent.click(screen.getByText('Mark'));
  expect(onPut).toHaveBeenCalledWith(
    expect.objectContaining({ kind: 'REPEAT', name: 'repeat', at: 4, every: 8, times: 3 }),
  );
});

test('repeats longer than the edge are refused before they are sent', () => {
  list();
  type('After', '4');
  type('Then every', '9');
  type('In all', '4');
  expect(screen.getByRole('alert').textContent).toContain('30');
  expect(screen.getByText('Mark')).toHaveProperty('disabled', true);
});

test('one that comes back needs to know how far on', () => {
  list();
  type('After', '4');
  type('In all', '2');
  expect(screen.getByText('Mark')).toHaveProperty('disabled', true);
});

test('a landmark is told and taken off', () => {
  const { onRemove } = list([
    { id: 'w', name: 'Wave', kind: 'STRIPE', at: 5, every: 8, times: 2, points: [] },
  ]);
  expect(screen.getByText(/after 5, then every 8, 2 in all/)).toBeTruthy();
  fireEvent.click(screen.getByLabelText('Take off Wave'));
  expect(onRemove).toHaveBeenCalledWith('w');
});

test('a marker hangs at a landmark with its purpose, colour and end', () => {
  const { onPut } = list();
  fireEvent.change(screen.getByLabelText('What lies there'), { target: { value: 'MARKER' } });
  fireEvent.change(screen.getByLabelText('Marker'), { target: { value: 'STOP' } });
  type('After', '12');
  type('Its colour', 'yellow');
  type('Take it out', 'when the sleeve is in');
  fireEvent.click(screen.getByText('Mark'));
  expect(onPut).toHaveBeenCalledWith(
    expect.objectContaining({
      kind: 'MARKER',
      marker: { purpose: 'STOP', colour: 'yellow', takeOut: 'when the sleeve is in' },
    }),
  );
});

test('a marker is told by what it does', () => {
  const marker = {
    purpose: 'STOP' as const,
    title: 'yellow marker',
    words: 'says where to stop',
    takeOut: '',
  };
  list([{ id: 'm', name: 'Stop', kind: 'MARKER', at: 5, every: 0, times: 1, points: [], marker }]);
  expect(screen.getByText(/a yellow marker that says where to stop/)).toBeTruthy();
});
