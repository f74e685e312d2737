/**
 * Seams as the maker means them: sides of spans, anchors, role. What they come to on today's pieces is
 * computed in {@code match} and {@code glue}.
 */
package ruxel.core.seam;
