/**
 * Pieces glued along seams, as half-edges.
 *
 * <ol>
 *   <li>The laws of {@link ruxel.core.glue.Gluing}.
 *   <li>Each free segment lies in exactly one opening ({@link ruxel.core.glue.Openings}; checked by the
 *       test kit's {@code OpeningTracer}).
 *   <li>Points − segments + pieces = 2 − openings − 2 · handles for each part whose right sides can all
 *       be outside ({@link ruxel.core.glue.Surface}).
 * </ol>
 */
package ruxel.core.glue;
