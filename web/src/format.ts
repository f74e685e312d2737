/** The one place where the front end turns numbers into words; sentences come from the server. */

export type Unit = 'CM' | 'INCH';

const MM_PER_CM = 10;
const MM_PER_INCH = 25.4;
const QUARTERS = ['', '¼', '½', '¾'];

export function length(mm: number, unit: Unit): string {
  if (unit === 'CM') {
    return `${trimmed(mm / MM_PER_CM)} cm`;
  }
  const quarters = Math.round((mm / MM_PER_INCH) * 4);
  const whole = Math.floor(quarters / 4);
  const part = QUARTERS[quarters % 4] ?? '';
  return `${whole === 0 && part !== '' ? '' : whole}${part} in`;
}

const LONG_YARN_MM = 3000;
const MM_PER_YARD = 914.4;

/** A length of yarn: as it is cut while short, in metres or yards once it is long. */
export function yarnLength(mm: number, unit: Unit): string {
  if (mm < LONG_YARN_MM) {
    return length(mm, unit);
  }
  return unit === 'CM' ? `${trimmed(mm / 1000)} m` : `${trimmed(mm / MM_PER_YARD)} yd`;
}

export function difference(mm: number, unit: Unit): string {
  return unit === 'CM' ? `${Math.round(mm)} mm` : `${(mm / MM_PER_INCH).toFixed(2)} in`;
}

export function percent(share: number): string {
  return `${(share * 100).toFixed(1)} %`;
}

export function trimmed(value: number): string {
  const text = value.toFixed(1);
  return text.endsWith('.0') ? text.slice(0, -2) : text;
}

const COUNTS = ['No', 'One', 'Two', 'Three', 'Four', 'Five', 'Six', 'Seven', 'Eight', 'Nine', 'Ten'];

/** A number in letters at the start of a line, up to ten. */
export function counted(n: number): string {
  return COUNTS[n] ?? String(n);
}

export function plural(n: number, one: string, many: string): string {
  return n === 1 ? one : many;
}

/** "1 row", "2 rows". */
export function count(n: number, one: string, many = `${one}s`): string {
  return `${n} ${plural(n, one, many)}`;
}

/** A figure as it is typed, with a point or a comma. */
export function figure(text: string): number {
  return Number(text.trim().replace(',', '.'));
}

/** Mm in one of the maker’s unit. */
export function mmPer(unit: Unit): number {
  return unit === 'CM' ? MM_PER_CM : MM_PER_INCH;
}

/** What a length typed in the maker’s unit is in mm. */
export function toMm(text: string, unit: Unit): number {
  return figure(text) * mmPer(unit);
}
