import { useState } from 'react';
import { Button, Form } from 'react-bootstrap';
import type { GarmentPlan, WorkView } from '../api/types';
import { toMm } from '../format';

export type Fault = WorkView['questions'][number]['fault'];

interface FaultsProps {
  questions: WorkView['questions'];
  faults: readonly Fault[];
  onChange: (faults: Fault[]) => void;
}

/** What is not right about it, if anything is, each with what helps. */
export function Faults({ questions, faults, onChange }: FaultsProps) {
  return (
    <fieldset className="look-over">
      <legend>Lay it down right side up and look. What is not right?</legend>
      {questions.map(({ fault, words, remedy }) => {
        const isOne = faults.includes(fault);
        return (
          <div key={fault}>
            <Form.Check
              type="checkbox"
              id={`fault-${fault}`}
              label={words}
              checked={isOne}
              onChange={() => onChange(isOne ? faults.filter((each) => each !== fault) : [...faults, fault])}
            />
            {isOne && <p className="remedy">{remedy}</p>}
          </div>
        );
      })}
    </fieldset>
  );
}

interface TapeProps {
  unit: GarmentPlan['unit'];
  onMeasure: (mm: number) => void;
}

/** The length sewn so far, by the tape. */
export function Tape({ unit, onMeasure }: TapeProps) {
  const [told, setTold] = useState('');
  const mm = toMm(told, unit);
  return (
    <form
      className="tape"
      onSubmit={(event) => {
        event.preventDefault();
        onMeasure(mm);
        setTold('');
      }}
    >
      <Form.Label htmlFor="sewn">Tape</Form.Label>
      <Form.Control
        id="sewn"
        inputMode="decimal"
        value={told}
        onChange={(event) => setTold(event.target.value)}
      />
      <span>{unit === 'CM' ? 'cm' : 'in'}</span>
      <Button type="submit" variant="outline-dark" disabled={!(mm > 0)}>
        Compare
      </Button>
    </form>
  );
}

/** What the last length that was taken says, up to here. */
export function Sewn({ sewn, position }: { sewn: WorkView['beside']['sewn']; position: number }) {
  const last = sewn.filter(({ joint }) => joint === position).at(-1);
  return last ? <p className="remedy">{last.words}</p> : null;
}
