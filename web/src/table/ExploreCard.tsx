import { Button } from 'react-bootstrap';
import type { GarmentEditor } from '../shell/useGarment';
import { DepthStop } from './DepthStop';
import type { Explore } from './useExplore';

const MOST_EFFECTS = 12;

/** What follows from what is dragged; kept or dropped here. */
export function ExploreCard({ editor, explore }: { editor: GarmentEditor; explore: Explore }) {
  const { plan } = editor.garment;
  const { tried, last, findings, refused } = explore;
  const handle = plan.handles.find((candidate) => candidate.id === last);
  const effects = tried?.effects ?? [];
  return (
    <aside className="strip explore" aria-label="Sizes tried out">
      <h1>{handle ? handle.name : 'Try other sizes'}</h1>
      <p className="soft">
        {handle
          ? `Tied: ${handle.tied}.`
          : 'Drag a yellow bead, or focus it and use the arrow keys. Nothing is saved until you keep it.'}
      </p>
      <div className="buttons">
        <Button disabled={!tried} onClick={() => void explore.keep()}>
          Keep these sizes
        </Button>
        <Button variant="outline-dark" onClick={explore.reset} disabled={!tried && findings.length === 0}>
          Back to the saved ones
        </Button>
      </div>
      {!tried && <DepthStop editor={editor} />}
      {effects.length > 0 && <h2>What else changes</h2>}
      <div aria-live="polite">
        {refused && <p className="wrong">{refused}</p>}
        {findings.map((finding) => (
          <p key={finding.code} className="wrong">
            {finding.sentence} The last drawing that was possible is kept.
          </p>
        ))}
        <ul>
          {effects.slice(0, MOST_EFFECTS).map((effect) => (
            <li key={effect}>{effect}</li>
          ))}
        </ul>
        {effects.length > MOST_EFFECTS && <p className="soft">And {effects.length - MOST_EFFECTS} more.</p>}
      </div>
    </aside>
  );
}
