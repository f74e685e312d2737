export interface Spot {
  text: string;
  x: number;
}

const CHAR_PX = 7.6;
const APART_PX = 12;

function half(spot: Spot): number {
  return (spot.text.length * CHAR_PX) / 2;
}

/**
 * Words on one line between two others at its ends: each as near to its place as the ones before it allow;
 * what finds no room is left out.
 */
export function spread(spots: Spot[], from: number, to: number): Spot[] {
  const kept: Spot[] = [];
  let free = from;
  for (const spot of [...spots].sort((one, other) => one.x - other.x)) {
    const x = Math.max(free + half(spot), Math.min(to - half(spot), spot.x));
    if (x + half(spot) <= to + 0.5 && Math.abs(x - spot.x) <= half(spot) + APART_PX) {
      kept.push({ text: spot.text, x });
      free = x + half(spot) + APART_PX;
    }
  }
  return kept;
}
