import { useQueryClient } from '@tanstack/react-query';
import { type ReactNode, useEffect, useState, useSyncExternalStore } from 'react';
import { useNavigate } from 'react-router';
import { garmentQuery, shelfQuery } from '../api/garments';
import type { Opened, WorkView } from '../api/types';
import { Outbox } from '../store/outbox';
import { BenchCount, type Counted } from './BenchCount';
import { BenchKeys } from './BenchKeys';
import { BenchNow } from './BenchNow';
import { EndHere } from './EndHere';
import { Joined } from './Endings';
import { FinishForm } from './FinishForm';
import { JointRail } from './JointRail';
import { LeftOver } from './LeftOver';
import { nextStop } from './moments';
import { Sewn, Tape } from './LookOver';
import { Otherwise, OtherwiseSoFar } from './Otherwise';
import { leftOver, oneMore, type Told } from './departures';
import { useBenchKeys } from './useBenchKeys';

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
  asWorked?: (beside: WorkView['beside']) => ReactNode;
  /** The maker undid the seam, and the server knows. */
  onUndone: () => void;
}

/** A work in hand: counted joint by joint, kept in this browser until the server has it. */
export function AtTheBench(props: Props) {
  const { garment, work, told, leaveTo, beside, word, asWorked } = props;
  const [outbox] = useState(() => new Outbox(work, props.onOvertaken));
  const bench = useSyncExternalStore(outbox.subscribe, outbox.snapshot);
  const { place, unsent } = bench;
  const { position, state } = place;
  const [isEnding, setEnding] = useState(false);
  const navigate = useNavigate();
  const keys = useCounting(outbox, work);
  useBenchKeys(keys);
  useNews(garment.id, unsent, state, props.onUndone);

  if (state === 'JOINED') {
    return (
      <Joined
        garment={garment}
        work={work}
        position={position}
        unsent={unsent}
        onUndo={() => outbox.add('UNDONE')}
        onBackTo={(joint) => outbox.add('BACK_TO', joint)}
        onLeave={() => void navigate(leaveTo)}
        beside={bench.beside}
        asWorked={unsent === 0 ? asWorked?.(bench.beside) : undefined}
      />
    );
  }
  const { joints, plan, stops, fromRight } = work.plan;
  const isAllDone = position === joints.length;
  const above = (
    <>
      {told && <p className="wrong">{told}</p>}
      <LeftOver left={bench.left} word={word} onAdd={outbox.addLeft} onDrop={outbox.dropLeft} />
      {isEnding && (
        <EndHere
          work={work.id}
          position={position}
          nextSeq={place.nextSeq}
          unsent={unsent}
          onEnded={outbox.follow}
          onLeave={() => setEnding(false)}
        />
      )}
    </>
  );
  const tape = plan && (
    <Tape unit={garment.plan.unit} onMeasure={(mm) => outbox.add('LOOKED', position, { mm })} />
  );
  return (
    <div className="bench">
      <BenchCount
        all={joints.length}
        position={position}
        pace={bench.pace}
        unsent={unsent}
        otherwise={place.departures.length}
        word={word}
      />
      {isAllDone ? (
        <section className="bench-now">
          {above}
          <h1>Look at it before it counts as {plan ? 'joined' : 'done'}</h1>
          {tape}
          <Sewn sewn={bench.beside.sewn} position={position} />
          <FinishForm
            marked={plan ? stops.length : 0}
            sides={plan ? [plan.a.name.toLowerCase(), plan.b.name.toLowerCase()] : []}
            questions={work.questions}
            onBack={keys.back}
            onFinish={({ note, leftOver: [a, b], faults }) => {
              keys.tell(leftOver(joints.length, a, b));
              outbox.add('LOOKED', joints.length, { faults });
              outbox.add('FINISH', 0, note ? { note } : {});
            }}
          />
          <OtherwiseSoFar beside={bench.beside} ledger={work.ledger} />
        </section>
      ) : (
        <BenchNow
          garment={garment}
          work={work}
          bench={bench}
          onForward={keys.forward}
          onBack={keys.back}
          beside={beside?.(position)}
          above={above}
          tape={stops.some(({ joint }) => joint === position) && tape}
        />
      )}
      <JointRail all={joints.length} position={position} stops={stops} mirrored={fromRight} />
      {!isAllDone && (
        <BenchKeys
          position={position}
          next={nextStop(work.plan, position)}
          word={word}
          isPaused={state === 'PAUSED'}
          stops={stops}
          onForward={keys.forward}
          onToMarker={keys.toMarker}
          onBack={keys.back}
          onBackTo={(joint) => outbox.add('BACK_TO', joint)}
          onPause={() => outbox.add('PAUSE')}
          otherwise={
            <Otherwise
              plan={work.plan}
              position={position}
              word={word}
              disabled={state === 'PAUSED'}
              onTell={keys.tell}
              {...(work.of.seam ? { onEnd: () => setEnding(true) } : {})}
            />
          }
        />
      )}
    </div>
  );
}

/** What the keys do where the maker is now. */
function useCounting(outbox: Outbox, work: WorkView) {
  const { position, state } = outbox.snapshot().place;
  const isPaused = state === 'PAUSED';
  const tell = (events: Told[]) => {
    events.forEach(({ kind, joint, ...told }) => outbox.add(kind, joint, told));
  };
  return {
    forward: () => {
      if (isPaused) {
        outbox.add('RESUME');
      } else if (position < work.plan.joints.length) {
        outbox.add('JOINT', position + 1);
      }
    },
    back: () => {
      if (position > 0) {
        outbox.add('BACK_TO', position - 1);
      }
    },
    toMarker: () => {
      const all = work.plan.joints.length;
      if (!isPaused && position < all) {
        outbox.add('DONE_TO', nextStop(work.plan, position)?.joint ?? all);
      }
    },
    oneMore: () => {
      if (!isPaused) {
        tell(oneMore(position));
      }
    },
    tell,
  };
}

/** Once the server knows all, the garment and the shelf are read anew; and the work is past when it was undone. */
function useNews(garment: string, unsent: number, state: WorkView['state'], onUndone: () => void) {
  const queries = useQueryClient();
  const isUndone = state === 'UNDONE' && unsent === 0;
  useEffect(() => {
    if (isUndone) {
      onUndone();
    }
  });
  useEffect(() => {
    if (unsent === 0) {
      void queries.invalidateQueries({ queryKey: garmentQuery(garment).queryKey });
      void queries.invalidateQueries({ queryKey: shelfQuery.queryKey });
    }
  }, [unsent, state, queries, garment]);
}
