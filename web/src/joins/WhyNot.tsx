import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Form } from 'react-bootstrap';
import { adviceQuery } from '../api/garments';
import type { Answer, MethodEntry } from '../api/types';

interface Props {
  garmentId: string;
  version: number;
  seam: string;
  /** The method the others are held against. */
  method: string;
  titles: Map<string, MethodEntry>;
}

const LEAST = 0.005;

/** Why this and not that: the difference of two sums, word by word. */
export function WhyNot({ garmentId, version, seam, method, titles }: Props) {
  const [other, setOther] = useState('');
  const { data } = useQuery({ ...adviceQuery(garmentId, version, seam), enabled: other !== '' });
  const title = (id: string) => titles.get(id)?.title ?? id;
  const mine = data?.find((answer) => answer.method === method);
  const theirs = data?.find((answer) => answer.method === other);
  return (
    <div className="why-not">
      <Form.Group controlId={`why-${seam}`} className="inline-field">
        <Form.Label>Why not</Form.Label>
        <Form.Select value={other} onChange={(event) => setOther(event.target.value)}>
          <option value="">choose another to compare</option>
          {[...titles.keys()]
            .filter((id) => id !== method)
            .map((id) => (
              <option key={id} value={id}>
                {title(id)}
              </option>
            ))}
        </Form.Select>
      </Form.Group>
      {mine && theirs && <Difference mine={mine} theirs={theirs} title={title} />}
    </div>
  );
}

function Difference({
  mine,
  theirs,
  title,
}: {
  mine: Answer;
  theirs: Answer;
  title: (id: string) => string;
}) {
  const names = [...new Set([...mine.terms, ...theirs.terms].map((term) => term.name))];
  const rows = names
    .map((name) => {
      const one = mine.terms.find((term) => term.name === name);
      const two = theirs.terms.find((term) => term.name === name);
      return { name, one, two, by: (one?.share ?? 0) - (two?.share ?? 0) };
    })
    .filter((row) => Math.abs(row.by) >= LEAST)
    .sort((a, b) => Math.abs(b.by) - Math.abs(a.by));
  const all = mine.sum - theirs.sum;
  return (
    <div role="status">
      <p>
        <strong>{title(mine.method)}</strong> {mine.sum.toFixed(2)}, {title(theirs.method).toLowerCase()}{' '}
        {theirs.sum.toFixed(2)}:{' '}
        {Math.abs(all) < LEAST ? 'equal.' : `${Math.abs(all).toFixed(2)} ${all > 0 ? 'more' : 'less'}.`}
      </p>
      <ul>
        {rows.map(({ name, one, two, by }) => (
          <li key={name}>
            {(one ?? two)?.word}: {name === 'SCHOOL' ? (one ? 'yes' : 'no') : one?.score} against{' '}
            {name === 'SCHOOL' ? (two ? 'yes' : 'no') : two?.score},{' '}
            <strong>
              {by > 0 ? '+' : '−'}
              {Math.abs(by).toFixed(2)}
            </strong>
            {two?.words && name !== 'SCHOOL' ? ` (${two.words})` : ''}
          </li>
        ))}
      </ul>
    </div>
  );
}
