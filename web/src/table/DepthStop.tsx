import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Button, Form } from 'react-bootstrap';
import { stopsQuery } from '../api/garments';
import { count, figure, difference, length, type Unit } from '../format';
import type { GarmentEditor } from '../shell/useGarment';
import bounds from '../api/bounds.json';

const MM = { CM: 10, INCH: 25.4 } as const;
const WORDS = { CM: 'cm', INCH: 'in' } as const;

function offWords(mm: number, unit: Unit): string {
  return Math.abs(mm) < 0.5 ? 'exactly' : `${mm > 0 ? '+' : '−'}${difference(Math.abs(mm), unit)}`;
}

/** An armhole by measure: the nearest row and the nearest landmark, each with the row at the marker open or joined. */
export function DepthStop({ editor }: { editor: GarmentEditor }) {
  const { garment } = editor;
  const { unit } = garment.plan;
  const [text, setText] = useState('');
  const mm = figure(text) * MM[unit];
  const typed = text.trim() !== '';
  const usable = typed && mm > 0 && mm <= bounds.deepestMm;
  const { data } = useQuery({ ...stopsQuery(garment.id, garment.version, mm), enabled: usable });
  return (
    <details className="depth">
      <summary>Armhole by measure</summary>
      <Form.Group className="inline-field" controlId="depth">
        <Form.Label>Depth I want</Form.Label>
        <Form.Control
          inputMode="decimal"
          value={text}
          isInvalid={typed && !usable}
          onChange={(event) => setText(event.target.value)}
        />
        <span>{WORDS[unit]}</span>
      </Form.Group>
      {typed && !usable && (
        <p className="wrong" role="alert">
          A depth above 0 and up to {length(bounds.deepestMm, unit)}.
        </p>
      )}
      {usable && data && (
        <ul className="own-anchors">
          {data.map((choice) => (
            <li key={`${choice.rows}${choice.open}${choice.landmark ?? ''}`}>
              <span>
                <strong>
                  {count(choice.rows, 'row')}, {length(choice.mm, unit)}
                </strong>{' '}
                ({offWords(choice.offMm, unit)}){choice.landmark && `, at the ${choice.landmark}`}; the row at
                the marker is {choice.open ? 'open' : 'joined'}
              </span>
              <Button
                size="sm"
                variant="outline-dark"
                aria-label={`Take ${count(choice.rows, 'row')}`}
                onClick={() =>
                  void editor.change([{ kind: 'ANSWERS_CHANGED', answers: { [choice.answer]: choice.rows } }])
                }
              >
                Take it
              </Button>
            </li>
          ))}
        </ul>
      )}
      <p className="soft">Set on both sides alike.</p>
    </details>
  );
}
