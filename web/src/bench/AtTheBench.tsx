import { useQueryClient } from '@tanstack/react-query';
import { type ReactNode, useEffect, useState, useSyncExternalStore } from 'react';
import { Button } from 'react-bootstrap';
import { useNavigate } from 'react-router';
import { garmentQuery, shelfQuery } from '../api/garments';
import type { Opened, WorkView } from '../api/types';
import { BenchCount, type Counted } from './BenchCount';
import { BenchFacts } from './BenchFacts';
import { BenchKeys } from './BenchKeys';
import { BenchWindow } from './BenchWindow';
import { Comforts } from './Comforts';
import { FinishForm, Joined } from './Endings';
import { JointRail } from './JointRail';
import { spokenAt } from './moments';
import { Outbox } from './outbox';
import { RoundWindow } from './RoundWindow';
import { useBenchKeys } from './useBenchKeys';
import { useBreak } from './useComforts';

interface Props {
  garment: Opened;
  work: WorkView;
  told: string;
  onOvertaken: (words: string) => void;
  /** Where the maker goes when it is joined. */
  leaveTo: string;
  /** What is shown beside the joint in hand. */
  beside?: (position: number) => ReactNode;
  /** What is counted. */
  word: Counted;
  /** What was really worked, to be kept, once it is done. */
  asWorked?: (stretches: WorkView['beside']['stretches']) => ReactNode;
  /** The maker undid the seam, and the server knows. */
  onUndone: () => void;
}

/** A band is no piece on the table. */
const OF_A_BAND = 'WELD';

export function AtTheBench({
  garment,
  work,
  told,
  leaveTo,
  beside,
  word,
  asWorked,
  onOvertaken,
  onUndone,
}: Props) {
  const [outbox] = useState(() => new Outbox(work, onOvertaken));
  const { place, unsent, pace, beside: besidePlan } = useSyncExternalStore(outbox.subscribe, outbox.snapshot);
  const { add } = outbox;
  const queries = useQueryClient();
  const navigate = useNavigate();
  const { plan, stops } = work.plan;
  const joints = work.plan.joints;
  const all = joints.length;
  const { position, state } = place;
  const isPaused = state === 'PAUSED';
  const isDone = position === all;

  const forward = () => {
    if (isPaused) {
      add('RESUME');
    } else if (!isDone) {
      add('JOINT', position + 1);
    }
  };
  const back = () => {
    if (position > 0) {
      add('BACK_TO', position - 1);
    }
  };

  const dyeOf = (piece: string) =>
    work.plan.squares.find((square) => square.piece === piece)?.colour ??
    garment.plan.pieces.find(({ id }) => id === piece)?.cloth.colour ??
    OF_A_BAND;

  const rest = useBreak(position, work.breakMinutes);
  const oneMore = () => {
    if (word === 'Stitch' && position > 0 && !isPaused) {
      add('AS_WORKED', position);
    }
  };
  useBenchKeys({ forward, back, oneMore });

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
        onLeave={() => void navigate(leaveTo)}
        asWorked={unsent === 0 ? asWorked?.(besidePlan.stretches) : undefined}
      />
    );
  }
  return (
    <div className="bench">
      <BenchCount
        all={all}
        position={position}
        pace={pace}
        unsent={unsent}
        more={place.extras.length}
        word={word}
      />
      <section className="bench-now">
        <Comforts say={spokenAt(work.plan, position)} onForward={forward} onBack={back} />
        {rest.due && (
          <p className="bench-break" role="alert">
            You have worked for {work.breakMinutes} minutes. Put it down, stretch your hands and look into the
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
        {plan ? (
          <BenchWindow
            plan={plan}
            dyeOf={dyeOf}
            position={position}
            mirrored={work.plan.fromRight}
            wrongSide={work.plan.wrongSide}
          />
        ) : (
          <RoundWindow plan={work.plan} position={position} />
        )}
        <h1>
          {isPaused
            ? 'Resting. Your place is kept.'
            : isDone
              ? plan
                ? 'All joints are done.'
                : 'All rounds are done.'
              : joints[position]?.words}
        </h1>
        {beside?.(position)}
        <BenchFacts
          plan={{
            ...work.plan,
            prompts: [...work.plan.prompts, ...besidePlan.metAgain],
          }}
          position={position}
        />
      </section>
      <JointRail all={all} position={position} stops={stops} mirrored={work.plan.fromRight} />
      {isDone ? (
        <FinishForm
          marked={plan ? stops.length : 0}
          onBack={back}
          onFinish={(note) => add('FINISH', 0, note)}
        />
      ) : (
        <BenchKeys
          position={position}
          word={word}
          isPaused={isPaused}
          stops={stops}
          onForward={forward}
          onBack={back}
          onBackTo={(joint) => add('BACK_TO', joint)}
          onPause={() => add('PAUSE')}
          {...(word === 'Stitch' ? { onOneMore: oneMore } : {})}
        />
      )}
    </div>
  );
}
