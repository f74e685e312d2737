import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Button } from 'react-bootstrap';
import { useParams } from 'react-router';
import { garmentQuery } from '../api/garments';
import { lineQuery, takeLine } from '../api/work';
import type { Change, LineView } from '../api/types';
import { count } from '../format';
import { HowTo } from '../howto/HowTo';
import { Findings } from '../shell/Findings';
import { BenchPage } from './BenchPage';
import { HeldEdges } from './HeldEdges';
import { PairPicture } from './PairPicture';
import { TakeIt } from './TakeIt';
import { useBenchWork } from './useBenchWork';

/** The bench for a line of a board: two squares at a time, and what to do where lines cross. */
export function LineBench() {
  const { id = '', board = '', line = '' } = useParams();
  const [outOfTurn, setOutOfTurn] = useState(false);
  const queries = useQueryClient();
  const garment = useQuery(garmentQuery(id));
  const version = garment.data?.version ?? 0;
  const asked = useQuery({ ...lineQuery(id, version, board, line), enabled: version > 0 });
  const bench = useBenchWork({
    garment: garment.data,
    id,
    begun: asked.data?.work,
    take: () => takeLine(id, board, line, outOfTurn),
    undoneToo: () => queries.invalidateQueries({ queryKey: ['line', id] }),
  });
  const squares = `/garments/${id}/squares`;
  const upright =
    garment.data?.plan.boards.find((each) => each.id === board)?.lines.find((each) => each.id === line)
      ?.upright ?? false;
  return (
    <BenchPage
      links={[
        { to: `/garments/${id}`, word: 'Table', end: true },
        { to: squares, word: 'Squares' },
        { to: `/garments/${id}/bench/${board}/${line}`, word: 'Bench' },
      ]}
      garment={garment.data}
      name={asked.data?.plan.plan?.name}
      reads={[garment, asked]}
      bench={bench}
      pending={garment.isPending || (version > 0 && asked.isPending)}
      before={
        asked.data && (
          <BeforeLine
            line={asked.data}
            outOfTurn={outOfTurn}
            onOutOfTurn={() => setOutOfTurn(true)}
            upright={upright}
            onTake={() => bench.take.mutate()}
            onAlready={() => bench.already.mutate()}
            onDecide={(change) => bench.change.mutate([change])}
          />
        )
      }
      leaveTo={squares}
      beside={(work, position) => <PairPicture plan={work.plan} upright={upright} position={position} />}
    />
  );
}

interface BeforeProps {
  line: LineView;
  upright: boolean;
  /** Whether the maker works it before the lines that it crosses. */
  outOfTurn: boolean;
  onOutOfTurn: () => void;
  onTake: () => void;
  onAlready: () => void;
  onDecide: (change: Change) => void;
}

/** What to have ready for a line, and its first two squares as they lie. */
function BeforeLine({ line, upright, outOfTurn, onOutOfTurn, onTake, onAlready, onDecide }: BeforeProps) {
  const { plan, held, first, toDecide } = line;
  return (
    <section className="before-start">
      <h1>{plan.title}</h1>
      <div className="held">
        <HeldEdges
          seam={plan.plan!}
          clothOf={(piece) => {
            const { colour } = plan.squares.find((square) => square.piece === piece)!;
            return { colour, ribColour: colour };
          }}
          held={held}
        />
        <p className="held-how">
          <strong>{held.start}</strong>
        </p>
        <HowTo seam={plan.plan!} />
      </div>
      <PairPicture plan={plan} upright={upright} position={0} />
      <p>
        {count(plan.squares.length / 2, 'pair')} of squares, {count(plan.joints.length, 'joint')}. {held.hold}{' '}
        {plan.cautions.join(' ')}
      </p>
      <Findings findings={toDecide} title="Decide this first" onDecide={onDecide} />
      {first.length > 0 && (
        <p className="waiting" role="alert">
          <strong>First join the squares {first.join(', ').toLowerCase()}:</strong> this line is worked over
          those.{' '}
          <Button variant="outline-dark" disabled={outOfTurn} onClick={onOutOfTurn}>
            Work it all the same
          </Button>
        </p>
      )}
      <TakeIt
        disabled={toDecide.length > 0 || (first.length > 0 && !outOfTurn)}
        onTake={onTake}
        onAlready={onAlready}
      />
    </section>
  );
}
