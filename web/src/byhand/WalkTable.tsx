import { Button, Form } from 'react-bootstrap';
import type { DrawnPiece } from '../api/types';
import { GarmentDrawing } from '../drawing/GarmentDrawing';
import { tableBox } from '../drawing/geometry';
import { EDGE_KINDS, KINDS } from '../pieces/kinds';
import type { DraftStep, Step } from './useWalk';

const ROOM_PX = 300;

interface Props {
  steps: DraftStep[];
  set: (index: number, changed: Partial<DraftStep>) => void;
  remove: (index: number) => void;
  /** The piece as far as it is told. */
  drawn: DrawnPiece | undefined;
}

/** A walk edge by edge beside what it draws. */
export function WalkTable({ steps, set, remove, drawn }: Props) {
  const box = drawn && tableBox([drawn]);
  const scale = box ? ROOM_PX / Math.max(box.right - box.left, box.top - box.bottom, 1) : 1;
  return (
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
          {steps.map((step, index) => (
            <tr key={index}>
              <td>
                <Form.Control
                  aria-label={`Name of edge ${index + 1}`}
                  value={step.name}
                  maxLength={100}
                  onChange={(event) => set(index, { name: event.target.value })}
                />
              </td>
              <td>
                <Form.Select
                  aria-label={`What edge ${index + 1} is made of`}
                  value={step.kind}
                  onChange={(event) => set(index, { kind: event.target.value as Step['kind'] })}
                >
                  {EDGE_KINDS.map((kind) => (
                    <option key={kind} value={kind}>
                      {KINDS[kind][1]}
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
                    onChange={(event) => set(index, { [field]: event.target.value })}
                  />
                </td>
              ))}
              <td>
                <Button
                  variant="outline-dark"
                  aria-label={`Leave out edge ${index + 1}`}
                  onClick={() => remove(index)}
                >
                  ×
                </Button>
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      <div className="walk-drawing">
        {drawn ? (
          <GarmentDrawing pieces={[drawn]} scale={scale} title="The walk as far as it is told" />
        ) : (
          <p className="soft">It is drawn here as soon as every edge has its numbers.</p>
        )}
      </div>
    </div>
  );
}
