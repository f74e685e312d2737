import { type ReactNode, useState } from 'react';
import { Button, Form } from 'react-bootstrap';
import type { Opened, WorkView } from '../api/types';
import { count } from '../format';
import { joinedSeams } from '../shell/joined';
import { OtherwiseSoFar } from './Otherwise';

const MOST_LEFT = 500;

interface FinishProps {
  /** So many checkpoints were marked. */
  marked: number;
  /** What its two sides are called, where there are two. */
  sides: readonly string[];
  onBack: () => void;
  onFinish: (note: string, leftOver: [number, number]) => void;
}

/** All joints are done: what was put in is counted out again, what is left over, a note, and the seam is joined. */
export function FinishForm({ marked, sides, onBack, onFinish }: FinishProps) {
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
        onFinish([note.trim(), counted].filter((words) => words).join(' '), [
          Number(left[0]),
          Number(left[1]),
        ]);
      }}
    >
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
      <Form.Label htmlFor="note">A note for later, if you like</Form.Label>
      <Form.Control
        id="note"
        value={note}
        maxLength={3900}
        onChange={(event) => setNote(event.target.value)}
      />
      <Button type="submit" className="bench-main">
        The seam is joined
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

interface JoinedProps {
  garment: Opened;
  work: WorkView;
  unsent: number;
  onUndo: () => void;
  /** Opened again from a marker on. */
  onBackTo: (joint: number) => void;
  onLeave: () => void;
  beside: WorkView['beside'];
  /** What was really worked, to be kept. */
  asWorked?: ReactNode;
}

/** A joined seam, with the stitch that closes the point, and the way back. */
export function Joined(props: JoinedProps) {
  const { garment, work, unsent, onUndo, onBackTo, onLeave, beside, asWorked } = props;
  const closing = (garment.plan.steps.find((step) => step.seam === work.of.seam)?.closing ?? []).filter(
    ({ joint }) => joint === 0 || joint >= work.plan.joints.length,
  );
  return (
    <section className="before-start joined">
      <h1>
        {work.plan.plan
          ? `Joined: ${work.plan.plan.name.toLowerCase()}`
          : `Done: ${work.plan.title.toLowerCase()}`}
      </h1>
      <p>
        {work.plan.plan
          ? count(work.plan.joints.length, 'joint')
          : count(work.plan.joints.length, 'stitch', 'stitches')}
        . {unsent === 0 ? 'It is kept.' : 'Not sent yet; it is kept in this browser.'}
      </p>
      {work.note && <p>Your note: {work.note}</p>}
      <OtherwiseSoFar beside={beside} ledger={work.ledger} />
      {asWorked}
      {closing.map(({ words }) => (
        <p key={words}>{words}</p>
      ))}
      <HangingEnds garment={garment} seam={work.of.seam ?? ''} />
      <p>{work.plan.cautions.join(' ')}</p>
      <Button onClick={onLeave}>{work.plan.plan ? 'See it on the table' : 'See the edges'}</Button>{' '}
      <Button variant="outline-dark" onClick={onUndo}>
        {work.plan.plan ? 'I undid this seam' : 'I undid this'}
      </Button>
      {work.plan.stops.length > 0 && (
        <Form.Select
          aria-label="Opened again, back to"
          className="open-again"
          value=""
          onChange={({ target }) => target.value !== '' && onBackTo(Number(target.value))}
        >
          <option value="">I opened it again, back to …</option>
          {work.plan.stops
            .filter(({ joint }) => joint < work.plan.joints.length)
            .map(({ number, joint, words }) => (
              <option key={number} value={joint}>
                {work.plan.plan ? 'Marker ' : ''}
                {number}: {words}
              </option>
            ))}
        </Form.Select>
      )}
    </section>
  );
}

/** What goes on from here, the ends this seam left, and how many are left on the whole garment. */
function HangingEnds({ garment, seam }: { garment: Opened; seam: string }) {
  const { order } = garment.plan;
  const own = order.tails.filter((tail) => tail.of?.seam === seam);
  const joined = joinedSeams(garment);
  const hanging = order.tails.filter(
    (tail) => tail.of?.seam === seam || (tail.of?.seam && joined.includes(tail.of.seam)),
  );
  const words = order.steps.find((step) => step.of?.seam === seam)?.words;
  return (
    <>
      {words && (
        <p>
          <strong>{words}</strong>
        </p>
      )}
      {own.length > 0 && (
        <>
          <p>
            {count(own.length, 'end')} of this seam, {hanging.length} of {order.tails.length} on the whole
            garment:
          </p>
          <ul>
            {own.map((tail, index) => (
              <li key={index}>{tail.words}</li>
            ))}
          </ul>
        </>
      )}
    </>
  );
}
