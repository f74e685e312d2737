import { Form } from 'react-bootstrap';
import { Link } from 'react-router';
import type { CheckView, Fit, Measure, Wearer } from '../api/types';
import { figure, length, trimmed, mmPer } from '../format';
import { useEditor } from '../shell/GarmentPage';
import { SavedField } from '../shell/SavedField';
import './fit.css';
import { FIT_WORDS, MEASURES, VERDICT_WORDS, WEARER_WORDS } from './words';

/** Will it fit: who wears it, their measures, and each finished size held against them; with the cautions that follow. */
export function FitView() {
  const { garment, change } = useEditor();
  const { plan } = garment;
  const { wearer: checks } = plan;
  const { wearer, fit, measures, care } = plan.wearing;
  // What this garment is held against, and what was told before.
  const wanted = new Set<string>([
    ...plan.wearer.flatMap(({ asks }) => asks ?? []),
    ...measures.map(({ measure }) => measure),
  ]);
  const mmPerUnit = mmPer(plan.unit);
  const tight = checks.filter(({ verdict }) => verdict === 'TIGHT' || verdict === 'LONG').length;
  const asked = checks.filter(({ verdict }) => verdict === 'ASK').length;
  return (
    <div className="fit">
      <section aria-label="The wearer">
        <h1>Will it fit?</h1>
        <Form.Group controlId="wearer" className="inline-field">
          <Form.Label>It is for</Form.Label>
          <Form.Select
            value={wearer ?? ''}
            onChange={(event) => {
              const who = (event.target.value || undefined) as Wearer | undefined;
              void change([{ kind: 'WEARER_TOLD', ...(who ? { wearer: who, fit: fit ?? 'EASY' } : {}) }]);
            }}
          >
            <option value="">not told</option>
            {(Object.keys(WEARER_WORDS) as Wearer[]).map((who) => (
              <option key={who} value={who}>
                {WEARER_WORDS[who]}
              </option>
            ))}
          </Form.Select>
        </Form.Group>
        <Form.Group controlId="fit" className="inline-field">
          <Form.Label>and is to sit</Form.Label>
          <Form.Select
            value={fit ?? 'EASY'}
            disabled={!wearer}
            onChange={(event) =>
              void change([{ kind: 'WEARER_TOLD', wearer: wearer!, fit: event.target.value as Fit }])
            }
          >
            {(Object.keys(FIT_WORDS) as Fit[]).map((how) => (
              <option key={how} value={how}>
                {FIT_WORDS[how]}
              </option>
            ))}
          </Form.Select>
        </Form.Group>
        {MEASURES.filter(({ measure }) => wanted.has(measure)).map(({ measure, label, least, most }) => {
          const taken = measures.find((each) => each.measure === measure);
          const shown = taken ? trimmed(taken.mm / mmPerUnit) : '';
          return (
            <SavedField
              key={`${measure} ${shown}`}
              id={`measure-${measure}`}
              label={label}
              shown={shown}
              wrong={(text) => {
                const mm = figure(text) * mmPerUnit;
                return mm >= least && mm <= most
                  ? undefined
                  : `From ${length(least, plan.unit)} to ${length(most, plan.unit)}.`;
              }}
              onSave={(text) =>
                void change([
                  {
                    kind: 'WEARER_MEASURED',
                    measure: measure as Measure,
                    ...(text === '' ? {} : { mm: figure(text) * mmPerUnit }),
                  },
                ])
              }
            >
              <span>{plan.unit === 'CM' ? 'cm' : 'in'}</span>
            </SavedField>
          );
        })}
      </section>
      <section aria-label="Finished sizes">
        <h2>
          {tight > 0
            ? `${tight} of ${checks.length} will not`
            : asked > 0
              ? `${asked} of ${checks.length} still to be measured`
              : 'All of it will'}
        </h2>
        <p className="soft">
          Finished sizes: what the seams take is off, openings count as far as their edge stretches.
        </p>
        <ul className="fit-checks">
          {checks.map((check, index) => (
            <CheckLine key={index} check={check} garment={garment.id} name={seamName(check.before)} />
          ))}
        </ul>
        <h2>Mind</h2>
        <ul className="care">
          {care.map((words) => (
            <li key={words}>{words}</li>
          ))}
        </ul>
      </section>
    </div>
  );

  function seamName(id: string | undefined): string | undefined {
    return plan.seams.find((seam) => seam.id === id)?.name.toLowerCase();
  }
}

function CheckLine({
  check,
  garment,
  name,
}: {
  check: CheckView;
  garment: string;
  name: string | undefined;
}) {
  const wrong = check.verdict === 'TIGHT' || check.verdict === 'LONG';
  return (
    <li>
      <span className={`fit-verdict fit-${check.verdict.toLowerCase()}`}>{VERDICT_WORDS[check.verdict]}</span>
      <span>
        <strong>{check.what}</strong> {check.words}
        {wrong && name && (
          <>
            {' '}
            Mend it before the <Link to={`/garments/${garment}/seam/${check.before}`}>{name}</Link> is joined.
          </>
        )}
      </span>
    </li>
  );
}
