import { Table } from 'react-bootstrap';
import type { GarmentPlan } from '../api/types';
import { length } from '../format';
import type { Lit } from './lit';

/** The counts and lengths of the drawing as a table; an edge named here shows itself on the mat. */
export function Facts({ plan, onLit }: { plan: GarmentPlan; onLit: (lit: Lit | undefined) => void }) {
  return (
    <details>
      <summary>Counts and lengths as a table</summary>
      <Table size="sm">
        <thead>
          <tr>
            <th scope="col">Piece, edge</th>
            <th scope="col">Count</th>
            <th scope="col">Length</th>
          </tr>
        </thead>
        <tbody>
          {plan.pieces.flatMap((piece) =>
            piece.edges.map((edge) => (
              <tr key={`${piece.id} ${edge.id}`}>
                <th scope="row">
                  <button
                    type="button"
                    className="edge-name"
                    onFocus={() => onLit({ piece: piece.id, edge: edge.id })}
                    onBlur={() => onLit(undefined)}
                    onPointerEnter={() => onLit({ piece: piece.id, edge: edge.id })}
                    onPointerLeave={() => onLit(undefined)}
                  >
                    {piece.name}, {edge.name}
                  </button>
                </th>
                <td>{edge.runs.map((run) => run.count).join(' + ')}</td>
                <td>{length(edge.lengthMm, plan.unit)}</td>
              </tr>
            )),
          )}
        </tbody>
      </Table>
    </details>
  );
}
