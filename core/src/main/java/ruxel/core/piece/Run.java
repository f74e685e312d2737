package ruxel.core.piece;

/** Like units in a row on an edge, with an id that stays when counts change (model 1). */
public record Run(
    String id, UnitKind kind, Counts counts, Advance advance, Fabric fabric, boolean noEase) {

  public static Run plain(String id, UnitKind kind, int count, Advance advance) {
    return new Run(id, kind, Counts.planned(count), advance, Fabric.PLAIN, false);
  }

  public Run inRib() {
    return new Run(id, kind, counts, advance, Fabric.RIB, noEase);
  }

  public Run withCounts(Counts changed) {
    return new Run(id, kind, changed, advance, fabric, noEase);
  }

  public int count() {
    return counts.used();
  }

  public double lengthMm() {
    return count() * advance.lengthMm();
  }

  Run mirrored() {
    return new Run(id, kind, counts, advance.mirrored(), fabric, noEase);
  }
}
