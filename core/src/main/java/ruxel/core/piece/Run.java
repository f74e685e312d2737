package ruxel.core.piece;

/** Like units in a row on an edge, with an id that stays when counts change (model 1). */
public record Run(
    String id, UnitKind kind, Counts counts, Advance advance, Fabric fabric, boolean noEase, Notes notes, Origin origin) {

  /**
   * What the maker adds: a label, the chains of each chain space, and rows held back that will be worked
   * later (withheld or reserved, handbook 3).
   */
  public record Notes(String label, int chains, int heldBack) {
    public static final Notes NONE = new Notes("", 0, 0);
    public static final int MOST_CHAINS = 50;

    public Notes {
      if (chains < 0 || chains > MOST_CHAINS || heldBack < 0) {
        throw new IllegalArgumentException("Expected 0 to %d chains and no rows below 0 (%d, %d)".formatted(MOST_CHAINS, chains, heldBack));
      }
    }
  }

  public Run(String id, UnitKind kind, Counts counts, Advance advance, Fabric fabric, boolean noEase) {
    this(id, kind, counts, advance, fabric, noEase, Notes.NONE);
  }

  /** A run as it is given. */
  public Run(String id, UnitKind kind, Counts counts, Advance advance, Fabric fabric, boolean noEase, Notes notes) {
    this(id, kind, counts, advance, fabric, noEase, notes, Origin.given(id));
  }

  public static Run plain(String id, UnitKind kind, int count, Advance advance) {
    return new Run(id, kind, Counts.planned(count), advance, Fabric.PLAIN, false);
  }

  /** Joined without easing. */
  public Run withoutEase() {
    return new Run(id, kind, counts, advance, fabric, true, notes, origin);
  }

  public Run inRib() {
    return new Run(id, kind, counts, advance, Fabric.RIB, noEase, notes, origin);
  }

  /** As if it had been given so, wherever it comes from. */
  public Run asGiven() {
    return new Run(id, kind, counts, advance, fabric, noEase, notes);
  }

  public Run labelled(String label) {
    return new Run(id, kind, counts, advance, fabric, noEase, new Notes(label, notes.chains(), notes.heldBack()), origin);
  }

  public Run withAdvance(Advance changed) {
    return new Run(id, kind, counts, changed, fabric, noEase, notes, origin);
  }

  public Run withCounts(Counts changed) {
    return new Run(id, kind, changed, advance, fabric, noEase, notes, origin);
  }

  public int count() {
    return counts.used();
  }

  /** With the rows held back: what inspection and twins compare. */
  public int finishedCount() {
    return count() + notes.heldBack();
  }

  public double lengthMm() {
    return count() * advance.lengthMm();
  }

  double finishedLengthMm() {
    return finishedCount() * advance.lengthMm();
  }

  Run mirrored() {
    return new Run(id, kind, counts, advance.mirrored(), fabric, noEase, notes, origin);
  }
}
