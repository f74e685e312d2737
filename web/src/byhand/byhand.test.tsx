// @vitest-environment jsdom
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { act, cleanup, fireEvent, renderHook, screen, waitFor, within } from '@testing-library/react';
import type { ReactNode } from 'react';
import { afterEach, beforeEach, expect, test, vi } from 'vitest';
import type { ByHand, FreePart } from '../api/types';
import { editorOf } from '../testing/editor';
import { inEditor } from '../testing/inEditor';
import { garment, piece, seam } from '../testing/sample';
import { PiecesByHand } from './PiecesByHand';
import { SeamsByHand } from './SeamsByHand';
import { useSeamDraft } from './useSeamDraft';
import { told } from './useWalk';
import { WalkForm } from './WalkForm';

const { previewed, walked } = vi.hoisted(() => ({ previewed: vi.fn(), walked: vi.fn() }));
vi.mock('../api/garments', () => ({ previewChanges: previewed, drawWalk: walked }));

beforeEach(() => {
  previewed.mockReset().mockResolvedValue({ findings: [], effects: [] });
  walked.mockReset().mockResolvedValue({ piece: piece('own.1'), findings: [] });
});
afterEach(cleanup);

const part = (of: string, edge: string, partners: number[] = []): FreePart => ({
  piece: of,
  edge,
  first: edge,
  last: edge,
  lengthMm: 300,
  partners,
  words: `${edge} of the ${of}`,
});
const PARTS = [part('back', 'left', [2]), part('back', 'top'), part('front', 'side', [0])];
const HAND: ByHand = {
  parts: PARTS,
  pieces: ['sleeve'],
  seams: ['side.left'],
  changed: [{ seam: 'shoulder.left', name: 'Left shoulder', out: true }],
  roles: [
    { role: 'SHOULDER', words: 'a shoulder' },
    { role: 'OTHER', words: 'something else' },
  ],
};

function draft() {
  const wrapper = ({ children }: { children: ReactNode }) => (
    <QueryClientProvider client={new QueryClient()}>{children}</QueryClientProvider>
  );
  return renderHook(() => useSeamDraft(garment(), PARTS), { wrapper }).result;
}

test('the first edge brings its likeliest partner, and the sides run against each other', async () => {
  const result = draft();
  expect(result.current.made).toBeUndefined();
  act(() => result.current.choose('a', 0, 0));
  expect(result.current.aim).toBe('b');
  expect(result.current.made).toEqual({
    kind: 'SEAM_MADE',
    name: 'Seam by hand',
    role: 'OTHER',
    a: [{ piece: 'back', edge: 'left', first: 'left', last: 'left', along: 'FORWARD' }],
    b: [{ piece: 'front', edge: 'side', first: 'side', last: 'side', along: 'BACKWARD' }],
  });
  await waitFor(() => expect(previewed).toHaveBeenCalledTimes(1));
  expect(previewed.mock.calls[0]![2]).toEqual([result.current.made]);
  act(() => result.current.turn('b', 0));
  expect(result.current.made?.b[0]?.along).toBe('FORWARD');
});

test('an edge without a partner waits for one, and one more edge is asked for before anything is tried', () => {
  const result = draft();
  act(() => result.current.choose('a', 0, 1));
  expect(result.current.made).toBeUndefined();
  act(() => result.current.choose('b', 0, 2));
  expect(result.current.made?.a[0]?.edge).toBe('top');
  act(() => result.current.more('b'));
  expect(result.current.made).toBeUndefined();
  expect(result.current.sides.b).toHaveLength(2);
  act(() => result.current.fewer('b', 1));
  expect(result.current.made?.b).toHaveLength(1);
  act(() => result.current.clear());
  expect(result.current.sides.a[0]?.part).toBeUndefined();
});

test('pointing again at a spot takes the next smaller part there', () => {
  const result = draft();
  act(() => result.current.point([1, 0]));
  expect(result.current.sides.a[0]?.part).toBe(1);
  act(() => result.current.setAim('a'));
  act(() => result.current.point([1, 0]));
  expect(result.current.sides.a[0]?.part).toBe(0);
  act(() => result.current.setAim('a'));
  act(() => result.current.point([1, 0]));
  expect(result.current.sides.a[0]?.part).toBe(1);
});

test.each([
  ['', '12.5', '90', undefined],
  ['30', '', '90', undefined],
  ['30.5', '12.5', '90', undefined],
  ['thirty', '12.5', '90', undefined],
  ['30', '12,5', '-90', { name: 'side', kind: 'ROW_END', count: 30, unitMm: 12.5, turn: -90 }],
])('an edge of %s units of %s mm, then %s degrees', (count, unitMm, turn, step) => {
  expect(told({ name: 'side', kind: 'ROW_END', count, unitMm, turn })).toEqual(step);
});

test('a walk is drawn and can be added once every edge has its numbers', async () => {
  const added: unknown[] = [];
  const editor = editorOf(garment(), []);
  inEditor(<WalkForm action="Add the piece" refused={[]} onDone={(made) => added.push(made)} />, editor);
  fireEvent.change(screen.getByLabelText('Name of the piece'), { target: { value: 'Pocket' } });
  for (let edge = 1; edge <= 4; edge += 1) {
    fireEvent.change(screen.getByLabelText(`How many at edge ${edge}`), { target: { value: '12' } });
    expect(walked).not.toHaveBeenCalled();
    fireEvent.change(screen.getByLabelText(`Width of each at edge ${edge}`), { target: { value: '7.5' } });
  }
  await waitFor(() => expect(walked).toHaveBeenCalledTimes(1));
  expect(await screen.findByRole('img', { name: 'The walk as far as it is told' })).toBeDefined();
  fireEvent.click(screen.getByRole('button', { name: 'Add the piece' }));
  expect(added).toEqual([expect.objectContaining({ kind: 'PIECE_ADDED', name: 'Pocket' })]);
  expect((added[0] as { walk: unknown[] }).walk).toHaveLength(4);
});

test('a walk that does not close says so and cannot be added', async () => {
  walked.mockResolvedValue({
    findings: [
      { code: 'WALK_OPEN', level: 'DECIDE_FIRST', sentence: 'It ends 4 cm away.', facts: [], quickFix: '' },
    ],
  });
  inEditor(
    <WalkForm action="Add the piece" refused={[]} onDone={() => undefined} />,
    editorOf(garment(), []),
  );
  fireEvent.change(screen.getByLabelText('Name of the piece'), { target: { value: 'Pocket' } });
  fireEvent.click(screen.getByRole('button', { name: 'Leave out edge 4' }));
  for (let edge = 1; edge <= 3; edge += 1) {
    fireEvent.change(screen.getByLabelText(`How many at edge ${edge}`), { target: { value: '12' } });
    fireEvent.change(screen.getByLabelText(`Width of each at edge ${edge}`), { target: { value: '7.5' } });
  }
  expect(await screen.findByText('It ends 4 cm away.')).toBeDefined();
  expect(screen.getByRole('button', { name: 'Add the piece' })).toHaveProperty('disabled', true);
});

test('a piece is copied, mirrored and made one’s own; one’s own is renamed and removed', () => {
  const sent: unknown[] = [];
  const editor = editorOf(garment(), sent);
  inEditor(
    <PiecesByHand editor={editor} hand={HAND} onWalk={() => undefined} onAdd={() => undefined} />,
    editor,
  );
  fireEvent.click(screen.getByRole('button', { name: 'Mirror Back' }));
  fireEvent.click(screen.getByRole('button', { name: 'Make it your own: Back' }));
  expect(screen.queryByRole('button', { name: 'Remove Back' })).toBeNull();
  const name = screen.getByLabelText('Name of Sleeve');
  fireEvent.blur(name);
  fireEvent.change(name, { target: { value: 'Wide sleeve' } });
  fireEvent.blur(name);
  fireEvent.click(screen.getByRole('button', { name: 'Remove Sleeve' }));
  expect(sent).toEqual([
    { kind: 'PIECE_COPIED', piece: 'back', name: 'Back, mirrored', mirrored: true },
    { kind: 'PIECE_OWNED', piece: 'back' },
    { kind: 'PIECE_NAMED', piece: 'sleeve', name: 'Wide sleeve' },
    { kind: 'PIECE_REMOVED', piece: 'sleeve' },
  ]);
});

test('a seam is renamed, turned, mirrored, parted and taken out; one taken out is put back', () => {
  const sent: unknown[] = [];
  const opened = garment();
  opened.plan.seams = [
    seam({ id: 'side.left', name: 'Left side' }),
    seam({ id: 'side.right', name: 'Right side' }),
  ];
  const editor = editorOf(opened, sent);
  inEditor(<SeamsByHand editor={editor} hand={HAND} shown="side.left" onShow={() => undefined} />, editor);
  const shown = within(screen.getByRole('region', { name: 'Seams' }));
  expect(shown.getByText('yours')).toBeDefined();
  fireEvent.click(shown.getByRole('button', { name: 'Begin at its other end' }));
  fireEvent.click(shown.getByRole('button', { name: 'The same on the other side' }));
  fireEvent.click(shown.getByRole('button', { name: 'Take it out: Left side' }));
  fireEvent.change(shown.getByLabelText('Let in rows between its two sides'), { target: { value: '0' } });
  expect(shown.getByRole('button', { name: 'Let them in' })).toHaveProperty('disabled', true);
  fireEvent.change(shown.getByLabelText('Let in rows between its two sides'), { target: { value: '6' } });
  fireEvent.click(shown.getByRole('button', { name: 'Let them in' }));
  fireEvent.change(shown.getByLabelText('Go on from its end, in one pass, with'), {
    target: { value: 'side.right' },
  });
  fireEvent.click(shown.getByRole('button', { name: 'Put back Left shoulder' }));
  expect(sent).toEqual([
    { kind: 'SEAM_TURNED', seam: 'side.left' },
    { kind: 'SEAM_MIRRORED', seam: 'side.left', name: 'Left side, other side' },
    { kind: 'SEAM_UNMADE', seam: 'side.left' },
    { kind: 'GUSSET_LET_IN', seam: 'side.left', rows: 6 },
    { kind: 'SEAMS_TOGETHER', seam: 'side.left', next: 'side.right' },
    { kind: 'SEAM_PUT_BACK', seam: 'shoulder.left' },
  ]);
});
