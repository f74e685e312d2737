import type { PiecePlan } from '../api/types';
import { onTable } from '../drawing/geometry';
import type { Sheet } from '../drawing/sheet';
import type { Lit } from './lit';

interface Props {
  sheet: Sheet;
  piece: PiecePlan;
  lit: Lit | undefined;
  onLit: (lit: Lit | undefined) => void;
}

/** The edges of a piece, to be pointed at. */
export function EdgeLines({ sheet, piece, lit, onLit }: Props) {
  return (
    <g aria-hidden="true">
      {piece.edges.map((edge, index) => {
        const next = piece.edges[(index + 1) % piece.edges.length]!;
        const points = [...edge.runs, next.runs[0]!].map((run) =>
          sheet.px(onTable(piece, run, sheet.shifts)),
        );
        const isLit = lit !== undefined && 'edge' in lit && lit.piece === piece.id && lit.edge === edge.id;
        return (
          <path
            key={edge.id}
            d={`M${points.map((p) => `${p.x} ${p.y}`).join('L')}`}
            fill="none"
            stroke={isLit ? 'var(--weld)' : 'transparent'}
            strokeWidth={isLit ? 5 : 14}
            onPointerEnter={() => onLit({ piece: piece.id, edge: edge.id })}
            onPointerLeave={() => onLit(undefined)}
          />
        );
      })}
    </g>
  );
}
