import { useState } from 'react';
import { Button, Form, Table } from 'react-bootstrap';
import type { Change, RunPlan, UnitKind } from '../api/types';
import { trimmed } from '../format';
import { FABRICS, KINDS } from './kinds';

type Part = NonNullable<Change['parts']>[number];

interface Draft {
  unit: UnitKind;
  count: string;
  widthMm: string;
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
  return {
    unit: run.kind,
    count: String(run.count),
    widthMm: trimmed(Math.hypot(run.dx, run.dy)),
    fabric: run.fabric,
    noEase: run.noEase,
    label: run.label,
    chains: run.chains > 0 ? String(run.chains) : '',
    heldBack: run.heldBack > 0 ? String(run.heldBack) : '',
  };
}

function partOf(draft: Draft): Part | undefined {
  const count = Number(draft.count);
  const width = Number(draft.widthMm.replace(',', '.'));
  const chains = Number(draft.chains || 0);
  const heldBack = Number(draft.heldBack || 0);
  const whole = [count, chains, heldBack].every((n) => Number.isInteger(n) && n >= 0 && n <= 5000);
  return whole && count >= 1 && width >= 0.5 && width <= 300
    ? {
        unit: draft.unit,
        count,
        widthMm: width,
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
      <Table size="sm">
        <thead>
          <tr>
            <th scope="col">What</th>
            <th scope="col">Count</th>
            <th scope="col">Each, mm</th>
            <th scope="col">Fabric</th>
            <th scope="col">No ease</th>
            <th scope="col">Label</th>
            <th scope="col">Also</th>
            <th scope="col">
              <span className="visually-hidden">Remove</span>
            </th>
          </tr>
        </thead>
        <tbody>
          {drafts.map((draft, index) => (
            <tr key={index} className={parts[index] ? '' : 'unlike'}>
              <td>
                <Form.Select
                  aria-label={`Part ${index + 1}: what`}
                  value={draft.unit}
                  onChange={(event) => set(index, { unit: event.target.value as UnitKind })}
                >
                  {Object.entries(KINDS).map(([kind, [, many]]) => (
                    <option key={kind} value={kind}>
                      {many}
                    </option>
                  ))}
                </Form.Select>
              </td>
              <td>
                <Figure
                  label={`Part ${index + 1}: count`}
                  value={draft.count}
                  onValue={(count) => set(index, { count })}
                />
              </td>
              <td>
                <Figure
                  label={`Part ${index + 1}: width of one in mm`}
                  value={draft.widthMm}
                  onValue={(widthMm) => set(index, { widthMm })}
                />
              </td>
              <td>
                <Form.Select
                  aria-label={`Part ${index + 1}: fabric`}
                  value={draft.fabric}
                  onChange={(event) => set(index, { fabric: event.target.value as Draft['fabric'] })}
                >
                  {Object.entries(FABRICS).map(([fabric, word]) => (
                    <option key={fabric} value={fabric}>
                      {word}
                    </option>
                  ))}
                </Form.Select>
              </td>
              <td>
                <Form.Check
                  aria-label={`Part ${index + 1}: takes no ease`}
                  checked={draft.noEase}
                  onChange={(event) => set(index, { noEase: event.target.checked })}
                />
              </td>
              <td>
                <Form.Control
                  aria-label={`Part ${index + 1}: label`}
                  value={draft.label}
                  maxLength={60}
                  onChange={(event) => set(index, { label: event.target.value })}
                />
              </td>
              <td>
                {draft.unit === 'CHAIN_SPACE' && (
                  <Figure
                    label={`Part ${index + 1}: chains in a space`}
                    hint="chains"
                    value={draft.chains}
                    onValue={(chains) => set(index, { chains })}
                  />
                )}
                {draft.unit === 'ROW_END' && (
                  <Figure
                    label={`Part ${index + 1}: rows held back`}
                    hint="held back"
                    value={draft.heldBack}
                    onValue={(heldBack) => set(index, { heldBack })}
                  />
                )}
              </td>
              <td>
                <Button
                  variant="outline-dark"
                  size="sm"
                  disabled={drafts.length === 1}
                  aria-label={`Remove part ${index + 1}`}
                  onClick={() => setDrafts(drafts.filter((_, i) => i !== index))}
                >
                  Remove
                </Button>
              </td>
            </tr>
          ))}
        </tbody>
      </Table>
      <p role="status" className={ready ? 'soft' : 'wrong'}>
        {ready
          ? `${now} in all; ${now === planned ? 'as before' : `${planned} before`}.`
          : 'Counts are whole and at least 1; one unit is 0.5 to 300 mm wide.'}
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

function Figure({
  label,
  value,
  hint,
  onValue,
}: {
  label: string;
  value: string;
  hint?: string;
  onValue: (value: string) => void;
}) {
  return (
    <Form.Control
      className="figure"
      aria-label={label}
      placeholder={hint}
      inputMode="decimal"
      value={value}
      onChange={(event) => onValue(event.target.value)}
    />
  );
}
