import { useQuery } from '@tanstack/react-query';
import { Button } from 'react-bootstrap';
import { rulesQuery } from '../api/garments';
import type { Change, RuleEntry } from '../api/types';
import { figure, type Unit } from '../format';
import { useEditor } from '../shell/GarmentPage';
import { Loading } from '../shell/Messages';
import { SavedField } from '../shell/SavedField';
import { readable, reading } from './ruleUnits';

/** The numbers of judgement of this garment: what the house takes, why, where it is used, and what the maker takes instead. */
export function RulesView() {
  const { garment, change } = useEditor();
  const { data: rules } = useQuery(rulesQuery);
  if (!rules) {
    return <Loading what="Fetching the rules…" />;
  }
  const own = new Map(garment.plan.rules.map(({ rule, value }) => [rule, value]));
  return (
    <div className="rules">
      <h1>House rules</h1>
      <p className="soft">
        Numbers of judgement, not standards. What you set holds for this garment;{' '}
        {own.size === 0 ? 'all' : 'the others'} are as the house has them.
      </p>
      <ul>
        {rules.map((rule) => (
          <Rule
            key={`${rule.rule} ${own.get(rule.rule) ?? ''}`}
            rule={rule}
            value={own.get(rule.rule)}
            unit={garment.plan.unit}
            onChange={(sent) => void change([sent])}
          />
        ))}
      </ul>
    </div>
  );
}

interface RuleProps {
  rule: RuleEntry;
  value: number | undefined;
  unit: Unit;
  onChange: (change: Change) => void;
}

export function Rule({ rule, value, unit, onChange }: RuleProps) {
  const { factor, word } = reading(rule.unit, unit);
  const shown = (number: number) => readable(number, rule, unit);
  const withUnit = (number: number) => `${shown(number)} ${word}`.trim();
  const wrong = (text: string) => {
    const typed = figure(text) / factor;
    return typed >= rule.least && typed <= rule.most
      ? undefined
      : `From ${withUnit(rule.least)} to ${withUnit(rule.most)}.`;
  };
  return (
    <li className={value === undefined ? '' : 'own'}>
      <SavedField
        id={rule.rule}
        label={rule.words}
        shown={shown(value ?? rule.usual)}
        wrong={wrong}
        onSave={(text) =>
          onChange(
            text === ''
              ? { kind: 'RULE_CHANGED', rule: rule.rule }
              : { kind: 'RULE_CHANGED', rule: rule.rule, value: figure(text) / factor },
          )
        }
      >
        <span>{word}</span>
      </SavedField>
      <p>
        {rule.why} <span className="soft">{rule.used}.</span>
      </p>
      {value === undefined ? (
        <p className="soft">The house’s own.</p>
      ) : (
        <Button
          variant="outline-dark"
          size="sm"
          onClick={() => onChange({ kind: 'RULE_CHANGED', rule: rule.rule })}
        >
          Take the house’s {withUnit(rule.usual)} again
        </Button>
      )}
    </li>
  );
}
