import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { useParams } from 'react-router';
import { garmentQuery, sendChanges } from '../api/garments';
import type { Change } from '../api/types';
import { takeWork, workQuery } from '../api/work';
import { Header } from '../shell/Header';
import { Failed, Loading } from '../shell/Messages';
import { AtTheBench } from './AtTheBench';
import { BeforeStart } from './BeforeStart';

/** The bench: one seam, one joint at a time. A seam comes here only when the maker takes it. */
export function Bench() {
  const { id = '', seam = '' } = useParams();
  const queries = useQueryClient();
  const garment = useQuery(garmentQuery(id));
  const begun = garment.data?.progress.find((p) => p.seam === seam)?.work;
  const [told, setTold] = useState('');
  const take = useMutation({
    mutationFn: () => takeWork(id, seam),
    onSuccess: (view) => queries.setQueryData(workQuery(view.id).queryKey, view),
  });
  const decide = useMutation({
    mutationFn: (change: Change) => sendChanges(id, garment.data!.version, [change], crypto.randomUUID()),
    onSettled: () => queries.invalidateQueries({ queryKey: garmentQuery(id).queryKey }),
  });
  const workId = take.data?.id ?? begun;
  const work = useQuery({ ...workQuery(workId ?? ''), enabled: workId !== undefined });
  const links = [
    { to: `/garments/${id}`, word: 'Table', end: true },
    { to: `/garments/${id}/seam/${seam}`, word: 'Seam' },
    { to: `/garments/${id}/order`, word: 'Order' },
    { to: `/garments/${id}/bench/${seam}`, word: 'Bench' },
  ];
  const name = garment.data?.plan.seams.find((s) => s.id === seam)?.name;
  const readAgain = (words: string) => {
    setTold(words);
    void queries.resetQueries({ queryKey: workQuery(workId ?? '').queryKey });
  };
  const undone = async () => {
    await queries.invalidateQueries({ queryKey: garmentQuery(id).queryKey });
    take.reset();
  };
  return (
    <>
      <Header links={links} view="bench">
        <span className="garment-name">
          {garment.data?.plan.name}
          {name && ` · ${name.toLowerCase()}`}
        </span>
      </Header>
      <main id="main" className="view">
        {garment.isPending && <Loading what="Clearing the bench…" />}
        {garment.isError && <Failed error={garment.error} again={() => void garment.refetch()} />}
        {decide.isError && <Failed error={decide.error} again={() => decide.reset()} />}
        {take.isError && <Failed error={take.error} again={() => take.mutate()} />}
        {work.isError && <Failed error={work.error} again={() => void work.refetch()} />}
        {garment.data && workId === undefined && (
          <BeforeStart
            garment={garment.data}
            seamId={seam}
            onTake={() => take.mutate()}
            onDecide={(change) => decide.mutate(change)}
          />
        )}
        {work.isFetching && !work.data && <Loading what="Finding your place…" />}
        {garment.data && work.data && (
          <AtTheBench
            key={`${work.data.id} ${work.dataUpdatedAt}`}
            garment={garment.data}
            work={work.data}
            told={told}
            leaveTo={`/garments/${id}`}
            onOvertaken={readAgain}
            onUndone={() => void undone()}
          />
        )}
      </main>
    </>
  );
}
