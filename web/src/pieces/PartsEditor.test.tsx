// @vitest-environment jsdom
import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import { afterEach, expect, test, vi } from 'vitest';
import { piece } from '../testing/sample';
import { PartsEditor } from './PartsEditor';

afterEach(cleanup);

function editor() {
  const onSave = vi.fn();
  const run = piece('back').edges[2]!.runs[0]!;
  render(<PartsEditor runs={[run]} onSave={onSave} onClose={() => undefined} />);
  return onSave;
}

function type(label: string, value: string, index = 0) {
  fireEvent.change(screen.getAllByLabelText(label)[index]!, { target: { value } });
}

test('a run is told as stitches, a space and stitches', () => {
  const onSave = editor();
  type('Count', '12');
  fireEvent.click(screen.getByText('Add a part'));
  type('What', 'CHAIN_SPACE', 1);
  type('Count', '1', 1);
  type('Each, mm', '30', 1);
  type('Chains in it', '5');
  fireEvent.click(screen.getByText('Save the parts'));
  expect(onSave).toHaveBeenCalledWith([
    expect.objectContaining({ unit: 'STITCH_TOP', count: 12, widthMm: 7 }),
    expect.objectContaining({ unit: 'CHAIN_SPACE', count: 1, widthMm: 30, chains: 5 }),
  ]);
});

test('the new total stands beside the one before', () => {
  editor();
  expect(screen.getByRole('status').textContent).toBe('40 in all; as before.');
  type('Count', '38');
  expect(screen.getByRole('status').textContent).toBe('38 in all; 40 before.');
});

test.each([
  ['Count', '0'],
  ['Count', '2.5'],
  ['Each, mm', '0'],
  ['Each, mm', 'wide'],
])('%s of %s cannot be saved and says why', (label, value) => {
  editor();
  type(label, value);
  expect(screen.getByText('Save the parts')).toHaveProperty('disabled', true);
  expect(screen.getByRole('status').textContent).toContain('at least 1');
});

test('a width that is not touched keeps what it was rounded from', () => {
  const onSave = vi.fn();
  const run = { ...piece('back').edges[2]!.runs[0]!, dx: -100 / 14 };
  render(<PartsEditor runs={[run]} onSave={onSave} onClose={() => undefined} />);
  fireEvent.click(screen.getByText('Save the parts'));
  expect(onSave.mock.calls[0]![0][0].widthMm).toBeCloseTo(100 / 14, 9);
});

test('only a run that was told goes back to the recipe', () => {
  editor();
  expect(screen.queryByText('Back to the recipe')).toBeNull();
});

test('a width may be told by the gauge instead', () => {
  const onSave = editor();
  type('Width by', 'TEN_CM');
  expect(screen.getByText('Save the parts')).toHaveProperty('disabled', true);
  type('In 10 cm', '14');
  fireEvent.click(screen.getByText('Save the parts'));
  expect(onSave.mock.calls[0]![0][0].gauge).toEqual({ count: 14, over: 'TEN_CM' });
  expect(onSave.mock.calls[0]![0][0].widthMm).toBeUndefined();
});
