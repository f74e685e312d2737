import { useQueryClient } from '@tanstack/react-query';
import { useEffect, useState, useSyncExternalStore } from 'react';
import { Button, Form } from 'react-bootstrap';
import { useNavigate } from 'react-router';
import { garmentQuery, shelfQuery } from '../api/garments';
import type { Opened, WorkView } from '../api/types';
import { BenchWindow } from './BenchWindow';
import { FinishForm, Joined } from './Endings';
import { JointRail } from './JointRail';
import { promptAt, spokenAt, timeLeft } from './moments';
import { Outbox } from './outbox';
import { useBreak, useFullScreen, useSpoken, useWakeLock } from './useComforts';
import { usePedal } from './usePedal';

interface Props {
  garment: Opened;
  work: WorkView;
  told: string;
  onOvertaken: (words: string) => void;
  /** The maker undid the seam, and the server knows. */
  onUndone: () => void;
}

const TYPING = new Set(['INPUT', 'TEXTAREA', 'SELECT', 'BUTTON', 'A', 'SUMMARY']);

export function AtTheBench({ garment, work, told, onOvertaken, onUndone }: Props) {
  const [outbox] = useState(() => new Outbox(work, onOvertaken));
  const { place, unsent, pace } = useSyncExternalStore(outbox.subscribe, outbox.snapshot);
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

  const rest = useBreak(position, work.breakMinutes);
  const prompt = promptAt(work.plan, position);
  const [spoken, setSpoken] = useState(false);
  const [pedal, setPedal] = useState(false);
  const fullScreen = useFullScreen();
  useWakeLock();
  useSpoken(spoken, spokenAt(work.plan, position));
  usePedal(pedal, forward, () => void back());

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

  const isUndone = state === 'UNDONE' && unsent === 0;
  useEffect(() => {
    if (isUndone) {
      onUndone();
    }
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
        <span className="bench-pace">{timeLeft(all - position, pace)}</span>
        <span className="bench-kept">
          {unsent === 0 ? 'Kept to the joint' : `${unsent} not sent yet; kept in this browser`}
        </span>
      </section>
      <section className="bench-now">
        <div className="bench-comforts" role="toolbar" aria-label="Comforts">
          <button type="button" aria-pressed={pedal} onClick={() => setPedal(!pedal)}>
            {pedal ? 'Listening to the pedal' : 'Use the pedal'}
          </button>
          <button type="button" aria-pressed={spoken} onClick={() => setSpoken(!spoken)}>
            {spoken ? 'Speaking' : 'Speak'}
          </button>
          <button type="button" aria-pressed={fullScreen.on} onClick={fullScreen.toggle}>
            Full screen
          </button>
          {pedal && (
            <a href="/pedal.html" target="_blank" rel="noreferrer">
              Open the pedal page
            </a>
          )}
        </div>
        {rest.due && (
          <p className="bench-break" role="alert">
            You have joined for {work.breakMinutes} minutes. Put it down, stretch your hands and look into the
            distance. <Button onClick={rest.rested}>I had a break</Button>
          </p>
        )}
        {told && <p className="wrong">{told}</p>}
        {work.planChanged && (
          <p className="wrong">
            Worked by the plan of version {work.garmentVersion}; today’s plan differs. Go on as begun, or
            finish and take it anew.
          </p>
        )}
        <BenchWindow
          plan={plan}
          pieces={garment.plan.pieces}
          position={position}
          mirrored={work.plan.fromRight}
          wrongSide={work.plan.wrongSide}
        />
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
          <div className={prompt ? 'bench-prompt' : ''} role="status">
            <h2>{prompt ? 'Stop and look now' : position === 0 ? 'Begin' : 'While you join'}</h2>
            <p>
              {prompt
                ? `${prompt.words} ${prompt.expected}`
                : position === 0
                  ? work.plan.start
                  : work.plan.check}
            </p>
          </div>
        </div>
      </section>
      <JointRail
        all={all}
        position={position}
        checkpoints={plan.checkpoints}
        mirrored={work.plan.fromRight}
      />
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
