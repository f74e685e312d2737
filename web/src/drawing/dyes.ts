import type { Dye } from '../api/types';

interface Shade {
  base: string;
  stitch: string;
  text: string;
}

/** Yarn colours: the cloth, its stitches, and the text that reads best on it (computed contrast). */
const SHADES: Record<Dye, { base: string; stitch: string }> = {
  WOAD: { base: '#22506f', stitch: '#2f6285' },
  MADDER: { base: '#8e2a2b', stitch: '#a13a39' },
  WELD: { base: '#ddaf2b', stitch: '#c99a1a' },
  LICHEN: { base: '#4b6328', stitch: '#5d7636' },
  MULBERRY: { base: '#6b2a5b', stitch: '#7f3b6f' },
  IRON: { base: '#3a4450', stitch: '#4b5663' },
  LINEN: { base: '#e4ddc6', stitch: '#d3caad' },
};

const LINEN_TEXT = '#fbf8ee';
const INK_TEXT = '#1b2330';

function channel(hex: string, at: number): number {
  const value = parseInt(hex.slice(at, at + 2), 16) / 255;
  return value <= 0.03928 ? value / 12.92 : ((value + 0.055) / 1.055) ** 2.4;
}

function luminance(hex: string): number {
  return 0.2126 * channel(hex, 1) + 0.7152 * channel(hex, 3) + 0.0722 * channel(hex, 5);
}

export function contrast(one: string, other: string): number {
  const [light, dark] = [luminance(one), luminance(other)].sort((a, b) => b - a);
  return ((light ?? 0) + 0.05) / ((dark ?? 0) + 0.05);
}

export function shade(dye: Dye): Shade {
  const { base, stitch } = SHADES[dye];
  const text = contrast(base, LINEN_TEXT) >= contrast(base, INK_TEXT) ? LINEN_TEXT : INK_TEXT;
  return { base, stitch, text };
}

/** All dyes, as they are offered. */
export const DYES = Object.keys(SHADES) as Dye[];

/** "Weld". */
export function dyeWord(dye: Dye): string {
  return dye.charAt(0) + dye.slice(1).toLowerCase();
}
