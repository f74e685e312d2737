import { type FormEvent, useState } from 'react';
import { Button, Form } from 'react-bootstrap';
import type { Yarn } from '../api/types';
import { figure } from '../format';
import type { GarmentEditor } from '../shell/useGarment';
import { CLASS_WORDS, TRAIT_WORDS } from './words';

interface Props {
  editor: GarmentEditor;
  /** What is told of it so far; nothing for a new one. */
  yarn?: Yarn;
  onClose: () => void;
}

/** A yarn as its label tells it. */
export function YarnForm({ editor, yarn, onClose }: Props) {
  const id = yarn?.id ?? '';
  const [name, setName] = useState(yarn?.name ?? '');
  const [colour, setColour] = useState(yarn?.colour ?? '');
  const [fibre, setFibre] = useState(yarn?.fibre ?? '');
  const [weight, setWeight] = useState<Yarn['weight']>(yarn?.weight ?? 'WORSTED');
  const [metres, setMetres] = useState(text(yarn?.metresPerBall));
  const [grams, setGrams] = useState(text(yarn?.gramsPerBall));
  const [left, setLeft] = useState(text(yarn?.left?.grams));
  const [traits, setTraits] = useState<Yarn['traits']>(yarn?.traits ?? []);
  const wrong = [metres, grams, left].some((typed) => typed.trim() !== '' && !Number.isFinite(figure(typed)));
  const keep = async (event: FormEvent) => {
    event.preventDefault();
    const told: Yarn = {
      id,
      name,
      colour,
      fibre,
      weight,
      traits,
      ...(metres.trim() === '' ? {} : { metresPerBall: figure(metres) }),
      ...(grams.trim() === '' ? {} : { gramsPerBall: figure(grams) }),
      ...(left.trim() === ''
        ? {}
        : {
            left:
              yarn?.left?.grams === figure(left)
                ? yarn.left
                : { grams: figure(left), after: editor.garment.finished },
          }),
    };
    if (await editor.change([{ kind: yarn ? 'YARN_TOLD' : 'YARN_ADDED', yarn: told }])) {
      onClose();
    }
  };
  const field = (key: string, label: string, value: string, set: (text: string) => void, digits = false) => (
    <Form.Group controlId={`yarn-${id}-${key}`}>
      <Form.Label>{label}</Form.Label>
      <Form.Control
        value={value}
        inputMode={digits ? 'decimal' : 'text'}
        isInvalid={digits && value.trim() !== '' && !Number.isFinite(figure(value))}
        onChange={(event) => set(event.target.value)}
      />
    </Form.Group>
  );
  return (
    <Form
      className="yarn-form"
      aria-label={yarn ? `The yarn ${yarn.name}` : 'A new yarn'}
      onSubmit={(event) => void keep(event)}
    >
      {field('name', 'Name', name, setName)}
      {field('colour', 'Colour', colour, setColour)}
      <Form.Group controlId={`yarn-${id}-weight`}>
        <Form.Label>Weight class</Form.Label>
        <Form.Select value={weight} onChange={(event) => setWeight(event.target.value as Yarn['weight'])}>
          {Object.entries(CLASS_WORDS).map(([key, words]) => (
            <option key={key} value={key}>
              {words}
            </option>
          ))}
        </Form.Select>
      </Form.Group>
      {field('fibre', 'Fibre', fibre, setFibre)}
      {field('metres', 'Metres in a ball', metres, setMetres, true)}
      {field('grams', 'Grams in a ball', grams, setGrams, true)}
      {field('left', 'Grams left now', left, setLeft, true)}
      <fieldset className="traits">
        <legend>It is</legend>
        {(Object.keys(TRAIT_WORDS) as Yarn['traits']).map((trait) => (
          <Form.Check
            key={trait}
            inline
            id={`yarn-${id}-${trait}`}
            label={TRAIT_WORDS[trait]}
            checked={traits.includes(trait)}
            onChange={() =>
              setTraits(traits.includes(trait) ? traits.filter((each) => each !== trait) : [...traits, trait])
            }
          />
        ))}
      </fieldset>
      <div className="yarn-keys">
        <Button type="submit" disabled={name.trim() === '' || wrong}>
          Keep it
        </Button>
        <Button variant="outline-dark" onClick={onClose}>
          Leave it
        </Button>
        {yarn && (
          <Button
            variant="link"
            onClick={() => void editor.change([{ kind: 'YARN_REMOVED', yarn: id }]).then(onClose)}
          >
            Take it out
          </Button>
        )}
      </div>
    </Form>
  );
}

function text(value: number | undefined): string {
  return value === undefined ? '' : String(value);
}
