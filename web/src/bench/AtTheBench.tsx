import { useQueryClient } from '@tanstack/react-query';
import { useEffect, useState, useSyncExternalStore } from 'react';
import { Button, Form } from 'react-bootstrap';
import { useNavigate } from 'react-router';
import { garmentQuery, shelfQuery } from '../api/garments';
import type { Opened, WorkView } from '../api/types';
import { BenchWindow } from './BenchWindow';
import { JointRail } from './JointRail';
import { Outbox } from './outbox';

interface Props {
  garment: Opened;
  work: WorkView;
  told: string;
  onOvertaken: (words: string) => void;
}

const TYPING = new Set(['INPUT', 'TEXTAREA', 'SELECT', 'BUTTON', 'A', 'SUMMARY']);

export function AtTheBench({ garment, work, told, onOvertaken }: Props) {
  const [outbox] = useState(() => new Outbox(work, onOvertaken));
  const { place, unsent } = useSyncExternalStore(outbox.subscribe, outbox.snapshot);
  const { add } = outbox;
  const queries = useQueryClient();
  const navigate = useNavigate();
  const { plan } = work.plan;
  const joints = work.plan.joints;
  const all = joints.length;
  const { position, state } = place;
  const isPaused = state === 'PAUSED';
  const isDone = position === all;
  const next = plan.checkpoints.find((checkpoint) => checkpoint.joint > position);
  const markersDone = plan.checkpoints.filter(
    (checkpoint) => checkpoint.joint > 0 && checkpoint.joint < position,
  );

  const forward = () => (isPaused ? add('RESUME') : isDone ? undefined : add('JOINT', position + 1));
  const back = () => position > 0 && add('BACK_TO', position - 1);

  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if (event.repeat || event.ctrlKey || event.metaKey || TYPING.has((event.target as Element).tagName)) {
        return;
      }
      if (event.key === ' ' || event.key === 'Enter' || event.key === 'ArrowRight') {
        event.preventDefault();
        forward();
      } else if (event.key === 'Backspace' || event.key === 'ArrowLeft') {
        event.preventDefault();
        back();
      }
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  });

  useEffect(() => {
    if (unsent === 0) {
      void queries.invalidateQueries({ queryKey: garmentQuery(garment.id).queryKey });
      void queries.invalidateQueries({ queryKey: shelfQuery.queryKey });
    }
  }, [unsent, queries, garment.id]);

  if (state === 'JOINED') {
    return (
      <Joined
        garment={garment}
        work={work}
        unsent={unsent}
        onUndo={() => add('UNDONE')}
        onLeave={() => void navigate(`/garments/${garment.id}`)}
      />
    );
  }
  return (
    <div className="bench">
      <section className="bench-count" aria-live="polite" aria-label="Joint">
        <span className="bench-word">{isDone ? 'All joints' : 'Joint'}</span>
        <span
          className={position + 1 > 99 ? 'bench-number display long' : 'bench-number display'}
          data-testid="joint"
        >
          {isDone ? all : position + 1}
        </span>
        <span className="bench-word">of {all}</span>
        <span className="bench-kept">
          {unsent === 0 ? 'Kept to the joint' : `${unsent} not sent yet; kept in this browser`}
        </span>
      </section>
      <section className="bench-now">
        {told && <p className="wrong">{told}</p>}
        {work.planChanged && (
          <p className="wrong">
            Worked by the plan of version {work.garmentVersion}; today’s plan differs. Go on as begun, or
            finish and take it anew.
          </p>
        )}
        <BenchWindow plan={plan} pieces={garment.plan.pieces} joints={joints} position={position} />
        <h1>
          {isPaused
            ? 'Resting. Your place is kept.'
            : isDone
              ? 'All joints are done.'
              : joints[position]?.words}
        </h1>
        <div className="bench-facts">
          <div>
            <h2>Hold</h2>
            <p>{work.plan.hold}</p>
          </div>
          <div>
            <h2>{next ? 'To the next marker' : 'To the end'}</h2>
            <p>
              <span className="bench-left display">{(next?.joint ?? all) - position}</span> more
              {next ? `, to ${next.nameA}${next.name ? ` (${next.name})` : ''}` : ''}
            </p>
          </div>
          <div>
            <h2>Stop and look</h2>
            <p>{work.plan.check}</p>
          </div>
        </div>
      </section>
      <JointRail all={all} position={position} checkpoints={plan.checkpoints} />
      {isDone ? (
        <FinishForm onBack={back} onFinish={(note) => add('FINISH', 0, note)} />
      ) : (
        <div className="bench-keys">
          <Button variant="outline-dark" onClick={back} disabled={position === 0}>
            Back one
          </Button>
          <Button className="bench-main" onClick={forward}>
            {isPaused ? 'Go on' : `Joint ${position + 1} is done`}
            <small>space bar, click or tap</small>
          </Button>
          <Button variant="outline-dark" onClick={() => add('PAUSE')} disabled={isPaused}>
            Pause here
          </Button>
          <Form.Select
            aria-label="Back to a marker"
            value=""
            disabled={markersDone.length === 0}
            onChange={(event) => event.target.value !== '' && add('BACK_TO', Number(event.target.value))}
          >
            <option value="">Back to a marker</option>
            {markersDone.map((checkpoint) => (
              <option key={checkpoint.number} value={checkpoint.joint}>
                Marker {checkpoint.number}: {checkpoint.nameA}
              </option>
            ))}
          </Form.Select>
        </div>
      )}
    </div>
  );
}

function FinishForm({ onBack, onFinish }: { onBack: () => void; onFinish: (note: string) => void }) {
  const [note, setNote] = useState('');
  return (
    <form
      className="bench-finish"
      onSubmit={(event) => {
        event.preventDefault();
        onFinish(note);
      }}
    >
      <Form.Label htmlFor="note">A note for later, if you like</Form.Label>
      <Form.Control
        id="note"
        value={note}
        maxLength={4000}
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

interface JoinedProps {
  garment: Opened;
  work: WorkView;
  unsent: number;
  onUndo: () => void;
  onLeave: () => void;
}

function Joined({ garment, work, unsent, onUndo, onLeave }: JoinedProps) {
  const closing = garment.plan.steps.find((step) => step.seam === work.seam)?.closing ?? [];
  return (
    <section className="before-start">
      <h1>Joined: {work.plan.plan.name.toLowerCase()}</h1>
      <p>
        {work.plan.joints.length} joints.{' '}
        {unsent === 0 ? 'It is kept.' : 'Not sent yet; it is kept in this browser.'}
      </p>
      {work.note && <p>Your note: {work.note}</p>}
      {closing.map((words) => (
        <p key={words}>{words}</p>
      ))}
      <p>{work.plan.cautions.join(' ')}</p>
      <Button onClick={onLeave}>See it on the table</Button>{' '}
      <Button variant="outline-dark" onClick={onUndo}>
        I undid this seam
      </Button>
    </section>
  );
}
