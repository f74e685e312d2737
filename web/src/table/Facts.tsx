import { Table } from 'react-bootstrap';
import type { GarmentPlan } from '../api/types';
import { length } from '../format';

/** The counts and lengths of the drawing as a table. */
export function Facts({ plan }: { plan: GarmentPlan }) {
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
                  {piece.name}, {edge.name}
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
