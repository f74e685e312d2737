import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Button } from 'react-bootstrap';
import { useParams } from 'react-router';
import { garmentQuery, sendChanges } from '../api/garments';
import { lineQuery, takeLine, workQuery } from '../api/work';
import type { Change, LineView, Opened } from '../api/types';
import { count } from '../format';
import { HowTo } from '../howto/HowTo';
import { Findings } from '../shell/Findings';
import { Header } from '../shell/Header';
import { Failed, Loading } from '../shell/Messages';
import { AtTheBench } from './AtTheBench';
import { HeldEdges } from './HeldEdges';
import { PairPicture } from './PairPicture';

/** The bench for a line of a board: two squares at a time, and what to do where lines cross. */
export function LineBench() {
  const { id = '', board = '', line = '' } = useParams();
  const queries = useQueryClient();
  const garment = useQuery(garmentQuery(id));
  const version = garment.data?.version ?? 0;
  const asked = useQuery({ ...lineQuery(id, version, board, line), enabled: version > 0 });
  const [told, setTold] = useState('');
  const take = useMutation({
    mutationFn: () => takeLine(id, board, line),
    onSuccess: (view) => queries.setQueryData(workQuery(view.id).queryKey, view),
  });
  const decide = useMutation({
    mutationFn: (change: Change) => sendChanges(id, version, [change], crypto.randomUUID()),
    onSettled: () => queries.invalidateQueries({ queryKey: garmentQuery(id).queryKey }),
  });
  const workId = take.data?.id ?? asked.data?.work;
  const work = useQuery({ ...workQuery(workId ?? ''), enabled: workId !== undefined });
  const squares = `/garments/${id}/squares`;
  const readAgain = (words: string) => {
    setTold(words);
    void queries.resetQueries({ queryKey: workQuery(workId ?? '').queryKey });
  };
  const undone = async () => {
    await queries.invalidateQueries({ queryKey: ['line', id] });
    take.reset();
  };
  const upright = garment.data?.plan.boards
    .find((each) => each.id === board)
    ?.lines.find((each) => each.id === line)?.upright;
  return (
    <>
      <Header
        links={[
          { to: `/garments/${id}`, word: 'Table', end: true },
          { to: squares, word: 'Squares' },
          { to: `/garments/${id}/bench/${board}/${line}`, word: 'Bench' },
        ]}
        view="bench"
      >
        <span className="garment-name">
          {garment.data?.plan.name}
          {asked.data && ` · ${asked.data.plan.plan.name.toLowerCase()}`}
        </span>
      </Header>
      <main id="main" className="view">
        {(garment.isPending || (version > 0 && asked.isPending)) && <Loading what="Clearing the bench…" />}
        {garment.isError && <Failed error={garment.error} again={() => void garment.refetch()} />}
        {asked.isError && <Failed error={asked.error} again={() => void asked.refetch()} />}
        {take.isError && <Failed error={take.error} again={() => take.mutate()} />}
        {decide.isError && <Failed error={decide.error} again={() => decide.reset()} />}
        {garment.data && asked.data && workId === undefined && (
          <BeforeLine
            line={asked.data}
            upright={upright ?? false}
            onTake={() => take.mutate()}
            onDecide={(change) => decide.mutate(change)}
          />
        )}
        {garment.data && work.data && (
          <AtLine
            key={`${work.data.id} ${work.dataUpdatedAt}`}
            garment={garment.data}
            upright={upright ?? false}
            leaveTo={squares}
            work={work.data}
            told={told}
            onOvertaken={readAgain}
            onUndone={() => void undone()}
          />
        )}
      </main>
    </>
  );
}

interface AtLineProps extends Omit<Parameters<typeof AtTheBench>[0], 'beside'> {
  garment: Opened;
  upright: boolean;
}

function AtLine({ upright, ...bench }: AtLineProps) {
  return (
    <AtTheBench
      {...bench}
      beside={(position) => <PairPicture plan={bench.work.plan} upright={upright} position={position} />}
    />
  );
}

interface BeforeProps {
  line: LineView;
  upright: boolean;
  onTake: () => void;
  onDecide: (change: Change) => void;
}

/** What to have ready for a line, and its first two squares as they lie. */
function BeforeLine({ line, upright, onTake, onDecide }: BeforeProps) {
  const { plan, held, toDecide } = line;
  return (
    <section className="before-start">
      <h1>{plan.title}</h1>
      <div className="held">
        <HeldEdges
          seam={plan.plan}
          clothOf={(piece) => {
            const { colour } = plan.squares.find((square) => square.piece === piece)!;
            return { colour, ribColour: colour };
          }}
          held={held}
        />
        <p className="held-how">
          <strong>{held.start}</strong>
        </p>
        <HowTo seam={plan.plan} />
      </div>
      <PairPicture plan={plan} upright={upright} position={0} />
      <p>
        {count(plan.squares.length / 2, 'pair')} of squares, {count(plan.joints.length, 'joint')}. {held.hold}{' '}
        {plan.cautions.join(' ')}
      </p>
      <Findings findings={toDecide} title="Decide this first" onDecide={onDecide} />
      <Button size="lg" disabled={toDecide.length > 0} onClick={onTake}>
        Take it to the bench
      </Button>
    </section>
  );
}
