import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Button } from 'react-bootstrap';
import { Link } from 'react-router';
import { joiningRowsQuery } from '../api/garments';
import type { Repair, SeamPlan } from '../api/types';
import type { GarmentEditor } from '../shell/useGarment';
import { TryIt } from './TryIt';

/** The row a seam is joined with while it is worked, or the rows that could be kept back for it. */
export function JoiningRows({ seam, editor }: { seam: SeamPlan; editor: GarmentEditor }) {
  const { garment } = editor;
  const strip = garment.plan.strips.find(({ row }) => row?.parts.some((part) => part.seam === seam.id));
  const row = strip?.row;
  const { data } = useQuery({ ...joiningRowsQuery(garment.id, garment.version, seam.id), enabled: !row });
  const [tried, setTried] = useState<Repair>();
  if (row) {
    return (
      <section className="repairs" aria-label="Joined while a row is worked">
        <h2>Joined while a row is worked</h2>
        <p>
          {row.words} {row.adds} <Link to={`../edges?edging=${strip!.id}`}>See its stitches</Link>
        </p>
        {row.wrongSide && (
          <p className="wrong">It is a row of the wrong side, if row 1 was one of the right side.</p>
        )}
      </section>
    );
  }
  if (!data || data.repairs.length === 0) {
    return null;
  }
  return (
    <section className="repairs" aria-label="Join it while a row is worked">
      <details>
        <summary>Join it while a row is worked</summary>
        <ol>
          {data.repairs.map((offer) => (
            <li key={offer.title}>
              <h3>{offer.title}</h3>
              <p>{offer.words}</p>
              <p className="soft">
                {offer.effortWords} Risk: {offer.risk}
              </p>
              <Button variant="outline-dark" onClick={() => setTried(offer)}>
                Try it
              </Button>
            </li>
          ))}
        </ol>
      </details>
      {tried && <TryIt repair={tried} seam={seam} editor={editor} onClose={() => setTried(undefined)} />}
    </section>
  );
}
