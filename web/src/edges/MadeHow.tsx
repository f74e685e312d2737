import { Form } from 'react-bootstrap';
import bounds from '../api/bounds.json';
import type { Change, Strip, StripPlan } from '../api/types';
import type { GarmentEditor } from '../shell/useGarment';
import { nextStrip, told, usualRound } from './strips';

interface Props {
  editor: GarmentEditor;
  strip: StripPlan;
  onChoose: (id: string) => void;
}

const BAND = { kind: 'NECKBAND' as const, widthMm: 40, rowMm: 5, workedOn: false };

/**
 * Rounds, a band made separately, or a band worked on. The last stands on stitches: where there are none a row of single crochet comes
 * first, with as many as the band's rows ask for.
 */
export function MadeHow({ editor, strip, onChoose }: Props) {
  const { band, ...plain } = strip.strip;
  const rounds = {
    ...plain,
    rounds: plain.rounds.length > 0 ? plain.rounds : [usualRound('SC', 6)],
  };
  const onStitches = strip.inner.every(({ kind }) => kind === 'STITCH_TOP');
  const workedOn = () => {
    const wanted: NonNullable<Strip['band']> = { ...(band ?? BAND), workedOn: true };
    if (onStitches) {
      void editor.change([told(strip.strip, { band: wanted })]);
      return;
    }
    const { usual: share, words } = bounds.bands.find(({ kind }) => kind === wanted.kind)!;
    const row = { ...rounds, rounds: [usualRound('SC', wanted.rowMm / share)], multiple: { of: 2, more: 0 } };
    const next = {
      ...nextStrip(strip, editor.garment.plan.strips),
      name: words.charAt(0).toUpperCase() + words.slice(1),
      band: wanted,
    };
    const changes: Change[] = [
      { kind: 'STRIP_TOLD', strip: row },
      { kind: 'STRIP_TOLD', strip: next },
    ];
    void editor.change(changes).then((done) => done && onChoose(next.id));
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
