package ruxel.core.construction;

import ruxel.core.identity.PieceId;
import ruxel.core.piece.Outline.Point;

/** What an answer measures on a piece: a line level or upright, in mm in the piece's own axes; a point where there is none of it. */
public record Dimension(String answer, PieceId piece, Point from, Point to) {}
