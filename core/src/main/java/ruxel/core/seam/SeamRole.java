package ruxel.core.seam;

/** What a seam is in the garment (handbook 3), and when in the work it usually comes (handbook 13). */
public enum SeamRole {
  SHOULDER("shoulder", Stage.HANGING),
  SHOULDER_SLEEVE_TOP("shoulder and sleeve top", Stage.HANGING),
  ARMHOLE("armhole", Stage.SET_IN_FLAT),
  SIDE("side", Stage.CLOSING),
  SLEEVE("sleeve", Stage.CLOSING),
  SIDE_SLEEVE("side and sleeve", Stage.CLOSING),
  CENTRE_BACK("centre back", Stage.PANELS),
  NECKBAND("neckband", Stage.FINISHING),
  HOOD("hood", Stage.FINISHING),
  HOOD_TOP("top of the hood", Stage.FINISHING),
  MOTIF("between squares", Stage.PANELS),
  BAND("band", Stage.FINISHING),
  OTHER("something else", Stage.FINISHING);

  /** The usual order of work: squares and halves into panels, panels that hang together, sleeves set in flat, tubes closed, bands. */
  public enum Stage {
    PANELS,
    HANGING,
    SET_IN_FLAT,
    CLOSING,
    FINISHING
  }

  private final String words;
  private final Stage stage;

  SeamRole(String words, Stage stage) {
    this.words = words;
    this.stage = stage;
  }

  /** What a maker calls it. */
  public String words() {
    return words;
  }

  public Stage stage() {
    return stage;
  }

  /** A shoulder: equal in count front to back, never eased by more than a stitch (handbook 6). */
  public boolean isShoulder() {
    return stage == Stage.HANGING;
  }

  /** A band, collar or hood: what it goes on is whole before it is joined. */
  public boolean isBand() {
    return this == BAND || this == NECKBAND || this == HOOD;
  }
}
