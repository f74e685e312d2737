import { Button, Form } from 'react-bootstrap';
import { useState } from 'react';
import type { Strip, StripPlan } from '../api/types';

/** Where the strip runs: all the way round, or from the start of one stretch to the end of another. */
export function Along({ strip, onAlong }: { strip: StripPlan; onAlong: (changed: Partial<Strip>) => void }) {
  const [from, setFrom] = useState(0);
  const [to, setTo] = useState(strip.inner.length - 1);
  const pick = (label: string, value: number, onPick: (index: number) => void) => (
    <Form.Select
      size="sm"
      aria-label={label}
      value={value}
      onChange={(event) => onPick(Number(event.target.value))}
    >
      {strip.inner.map((inner, index) => (
        <option key={index} value={index}>
          {index + 1}. {inner.name}
        </option>
      ))}
    </Form.Select>
  );
  if (!strip.round) {
    return (
      <p className="soft">
        In rows, from {strip.inner[0]!.name.toLowerCase()} to {strip.inner.at(-1)!.name.toLowerCase()}.
      </p>
    );
  }
  return (
    <details>
      <summary>All the way round. Only a part of it?</summary>
      <div className="line">
        from {pick('First stretch', from, setFrom)} to {pick('Last stretch', to, setTo)}
        <Button
          variant="outline-dark"
          size="sm"
          onClick={() => onAlong({ from: strip.inner[from]!.start, to: strip.inner[to]!.end })}
        >
          Only there
        </Button>
      </div>
    </details>
  );
}
