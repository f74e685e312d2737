import type { ReactNode } from 'react';
import { Button, Form } from 'react-bootstrap';
import type { BenchPlan, Opened, WorkView } from '../api/types';
import { count } from '../format';
import { joinedSeams } from '../shell/joined';
import { OtherwiseSoFar } from './Otherwise';

interface JoinedProps {
  garment: Opened;
  work: WorkView;
  /** Joints that are done: fewer than all where it was ended early. */
  position: number;
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
  const { garment, work, position, unsent, onUndo, onBackTo, onLeave, beside, asWorked } = props;
  const closing = (garment.plan.steps.find((step) => step.seam === work.of.seam)?.closing ?? []).filter(
    ({ joint }) => joint === 0 || joint >= work.plan.joints.length,
  );
  const all = work.plan.joints.length;
  return (
    <section className="before-start joined">
      <h1>
        {work.plan.plan
          ? `Joined: ${work.plan.plan.name.toLowerCase()}`
          : `Done: ${work.plan.title.replace(/^Work /, '')}`}
      </h1>
      <p>
        {work.plan.plan ? count(position, 'joint') : count(position, 'stitch', 'stitches')}
        {position < all ? ` of ${all}: ended here, the rest stays open` : ''}.{' '}
        {unsent === 0 ? 'It is kept.' : 'Not sent yet; it is kept in this browser.'}
      </p>
      {work.note && <p>Your note: {work.note}</p>}
      <OtherwiseSoFar beside={beside} ledger={work.ledger} />
      {work.questions
        .filter(({ fault }) => beside.faults.includes(fault))
        .map(({ fault, words, remedy }) => (
          <p key={fault} className="remedy">
            {words} {remedy}
          </p>
        ))}
      {beside.sewn.slice(-1).map(({ words }) => (
        <p key={words}>{words}</p>
      ))}
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
      <OpenAgain plan={work.plan} position={position} onBackTo={onBackTo} />
    </section>
  );
}

/** The markers it can be opened to; where it was ended early, also that end. */
function OpenAgain({
  plan,
  position,
  onBackTo,
}: Pick<JoinedProps, 'position' | 'onBackTo'> & { plan: BenchPlan }) {
  const passed = plan.stops.filter(({ joint }) => joint < position);
  const isEnded = position < plan.joints.length;
  return (
    (passed.length > 0 || isEnded) && (
      <Form.Select
        aria-label="Opened again, back to"
        className="open-again"
        value=""
        onChange={({ target }) => target.value !== '' && onBackTo(Number(target.value))}
      >
        <option value="">{isEnded ? 'I go on with it, from …' : 'I opened it again, back to …'}</option>
        {isEnded && <option value={position}>Joint {position}, where it ends now</option>}
        {passed.map(({ number, joint, words }) => (
          <option key={number} value={joint}>
            {plan.plan ? 'Marker ' : ''}
            {number}: {words}
          </option>
        ))}
      </Form.Select>
    )
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
