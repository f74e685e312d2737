import type { SeamPlan } from '../api/types';
import './howto.css';
import { HowToPicture } from './HowToPicture';

const PART_WORDS: Record<NonNullable<SeamPlan['howTo']>['lines'][number]['part'], string> = {
  HOLD: 'Hold',
  TOOL: 'Take',
  START: 'Begin',
  JOINT: 'Each joint',
  CHECK: 'Now and then',
  END: 'End',
  LOOK: 'It looks',
};

/** How the chosen method is worked, as a picture of the loops that are taken and in words. */
export function HowTo({ seam }: { seam: SeamPlan }) {
  if (!seam.howTo) {
    return null;
  }
  return (
    <div className="how-to">
      <HowToPicture seam={seam} howTo={seam.howTo} />
      <dl>
        {seam.howTo.lines.map(({ part, words }) => (
          <div key={part}>
            <dt>{PART_WORDS[part]}</dt>
            <dd>{words}</dd>
          </div>
        ))}
      </dl>
    </div>
  );
}
