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
      <p className="soft">Each round: its stitch, and how wide and how high one is, in mm.</p>
      {rounds.map((round, index) => (
        <div className="line round-line" key={index}>
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
          <RoundMore
            index={index}
            round={round}
            onRound={(changed) => onRounds(rounds.map((each, i) => (i === index ? changed : each)))}
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

const LOOPS = [
  { loop: 'RIGHT_SIDE', words: 'only the loop on the right side' },
  { loop: 'WRONG_SIDE', words: 'only the loop on the wrong side' },
] as const;

interface MoreProps {
  index: number;
  round: Round;
  onRound: (changed: Round) => void;
}

/** What few rounds need: turning, one loop only, another hook. */
function RoundMore({ index, round, onRound }: MoreProps) {
  const { loop, hookMm } = round;
  const bothLoops: Round = { ...round };
  delete bothLoops.loop;
  const usualHook: Round = { ...round };
  delete usualHook.hookMm;
  const told = [
    round.turned ? 'turned' : '',
    loop ? 'one loop' : '',
    hookMm === undefined ? '' : `hook ${hookMm}`,
  ].filter((word) => word);
  return (
    <details>
      <summary>{told.length > 0 ? told.join(', ') : 'more'}</summary>
      <div className="line">
        <Form.Check
          type="checkbox"
          id={`turned-${index}`}
          label="turn the work before it"
          checked={round.turned}
          onChange={(event) => onRound({ ...round, turned: event.target.checked })}
        />
        <Form.Select
          size="sm"
          aria-label={`Loops of round ${index + 1}`}
          value={loop ?? ''}
          onChange={(event) =>
            onRound(
              event.target.value
                ? { ...bothLoops, loop: event.target.value as NonNullable<Round['loop']> }
                : bothLoops,
            )
          }
        >
          <option value="">both loops</option>
          {LOOPS.map((each) => (
            <option key={each.loop} value={each.loop}>
              {each.words}
            </option>
          ))}
        </Form.Select>
        <span>hook</span>
        <Figure
          label={`Hook in mm, round ${index + 1}`}
          value={hookMm}
          step={0.1}
          placeholder="usual"
          onFigure={(mm) => onRound({ ...round, hookMm: mm })}
          onNone={() => onRound(usualHook)}
        />
        <span>mm</span>
      </div>
    </details>
  );
}
