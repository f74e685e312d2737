import { Link } from 'react-router';
import type { GarmentPlan, PiecePlan } from '../api/types';
import { Sign } from '../drawing/Signs';
import { KINDS } from './kinds';

const TITLES = {
  FINE: 'Nothing stands against joining it',
  REMIND: 'Look at this before you join it',
  STOP: 'An edge will not meet its partner',
} as const;
const STATES = { FINE: 'MATCHED', REMIND: 'EASE_EVENLY', STOP: 'STOP' } as const;

/** What was looked at on a piece, what is to be done, and the seams it matters to; beside its twin. */
export function PieceInspection({
  garmentId,
  plan,
  piece,
}: {
  garmentId: string;
  plan: GarmentPlan;
  piece: PiecePlan;
}) {
  const { verdict, checks } = piece.inspection;
  const seamName = (id: string) => plan.seams.find((seam) => seam.id === id)?.name ?? id;
  return (
    <section aria-label={`Inspection of the ${piece.name.toLowerCase()}`}>
      <h2>{piece.name}</h2>
      <p>{piece.size.words}</p>
      <p className="inspected">
        <Sign state={STATES[verdict]} size={26} /> <strong>{TITLES[verdict]}</strong>
      </p>
      {checks.length > 0 && (
        <ul className="checks">
          {checks.map((check) => (
            <li key={check.words}>
              <strong>{check.words}</strong> {check.remedy}
              {check.seams.length > 0 && (
                <span className="check-seams">
                  {check.seams.map((seam) => (
                    <Link key={seam} to={`/garments/${garmentId}/seam/${seam}`}>
                      {seamName(seam)}
                    </Link>
                  ))}
                </span>
              )}
            </li>
          ))}
        </ul>
      )}
      <TwinTable plan={plan} piece={piece} />
      <p className="soft">
        Also look yourself: is the right side marked, does it lean, were both worked alike?
      </p>
    </section>
  );
}

/** Run by run beside the piece that mirrors it. */
function TwinTable({ plan, piece }: { plan: GarmentPlan; piece: PiecePlan }) {
  const twin = plan.pieces.find((other) => other.id === piece.mirrorOf || other.mirrorOf === piece.id);
  if (!twin) {
    return null;
  }
  const rows = piece.edges.flatMap((edge) =>
    edge.runs.map((run) => ({
      edge,
      run,
      other: twin.edges.find((like) => like.id === edge.id)?.runs.find((like) => like.id === run.id),
    })),
  );
  const unlike = rows.filter(({ run, other }) => other && other.count !== run.count).length;
  return (
    <details open={unlike > 0}>
      <summary>
        Beside the {twin.name.toLowerCase()}: {unlike === 0 ? 'alike' : `${unlike} unlike`}
      </summary>
      <table className="table table-sm twins">
        <thead>
          <tr>
            <th scope="col">Edge</th>
            <th scope="col">{piece.name}</th>
            <th scope="col">{twin.name}</th>
          </tr>
        </thead>
        <tbody>
          {rows.map(({ edge, run, other }) => (
            <tr key={`${edge.id}${run.id}`} className={other && other.count !== run.count ? 'unlike' : ''}>
              <th scope="row">
                {edge.name}, {KINDS[run.kind][1]}
                {run.fabric === 'RIB' ? ' of rib' : ''}
              </th>
              <td>{run.count}</td>
              <td>
                {other?.count ?? 'none'}
                {other && other.count !== run.count ? ' (unlike)' : ''}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </details>
  );
}
