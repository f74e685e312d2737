package ruxel.core.construction;

import ruxel.core.identity.PieceId;

/**
 * Something of a piece that may be dragged to see what follows (handbook 7, tied numbers): where it lies and
 * how far one step leads, in mm in the piece's own axes.
 */
public record Handle(String id, String name, String tied, PieceId piece, double x, double y, double dx, double dy) {}
