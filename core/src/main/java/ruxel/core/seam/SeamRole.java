package ruxel.core.seam;

/** What a seam is in the garment (handbook 3). */
public enum SeamRole {
  SHOULDER("the armhole edge", "the neck"),
  SHOULDER_SLEEVE_TOP,
  ARMHOLE("the front underarm", "the back underarm"),
  SIDE,
  SLEEVE,
  SIDE_SLEEVE("the hem", "the cuff"),
  CENTRE_BACK,
  NECKBAND,
  HOOD,
  HOOD_TOP,
  MOTIF,
  BAND,
  OTHER;

  private final String start;
  private final String end;

  SeamRole() {
    this("the start", "the end");
  }

  SeamRole(String start, String end) {
    this.start = start;
    this.end = end;
  }

  /** Where a seam of this role usually starts, in the maker's words. */
  public String start() {
    return start;
  }

  /** Where it usually ends. */
  public String end() {
    return end;
  }
}
