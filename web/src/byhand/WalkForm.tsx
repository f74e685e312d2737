import { Button, Form } from 'react-bootstrap';
import bounds from '../api/bounds.json';
import type { FindingView } from '../api/types';
import { GarmentDrawing } from '../drawing/GarmentDrawing';
import { tableBox } from '../drawing/geometry';
import { Findings } from '../shell/Findings';
import { type Step, useWalk, type Walked } from './useWalk';

const KINDS: [Step['kind'], string][] = [
  ['STITCH_TOP', 'stitch tops'],
  ['FOUNDATION_LOOP', 'foundation loops'],
  ['ROW_END', 'row ends'],
  ['CHAIN_SPACE', 'chain spaces'],
];
const PARTS: [Walked['part'], string][] = [
  ['BACK', 'back'],
  ['FRONT', 'front'],
  ['SLEEVE', 'sleeve'],
  ['OTHER', 'something else'],
];
const DYES: Walked['colour'][] = ['WOAD', 'MADDER', 'WELD', 'LICHEN', 'MULBERRY', 'IRON', 'LINEN'];
const ROOM_PX = 300;

interface Props {
  id: string;
  action: string;
  refused: FindingView[];
  onDone: (piece: Walked) => void;
}

/** A piece told edge by edge, as the maker walks round it with the piece at the left hand. */
export function WalkForm({ id, action, refused, onDone }: Props) {
  const walk = useWalk(id);
  const box = walk.drawn && tableBox([walk.drawn]);
  const scale = box ? ROOM_PX / Math.max(box.right - box.left, box.top - box.bottom, 1) : 1;
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
                {dye.charAt(0) + dye.slice(1).toLowerCase()}
              </option>
            ))}
          </Form.Select>
        </Form.Group>
      </div>
      <div className="walk-round">
        <table className="walk-steps">
          <caption>Start at the lower left corner, right side up, and go round to the right.</caption>
          <thead>
            <tr>
              <th scope="col">Edge</th>
              <th scope="col">Made of</th>
              <th scope="col">How many</th>
              <th scope="col">Each, mm</th>
              <th scope="col">Then turn left, °</th>
              <td />
            </tr>
          </thead>
          <tbody>
            {walk.steps.map((step, index) => (
              <tr key={index}>
                <td>
                  <Form.Control
                    aria-label={`Name of edge ${index + 1}`}
                    value={step.name}
                    maxLength={100}
                    onChange={(event) => walk.set(index, { name: event.target.value })}
                  />
                </td>
                <td>
                  <Form.Select
                    aria-label={`What edge ${index + 1} is made of`}
                    value={step.kind}
                    onChange={(event) => walk.set(index, { kind: event.target.value as Step['kind'] })}
                  >
                    {KINDS.map(([value, words]) => (
                      <option key={value} value={value}>
                        {words}
                      </option>
                    ))}
                  </Form.Select>
                </td>
                {(['count', 'unitMm', 'turn'] as const).map((field) => (
                  <td key={field}>
                    <Form.Control
                      aria-label={`${{ count: 'How many at', unitMm: 'Width of each at', turn: 'Turn behind' }[field]} edge ${index + 1}`}
                      inputMode="decimal"
                      value={step[field]}
                      onChange={(event) => walk.set(index, { [field]: event.target.value })}
                    />
                  </td>
                ))}
                <td>
                  <Button
                    variant="outline-dark"
                    aria-label={`Leave out edge ${index + 1}`}
                    onClick={() => walk.remove(index)}
                  >
                    ×
                  </Button>
                </td>
              </tr>
            ))}
          </tbody>
        </table>
        <div className="walk-drawing">
          {walk.drawn ? (
            <GarmentDrawing pieces={[walk.drawn]} scale={scale} title="The walk as far as it is told" />
          ) : (
            <p className="soft">It is drawn here as soon as every edge has its numbers.</p>
          )}
        </div>
      </div>
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
