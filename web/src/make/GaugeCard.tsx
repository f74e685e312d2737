import type { Asking } from './asking';
import { DrawnField } from './DrawnField';

interface Props {
  askings: Asking[];
  current: string | undefined;
  onCurrent: (key: string) => void;
}

/** Numbers that belong to no edge, counted on a swatch beside the pieces. */
export function GaugeCard({ askings, current, onCurrent }: Props) {
  return (
    <div className="gauge-card">
      <p className="display">{askings[0]?.question.groupTitle}</p>
      {askings.map((asking) => {
        const { key, label } = asking.question;
        return (
          <div key={key} className={current === key ? 'is-current' : ''}>
            <span aria-hidden="true">{label}</span>
            <DrawnField asking={asking} onCurrent={() => onCurrent(key)} />
          </div>
        );
      })}
    </div>
  );
}
