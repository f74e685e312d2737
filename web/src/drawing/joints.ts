import type { SeamPlan } from '../api/types';

/** One joint; −1 for a seam place. {@code group} is its size on the finer side. */
export interface Joint {
  a: number;
  b: number;
  interval: number;
  p: number;
  q: number;
  indexInGroup: number;
}

/** The plan's run-length coded groups, joint by joint in the seam's direction. */
export function expand(seam: SeamPlan): Joint[] {
  const joints: Joint[] = [];
  let next = 0;
  for (const anchor of seam.anchors) {
    if (anchor.joins) {
      const a = anchor.a % 2 === 1 ? (anchor.a - 1) / 2 : -1;
      const b = anchor.b % 2 === 1 ? (anchor.b - 1) / 2 : -1;
      joints.push({ a, b, interval: -1, p: 1, q: 1, indexInGroup: 0 });
    }
    // A part of an interval begins at a split, which is no anchor and has no id.
    for (
      let interval = seam.intervals[next];
      interval && (interval.start === anchor.id || interval.start === '');
      interval = seam.intervals[next]
    ) {
      joints.push(...expandInterval(interval.groups, interval.aFrom, interval.bFrom, next));
      next += 1;
    }
  }
  return joints;
}

function expandInterval(groups: number[][], aFrom: number, bFrom: number, interval: number): Joint[] {
  const joints: Joint[] = [];
  let a = aFrom;
  let b = bFrom;
  for (const [p = 1, q = 1, times = 1] of groups) {
    for (let repeat = 0; repeat < times; repeat += 1) {
      // A place passed over has no joint.
      for (let k = 0; k < Math.max(p, q) && p * q > 0; k += 1) {
        joints.push({ a: p === 1 ? a : a + k, b: q === 1 ? b : b + k, interval, p, q, indexInGroup: k });
      }
      a += p;
      b += q;
    }
  }
  return joints;
}

/** The group size that is rarer in an interval, or none when all are alike or equally many. */
export function rareSize(groups: number[][]): number | undefined {
  const counts = new Map<number, number>();
  for (const [p = 1, q = 1, times = 1] of groups) {
    const size = Math.max(p, q);
    counts.set(size, (counts.get(size) ?? 0) + times);
  }
  const sorted = [...counts.entries()].sort((one, other) => one[1] - other[1]);
  return sorted.length > 1 ? sorted[0]![0] : undefined;
}
