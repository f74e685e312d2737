import bounds from '../api/bounds.json';
import type { Change, OpeningPlan, Round, Strip, StripPlan, Terms } from '../api/types';

type Stitch = Round['stitch'];

/** The server gives an id to what is added. */
const NOT_GIVEN = '';

export function stitchName(stitch: Stitch, terms: Terms): string {
  const entry = bounds.stitches.find((each) => each.stitch === stitch)!;
  return terms === 'US' ? entry.us : entry.uk;
}

/** A round as such a stitch of that width usually comes out. */
export function usualRound(stitch: Stitch, widthMm: number): Round {
  const { heightInWidths } = bounds.stitches.find((each) => each.stitch === stitch)!;
  return { stitch, widthMm, heightMm: Math.round(widthMm * heightInWidths * 100) / 100, turned: false };
}

/** One round of single crochet along a whole opening, to begin with. */
export function firstStrip(opening: OpeningPlan): Strip {
  const width = Math.round(opening.stitchMm * 100) / 100;
  return {
    id: NOT_GIVEN,
    name: `${opening.name} edging`,
    from: opening.start,
    rounds: [usualRound('SC', width)],
    multiple: { of: 1, more: 0 },
    straightOn: true,
    trims: {},
  };
}

/** One round of single crochet onto another edging, to begin with. */
export function nextStrip(under: StripPlan): Strip {
  const width = under.strip.rounds.at(-1)?.widthMm ?? under.strip.band?.rowMm ?? 6;
  return {
    id: NOT_GIVEN,
    name: `${under.strip.name}, next`,
    from: under.outer.start,
    ...(under.outer.end ? { to: under.outer.end } : {}),
    rounds: [usualRound('SC', width)],
    multiple: { of: 1, more: 0 },
    straightOn: true,
    trims: {},
  };
}

export function added(strip: Strip): Change {
  return { kind: 'STRIP_ADDED', strip };
}

export function told(strip: Strip, changed: Partial<Strip>): Change {
  return { kind: 'STRIP_TOLD', strip: { ...strip, ...changed } };
}

/** What names an opening among all openings. */
export function openingKey(id: OpeningPlan['id'] | undefined): string | undefined {
  return id && JSON.stringify([id.piece, id.edge, id.stretch]);
}

/** The edging on an opening, or the one chosen; what belongs to a piece lies on no opening. */
export function chosenStrip(strips: StripPlan[], opening: string | undefined, id: string | undefined) {
  return strips.find((strip) => strip.id === id) ?? onOpening(strips, opening);
}

export function onOpening(strips: StripPlan[], opening: string | undefined) {
  return strips.find((strip) => strip.on && openingKey(strip.on) === opening);
}

/** Its rounds without the row that is worked while a seam is joined. */
export function byThemselves({ rounds, row }: StripPlan) {
  return row?.joining ? rounds.slice(0, -1) : rounds;
}
