import { Form } from 'react-bootstrap';
import { figure } from '../format';

interface Props {
  label: string;
  value: number | undefined;
  step?: number;
  placeholder?: string;
  onFigure: (value: number) => void;
  /** When it is emptied; without this an empty field keeps its figure. */
  onNone?: () => void;
}

/** A figure in a line of words, saved when it is left or on Enter. */
export function Figure({ label, value, step = 1, placeholder, onFigure, onNone }: Props) {
  return (
    <Form.Control
      key={String(value)}
      size="sm"
      type="number"
      step={step === 1 ? 1 : 'any'}
      aria-label={label}
      defaultValue={value === undefined ? undefined : Math.round(value * 100) / 100}
      {...(placeholder ? { placeholder } : {})}
      onBlur={(event) => {
        const text = event.target.value;
        const now = figure(text);
        if (text.trim() === '') {
          if (onNone && value !== undefined) {
            onNone();
          } else if (value !== undefined) {
            event.target.value = String(value);
          }
        } else if (Number.isFinite(now) && now !== Math.round((value ?? Number.NaN) * 100) / 100) {
          onFigure(step === 1 ? Math.round(now) : now);
        }
      }}
      onKeyDown={(event) => event.key === 'Enter' && (event.target as HTMLInputElement).blur()}
    />
  );
}
