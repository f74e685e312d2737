package ruxel.core.identity;

/**
 * An opening, known by a stretch of it: the first, in the order of the pieces, of those that stay free, counted along its edge from 0. No
 * two openings have one; two may well be called alike.
 */
public record OpeningId(PieceId piece, String edge, int stretch) {}
