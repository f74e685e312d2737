import { Form } from 'react-bootstrap';
import { Link } from 'react-router';
import type { MethodEntry } from '../api/types';
import { length, yarnLength } from '../format';
import type { GarmentEditor } from '../shell/useGarment';

/** Each seam: length times factor and tails, beside the rule of thumb; and the yarn it is joined with. */
export function SeamStrands({ editor, catalogue }: { editor: GarmentEditor; catalogue: MethodEntry[] }) {
  const { garment, change } = editor;
  const { plan } = garment;
  const { seams, yarns, withoutMethod } = plan.yarn;
  const seam = (id: string) => plan.seams.find((candidate) => candidate.id === id)!;
  const total = seams.reduce((sum, each) => sum + each.neededMm, 0);
  return (
    <section aria-label="Yarn of each seam">
      <h2>What each seam takes</h2>
      <table className="table strands">
        <thead>
          <tr>
            <th scope="col">Seam</th>
            <th scope="col" className="num">
              Length × factor
            </th>
            <th scope="col" className="num">
              Needs
            </th>
            <th scope="col" className="num">
              Twice it
            </th>
          </tr>
        </thead>
        <tbody>
          {seams.map((each) => (
            <tr key={each.seam}>
              <th scope="row">
                <Link to={`/garments/${garment.id}/seam/${each.seam}`}>{seam(each.seam).name}</Link>
                <p>{each.words}</p>
                {yarns.length > 1 && (
                  <Form.Select
                    size="sm"
                    aria-label={`Yarn for ${seam(each.seam).name.toLowerCase()}`}
                    value={each.told ? each.yarn : ''}
                    onChange={(event) =>
                      void change([
                        {
                          kind: 'SEAM_YARNED',
                          seam: each.seam,
                          ...(event.target.value ? { yarn: event.target.value } : {}),
                        },
                      ])
                    }
                  >
                    <option value="">
                      yarn of its pieces
                      {!each.told && each.yarn
                        ? `: ${yarns.find(({ id }) => id === each.yarn)?.yarn.name}`
                        : ''}
                    </option>
                    {yarns.map(({ id, yarn }) => (
                      <option key={id} value={id}>
                        {yarn.name}
                      </option>
                    ))}
                  </Form.Select>
                )}
              </th>
              <td className="num">
                {length(each.lengthMm, plan.unit)} × {each.factor.toFixed(1)}
                {each.measured > 0 && <span className="soft"> yours</span>}
              </td>
              <td className="num">
                <strong>{yarnLength(each.neededMm, plan.unit)}</strong>
              </td>
              <td className="num soft">{yarnLength(each.twiceMm, plan.unit)}</td>
            </tr>
          ))}
        </tbody>
        <tfoot>
          <tr>
            <th scope="row">All</th>
            <td />
            <td className="num">
              <strong>{yarnLength(total, plan.unit)}</strong>
            </td>
            <td />
          </tr>
        </tfoot>
      </table>
      {withoutMethod.length > 0 && (
        <p>
          Not reckoned, as no method is chosen:{' '}
          {withoutMethod.map((id) => seam(id).name.toLowerCase()).join(', ')}.{' '}
          <Link to={`/garments/${garment.id}/joins`}>Choose</Link>
        </p>
      )}
      <p className="soft">
        “Twice it” is the rule of thumb. Factors of {catalogue.length} methods are starting values for worsted
        yarn until you measure your own.
      </p>
    </section>
  );
}
