import { expect, test } from 'vitest';
import { wave } from './Ripple';

test('a wave is flat at both anchors and never higher than told', () => {
  for (const waves of [1, 4, 9]) {
    expect(wave(0, waves)).toBeCloseTo(0, 9);
    expect(wave(1, waves)).toBeCloseTo(0, 9);
    const heights = Array.from({ length: 400 }, (_, i) => Math.abs(wave(i / 400, waves)));
    expect(Math.max(...heights)).toBeLessThanOrEqual(1);
    expect(Math.max(...heights)).toBeGreaterThan(0.4);
  }
});

test('it crosses flat twice a wave', () => {
  let crossings = 0;
  for (let i = 1; i < 1000; i += 1) {
    crossings += wave((i - 0.5) / 1000, 4) * wave((i + 0.5) / 1000, 4) < 0 ? 1 : 0;
  }
  expect(crossings).toBe(7);
});
