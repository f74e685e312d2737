/**
 * Pieces as rings of edges.
 *
 * <ol>
 *   <li>Units of an edge run counter-clockwise seen from the right side ({@link
 *       ruxel.core.piece.Edge}).
 *   <li>The advances round the outline add up to nothing, or OUTLINE_OPEN says by how much not
 *       ({@link ruxel.core.piece.Outline}).
 *   <li>Twin of twin is the piece itself ({@link ruxel.core.piece.Piece#mirrored}).
 * </ol>
 */
package ruxel.core.piece;
