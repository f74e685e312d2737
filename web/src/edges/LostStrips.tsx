import { Button, Form } from 'react-bootstrap';
import type { GarmentPlan } from '../api/types';
import type { GarmentEditor } from '../shell/useGarment';
import { openingKey } from './strips';

type Gone = GarmentPlan['gone'][number];

/** Edgings that have no place on the garment as it is now: what each was, to be laid on an opening or taken away. */
export function LostStrips({ editor }: { editor: GarmentEditor }) {
  const lost = editor.garment.plan.gone.filter(({ of }) => of?.strip !== undefined);
  if (lost.length === 0) {
    return null;
  }
  return (
    <section aria-label="Edgings without a place">
      <h2>Without a place now</h2>
      <ul className="gone-list">
        {lost.map((gone) => (
          <Lost key={gone.key} editor={editor} gone={gone} />
        ))}
      </ul>
    </section>
  );
}

function Lost({ editor, gone }: { editor: GarmentEditor; gone: Gone }) {
  const { openings } = editor.garment.plan.gluing;
  const strip = gone.of!.strip!;
  const layOn = (key: string) => {
    const opening = openings.find(({ id }) => openingKey(id) === key);
    if (opening) {
      void editor.change([{ kind: 'STRIP_LAID_ON', strip, from: opening.start }]);
    }
  };
  return (
    <li>
      <p>
        {gone.words} {gone.why.join(' ')}
      </p>
      <div className="line">
        <Form.Select
          size="sm"
          aria-label={`Lay on an opening: ${gone.words}`}
          value=""
          onChange={(event) => layOn(event.target.value)}
        >
          <option value="">Lay it on …</option>
          {openings.map(({ id, name }) => (
            <option key={openingKey(id)} value={openingKey(id)}>
              {name}
            </option>
          ))}
        </Form.Select>
        <Button
          variant="outline-dark"
          size="sm"
          onClick={() => void editor.change([{ kind: 'GONE_REMOVED', gone: gone.key }])}
        >
          Remove it
        </Button>
      </div>
    </li>
  );
}
