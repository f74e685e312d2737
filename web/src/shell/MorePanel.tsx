import { problemIn } from '../api/client';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Button, Form, Offcanvas } from 'react-bootstrap';
import { Link, useNavigate } from 'react-router';
import { archiveQuery, copyGarment, historyQuery, setShelfState, shelfQuery } from '../api/garments';
import { helpFor, SHORTCUTS } from './help';
import { applyTheme, storedTheme, type Theme } from './theme';
import type { GarmentEditor } from './useGarment';

interface Props {
  view: string;
  show: boolean;
  onHide: () => void;
  editor?: GarmentEditor;
}

/** Help for the view, the garment's history and words, and what can be done with the whole of it. */
export function MorePanel({ view, show, onHide, editor }: Props) {
  const help = helpFor(view);
  return (
    <Offcanvas show={show} onHide={onHide} placement="end" aria-labelledby="more-title" className="more">
      <Offcanvas.Header closeButton>
        <Offcanvas.Title as="h2" id="more-title">
          {help.title}
        </Offcanvas.Title>
      </Offcanvas.Header>
      <Offcanvas.Body>
        {help.lines.map((line) => (
          <p key={line}>{line}</p>
        ))}
        {editor && <Words editor={editor} />}
        {editor && <HistoryList editor={editor} />}
        {editor && <Whole editor={editor} onLeave={onHide} />}
        <Look />
        <h3>Keys</h3>
        <dl className="keys">
          {SHORTCUTS.map(([keys, what]) => (
            <div key={keys}>
              <dt>{keys}</dt>
              <dd>{what}</dd>
            </div>
          ))}
        </dl>
      </Offcanvas.Body>
    </Offcanvas>
  );
}

/** Units, terms and hand: the same numbers in other words and mirrored pictures. */
function Words({ editor }: { editor: GarmentEditor }) {
  const { unit, terms, hand } = editor.garment.plan;
  const reword = (changed: Partial<{ unit: typeof unit; terms: typeof terms; hand: typeof hand }>) =>
    void editor.change([{ kind: 'REWORDED', unit, terms, hand, ...changed }]);
  return (
    <section className="more-words">
      <h3>Words</h3>
      <Form.Select
        aria-label="Units"
        value={unit}
        onChange={(event) => reword({ unit: event.target.value as typeof unit })}
      >
        <option value="CM">Centimetres</option>
        <option value="INCH">Inches</option>
      </Form.Select>
      <Form.Select
        aria-label="Terms"
        value={terms}
        onChange={(event) => reword({ terms: event.target.value as typeof terms })}
      >
        <option value="US">US terms</option>
        <option value="UK">UK terms</option>
      </Form.Select>
      <Form.Select
        aria-label="Hand"
        value={hand}
        onChange={(event) => reword({ hand: event.target.value as typeof hand })}
      >
        <option value="RIGHT">Right-handed</option>
        <option value="LEFT">Left-handed</option>
      </Form.Select>
    </section>
  );
}

/** Of a long history the last ones are shown first. */
const MOST_SHOWN = 100;

function HistoryList({ editor }: { editor: GarmentEditor }) {
  const { garment } = editor;
  const query = useQuery(historyQuery(garment.id, garment.version));
  const [all, setAll] = useState(false);
  const entries = query.data ?? [];
  const older = all ? 0 : Math.max(0, entries.length - MOST_SHOWN);
  return (
    <section>
      <h3>What was done</h3>
      {older > 0 && (
        <Button variant="outline-dark" size="sm" onClick={() => setAll(true)}>
          Show {older} older ones, too
        </Button>
      )}
      {entries.length === 0 && <p className="soft">Nothing was changed yet.</p>}
      <ol className="history" start={older + 1}>
        {entries.slice(older).map((entry) => (
          <li key={entry.version} className={entry.takenBack ? 'taken-back' : ''}>
            {entry.label}
            <span className="soft">
              {' '}
              {new Date(entry.madeAt).toLocaleString([], { dateStyle: 'medium', timeStyle: 'short' })}
              {entry.takenBack && ', taken back'}
            </span>
          </li>
        ))}
      </ol>
    </section>
  );
}

function Whole({ editor, onLeave }: { editor: GarmentEditor; onLeave: () => void }) {
  const { id, revision } = editor.garment;
  const queries = useQueryClient();
  const navigate = useNavigate();
  const [told, setTold] = useState('');
  const archive = async () => {
    try {
      await setShelfState(id, revision, 'ARCHIVED');
    } catch (error) {
      setTold(problemIn(error).detail);
      await editor.refresh();
      return;
    }
    await queries.invalidateQueries({ queryKey: shelfQuery.queryKey });
    await queries.invalidateQueries({ queryKey: archiveQuery.queryKey });
    await navigate('/');
  };
  const copy = async () => {
    const made = await copyGarment(id);
    await navigate(`/garments/${made.id}`);
  };
  return (
    <section>
      <h3>The whole garment</h3>
      {told && <p className="wrong">{told}</p>}
      <p>
        <Link to={`/garments/${id}/rules`} onClick={onLeave}>
          House rules for this garment
        </Link>
      </p>
      <p className="more-actions">
        <Button variant="outline-dark" onClick={() => void copy()}>
          Make a copy
        </Button>
        <Button variant="outline-dark" onClick={() => void archive()}>
          Archive it
        </Button>
        <a className="btn btn-outline-dark" href={`/api/garments/${id}/file`} download>
          Save as file
        </a>
        <a className="btn btn-outline-dark" href={`/api/garments/${id}/table.svg`} download>
          Save the picture
        </a>
      </p>
    </section>
  );
}

function Look() {
  const [theme, setTheme] = useState(storedTheme);
  return (
    <section>
      <h3>Light</h3>
      <Form.Select
        aria-label="Light or dark"
        value={theme}
        onChange={(event) => {
          const wanted = event.target.value as Theme;
          setTheme(wanted);
          applyTheme(wanted);
        }}
      >
        <option value="system">As the system says</option>
        <option value="light">Light</option>
        <option value="dark">Dark</option>
      </Form.Select>
    </section>
  );
}
