// @vitest-environment jsdom
import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import { afterEach, expect, test, vi } from 'vitest';
import type { StripPlan } from '../api/types';
import { PicotFields } from './PicotFields';

afterEach(cleanup);

const inner = [
  { name: 'Left front edge', piece: 'front.left', edge: 'front', twin: 2 },
  { name: 'Neck of the back', piece: 'back', edge: 'neck' },
  { name: 'Right front edge', piece: 'front.right', edge: 'front', twin: 0 },
] as unknown as StripPlan['inner'];
const RIGHT = { piece: 'front.right', edge: 'front' };
const LEFT = { piece: 'front.left', edge: 'front' };
const NECK = { piece: 'back', edge: 'neck' };

test('A stretch stays plain with its mirror image, and has picots again with it.', () => {
  const onTrims = vi.fn();
  render(<PicotFields trims={{ picotEvery: 3, plain: [NECK] }} inner={inner} onTrims={onTrims} />);
  expect(screen.getByLabelText<HTMLInputElement>('Neck of the back').checked).toBe(true);
  fireEvent.click(screen.getByLabelText('Right front edge'));
  expect(onTrims).toHaveBeenLastCalledWith({ picotEvery: 3, plain: [NECK, RIGHT, LEFT] });
  fireEvent.click(screen.getByLabelText('Neck of the back'));
  expect(onTrims).toHaveBeenLastCalledWith({ picotEvery: 3 });
});

test('Without picots nothing is asked.', () => {
  render(<PicotFields trims={{}} inner={inner} onTrims={vi.fn()} />);
  expect(screen.queryByText('Plain, without picots')).toBeNull();
});
