import { useQuery } from '@tanstack/react-query';
import { Button, Form } from 'react-bootstrap';
import { Outlet, useOutletContext, useParams } from 'react-router';
import { garmentQuery } from '../api/garments';
import type { Opened } from '../api/types';
import { Header } from './Header';
import { Failed, Findings, Loading } from './Messages';
import { type GarmentEditor, type Saving, useGarmentEditor } from './useGarment';

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
      <Header links={[]} />
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
  const seam = garment.next?.seam ?? garment.plan.steps[0]?.seam;
  const links = [
    { to: base, word: 'Table', end: true },
    { to: `${base}/pieces`, word: 'Pieces' },
    { to: `${base}/seam`, word: 'Seam' },
    { to: `${base}/order`, word: 'Order' },
    ...(seam ? [{ to: `${base}/bench/${seam}`, word: 'Bench' }] : []),
  ];
  return (
    <>
      <Header links={links}>
        <span className="garment-name">{garment.plan.name}</span>
        <SavedWord saving={editor.saving} />
        <Wording editor={editor} />
      </Header>
      <Waiting editor={editor} />
      <Findings findings={editor.refused} title="That cannot be, so nothing was changed" />
      <main id="main" className="view">
        <Outlet context={editor} />
      </main>
    </>
  );
}

function SavedWord({ saving }: { saving: Saving }) {
  const words = {
    saved: 'Saved',
    saving: 'Saving…',
    stale: 'Not saved (1)',
    unsent: 'Not saved (1)',
  };
  return (
    <span className="soft" role="status" aria-live="polite">
      · {words[saving.status]}
    </span>
  );
}

/** Changes that could not be saved are kept here and offered. */
function Waiting({ editor }: { editor: GarmentEditor }) {
  const { saving } = editor;
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
      <Button variant="outline-dark" onClick={() => void editor.drop()}>
        Drop mine
      </Button>
    </section>
  );
}

/** Centimetres or inches, US or UK terms: the same numbers in other words. */
function Wording({ editor }: { editor: GarmentEditor }) {
  const { unit, terms } = editor.garment.plan;
  return (
    <Form.Select
      size="sm"
      className="wording"
      aria-label="Units and terms"
      value={`${unit} ${terms}`}
      onChange={(event) => {
        const [nextUnit, nextTerms] = event.target.value.split(' ') as ['CM' | 'INCH', 'US' | 'UK'];
        void editor.change([{ kind: 'REWORDED', unit: nextUnit, terms: nextTerms }]);
      }}
    >
      <option value="CM US">cm, US terms</option>
      <option value="CM UK">cm, UK terms</option>
      <option value="INCH US">inches, US terms</option>
      <option value="INCH UK">inches, UK terms</option>
    </Form.Select>
  );
}
