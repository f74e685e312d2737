import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Form } from 'react-bootstrap';
import { cornersQuery, countTotal } from '../api/garments';
import type { Counted } from '../api/types';

type Way = Counted['way'];
type Field = 'first' | 'each' | 'more' | 'after';

const WAYS: Record<Way, { words: string; fields: [Field, string][]; flag?: string }> = {
  REPEATED: {
    words: 'rows or stitches that are repeated',
    fields: [
      ['first', 'Before the repeat'],
      ['each', 'In one repeat'],
      ['more', 'Repeated how many more times'],
      ['after', 'Behind it'],
    ],
  },
  BANDS: {
    words: 'by colour bands',
    fields: [
      ['first', 'Before the bands'],
      ['more', 'Bands'],
      ['each', 'In each band'],
      ['after', 'Behind them'],
    ],
  },
  IN_TWOS: { words: 'in twos', fields: [['first', 'Pairs']], flag: 'One is over' },
  TURNING_CHAIN: {
    words: 'without the turning chain',
    fields: [['first', 'Stitches']],
    flag: 'The turning chain counts',
  },
  FOUNDATION: {
    words: 'a foundation chain',
    fields: [
      ['first', 'Stitches'],
      ['each', 'Turning chains'],
    ],
    flag: 'The turning chain counts',
  },
  SQUARE: { words: 'the side of a square', fields: [['first', 'Stitches between its corners']] },
};

/** Counts with the maker; the total and its sum are shown before it is used. */
export function CountHelp() {
  const [way, setWay] = useState<Way>('REPEATED');
  const [numbers, setNumbers] = useState<Record<Field, string>>({ first: '', each: '', more: '', after: '' });
  const [flag, setFlag] = useState(false);
  const [corner, setCorner] = useState<Counted['corner']>('CHAIN_1');
  const corners = useQuery(cornersQuery);
  const { fields, flag: flagWords } = WAYS[way];
  const filled = fields.some(([field]) => numbers[field].trim() !== '');
  const whole = fields.every(([field]) => /^\d{0,4}$/.test(numbers[field].trim()));
  const value = (field: Field) => Number(numbers[field] || 0);
  const asked: Counted = {
    way,
    first: value('first'),
    each: value('each'),
    more: value('more'),
    after: value('after'),
    flag,
    corner,
  };
  const { data } = useQuery({
    queryKey: ['count', asked],
    queryFn: () => countTotal(asked),
    enabled: filled && whole,
  });
  return (
    <details className="count-help">
      <summary>Help me count</summary>
      <div className="new-pin">
        <Form.Group controlId="count-way">
          <Form.Label>I count</Form.Label>
          <Form.Select value={way} onChange={(event) => setWay(event.target.value as Way)}>
            {Object.entries(WAYS).map(([key, { words }]) => (
              <option key={key} value={key}>
                {words}
              </option>
            ))}
          </Form.Select>
        </Form.Group>
        {fields.map(([field, words]) => (
          <Form.Group key={field} controlId={`count-${field}`}>
            <Form.Label>{words}</Form.Label>
            <Form.Control
              className="figure"
              inputMode="numeric"
              value={numbers[field]}
              onChange={(event) => setNumbers({ ...numbers, [field]: event.target.value })}
            />
          </Form.Group>
        ))}
        {way === 'SQUARE' && (
          <Form.Group controlId="count-corner">
            <Form.Label>Its corners</Form.Label>
            <Form.Select
              value={corner}
              onChange={(event) => setCorner(event.target.value as Counted['corner'])}
            >
              {corners.data?.map((choice) => (
                <option key={choice.corner} value={choice.corner}>
                  {choice.words}
                </option>
              ))}
            </Form.Select>
          </Form.Group>
        )}
        {flagWords && (
          <Form.Check
            id="count-flag"
            label={flagWords}
            checked={flag}
            onChange={(event) => setFlag(event.target.checked)}
          />
        )}
      </div>
      <p role="status">
        {!whole ? (
          <span className="wrong">Whole numbers up to 9999.</span>
        ) : filled && data ? (
          <>
            <strong className="total">{data.count}</strong> <span className="soft">{data.sum}</span>
          </>
        ) : (
          <span className="soft">The total shows here; type it where it belongs.</span>
        )}
      </p>
    </details>
  );
}
