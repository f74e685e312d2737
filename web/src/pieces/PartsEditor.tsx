import { useState } from 'react';
import { Button, Form } from 'react-bootstrap';
import bounds from '../api/bounds.json';
import type { ChangeOf, RunPlan, UnitKind } from '../api/types';
import { figure, trimmed } from '../format';
import { EDGE_KINDS, FABRICS, KINDS } from './kinds';

type Part = ChangeOf<'RUN_TOLD'>['parts'][number];

type Over = 'EACH' | NonNullable<Part['gauge']>['over'];

const OVERS: Record<Over, string> = { EACH: 'Each, mm', TEN_CM: 'In 10 cm', FOUR_INCHES: 'In 4 inches' };

interface Draft {
  unit: UnitKind;
  count: string;
  width: string;
  /** What the width is told by: each one, or how many lie over a length. */
  over: Over;
  /** What the shown width was rounded from; kept as long as nothing else is typed. */
  exactMm: number;
  fabric: RunPlan['fabric'];
  noEase: boolean;
  label: string;
  chains: string;
  heldBack: string;
}

interface Props {
  runs: RunPlan[];
  onSave: (parts: Part[]) => void;
  onClose: () => void;
}

function draftOf(run: RunPlan): Draft {
  // A stitch on a fold leads nowhere.
  const unitMm = Math.hypot(run.dx, run.dy) || run.lengthMm / run.count;
  return {
    unit: run.kind,
    count: String(run.count),
    width: trimmed(unitMm),
    over: 'EACH',
    exactMm: unitMm,
    fabric: run.fabric,
    noEase: run.noEase,
    label: run.label,
    chains: run.chains > 0 ? String(run.chains) : '',
    heldBack: run.heldBack > 0 ? String(run.heldBack) : '',
  };
}

function partOf(draft: Draft): Part | undefined {
  const count = Number(draft.count);
  const typed = figure(draft.width);
  const each = draft.over === 'EACH';
  const width = each && draft.width === trimmed(draft.exactMm) ? draft.exactMm : typed;
  const possible = each ? width >= bounds.narrowestMm && width <= bounds.widestMm : typed > 0;
  const chains = Number(draft.chains || 0);
  const heldBack = Number(draft.heldBack || 0);
  const whole = (n: number, most: number) => Number.isInteger(n) && n >= 0 && n <= most;
  const counted =
    whole(count, bounds.units) && whole(chains, bounds.chains) && whole(heldBack, bounds.heldBack);
  return counted && count >= 1 && possible
    ? {
        unit: draft.unit,
        count,
        ...(each
          ? { widthMm: width }
          : { gauge: { count: typed, over: draft.over as Exclude<Over, 'EACH'> } }),
        fabric: draft.fabric,
        noEase: draft.noEase,
        label: draft.label,
        chains,
        heldBack,
      }
    : undefined;
}

/** A run told as what it is, part by part in the order of the edge. */
export function PartsEditor({ runs, onSave, onClose }: Props) {
  const [drafts, setDrafts] = useState(runs.map(draftOf));
  const parts = drafts.map(partOf);
  const complete = parts.filter((part) => part !== undefined);
  const ready = complete.length === drafts.length && drafts.length > 0;
  const planned = runs.reduce((sum, run) => sum + run.count, 0);
  const now = complete.reduce((sum, part) => sum + part.count, 0);
  const set = (index: number, over: Partial<Draft>) =>
    setDrafts(drafts.map((draft, i) => (i === index ? { ...draft, ...over } : draft)));
  return (
    <div className="parts" role="group" aria-label="Parts of this stretch">
      {drafts.map((draft, index) => (
        <PartRow
          key={index}
          number={index + 1}
          draft={draft}
          wrong={parts[index] === undefined}
          only={drafts.length === 1}
          onSet={(over) => set(index, over)}
          onRemove={() => setDrafts(drafts.filter((_, i) => i !== index))}
        />
      ))}
      <p role="status" className={ready ? 'soft' : 'wrong'}>
        {ready
          ? `${now} in all; ${now === planned ? 'as before' : `${planned} before`}.`
          : `Counts are whole and at least 1; one unit is ${bounds.narrowestMm} to ${bounds.widestMm} mm wide.`}
      </p>
      <div className="buttons">
        <Button
          variant="outline-dark"
          onClick={() => setDrafts([...drafts, { ...drafts.at(-1)!, count: '1', label: '' }])}
        >
          Add a part
        </Button>
        <Button disabled={!ready} onClick={() => onSave(complete)}>
          Save the parts
        </Button>
        {runs.some((run) => run.told) && (
          <Button variant="outline-dark" onClick={() => onSave([])}>
            Back to the recipe
          </Button>
        )}
        <Button variant="outline-dark" onClick={onClose}>
          Close
        </Button>
      </div>
    </div>
  );
}

interface RowProps {
  number: number;
  draft: Draft;
  wrong: boolean;
  only: boolean;
  onSet: (over: Partial<Draft>) => void;
  onRemove: () => void;
}

function PartRow({ number, draft, wrong, only, onSet, onRemove }: RowProps) {
  const id = `part-${number}`;
  return (
    <fieldset className={`new-pin part${wrong ? ' unlike' : ''}`}>
      <legend>Part {number}</legend>
      <Form.Group controlId={`${id}-count`}>
        <Form.Label>Count</Form.Label>
        <Figure value={draft.count} onValue={(count) => onSet({ count })} />
      </Form.Group>
      <Form.Group controlId={`${id}-what`}>
        <Form.Label>What</Form.Label>
        <Form.Select value={draft.unit} onChange={(event) => onSet({ unit: event.target.value as UnitKind })}>
          {EDGE_KINDS.map((kind) => (
            <option key={kind} value={kind}>
              {KINDS[kind][1]}
            </option>
          ))}
        </Form.Select>
      </Form.Group>
      <Form.Group controlId={`${id}-width`}>
        <Form.Label>{OVERS[draft.over]}</Form.Label>
        <Figure value={draft.width} onValue={(typed) => onSet({ width: typed })} />
      </Form.Group>
      <Form.Group controlId={`${id}-over`}>
        <Form.Label>Width by</Form.Label>
        <Form.Select
          value={draft.over}
          onChange={(event) => {
            const over = event.target.value as Over;
            onSet({ over, width: over === 'EACH' ? trimmed(draft.exactMm) : '' });
          }}
        >
          {Object.entries(OVERS).map(([over, words]) => (
            <option key={over} value={over}>
              {words}
            </option>
          ))}
        </Form.Select>
      </Form.Group>
      {draft.unit === 'CHAIN_SPACE' && (
        <Form.Group controlId={`${id}-chains`}>
          <Form.Label>Chains in it</Form.Label>
          <Figure value={draft.chains} onValue={(chains) => onSet({ chains })} />
        </Form.Group>
      )}
      {draft.unit === 'ROW_END' && (
        <Form.Group controlId={`${id}-held`}>
          <Form.Label>Held back</Form.Label>
          <Figure value={draft.heldBack} onValue={(heldBack) => onSet({ heldBack })} />
        </Form.Group>
      )}
      <Form.Group controlId={`${id}-fabric`}>
        <Form.Label>Fabric</Form.Label>
        <Form.Select
          value={draft.fabric}
          onChange={(event) => onSet({ fabric: event.target.value as Draft['fabric'] })}
        >
          {Object.entries(FABRICS).map(([fabric, word]) => (
            <option key={fabric} value={fabric}>
              {word}
            </option>
          ))}
        </Form.Select>
      </Form.Group>
      <Form.Group controlId={`${id}-label`}>
        <Form.Label>Label</Form.Label>
        <Form.Control
          value={draft.label}
          maxLength={60}
          onChange={(event) => onSet({ label: event.target.value })}
        />
      </Form.Group>
      <Form.Check
        id={`${id}-ease`}
        label="Takes no ease"
        checked={draft.noEase}
        onChange={(event) => onSet({ noEase: event.target.checked })}
      />
      <Button variant="outline-dark" disabled={only} aria-label={`Remove part ${number}`} onClick={onRemove}>
        Remove
      </Button>
    </fieldset>
  );
}

/** Takes its id from the group it stands in. */
function Figure({ value, onValue }: { value: string; onValue: (value: string) => void }) {
  return (
    <Form.Control
      className="figure"
      inputMode="decimal"
      value={value}
      onChange={(event) => onValue(event.target.value)}
    />
  );
}
