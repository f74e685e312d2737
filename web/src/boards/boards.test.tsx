// @vitest-environment jsdom
import { cleanup, fireEvent, render, screen, within } from '@testing-library/react';
import { afterEach, expect, test, vi } from 'vitest';
import type { BenchPlan } from '../api/types';
import { PairPicture } from '../bench/PairPicture';
import { editorOf } from '../testing/editor';
import { inEditor } from '../testing/inEditor';
import { board, ofSquares } from '../testing/sampleBoard';
import { BoardJoining } from './BoardJoining';
import { BoardMat } from './BoardMat';
import { Colourways } from './Colourways';
import { NewBoard } from './NewBoard';
import { SquareCard } from './SquareCard';

afterEach(cleanup);

const SIZE = { width: 600, height: 500 };

function mat(taken?: { piece: string; row: number; column: number }) {
  const squares = { taken, take: vi.fn(), swap: vi.fn(), drop: vi.fn() };
  const opened = ofSquares();
  render(
    <BoardMat
      plan={opened.plan}
      size={SIZE}
      squares={squares}
      board={opened.plan.boards[0]!}
      pass={0}
      onBoard={vi.fn()}
    />,
  );
  return squares;
}

test('each square says where it lies and what colour it has; keys take it', () => {
  const squares = mat();
  expect(screen.getByRole('button', { name: 'Back, square 1.1: Lamp' })).toBeDefined();
  const other = screen.getByRole('button', { name: 'Back, square 2.2: no colourway' });
  fireEvent.keyDown(other, { key: 'Enter' });
  expect(squares.take).toHaveBeenCalledWith({ piece: 'back', row: 2, column: 2 });
});

test('where rounds end is marked once a square is turned', () => {
  const opened = ofSquares();
  const cells = opened.plan.boards[0]!.cells;
  const shapes = (turned: number) => {
    const turnedBoard = board({ cells: cells.map((cell, i) => ({ ...cell, turned: i === 0 ? turned : 0 })) });
    const { container } = render(
      <BoardMat
        plan={{ ...opened.plan, boards: [turnedBoard] }}
        size={SIZE}
        squares={{ taken: undefined, take: vi.fn(), swap: vi.fn(), drop: vi.fn() }}
        board={turnedBoard}
        pass={undefined}
        onBoard={vi.fn()}
      />,
    );
    return [...container.querySelectorAll('path[fill="var(--ink)"]')].map((mark) => mark.getAttribute('d'));
  };
  expect(shapes(0)).toEqual([]);
  const marks = shapes(1);
  expect(marks).toHaveLength(cells.length);
  expect(marks[0]).toBe('M100 0L80 0L100 20z');
  expect(marks[1]).toBe('M0 0L20 0L0 20z');
});

test('a square dragged onto another swaps with it', () => {
  const squares = mat();
  fireEvent.pointerDown(screen.getByRole('button', { name: /square 1\.1/ }));
  fireEvent.pointerUp(screen.getByRole('button', { name: /square 2\.1/ }));
  expect(squares.swap).toHaveBeenCalledWith(
    { piece: 'back', row: 1, column: 1 },
    { piece: 'back', row: 2, column: 1 },
  );
});

test('neighbours that are alike are tied', () => {
  mat();
  expect(screen.getByLabelText('Two neighbours are alike')).toBeDefined();
});

test('the square in hand is coloured and kept', () => {
  const sent: unknown[] = [];
  const opened = ofSquares();
  render(
    <SquareCard
      editor={editorOf(opened, sent)}
      taken={{ piece: 'back', row: 1, column: 1 }}
      onDrop={vi.fn()}
    />,
  );
  fireEvent.click(screen.getByLabelText('Keep it here'));
  fireEvent.change(screen.getByLabelText('Colourway of this square'), { target: { value: 'dusk' } });
  fireEvent.click(screen.getByRole('button', { name: 'Turn it to the left' }));
  expect(sent.pop()).toEqual({ kind: 'SQUARE_TURNED', piece: 'back', row: 1, column: 1 });
  expect(sent).toEqual([
    { kind: 'SQUARE_COLOURED', piece: 'back', row: 1, column: 1, locked: true, colourway: 'lamp' },
    { kind: 'SQUARE_COLOURED', piece: 'back', row: 1, column: 1, locked: false, colourway: 'dusk' },
  ]);
});

test('more placed than made is marked; colours are placed as wished, and another way', () => {
  const sent: unknown[] = [];
  render(<Colourways editor={editorOf(ofSquares(), sent)} />);
  expect(screen.getByText('1 pair of neighbours alike.').className).toBe('wrong');
  fireEvent.click(screen.getByLabelText('Left as right'));
  fireEvent.click(screen.getByRole('button', { name: 'Place the colours' }));
  fireEvent.click(screen.getByRole('button', { name: 'Another way' }));
  expect(sent).toEqual([
    { kind: 'COLOURS_PLACED', seed: 1, wishes: ['MIRRORED'] },
    { kind: 'COLOURS_PLACED', seed: 2, wishes: ['MIRRORED'] },
  ]);
  const made = screen.getByLabelText('Squares made of Lamp');
  fireEvent.change(made, { target: { value: '3' } });
  fireEvent.blur(made);
  expect(sent.at(-1)).toEqual({ kind: 'COLOURWAY_TOLD', id: 'lamp', name: 'Lamp', colour: 'WELD', made: 3 });
});

test('a board is joined another way; its path is gone through pass by pass', () => {
  const sent: unknown[] = [];
  const onPass = vi.fn();
  const opened = ofSquares();
  inEditor(
    <BoardJoining
      editor={editorOf(opened, sent)}
      board={board()}
      catalogue={[]}
      pass={0}
      onPass={onPass}
      onBoard={vi.fn()}
    />,
    editorOf(opened, sent),
  );
  const joining = within(screen.getByRole('region', { name: 'Joining the board' }));
  expect(joining.getByText('Pass 1 of 2: 2 squares long')).toBeDefined();
  fireEvent.click(joining.getByRole('button', { name: 'Next pass' }));
  expect(onPass).toHaveBeenLastCalledWith(1);
  fireEvent.click(joining.getByLabelText('Fewest passes'));
  expect(sent).toEqual([
    { kind: 'BOARD_JOINED', piece: 'back', method: 'whip-both', crossing: 'SKIP', scheme: 'FEWEST' },
  ]);
});

test('the pair in hand is framed, what is joined closed up, from whichever hand it starts', () => {
  const square = (piece: string) => ({ piece, name: `Square ${piece}`, colour: 'WELD' as const });
  const plan = {
    squares: ['1.1', '2.1', '1.2', '2.2'].map(square),
    prompts: [{ joint: 16, kind: 'CROSSING', words: '', expected: '' }],
    joints: Array.from({ length: 32 }, () => ({ a: 0, b: 0, words: '' })),
    fromRight: true,
  } as unknown as BenchPlan;
  const { rerender } = render(<PairPicture plan={plan} upright={false} position={15} />);
  expect(screen.getByRole('img', { name: 'In hand: Square 1.1 and square 2.1' })).toBeDefined();
  rerender(<PairPicture plan={plan} upright={false} position={16} />);
  expect(screen.getByRole('img', { name: 'In hand: Square 1.2 and square 2.2' })).toBeDefined();
  rerender(<PairPicture plan={plan} upright={false} position={32} />);
  expect(screen.getByRole('img', { name: 'All squares of the line are joined' })).toBeDefined();
});

test('a board of the maker’s own gets squares beside the one in hand, and loses it', () => {
  const sent: unknown[] = [];
  const onDrop = vi.fn();
  const taken = { piece: 'back', row: 1, column: 1 };
  render(
    <SquareCard
      editor={editorOf(ofSquares({ boards: [board({ own: true })] }), sent)}
      taken={taken}
      onDrop={onDrop}
    />,
  );
  fireEvent.click(screen.getByRole('button', { name: 'One above' }));
  fireEvent.click(screen.getByRole('button', { name: 'Take it away' }));
  expect(sent).toEqual([
    { kind: 'SQUARE_ADDED', piece: 'back', row: 2, column: 1 },
    { kind: 'SQUARE_TAKEN_AWAY', ...taken },
  ]);
  expect(onDrop).toHaveBeenCalled();
});

test('a board is laid out by hand of squares like another one’s', () => {
  const sent: unknown[] = [];
  render(<NewBoard editor={editorOf(ofSquares(), sent)} like={board()} />);
  fireEvent.change(screen.getByLabelText('Name of the board'), { target: { value: 'Pocket' } });
  fireEvent.change(screen.getByLabelText('Rows'), { target: { value: '3' } });
  fireEvent.click(screen.getByRole('button', { name: 'Lay it out' }));
  expect(sent).toEqual([
    {
      kind: 'BOARD_LAID',
      name: 'Pocket',
      rows: 3,
      columns: 2,
      stitches: 14,
      corner: 'CHAIN_1',
      sideMm: 100,
    },
  ]);
});
