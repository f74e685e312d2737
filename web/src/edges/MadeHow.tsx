import { Form } from 'react-bootstrap';
import type { StripPlan } from '../api/types';
import type { GarmentEditor } from '../shell/useGarment';
import { told, usualRound } from './strips';

interface Props {
  editor: GarmentEditor;
  strip: StripPlan;
  onChoose: (id: string) => void;
}

const BAND = { kind: 'NECKBAND' as const, widthMm: 40, rowMm: 5, workedOn: false };

/** Rounds, a band made separately, or a band worked on, which stands on a row of stitches where the edge has none. */
export function MadeHow({ editor, strip, onChoose }: Props) {
  const { band, ...plain } = strip.strip;
  const rounds = {
    ...plain,
    rounds: plain.rounds.length > 0 ? plain.rounds : [usualRound('SC', 6)],
  };
  const workedOn = () => {
    const wanted = { ...(band ?? BAND), workedOn: true };
    void editor
      .addStrip({ kind: 'BAND_WORKED_ON', strip: strip.id, band: wanted })
      .then((next) => onChoose(next ?? strip.id));
  };
  const ways = [
    {
      id: 'rounds',
      words: strip.round ? 'Rounds' : 'Rows',
      checked: !band,
      onPick: () => void editor.change([{ kind: 'STRIP_TOLD', strip: rounds }]),
    },
    {
      id: 'made-separately',
      words: 'A band, made separately and sewn on',
      checked: band !== undefined && !band.workedOn,
      onPick: () => void editor.change([told(strip.strip, { band: { ...(band ?? BAND), workedOn: false } })]),
    },
    {
      id: 'worked-on',
      words: 'A band, worked on sideways',
      checked: band !== undefined && band.workedOn,
      onPick: workedOn,
    },
  ];
  return (
    <div role="radiogroup" aria-label="Made separately or worked on">
      {ways.map(({ id, words, checked, onPick }) => (
        <Form.Check key={id} type="radio" id={id} label={words} checked={checked} onChange={onPick} />
      ))}
    </div>
  );
}
