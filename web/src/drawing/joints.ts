import type { IntervalView, SeamPlan } from '../api/types';

/**
 * A place of A that meets a place of B; −1 for a seam place. {@code joint} counts through the seam: several pairs of one
 * group may be one joint. {@code p} and {@code q} are the size of its group.
 */
export interface Pair {
  a: number;
  b: number;
  joint: number;
  interval: number;
  p: number;
  q: number;
  indexInGroup: number;
}

/** The plan’s run-length coded groups, pair by pair in the seam’s direction. */
export function expand(seam: SeamPlan): Pair[] {
  const pairs: Pair[] = [];
  let next = 0;
  let joint = 0;
  for (const anchor of seam.anchors) {
    if (anchor.joins) {
      const a = anchor.a % 2 === 1 ? (anchor.a - 1) / 2 : -1;
      const b = anchor.b % 2 === 1 ? (anchor.b - 1) / 2 : -1;
      pairs.push({ a, b, joint, interval: -1, p: 1, q: 1, indexInGroup: 0 });
      joint += 1;
    }
    // A part of an interval begins at a split, which is no anchor and has no id.
    for (
      let interval = seam.intervals[next];
      interval && (interval.start === anchor.id || interval.start === '');
      interval = seam.intervals[next]
    ) {
      joint = expandInterval(interval, next, joint, pairs);
      next += 1;
    }
  }
  return pairs;
}

/** Adds the pairs of an interval; the number of the joint behind it. */
function expandInterval(plan: IntervalView, interval: number, firstJoint: number, pairs: Pair[]): number {
  let a = plan.aFrom;
  let b = plan.bFrom;
  let joint = firstJoint;
  plan.groups.forEach(([p = 1, q = 1, times = 1], index) => {
    // A place passed over has no joint.
    const size = p * q > 0 ? Math.max(p, q) : 0;
    const joints = plan.groupJoints[index] ?? size;
    for (let repeat = 0; repeat < times; repeat += 1) {
      for (let k = 0; k < size; k += 1) {
        pairs.push({
          a: p === 1 ? a : a + k,
          b: q === 1 ? b : b + k,
          joint: joint + Math.min(k, joints - 1),
          interval,
          p,
          q,
          indexInGroup: k,
        });
      }
      joint += joints;
      a += p;
      b += q;
    }
  });
  return joint;
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
