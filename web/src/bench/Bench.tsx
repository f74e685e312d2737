import { useQuery } from '@tanstack/react-query';
import { useParams } from 'react-router';
import { garmentQuery } from '../api/garments';
import type { Change } from '../api/types';
import { takeWork } from '../api/work';
import { BeforeStart } from './BeforeStart';
import { BenchPage } from './BenchPage';
import { CountAgain } from './CountAgain';
import { KeepLengths } from './KeepLengths';
import { useBenchWork } from './useBenchWork';
import { YarnTook } from './YarnTook';

/** The bench: one seam, one joint at a time. A seam comes here only when the maker takes it. */
export function Bench() {
  const { id = '', seam = '' } = useParams();
  const garment = useQuery(garmentQuery(id));
  const bench = useBenchWork({
    garment: garment.data,
    id,
    begun: garment.data?.progress.find((p) => p.seam === seam)?.work,
    take: () => takeWork(id, seam),
  });
  const keep = (changes: Change[]) =>
    bench.change.mutateAsync(changes).then(
      () => true,
      () => false,
    );
  return (
    <BenchPage
      links={[
        { to: `/garments/${id}`, word: 'Table', end: true },
        { to: `/garments/${id}/seam/${seam}`, word: 'Seam' },
        { to: `/garments/${id}/order`, word: 'Order' },
        { to: `/garments/${id}/bench/${seam}`, word: 'Bench' },
      ]}
      garment={garment.data}
      name={garment.data?.plan.seams.find((s) => s.id === seam)?.name}
      reads={[garment]}
      bench={bench}
      pending={garment.isPending}
      before={
        garment.data && (
          <BeforeStart
            garment={garment.data}
            seamId={seam}
            onTake={() => bench.take.mutate()}
            onAlready={() => bench.already.mutate()}
            onDecide={(change) => bench.change.mutate([change])}
          />
        )
      }
      asWorked={(work, { departures, lengths }) =>
        garment.data && (
          <>
            <CountAgain
              plan={garment.data.plan}
              work={work}
              departures={departures}
              onKeep={(changes) => bench.change.mutate(changes)}
            />
            <KeepLengths
              plan={garment.data.plan}
              lengths={lengths}
              onKeep={(changes) => bench.change.mutate(changes)}
            />
            <YarnTook garment={garment.data} seam={seam} onKeep={keep} />
          </>
        )
      }
      leaveTo={`/garments/${id}`}
    />
  );
}
