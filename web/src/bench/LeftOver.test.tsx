// @vitest-environment jsdom
import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import { afterEach, expect, test, vi } from 'vitest';
import { LeftOver } from './LeftOver';

afterEach(cleanup);

test('what could not be saved says how far it led, and is added or dropped', () => {
  const add = vi.fn();
  const drop = vi.fn();
  const left = [3, 4].map((joint) => ({ seq: joint, kind: 'JOINT' as const, joint }));
  const { rerender } = render(<LeftOver left={left} word="Stitch" onAdd={add} onDrop={drop} />);
  expect(screen.getByRole('alert').textContent).toContain('2 steps counted in a window');
  expect(screen.getByRole('alert').textContent).toContain('They led up to stitch 4.');
  fireEvent.click(screen.getByRole('button', { name: 'Go on from there' }));
  fireEvent.click(screen.getByRole('button', { name: 'They are counted already' }));
  expect([add.mock.calls.length, drop.mock.calls.length]).toEqual([1, 1]);
  rerender(<LeftOver left={[]} word="Stitch" onAdd={add} onDrop={drop} />);
  expect(screen.queryByRole('alert')).toBeNull();
});
