import { Button } from 'react-bootstrap';
import { Link } from 'react-router';
import type { GarmentEditor } from '../shell/useGarment';

/** What was told and has no place on the garment as it is now: kept until its place is back, or it is removed. */
export function GoneList({ editor }: { editor: GarmentEditor }) {
  const { garment, change } = editor;
  const { gone } = garment.plan;
  if (gone.length === 0) {
    return null;
  }
  return (
    <section aria-label="Without a place now">
      <h2>Without a place now</h2>
      <p className="soft">Kept, and back as soon as its place is. Put the answer back, or remove it.</p>
      <ul className="gone-list">
        {gone.map(({ key, of, words, why }) => (
          <li key={key}>
            <p>
              {words} {why.join(' ')}
            </p>
            {of?.strip && <Link to={`/garments/${garment.id}/edges`}>Lay it on another edge</Link>}
            <Button
              size="sm"
              variant="outline-dark"
              aria-label={`Remove: ${words}`}
              onClick={() => void change([{ kind: 'GONE_REMOVED', gone: key }])}
            >
              Remove
            </Button>
          </li>
        ))}
      </ul>
      {gone.filter(({ of }) => !of).length > 1 && (
        <Button variant="outline-dark" onClick={() => void change([{ kind: 'GONE_SETTINGS_DROPPED' }])}>
          Remove decisions without a place
        </Button>
      )}
    </section>
  );
}
