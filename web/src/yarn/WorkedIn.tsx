import { Button, Form } from 'react-bootstrap';
import type { GarmentEditor } from '../shell/useGarment';

/** The yarn each piece is worked in. */
export function WorkedIn({ editor }: { editor: GarmentEditor }) {
  const { plan } = editor.garment;
  const { yarns, pieces } = plan.yarn;
  if (yarns.length < 2) {
    return null;
  }
  const name = (id: string) => plan.pieces.find((piece) => piece.id === id)?.name ?? id;
  const all = (yarn: string) =>
    void editor.change(pieces.map(({ piece }) => ({ kind: 'PIECE_YARNED' as const, piece, yarn })));
  return (
    <section aria-label="What is worked in what">
      <h2>What is worked in what</h2>
      <p className="yarn-keys">
        {yarns.map(({ id, yarn }) => (
          <Button key={id} variant="outline-dark" size="sm" onClick={() => all(id)}>
            All in {yarn.name}
          </Button>
        ))}
      </p>
      <div className="worked-in">
        {pieces.map(({ piece, yarn }) => (
          <Form.Group key={piece} controlId={`in-${piece}`} className="inline-field">
            <Form.Label>{name(piece)}</Form.Label>
            <Form.Select
              value={yarn ?? ''}
              onChange={(event) =>
                void editor.change([
                  {
                    kind: 'PIECE_YARNED',
                    piece,
                    ...(event.target.value ? { yarn: event.target.value } : {}),
                  },
                ])
              }
            >
              <option value="">not told</option>
              {yarns.map((each) => (
                <option key={each.id} value={each.id}>
                  {each.yarn.name}
                </option>
              ))}
            </Form.Select>
          </Form.Group>
        ))}
      </div>
    </section>
  );
}
