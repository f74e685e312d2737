import { useState } from 'react';
import { Button, Form } from 'react-bootstrap';
import bounds from '../api/bounds.json';
import type { ByHand, PiecePlan } from '../api/types';
import type { GarmentEditor } from '../shell/useGarment';

interface Props {
  editor: GarmentEditor;
  hand: ByHand;
  onWalk: (piece: PiecePlan) => void;
  onAdd: () => void;
}

/** All pieces: copied, mirrored, made one's own, walked round anew, renamed, removed. */
export function PiecesByHand({ editor, hand, onWalk, onAdd }: Props) {
  const { garment, change } = editor;
  const { pieces } = garment.plan;
  const copy = (piece: PiecePlan, mirrored: boolean) =>
    change([
      {
        kind: 'PIECE_COPIED',
        piece: piece.id,
        name: `${piece.name}, ${mirrored ? 'mirrored' : 'again'}`,
        mirrored,
      },
    ]);
  return (
    <section aria-label="Pieces">
      <h2>Pieces</h2>
      <ul className="by-hand-list">
        {pieces.map((piece) => {
          const own = hand.pieces.includes(piece.id);
          return (
            <li key={piece.id}>
              <div className="by-hand-row">
                {own ? (
                  <PieceName key={piece.name} editor={editor} piece={piece} />
                ) : (
                  <strong>{piece.name}</strong>
                )}
              </div>
              <div className="by-hand-go">
                <Button
                  variant="outline-dark"
                  aria-label={`Copy ${piece.name}`}
                  onClick={() => void copy(piece, false)}
                >
                  Copy
                </Button>
                <Button
                  variant="outline-dark"
                  aria-label={`Mirror ${piece.name}`}
                  onClick={() => void copy(piece, true)}
                >
                  Mirror
                </Button>
                {own ? (
                  <>
                    <Button
                      variant="outline-dark"
                      aria-label={`Outline of ${piece.name}`}
                      onClick={() => onWalk(piece)}
                    >
                      Outline
                    </Button>
                    <Button
                      variant="outline-dark"
                      aria-label={`Remove ${piece.name}`}
                      onClick={() => void change([{ kind: 'PIECE_REMOVED', piece: piece.id }])}
                    >
                      Remove
                    </Button>
                  </>
                ) : (
                  <Button
                    variant="outline-dark"
                    aria-label={`Make it your own: ${piece.name}`}
                    title="The numbers of the construction leave it alone from then on; its outline can be changed freely."
                    onClick={() => void change([{ kind: 'PIECE_OWNED', piece: piece.id }])}
                  >
                    Make it your own
                  </Button>
                )}
              </div>
            </li>
          );
        })}
      </ul>
      <p className="soft">
        A piece of your own keeps its outline whatever the numbers of the construction say. Removed, it is
        made by the construction again, if that makes it.
      </p>
      <Button variant="outline-dark" onClick={onAdd}>
        Walk round another piece
      </Button>
    </section>
  );
}

/** The name of a piece of the maker's own. */
function PieceName({ editor, piece }: { editor: GarmentEditor; piece: PiecePlan }) {
  const [name, setName] = useState(piece.name);
  const save = () => {
    if (name.trim() !== '' && name.trim() !== piece.name) {
      void editor.change([{ kind: 'PIECE_NAMED', piece: piece.id, name }]);
    }
  };
  return (
    <Form
      onSubmit={(event) => {
        event.preventDefault();
        save();
      }}
    >
      <Form.Control
        aria-label={`Name of ${piece.name}`}
        value={name}
        maxLength={bounds.name}
        onChange={(event) => setName(event.target.value)}
        onBlur={save}
      />
    </Form>
  );
}
