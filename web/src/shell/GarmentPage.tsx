import { useQuery } from '@tanstack/react-query';
import { useEffect } from 'react';
import { Button } from 'react-bootstrap';
import { Outlet, useLocation, useNavigate, useOutletContext, useParams } from 'react-router';
import { garmentQuery } from '../api/garments';
import type { Opened } from '../api/types';
import { Header } from './Header';
import type { Saving } from '../store/changeQueue';
import { Findings } from './Findings';
import { Failed, Loading } from './Messages';
import { type GarmentEditor, useGarmentEditor } from './useGarment';

export function useEditor(): GarmentEditor {
  return useOutletContext<GarmentEditor>();
}

/** A garment that lies open: its header, and the view below. */
export function GarmentPage() {
  const { id = '' } = useParams();
  const query = useQuery(garmentQuery(id));
  if (query.data) {
    return <OpenedPage key={id} garment={query.data} />;
  }
  return (
    <>
      <Header links={[]} view="table" />
      <main id="main">
        {query.isError ? (
          <Failed error={query.error} again={() => void query.refetch()} />
        ) : (
          <Loading what="Laying the pieces out…" />
        )}
      </main>
    </>
  );
}

function OpenedPage({ garment }: { garment: Opened }) {
  const editor = useGarmentEditor(garment);
  const base = `/garments/${garment.id}`;
  const view = useLocation().pathname.slice(base.length).split('/')[1] ?? 'table';
  const seam = garment.next?.seam ?? garment.plan.steps[0]?.seam;
  const links = [
    { to: base, word: 'Table', end: true },
    { to: `${base}/pieces`, word: 'Pieces' },
    ...(garment.plan.boards.length > 0 ? [{ to: `${base}/squares`, word: 'Squares' }] : []),
    { to: `${base}/by-hand`, word: 'By hand' },
    { to: `${base}/fit`, word: 'Fit' },
    { to: `${base}/seam`, word: 'Seam' },
    { to: `${base}/joins`, word: 'Joins' },
    { to: `${base}/edges`, word: 'Edges' },
    { to: `${base}/yarn`, word: 'Yarn' },
    { to: `${base}/order`, word: 'Order' },
    { to: `${base}/sheet`, word: 'Sheet' },
    ...(seam ? [{ to: `${base}/bench/${seam}`, word: 'Bench' }] : []),
  ];
  return (
    <>
      <Header links={links} view={view} editor={editor}>
        <span className="garment-name">{garment.plan.name}</span>
        <SavedWord saving={editor.saving} />
        <Steps editor={editor} />
      </Header>
      <Waiting editor={editor} />
      <div className="refused">
        <Findings findings={editor.refused} title="That cannot be, so nothing was changed" />
      </div>
      <main id="main" className="view">
        <Outlet context={editor} />
      </main>
    </>
  );
}

/** Undo and do again, by button and by keys. */
function Steps({ editor }: { editor: GarmentEditor }) {
  const { garment, undo, redo } = editor;
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      const typing = ['INPUT', 'TEXTAREA'].includes((event.target as Element).tagName);
      if (!(event.ctrlKey || event.metaKey) || event.key.toLowerCase() !== 'z' || typing) {
        return;
      }
      event.preventDefault();
      if (event.shiftKey && garment.redo) {
        void redo();
      } else if (!event.shiftKey && garment.undo) {
        void undo();
      }
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, [garment.undo, garment.redo, undo, redo]);
  return (
    <span className="steps">
      <button
        type="button"
        disabled={!garment.undo}
        title={garment.undo ?? 'Nothing to undo'}
        onClick={() => void undo()}
      >
        Undo
      </button>
      <button
        type="button"
        disabled={!garment.redo}
        title={garment.redo ?? 'Nothing to do again'}
        onClick={() => void redo()}
      >
        Redo
      </button>
    </span>
  );
}

function SavedWord({ saving }: { saving: Saving }) {
  const words =
    saving.status === 'saved'
      ? 'Saved'
      : saving.status === 'saving' && saving.count === 1
        ? 'Saving…'
        : `Not saved (${saving.count})`;
  return (
    <span className="soft" role="status" aria-live="polite">
      · {words}
    </span>
  );
}

/** Changes that could not be saved are kept here and offered. */
function Waiting({ editor }: { editor: GarmentEditor }) {
  const { saving } = editor;
  const navigate = useNavigate();
  const keep = async () => {
    const copy = await editor.keepAsCopy();
    if (copy) {
      await navigate(`/garments/${copy}`);
    }
  };
  if (saving.status !== 'stale' && saving.status !== 'unsent') {
    return null;
  }
  return (
    <section className="waiting" role="alert">
      {saving.status === 'stale' ? (
        <p>
          <strong>This garment was changed in another window:</strong>{' '}
          {saving.labels.join('; ') || 'a newer version is there'}. Your change is kept here.
        </p>
      ) : (
        <p>
          <strong>{saving.reason}</strong> Your change is kept here.
        </p>
      )}
      <Button onClick={() => void editor.putOnTop()}>
        {saving.status === 'stale' ? 'Put mine on top' : 'Send it again'}
      </Button>
      <Button variant="outline-dark" onClick={() => void keep()}>
        Keep mine as a copy
      </Button>
      <Button variant="outline-dark" onClick={() => void editor.drop()}>
        Drop mine
      </Button>
    </section>
  );
}
