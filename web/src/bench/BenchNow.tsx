import type { ReactNode } from 'react';
import { Button } from 'react-bootstrap';
import type { Opened, WorkView } from '../api/types';
import type { BenchState } from '../store/outbox';
import { BenchFacts } from './BenchFacts';
import { BenchWindow } from './BenchWindow';
import { Comforts } from './Comforts';
import { Sewn } from './LookOver';
import { spokenAt } from './moments';
import { OtherwiseSoFar } from './Otherwise';
import { RoundWindow } from './RoundWindow';
import { useBreak } from './useComforts';

interface Props {
  garment: Opened;
  work: WorkView;
  bench: BenchState;
  onForward: () => void;
  onBack: () => void;
  /** What has to be said before anything else. */
  above: ReactNode;
  /** What is shown beside the joint in hand. */
  beside: ReactNode;
  /** The length sewn so far, where it is taken. */
  tape: ReactNode;
}

/** A band is no piece on the table. */
const OF_A_BAND = 'WELD';

/** The joint in hand, large, with what is said of it. */
export function BenchNow({ garment, work, bench, onForward, onBack, above, beside, tape }: Props) {
  const { plan, joints } = work.plan;
  const { position, state } = bench.place;
  const rest = useBreak(position, work.breakMinutes);
  const dyeOf = (piece: string) =>
    work.plan.squares.find((square) => square.piece === piece)?.colour ??
    garment.plan.pieces.find(({ id }) => id === piece)?.cloth.colour ??
    OF_A_BAND;
  const now = state === 'PAUSED' ? 'Resting. Your place is kept.' : joints[position]?.words;
  return (
    <section className="bench-now">
      <Comforts say={spokenAt(work.plan, position)} onForward={onForward} onBack={onBack} />
      {rest.due && (
        <p className="bench-break" role="alert">
          You have worked for {work.breakMinutes} minutes. Put it down, stretch your hands and look into the
          distance. <Button onClick={rest.rested}>I had a break</Button>
        </p>
      )}
      {above}
      {work.planChanged && (
        <p className="wrong">
          Worked by the plan of version {work.garmentVersion}; today’s plan differs. Go on as begun, or finish
          and take it anew.
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
      <h1>{now}</h1>
      {beside}
      <BenchFacts
        plan={{
          ...work.plan,
          prompts: [...work.plan.prompts, ...bench.beside.prompts, ...(work.ledger?.prompts ?? [])],
        }}
        position={position}
        tape={tape}
      />
      <Sewn sewn={bench.beside.sewn} position={position} />
      <OtherwiseSoFar beside={bench.beside} ledger={work.ledger} />
    </section>
  );
}
