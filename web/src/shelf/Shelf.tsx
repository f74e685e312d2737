import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useRef, useState } from 'react';
import { Button } from 'react-bootstrap';
import { Link } from 'react-router';
import { problemIn, STALE } from '../api/client';
import { archiveQuery, importFile, type ShelfState, setShelfState, shelfQuery } from '../api/garments';
import type { FindingView, Summary } from '../api/types';
import { counted, plural } from '../format';
import { Header } from '../shell/Header';
import { Findings } from '../shell/Findings';
import { Failed, Loading } from '../shell/Messages';
import { Archive } from './Archive';
import { Newcomer } from './Newcomer';
import { ShelfGarment } from './ShelfGarment';

/** Garments in hand, all drawn to one scale. */
export function Shelf() {
  const query = useQuery(shelfQuery);
  const queries = useQueryClient();
  const [putAway, setPutAway] = useState<{ garment: Summary; state: ShelfState }>();
  const [told, setTold] = useState('');
  const [refused, setRefused] = useState<FindingView[]>([]);
  const refresh = async () => {
    await queries.invalidateQueries({ queryKey: shelfQuery.queryKey });
    await queries.invalidateQueries({ queryKey: archiveQuery.queryKey });
  };

  const readFile = async (file: File) => {
    setRefused([]);
    try {
      await importFile(await file.text());
      await refresh();
    } catch (error) {
      const problem = problemIn(error);
      setRefused(
        problem.findings.length > 0
          ? problem.findings
          : [
              {
                code: 'NOT_JSON',
                level: 'DECIDE_FIRST',
                levelWords: 'Decide first',
                facts: [],
                against: [],
                sentence: problem.detail,
                remedy: '',
              },
            ],
      );
    }
  };

  const setState = async (garment: Summary, state: ShelfState) => {
    setTold('');
    try {
      const { revision } = await setShelfState(garment.id, garment.revision, state);
      setPutAway(state === 'OPEN' ? undefined : { garment: { ...garment, revision }, state });
    } catch (error) {
      const { status, detail } = problemIn(error);
      setTold(
        status === STALE
          ? `${garment.name} was changed in another window meanwhile; look at it again.`
          : detail,
      );
    }
    await refresh();
  };

  const garments = query.data ?? [];
  const few = garments.length <= 2;
  return (
    <>
      <Header links={[{ to: '/', word: 'Shelf', end: true }]} view="shelf" />
      <main id="main" className="shelf">
        <div className="shelf-head">
          <h1>
            {query.data
              ? `${counted(garments.length)} ${plural(garments.length, 'garment', 'garments')} in hand`
              : 'The shelf'}
          </h1>
          <span className="soft">All drawn to one scale: a tick on the shelf is 10 cm.</span>
          <span className="shelf-actions">
            <FileButton onFile={(file) => void readFile(file)} />
            <Link to="/new" className="btn btn-primary">
              Lay out a new one
            </Link>
          </span>
        </div>
        <Findings ofFile findings={refused} title="This file was not read, and nothing was changed" />
        {told && (
          <p className="wrong" role="alert">
            {told}
          </p>
        )}
        {putAway && (
          <section className="waiting" role="status">
            <p>
              <strong>{putAway.garment.name}</strong>{' '}
              {putAway.state === 'DELETED' ? 'was deleted.' : 'went to the archive.'}
            </p>
            <Button variant="outline-dark" onClick={() => void setState(putAway.garment, 'OPEN')}>
              Put it back
            </Button>
          </section>
        )}
        {query.isError && <Failed error={query.error} again={() => void query.refetch()} />}
        {query.isPending && <Loading what="Looking at the shelf…" />}
        {query.data && garments.length === 0 && <Newcomer />}
        <ul className={few ? 'boards boards-few' : 'boards'}>
          {garments.map((garment) => (
            <ShelfGarment
              key={garment.id}
              garment={garment}
              scale={few ? 0.25 : 0.205}
              onArchive={() => void setState(garment, 'ARCHIVED')}
              onDelete={() => void setState(garment, 'DELETED')}
            />
          ))}
        </ul>
        <Archive onPutBack={(garment) => void setState(garment, 'OPEN')} />
      </main>
    </>
  );
}

function FileButton({ onFile }: { onFile: (file: File) => void }) {
  const input = useRef<HTMLInputElement>(null);
  return (
    <>
      <input
        ref={input}
        type="file"
        accept=".json,application/json"
        hidden
        aria-label="Garment file"
        onChange={(event) => {
          const file = event.target.files?.[0];
          event.target.value = '';
          if (file) {
            onFile(file);
          }
        }}
      />
      <Button variant="outline-dark" onClick={() => input.current?.click()}>
        Open a file
      </Button>
    </>
  );
}
