import { Button } from 'react-bootstrap';
import type { Change, GarmentPlan, WorkView } from '../api/types';

interface Props {
  plan: GarmentPlan;
  work: WorkView;
  /** What was left over at the end. */
  departures: WorkView['beside']['departures'];
  onKeep: (changes: Change[]) => void;
}

/** Where a side had more than was counted, its edge is counted anew, once: later seams and edgings go by that. */
export function CountAgain({ plan, work, departures, onKeep }: Props) {
  const offers = departures.flatMap(({ what, side, count }) => {
    const rail = what === 'LEFT_OVER' && work.plan.plan?.[side === 'A' ? 'a' : 'b'].rails.at(-1);
    const run =
      rail &&
      plan.pieces
        .find(({ id }) => id === rail.piece)
        ?.edges.find(({ id }) => id === rail.edge)
        ?.runs.find(({ id }) => id === rail.run);
    return rail && run && run.worked === undefined ? [{ rail, run, count: run.count + count }] : [];
  });
  return (
    <>
      {offers.map(({ rail, run, count }) => (
        <p key={rail.piece + rail.run}>
          Were they more than counted? The {rail.pieceName.toLowerCase()} has {run.count} {rail.words} there
          by what is told.{' '}
          <Button
            variant="outline-dark"
            onClick={() =>
              onKeep([
                {
                  kind: 'COUNT_MADE',
                  piece: rail.piece,
                  edge: rail.edge,
                  run: rail.run,
                  count,
                  when: 'AS_WORKED',
                },
              ])
            }
          >
            Keep {count} for what comes
          </Button>
        </p>
      ))}
    </>
  );
}
