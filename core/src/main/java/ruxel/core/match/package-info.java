/**
 * Where the hook goes, and whether it will lie flat: places, intervals, joint plans, rhythm, markers and
 * ease.
 *
 * <ol>
 *   <li>A joint plan uses up both sides in order ({@link ruxel.core.match.JointTable}; checked by the
 *       test kit's {@code PlanChecker}).
 *   <li>plan(mirror A, mirror B, other from) = mirror(plan(A, B, from)).
 *   <li>A worked rhythm is at most one place worse than the optimum ({@link
 *       ruxel.core.match.IntervalPlan}).
 * </ol>
 */
package ruxel.core.match;
