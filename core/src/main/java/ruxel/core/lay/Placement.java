package ruxel.core.lay;

/**
 * Where a piece lies on the table, right side up: its own axes turned counter-clockwise by {@code
 * quarterTurns} quarters, then its origin moved to (x, y) mm; x to the right, y away from the maker.
 */
public record Placement(String piece, int quarterTurns, double xMm, double yMm) {}
