export const WIDTH = 360;
export const HEIGHT = 230;
/** Stitches drawn, and how wide each is. */
export const STITCHES = 6;
export const STITCH = 50;
export const LEFT = (WIDTH - STITCHES * STITCH) / 2;

/** The middle of a stitch. */
export function middle(stitch: number): number {
  return LEFT + (stitch + 0.5) * STITCH;
}
