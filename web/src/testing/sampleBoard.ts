import type { BoardPlan, ColourPlan, GarmentPlan } from '../api/types';
import { garment, HOLD } from './sample';

/** A board of two by two squares of 100 mm on the piece “back”. */
export function board(over: Partial<BoardPlan> = {}): BoardPlan {
  const cells = [
    [1, 1],
    [1, 2],
    [2, 1],
    [2, 2],
  ].map(([row, column]) => ({
    row: row!,
    column: column!,
    turned: 0,
    locked: false,
    stitches: 14,
    x: (column! - 1) * 100,
    y: (row! - 1) * 100,
    ...(row === 1 ? { colourway: 'lamp' } : {}),
  }));
  const at = (row: number, column: number) => ({ row, column });
  const lying = [
    { before: at(1, 1), after: at(2, 1) },
    { before: at(1, 2), after: at(2, 2) },
  ];
  const upright = [
    { before: at(1, 1), after: at(1, 2) },
    { before: at(2, 1), after: at(2, 2) },
  ];
  const corner = (row: number, column: number) => ({
    row,
    column,
    at: { x: column * 100, y: row * 100 },
  });
  const path = [
    { through: [corner(1, 0), corner(1, 1), corner(1, 2)] },
    { through: [corner(0, 1), corner(1, 1), corner(2, 1)] },
  ];
  const scheme = (name: BoardPlan['schemes'][number]['name'], title: string, now: boolean) => ({
    name,
    title,
    words: `${title}, in words.`,
    passes: 2,
    ends: 4,
    yarnMm: 1300,
    minutes: 25,
    path,
    now,
  });
  return {
    id: 'back',
    name: 'Back',
    motif: { name: 'Square', stitches: 14, corner: 'CHAIN_1', sideMm: 100 },
    places: 16,
    cells,
    joins: [...lying, ...upright],
    lines: [
      {
        id: 'row.1.1',
        upright: false,
        joins: lying,
        joints: 32,
        title: 'Between rows 1 and 2',
        then: '2 parts of 2 squares',
        hold: { ...HOLD, pieces: ['back/1.2', 'back/1.1'], from: 'the lower edge', to: 'the upper edge' },
      },
      {
        id: 'column.1.1',
        upright: true,
        joins: upright,
        joints: 32,
        title: 'Between columns 1 and 2',
        then: 'the board hangs together',
        hold: { ...HOLD, pieces: ['back/1.2', 'back/1.1'], from: 'the lower edge', to: 'the upper edge' },
      },
    ],
    crossings: [at(1, 1)],
    joining: {
      method: 'whip-both',
      crossing: 'SKIP',
      crossingWords: 'Over it.',
      scheme: 'ROWS_FIRST',
      told: false,
    },
    schemes: [scheme('ROWS_FIRST', 'Rows first', true), scheme('FEWEST', 'Fewest passes', false)],
    bound: 2,
    own: false,
    odd: [at(1, 0), at(1, 2), at(0, 1), at(2, 1)],
    words: '4 squares: 4 joins, 2 lines, 1 crossing.',
    ...over,
  };
}

export function colours(over: Partial<ColourPlan> = {}): ColourPlan {
  return {
    clashes: [
      {
        piece: 'back',
        row: 1,
        column: 1,
        otherPiece: 'back',
        otherRow: 1,
        otherColumn: 2,
        colourway: 'lamp',
      },
    ],
    placement: [],
    stock: [
      { id: 'lamp', name: 'Lamp', colour: 'WELD', made: 1, placed: 2 },
      { id: 'dusk', name: 'Dusk', colour: 'WOAD', placed: 0 },
    ],
    needed: 4,
    uncoloured: 2,
    words: '1 pair of neighbours alike.',
    ...over,
  };
}

/** The sample garment with its back made of squares. */
export function ofSquares(over: Partial<GarmentPlan> = {}) {
  const opened = garment();
  opened.plan = {
    ...opened.plan,
    boards: [board()],
    colours: colours(),
    squares: {
      squares: 4,
      joins: 4,
      straight: 2,
      bound: 2,
      odd: 4,
      choices: [{ crossing: 'SKIP', title: 'Pass over it' }],
    },
    ...over,
  };
  return opened;
}
