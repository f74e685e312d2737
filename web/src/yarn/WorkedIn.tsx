import { Fragment } from 'react';
import { Button, Form } from 'react-bootstrap';
import type { YarnSum } from '../api/types';
import type { GarmentEditor } from '../shell/useGarment';

/** The yarn each piece, and its ribbing, is worked in. */
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
        {pieces.map(({ piece, yarn, ribbed, rib }) => (
          <Fragment key={piece}>
            <In
              id={`in-${piece}`}
              label={name(piece)}
              none="not told"
              value={yarn}
              yarns={yarns}
              onTake={(taken) =>
                void editor.change([{ kind: 'PIECE_YARNED', piece, ...(taken ? { yarn: taken } : {}) }])
              }
            />
            {ribbed ? (
              <In
                id={`rib-${piece}`}
                label="its ribbing"
                none="the same"
                value={rib}
                yarns={yarns}
                onTake={(taken) =>
                  void editor.change([{ kind: 'RIB_YARNED', piece, ...(taken ? { yarn: taken } : {}) }])
                }
              />
            ) : (
              <span />
            )}
          </Fragment>
        ))}
      </div>
    </section>
  );
}

interface InProps {
  id: string;
  label: string;
  /** What it is called when nothing is taken. */
  none: string;
  value: string | undefined;
  yarns: YarnSum[];
  onTake: (yarn: string | undefined) => void;
}

/** What something is worked in. */
function In({ id, label, none, value, yarns, onTake }: InProps) {
  return (
    <Form.Group controlId={id} className="inline-field">
      <Form.Label>{label}</Form.Label>
      <Form.Select value={value ?? ''} onChange={(event) => onTake(event.target.value || undefined)}>
        <option value="">{none}</option>
        {yarns.map((each) => (
          <option key={each.id} value={each.id}>
            {each.yarn.name}
          </option>
        ))}
      </Form.Select>
    </Form.Group>
  );
}
