import { useState } from 'react';
import { Button, Form } from 'react-bootstrap';
import type { WorkView } from '../api/types';
import { type Fault, Faults } from './LookOver';

const MOST_LEFT = 500;

/** What is told at the end: a note, what was left over of each side, what was not right. */
export interface Ending {
  note: string;
  leftOver: [number, number];
  faults: Fault[];
}

interface FinishProps {
  /** So many checkpoints were marked. */
  marked: number;
  /** What its two sides are called, where there are two. */
  sides: readonly string[];
  questions: WorkView['questions'];
  onBack: () => void;
  onFinish: (ending: Ending) => void;
}

/** All joints are done: it is looked at, what was put in is counted out again, what is left over, a note, and it is joined. */
export function FinishForm({ marked, sides, questions, onBack, onFinish }: FinishProps) {
  const [faults, setFaults] = useState<Fault[]>([]);
  const [left, setLeft] = useState<[string, string]>(['', '']);
  const [note, setNote] = useState('');
  const [putIn, setPutIn] = useState(String(marked));
  const [takenOut, setTakenOut] = useState('');
  const missing = takenOut === '' ? 0 : Number(putIn) - Number(takenOut);
  const counted = takenOut === '' ? '' : `Pins, clips and needles: ${putIn} in, ${takenOut} out.`;
  return (
    <form
      className="bench-finish"
      onSubmit={(event) => {
        event.preventDefault();
        onFinish({
          note: [note.trim(), counted].filter((words) => words).join(' '),
          leftOver: [Number(left[0]), Number(left[1])],
          faults,
        });
      }}
    >
      <Faults questions={questions} faults={faults} onChange={setFaults} />
      {sides.length > 0 && (
        <fieldset className="pins">
          <legend>Left over at the end, if anything is</legend>
          {sides.map((side, index) => (
            <PinCount
              key={side}
              label={`of the ${side}`}
              value={left[index] ?? ''}
              onChange={(value) => setLeft(index === 0 ? [value, left[1]] : [left[0], value])}
            />
          ))}
        </fieldset>
      )}
      <fieldset className="pins">
        <legend>Pins, clips, markers and needles</legend>
        <PinCount label="put in" value={putIn} onChange={setPutIn} />
        <PinCount label="taken out" value={takenOut} onChange={setTakenOut} />
        {missing !== 0 && (
          <p className="wrong" role="alert">
            {missing > 0
              ? `${areLeft(missing)} still in there. Find ${missing === 1 ? 'it' : 'them'} before you go on.`
              : 'More came out than went in: count again.'}
          </p>
        )}
      </fieldset>
      <div className="bench-note">
        <Form.Label htmlFor="note">A note for later, if you like</Form.Label>
        <Form.Control
          id="note"
          value={note}
          maxLength={3900}
          onChange={(event) => setNote(event.target.value)}
        />
      </div>
      <Button type="submit" className="bench-main">
        {faults.length > 0 ? 'Leave it so. ' : ''}
        {sides.length > 0 ? 'The seam is joined' : 'It is done'}
      </Button>
      <Button variant="outline-dark" onClick={onBack}>
        Back one
      </Button>
    </form>
  );
}

function areLeft(missing: number): string {
  return missing === 1 ? '1 is' : `${missing} are`;
}

interface PinCountProps {
  label: string;
  value: string;
  onChange: (value: string) => void;
}

function PinCount({ label, value, onChange }: PinCountProps) {
  return (
    <Form.Label>
      {label}{' '}
      <Form.Control
        type="number"
        min={0}
        max={MOST_LEFT}
        value={value}
        onChange={(event) => onChange(event.target.value)}
      />
    </Form.Label>
  );
}
