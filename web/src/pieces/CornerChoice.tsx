import { useQuery } from '@tanstack/react-query';
import { Form } from 'react-bootstrap';
import { cornersQuery } from '../api/garments';
import type { ChangeOf, EdgePlan, PiecePlan } from '../api/types';

interface Props {
  piece: PiecePlan;
  edge: EdgePlan;
  onCorner: (corner: ChangeOf<'CORNER_TOLD'>['corner']) => void;
}

/** What stands between this edge and the next: chains of a corner give places to the seams of both. */
export function CornerChoice({ piece, edge, onCorner }: Props) {
  const corners = useQuery(cornersQuery);
  const next = piece.edges[(piece.edges.indexOf(edge) + 1) % piece.edges.length]!;
  return (
    <Form.Group className="inline-field" controlId="corner">
      <Form.Label>Corner to the {next.name}</Form.Label>
      <Form.Select
        value={edge.corner ?? ''}
        onChange={(event) => onCorner((event.target.value || undefined) as ChangeOf<'CORNER_TOLD'>['corner'])}
      >
        <option value="">no chains of its own</option>
        {corners.data?.map((choice) => (
          <option key={choice.corner} value={choice.corner}>
            {choice.words}
          </option>
        ))}
      </Form.Select>
    </Form.Group>
  );
}
