/** A rectangle on the screen, y downwards. */
export interface Rect {
  left: number;
  right: number;
  top: number;
  bottom: number;
}

export function apart(one: Rect, other: Rect): boolean {
  return one.right < other.left || other.right < one.left || one.bottom < other.top || other.bottom < one.top;
}
