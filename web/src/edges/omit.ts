/** All of it but what has one key. */
export function omit<T extends object>(of: T, key: keyof T): T {
  const left = { ...of };
  delete left[key];
  return left;
}
