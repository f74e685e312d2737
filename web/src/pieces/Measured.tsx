import { figure, trimmed, type Unit } from '../format';
import { SavedField } from '../shell/SavedField';
import bounds from '../api/bounds.json';

const MM = { CM: 10, INCH: 25.4 } as const;
const WORDS = { CM: 'cm', INCH: 'in' } as const;

interface Props {
  value: number | undefined;
  unit: Unit;
  onSave: (mm: number | undefined) => void;
}

/** An edge's length by the tape; emptied, it is taken back. */
export function Measured({ value, unit, onSave }: Props) {
  const mm = (text: string) => figure(text) * MM[unit];
  return (
    <SavedField
      id="measured"
      label="Measured, blocked and lying flat"
      shown={value === undefined ? '' : trimmed(value / MM[unit])}
      wrong={(text) =>
        mm(text) >= 1 && mm(text) <= bounds.longestMm
          ? undefined
          : `A length above 0 and up to ${trimmed(bounds.longestMm / MM[unit])} ${WORDS[unit]}.`
      }
      onSave={(text) => onSave(text === '' ? undefined : mm(text))}
    >
      <span>{WORDS[unit]}</span>
    </SavedField>
  );
}
