import { Button, Form } from 'react-bootstrap';
import bounds from '../api/bounds.json';
import type { FindingView } from '../api/types';
import { DYES, dyeWord } from '../drawing/dyes';
import { Findings } from '../shell/Findings';
import { useWalk, type Walked } from './useWalk';
import { WalkTable } from './WalkTable';

const PARTS: [Walked['part'], string][] = [
  ['BACK', 'back'],
  ['FRONT', 'front'],
  ['SLEEVE', 'sleeve'],
  ['HOOD', 'hood'],
  ['OTHER', 'something else'],
];
interface Props {
  action: string;
  refused: FindingView[];
  onDone: (piece: Walked) => void;
}

/** A piece told edge by edge, as the maker walks round it with the piece at the left hand. */
export function WalkForm({ action, refused, onDone }: Props) {
  const walk = useWalk();
  return (
    <form
      className="walk"
      onSubmit={(event) => {
        event.preventDefault();
        onDone(walk.piece);
      }}
    >
      <div className="walk-head">
        <Form.Group controlId="walk-name">
          <Form.Label>Name of the piece</Form.Label>
          <Form.Control
            value={walk.name}
            maxLength={bounds.name}
            onChange={(event) => walk.setName(event.target.value)}
          />
        </Form.Group>
        <Form.Group controlId="walk-part">
          <Form.Label>It becomes</Form.Label>
          <Form.Select
            value={walk.part}
            onChange={(event) => walk.setPart(event.target.value as Walked['part'])}
          >
            {PARTS.map(([value, words]) => (
              <option key={value} value={value}>
                {words}
              </option>
            ))}
          </Form.Select>
        </Form.Group>
        <Form.Group controlId="walk-colour">
          <Form.Label>Colour</Form.Label>
          <Form.Select
            value={walk.colour}
            onChange={(event) => walk.setColour(event.target.value as Walked['colour'])}
          >
            {DYES.map((dye) => (
              <option key={dye} value={dye}>
                {dyeWord(dye)}
              </option>
            ))}
          </Form.Select>
        </Form.Group>
      </div>
      <WalkTable steps={walk.steps} set={walk.set} remove={walk.remove} drawn={walk.drawn} />
      <Findings findings={walk.findings} title="It is no piece yet" />
      <Findings findings={refused} title="It cannot be added" />
      <div className="walk-go">
        <Button variant="outline-dark" onClick={walk.add}>
          Another edge
        </Button>
        <Button type="submit" disabled={!walk.whole || walk.findings.length > 0 || walk.name.trim() === ''}>
          {action}
        </Button>
      </div>
    </form>
  );
}
