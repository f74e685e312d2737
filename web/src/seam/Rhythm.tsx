import { Table } from 'react-bootstrap';
import type { IntervalView, SeamPlan } from '../api/types';
import { count, difference } from '../format';

/** The rhythm of each interval in words, and the table of markers. */
export function Rhythm({ seam, unit }: { seam: SeamPlan; unit: 'CM' | 'INCH' }) {
  if (!seam.planned) {
    return (
      <section>
        <h2>No plan yet</h2>
        <p>Mend what is named above; then every stitch gets its place.</p>
      </section>
    );
  }
  return (
    <section aria-label="Rhythm">
      <h2>Where each stitch goes</h2>
      {seam.intervals.map((interval, index) => (
        <p key={index}>
          <span className="soft">{interval.heading}:</span>{' '}
          <strong className="rhythm-words">{interval.words}.</strong>{' '}
          <Drift interval={interval} unit={unit} />
        </p>
      ))}
      <p>
        {count(seam.joints, 'joint')} in all. {seam.direction}
      </p>
      <Table size="sm" className="markers">
        <caption className="caption-top">Markers</caption>
        <thead>
          <tr>
            <th scope="col">Marker</th>
            <th scope="col">{seam.a.name}</th>
            <th scope="col">{seam.b.name}</th>
            <th scope="col">Joint</th>
          </tr>
        </thead>
        <tbody>
          {seam.checkpoints.map((checkpoint) => (
            <tr key={checkpoint.number}>
              <th scope="row">
                {checkpoint.number}
                {checkpoint.name && `, ${checkpoint.name}`}
              </th>
              <td>{checkpoint.nameA}</td>
              <td>{checkpoint.nameB}</td>
              <td>{checkpoint.joint}</td>
            </tr>
          ))}
        </tbody>
      </Table>
    </section>
  );
}

function Drift({ interval, unit }: { interval: IntervalView; unit: 'CM' | 'INCH' }) {
  return interval.worstMm >= 1 ? (
    <span className="soft">Furthest from straight across: {difference(interval.worstMm, unit)}.</span>
  ) : null;
}
