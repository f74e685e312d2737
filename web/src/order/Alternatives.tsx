import { Button } from 'react-bootstrap';
import type { Change, Opened } from '../api/types';
import { yarnLength } from '../format';
import { minutes } from './minutes';

interface Props {
  garment: Opened;
  change: (changes: Change[]) => Promise<boolean>;
}

/** Whole orders beside each other: what each costs, and one press to take it. */
export function Alternatives({ garment, change }: Props) {
  const { alternatives } = garment.plan.order;
  const { unit } = garment.plan;
  if (alternatives.length < 2) {
    return null;
  }
  const name = (id: string) => garment.plan.seams.find((seam) => seam.id === id)?.name.toLowerCase() ?? id;
  return (
    <table className="table alternatives">
      <caption className="visually-hidden">Other orders, and what each costs</caption>
      <thead>
        <tr>
          <th scope="col">Order</th>
          <th scope="col">Passes</th>
          <th scope="col">Ends</th>
          <th scope="col">Yarn</th>
          <th scope="col">Time</th>
          <th scope="col">Joined flat</th>
          <th scope="col">
            <span className="visually-hidden">Take it</span>
          </th>
        </tr>
      </thead>
      <tbody>
        {alternatives.map((alternative) => (
          <tr key={alternative.name} className={alternative.now ? 'alternative-now' : ''}>
            <th scope="row">
              <strong>{alternative.title}</strong> <span className="soft">{alternative.words}</span>
              {alternative.turned.length > 0 && (
                <span className="soft"> Turned: {alternative.turned.map(name).join(', ')}.</span>
              )}
            </th>
            <td>{alternative.passes}</td>
            <td>{alternative.ends}</td>
            <td>{yarnLength(alternative.yarnMm, unit)}</td>
            <td>{minutes(alternative.minutes)}</td>
            <td>{minutes(alternative.flatMinutes)}</td>
            <td>
              {alternative.now ? (
                'as now'
              ) : (
                <Button
                  variant="outline-dark"
                  size="sm"
                  aria-label={`Take it: ${alternative.title.toLowerCase()}`}
                  onClick={() =>
                    void change([
                      ...alternative.turned.map((seam): Change => ({ kind: 'SEAM_TURNED', seam })),
                      { kind: 'ORDER_TAKEN', seams: alternative.seams },
                    ])
                  }
                >
                  Take it
                </Button>
              )}
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
