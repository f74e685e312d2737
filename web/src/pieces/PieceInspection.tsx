import { Link } from 'react-router';
import type { GarmentPlan, PiecePlan } from '../api/types';
import { Sign } from '../drawing/Signs';

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
      <TwinTable piece={piece} />
      <p className="soft">
        Also look yourself, with the piece lying flat: is the right side marked, were both worked alike?
      </p>
    </section>
  );
}

/** Run by run beside the piece that mirrors it. */
function TwinTable({ piece }: { piece: PiecePlan }) {
  const { twin } = piece.inspection;
  if (!twin) {
    return null;
  }
  const unlike = twin.rows.filter((row) => !row.alike).length;
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
          {twin.rows.map((row, index) => (
            <tr key={index} className={row.alike ? '' : 'unlike'}>
              <th scope="row">{row.words}</th>
              <td>{row.mine}</td>
              <td>
                {row.other}
                {row.alike ? '' : ' (unlike)'}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </details>
  );
}
