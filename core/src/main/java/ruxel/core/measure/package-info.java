/**
 * Lengths (always mm), gauge, terms, formatting and the house rules.
 *
 * <ol>
 *   <li>A gauge is positive and kept as told ({@link ruxel.core.measure.Gauge}).
 *   <li>A number of judgement stands only in {@link ruxel.core.measure.HouseRules}.
 *   <li>A number or term becomes words only in {@link ruxel.core.measure.Wording}.
 * </ol>
 */
package ruxel.core.measure;
