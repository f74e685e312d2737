import type { GarmentPlan, YarnSum } from '../api/types';
import { yarnLength } from '../format';
import { workKey } from '../shell/joined';

/** A yarn from seam to seam in the order of work: what each takes, and what is left then. */
export function YarnStages({ sum, plan }: { sum: YarnSum; plan: GarmentPlan }) {
  if (sum.stages.length === 0) {
    return null;
  }
  return (
    <details open={sum.runsOut !== undefined}>
      <summary>Step by step</summary>
      <table className="table table-sm strands">
        <thead>
          <tr>
            <th scope="col">In the order of work</th>
            <th scope="col" className="num">
              Takes
            </th>
            <th scope="col" className="num">
              Left then
            </th>
          </tr>
        </thead>
        <tbody>
          {sum.stages.map((stage) => (
            <tr key={workKey(stage.of)}>
              <th scope="row">{stage.name}</th>
              <td className="num">{yarnLength(stage.takesMm, plan.unit)}</td>
              <td className={`num${stage.leftMm !== undefined && stage.leftMm < 0 ? ' wrong' : ''}`}>
                {stage.leftMm === undefined
                  ? '–'
                  : stage.leftMm < 0
                    ? `lacks ${yarnLength(-stage.leftMm, plan.unit)}`
                    : yarnLength(stage.leftMm, plan.unit)}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </details>
  );
}
