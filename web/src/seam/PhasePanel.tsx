import type { SeamPlan } from '../api/types';
import { difference } from '../format';

/** How repeats, ribs and stripes meet, pair by pair. */
export function PhasePanel({ seam, unit }: { seam: SeamPlan; unit: 'CM' | 'INCH' }) {
  if (seam.phases.length === 0) {
    return null;
  }
  return (
    <section aria-label="Repeats across the seam">
      <h2>Repeats across the seam</h2>
      {seam.phases.map((phase) => (
        <div key={phase.kind}>
          <p>{phase.words}</p>
          <ol className="phase-pairs">
            {phase.pairs.map((pair, index) => (
              <li key={index}>
                <span>{pair.meets ? 'meets' : pair.offMm > 0 ? 'lies too far on' : 'lies too early'}</span>
                <strong>{pair.meets ? '' : difference(Math.abs(pair.offMm), unit)}</strong>
              </li>
            ))}
          </ol>
        </div>
      ))}
    </section>
  );
}
