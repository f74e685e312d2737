/** An id of the maker's own that none of these has. */
export function freeId(taken: { id: string }[]): string {
  const ids = new Set(taken.map((one) => one.id));
  let number = 1;
  while (ids.has(`own.${number}`)) {
    number += 1;
  }
  return `own.${number}`;
}
