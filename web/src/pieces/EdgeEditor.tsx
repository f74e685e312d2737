import { useState } from 'react';
import { Button, Form, Table } from 'react-bootstrap';
import type { Change, EdgePlan, PiecePlan, RunPlan, Terms } from '../api/types';
import { length, type Unit } from '../format';
import { CountHelp } from './CountHelp';
import { CornerChoice } from './CornerChoice';
import { Edging } from './Edging';
import { KINDS } from './kinds';
import { LandmarkList } from './LandmarkList';
import { MadeCount } from './MadeCount';
import { Measured } from './Measured';
import { PartsEditor } from './PartsEditor';

interface Props {
  piece: PiecePlan;
  edge: EdgePlan;
  unit: Unit;
  terms: Terms;
  onEdge: (edge: string) => void;
  onChange: (change: Change) => void;
}

/** One edge as it is: its runs, counts, measured length, landmarks. */
export function EdgeEditor({ piece, edge, unit, terms, onEdge, onChange }: Props) {
  const [told, setTold] = useState<string>();
  const run = edge.runs.find((candidate) => baseOf(candidate.id) === told);
  const target = { piece: piece.id, edge: edge.id };
  return (
    <section aria-label={`${piece.name}, ${edge.name}`}>
      <div className="edge-head">
        <h2>
          {piece.name}, {edge.name}
        </h2>
        <Form.Select
          aria-label={`Edge of the ${piece.name.toLowerCase()}`}
          value={edge.id}
          onChange={(event) => onEdge(event.target.value)}
        >
          {piece.edges.map((other) => (
            <option key={other.id} value={other.id}>
              {other.name}
            </option>
          ))}
        </Form.Select>
      </div>
      <p>{edge.words}</p>
      <Table size="sm" responsive className="edge-runs">
        <thead>
          <tr>
            <th scope="col">Stretch</th>
            <th scope="col">Planned</th>
            <th scope="col">As made</th>
            <th scope="col">As worked</th>
            <th scope="col">Length</th>
            <th scope="col">
              <span className="visually-hidden">Tell in parts</span>
            </th>
          </tr>
        </thead>
        <tbody>
          {edge.runs.map((one) => (
            <tr key={one.id}>
              <th scope="row">{stretchWords(one)}</th>
              <td>{one.planned}</td>
              {COUNTED.map(([when, words]) => (
                <td key={when}>
                  <MadeCount
                    label={`${piece.name}, ${edge.name}, ${one.id}: ${words}`}
                    value={when === 'AS_MADE' ? one.made : one.worked}
                    onCount={(count) =>
                      onChange({
                        kind: 'COUNT_MADE',
                        ...target,
                        run: one.id,
                        when,
                        ...(count === undefined ? {} : { count }),
                      })
                    }
                  />
                </td>
              ))}
              <td>{length(one.lengthMm, unit)}</td>
              <td>
                <Button
                  variant="outline-dark"
                  size="sm"
                  disabled={one.edging}
                  aria-expanded={told === baseOf(one.id)}
                  onClick={() => setTold(told === baseOf(one.id) ? undefined : baseOf(one.id))}
                >
                  In parts
                </Button>
              </td>
            </tr>
          ))}
        </tbody>
      </Table>
      {run && (
        <PartsEditor
          key={edge.runs.map((one) => `${one.id}${one.count}`).join()}
          runs={edge.runs.filter((one) => baseOf(one.id) === told)}
          onSave={(parts) => {
            onChange({ kind: 'RUN_TOLD', ...target, run: baseOf(run.id), parts });
            setTold(undefined);
          }}
          onClose={() => setTold(undefined)}
        />
      )}
      <Measured
        key={`${edge.id}${edge.measuredMm ?? ''}`}
        value={edge.measuredMm}
        unit={unit}
        onSave={(mm) => onChange({ kind: 'EDGE_MEASURED', ...target, ...(mm === undefined ? {} : { mm }) })}
      />
      <LandmarkList
        key={`marks ${edge.id}`}
        edge={edge}
        onPut={(landmark) => onChange({ kind: 'LANDMARK_PUT', ...target, landmark })}
        onRemove={(landmarkId) => onChange({ kind: 'LANDMARK_REMOVED', ...target, landmarkId })}
      />
      <CornerChoice
        piece={piece}
        edge={edge}
        onCorner={(corner) => onChange({ kind: 'CORNER_TOLD', ...target, ...(corner ? { corner } : {}) })}
      />
      <Edging
        key={`edging ${edge.id} ${JSON.stringify(edge.edging)}`}
        piece={piece}
        edge={edge}
        terms={terms}
        onEdging={(edging) => onChange({ kind: 'EDGING_WORKED', ...target, edging })}
      />
      <CountHelp />
    </section>
  );
}

const COUNTED = [
  ['AS_MADE', 'as made'],
  ['AS_WORKED', 'as worked'],
] as const;

/** The recipe's run that a part belongs to. */
function baseOf(runId: string): string {
  return runId.replace(/~\d+$/, '');
}

function stretchWords(run: RunPlan): string {
  const words = [
    run.label || (run.edging ? 'edging' : run.fabric === 'RIB' ? 'rib' : ''),
    run.chains > 0 ? `${KINDS[run.kind][1]} of ${run.chains}` : KINDS[run.kind][1],
    run.noEase ? 'no ease' : '',
    run.heldBack > 0 ? `${run.heldBack} held back: ${run.count + run.heldBack} when finished` : '',
  ];
  return words.filter((word) => word !== '').join(', ');
}
