import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Button } from 'react-bootstrap';
import { repairsQuery } from '../api/garments';
import type { Repair, SeamPlan } from '../api/types';
import type { GarmentEditor } from '../shell/useGarment';
import { TryIt } from './TryIt';

const EFFORT = {
  NONE: 'No extra work',
  LITTLE: 'Little work',
  SOME: 'Some work',
  MUCH: 'Much work',
} as const;

/** Every repair that applies to a seam, best first, each to be tried before it is taken. */
export function Repairs({ seam, editor }: { seam: SeamPlan; editor: GarmentEditor }) {
  const { garment } = editor;
  const { data } = useQuery(repairsQuery(garment.id, garment.version, seam.id));
  const [tried, setTried] = useState<Repair>();
  if (!data || data.repairs.length === 0) {
    return null;
  }
  return (
    <section className="repairs" aria-label="Repairs">
      <h2>What would make it meet</h2>
      <p className="soft">Best first. Nothing is saved until you have seen it and keep it.</p>
      <ol>
        {data.repairs.map((repair) => (
          <li key={repair.title}>
            <h3>{repair.title}</h3>
            <p>{repair.words}</p>
            <p className="soft">
              <strong className={`effort effort-${repair.effort.toLowerCase()}`}>
                {EFFORT[repair.effort]}.
              </strong>{' '}
              {repair.effortWords} Risk: {repair.risk}
            </p>
            <Button variant="outline-dark" onClick={() => setTried(repair)}>
              Try it
            </Button>
          </li>
        ))}
      </ol>
      {tried && <TryIt repair={tried} seam={seam} editor={editor} onClose={() => setTried(undefined)} />}
    </section>
  );
}
