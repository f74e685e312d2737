import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useParams } from 'react-router';
import { garmentQuery } from '../api/garments';
import type { Change, StripView } from '../api/types';
import { stripQuery, takeStrip } from '../api/work';
import { HowTo } from '../howto/HowTo';
import { Findings } from '../shell/Findings';
import { AsWorked } from './AsWorked';
import { BenchPage } from './BenchPage';
import { RoundWindow } from './RoundWindow';
import { TakeIt } from './TakeIt';
import { useBenchWork } from './useBenchWork';

/** The bench for an edging: round by round and stretch by stretch, the place kept to the stitch. */
export function StripBench() {
  const { id = '', strip = '' } = useParams();
  const queries = useQueryClient();
  const garment = useQuery(garmentQuery(id));
  const version = garment.data?.version ?? 0;
  const asked = useQuery({ ...stripQuery(id, version, strip), enabled: version > 0 });
  const bench = useBenchWork({
    garment: garment.data,
    id,
    begun: asked.data?.work,
    take: () => takeStrip(id, strip),
    undoneToo: () => queries.invalidateQueries({ queryKey: ['strip', id] }),
  });
  const planned = garment.data?.plan.strips.find((each) => each.id === strip);
  const word = planned?.sewn ? 'Joint' : planned?.strip.band ? 'Pair of rows' : 'Stitch';
  const edges = `/garments/${id}/edges?edging=${strip}`;
  return (
    <BenchPage
      links={[
        { to: `/garments/${id}`, word: 'Table', end: true },
        { to: edges, word: 'Edges' },
        { to: `/garments/${id}/order`, word: 'Order' },
        { to: `/garments/${id}/edging-bench/${strip}`, word: 'Bench' },
      ]}
      garment={garment.data}
      name={planned?.strip.name}
      word={word}
      asWorked={(_, { stretches }) =>
        garment.data && planned && word === 'Stitch' ? (
          <AsWorked
            plan={garment.data.plan}
            strip={planned}
            stretches={stretches}
            onKeep={(changes) => bench.change.mutate(changes)}
          />
        ) : null
      }
      reads={[garment, asked]}
      bench={bench}
      pending={garment.isPending || (version > 0 && asked.isPending)}
      before={
        asked.data && (
          <BeforeStrip
            view={asked.data}
            onTake={() => bench.take.mutate()}
            onAlready={() => bench.already.mutate()}
            onDecide={(change) => bench.change.mutate([change])}
          />
        )
      }
      leaveTo={edges}
    />
  );
}

interface BeforeProps {
  view: StripView;
  onTake: () => void;
  onAlready: () => void;
  onDecide: (change: Change) => void;
}

/** What an edging asks for, round by round, before it is begun. */
function BeforeStrip({ view, onTake, onAlready, onDecide }: BeforeProps) {
  const { plan, toDecide } = view;
  return (
    <section className="before-start">
      <h1>{plan.title}</h1>
      <div className="held">
        {plan.plan ? <HowTo seam={plan.plan} /> : <RoundWindow plan={plan} position={0} />}
        <p className="held-how">
          <strong>{plan.start}</strong> {plan.hold}
        </p>
      </div>
      <ol className="bench-rounds">
        {plan.rounds.map((round) => (
          <li key={round.number}>
            {round.words} {round.hold}
            <ul>
              {round.segments
                .filter(({ name, from, to }) => name && to > from)
                .map(({ from, words }) => (
                  <li key={from}>{words}</li>
                ))}
            </ul>
          </li>
        ))}
      </ol>
      <p>{plan.cautions.join(' ')} Rest your hands when they ask for it.</p>
      <Findings findings={toDecide} title="Decide this first" onDecide={onDecide} />
      <TakeIt disabled={toDecide.length > 0} done="worked" onTake={onTake} onAlready={onAlready} />
    </section>
  );
}
