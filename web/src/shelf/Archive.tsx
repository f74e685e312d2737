import { useQuery } from '@tanstack/react-query';
import { Button } from 'react-bootstrap';
import { archiveQuery } from '../api/garments';
import type { Summary } from '../api/types';

/** What was put away and can be put back. */
export function Archive({ onPutBack }: { onPutBack: (garment: Summary) => void }) {
  const query = useQuery(archiveQuery);
  const garments = query.data ?? [];
  if (garments.length === 0) {
    return null;
  }
  return (
    <details className="archive">
      <summary>{garments.length} in the archive</summary>
      <ul>
        {garments.map((garment) => (
          <li key={garment.id}>
            <span>{garment.name}</span>
            <Button variant="outline-dark" onClick={() => onPutBack(garment)}>
              Put it back on the shelf
            </Button>
          </li>
        ))}
      </ul>
    </details>
  );
}
