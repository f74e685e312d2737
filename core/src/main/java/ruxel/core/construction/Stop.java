package ruxel.core.construction;

/** Where a seam stops, told by an answer in rows of so many mm, counted from one end of a run (handbook 6, stops snap). */
public record Stop(String answer, String name, String run, double unitMm) {}
