import { useState } from 'react';
import type { GarmentEditor } from '../shell/useGarment';

/** A square by the piece of its board, its row and its column. */
export interface SquareAt {
  piece: string;
  row: number;
  column: number;
}

export function same(one: SquareAt | undefined, other: SquareAt): boolean {
  return one?.piece === other.piece && one.row === other.row && one.column === other.column;
}

/** One square is taken; taking another swaps the two, taking it again drops it. */
export function useSquares(editor: GarmentEditor) {
  const [taken, setTaken] = useState<SquareAt>();
  const swap = (one: SquareAt, other: SquareAt) => {
    setTaken(undefined);
    void editor.change([
      {
        kind: 'SQUARES_SWAPPED',
        ...one,
        otherPiece: other.piece,
        otherRow: other.row,
        otherColumn: other.column,
      },
    ]);
  };
  const take = (square: SquareAt) => {
    if (same(taken, square)) {
      setTaken(undefined);
    } else if (taken) {
      swap(taken, square);
    } else {
      setTaken(square);
    }
  };
  return { taken, take, swap, drop: () => setTaken(undefined) };
}
