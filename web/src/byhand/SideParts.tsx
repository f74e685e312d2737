import { Button, Form } from 'react-bootstrap';
import type { FreePart } from '../api/types';
import type { SeamDraft, SideKey } from './useSeamDraft';

interface Props {
  draft: SeamDraft;
  side: SideKey;
  parts: FreePart[];
  label: string;
  /** What may be chosen first: the likeliest partners. */
  likely: number[];
}

/** The edges of one side in the order in which they are joined, as a list; pointing at the pieces does the same. */
export function SideParts({ draft, side, parts, label, likely }: Props) {
  const slots = draft.sides[side];
  const others = parts.map((_, index) => index).filter((index) => !likely.includes(index));
  return (
    <div className={`side-parts ${draft.aim === side ? 'is-aimed' : ''}`} onFocus={() => draft.setAim(side)}>
      {slots.map((slot, index) => (
        <Form.Group key={index} controlId={`by-hand-${side}-${index}`}>
          <Form.Label>{index === 0 ? label : `and then, ${index + 1}`}</Form.Label>
          <div className="side-part">
            <Form.Select
              value={slot.part ?? ''}
              onChange={(event) =>
                draft.choose(side, index, event.target.value === '' ? undefined : Number(event.target.value))
              }
            >
              <option value="">Choose an edge, or point at it</option>
              {likely.map((part) => (
                <option key={part} value={part}>
                  {parts[part]?.words}
                </option>
              ))}
              {others.map((part) => (
                <option key={part} value={part}>
                  {parts[part]?.words}
                </option>
              ))}
            </Form.Select>
            {slots.length > 1 && (
              <Button
                variant="outline-dark"
                aria-label={`Leave out part ${index + 1}`}
                onClick={() => draft.fewer(side, index)}
              >
                ×
              </Button>
            )}
          </div>
          {slot.part !== undefined && (side === 'b' || slots.length > 1) && (
            <Form.Check
              id={`by-hand-${side}-${index}-turned`}
              label={slots.length > 1 ? 'the other way along it' : 'the other way round: it would be twisted'}
              checked={slot.turned}
              onChange={() => draft.turn(side, index)}
            />
          )}
        </Form.Group>
      ))}
      <button type="button" className="text-button" onClick={() => draft.more(side)}>
        Another edge after it
      </button>
    </div>
  );
}
