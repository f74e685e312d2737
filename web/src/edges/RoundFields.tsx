import { Button, Form } from 'react-bootstrap';
import bounds from '../api/bounds.json';
import type { Round, Terms } from '../api/types';
import { Figure } from './Figure';
import { stitchName, usualRound } from './strips';

interface Props {
  rounds: Round[];
  terms: Terms;
  onRounds: (rounds: Round[]) => void;
}

/** The rounds from the garment outwards, each of its stitch, how wide and how high one is. */
export function RoundFields({ rounds, terms, onRounds }: Props) {
  const last = rounds.at(-1);
  const set = (index: number, changed: Partial<Round>) =>
    onRounds(rounds.map((round, i) => (i === index ? { ...round, ...changed } : round)));
  return (
    <div className="rounds">
      <p className="soft">
        Each round: its stitch, how wide and how high one is, in mm, and whether the work is turned before it.
      </p>
      {rounds.map((round, index) => (
        <div className="line" key={index}>
          <span>{index + 1}</span>
          <Form.Select
            size="sm"
            aria-label={`Stitch of round ${index + 1}`}
            value={round.stitch}
            onChange={(event) => set(index, usualRound(event.target.value as Round['stitch'], round.widthMm))}
          >
            {bounds.stitches.map(({ stitch }) => (
              <option key={stitch} value={stitch}>
                {stitchName(stitch as Round['stitch'], terms)}
              </option>
            ))}
          </Form.Select>
          <Figure
            label={`Width in mm, round ${index + 1}`}
            value={round.widthMm}
            step={0.1}
            onFigure={(widthMm) => set(index, { widthMm })}
          />
          <span>×</span>
          <Figure
            label={`Height in mm, round ${index + 1}`}
            value={round.heightMm}
            step={0.1}
            onFigure={(heightMm) => set(index, { heightMm })}
          />
          <Form.Check
            type="checkbox"
            id={`turned-${index}`}
            label="turned"
            checked={round.turned}
            onChange={(event) => set(index, { turned: event.target.checked })}
          />
        </div>
      ))}
      <div className="line">
        <Button
          variant="outline-dark"
          size="sm"
          disabled={rounds.length >= bounds.rounds}
          onClick={() => last && onRounds([...rounds, last])}
        >
          One round more
        </Button>
        <Button
          variant="outline-dark"
          size="sm"
          disabled={rounds.length < 2}
          onClick={() => onRounds(rounds.slice(0, -1))}
        >
          One fewer
        </Button>
      </div>
    </div>
  );
}
