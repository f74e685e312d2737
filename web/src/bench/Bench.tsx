import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { useParams } from 'react-router';
import { garmentQuery } from '../api/garments';
import { workQuery } from '../api/work';
import { Header } from '../shell/Header';
import { Failed, Loading } from '../shell/Messages';
import { AtTheBench } from './AtTheBench';
import { BeforeStart } from './BeforeStart';

/** The bench: one seam, one joint at a time. A seam comes here only when the maker takes it. */
export function Bench() {
  const { id = '', seam = '' } = useParams();
  const queries = useQueryClient();
  const garment = useQuery(garmentQuery(id));
  const begun = garment.data?.progress.find((p) => p.seam === seam)?.work !== undefined;
  const [taken, setTaken] = useState(false);
  const [told, setTold] = useState('');
  const work = useQuery({ ...workQuery(id, seam), enabled: begun || taken });
  const links = [
    { to: `/garments/${id}`, word: 'Table', end: true },
    { to: `/garments/${id}/seam/${seam}`, word: 'Seam' },
    { to: `/garments/${id}/order`, word: 'Order' },
    { to: `/garments/${id}/bench/${seam}`, word: 'Bench' },
  ];
  const name = garment.data?.plan.seams.find((s) => s.id === seam)?.name;
  const readAgain = (words: string) => {
    setTold(words);
    void queries.resetQueries({ queryKey: workQuery(id, seam).queryKey });
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
        {work.isError && <Failed error={work.error} again={() => void work.refetch()} />}
        {garment.data && !begun && !taken && (
          <BeforeStart garment={garment.data} seamId={seam} onTake={() => setTaken(true)} />
        )}
        {work.isFetching && !work.data && <Loading what="Finding your place…" />}
        {garment.data && work.data && (
          <AtTheBench
            key={`${work.data.id} ${work.dataUpdatedAt}`}
            garment={garment.data}
            work={work.data}
            told={told}
            onOvertaken={readAgain}
          />
        )}
      </main>
    </>
  );
}
