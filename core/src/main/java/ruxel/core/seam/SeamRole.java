package ruxel.core.seam;

/** What a seam is in the garment (handbook 3), and when in the work it usually comes (handbook 13). */
public enum SeamRole {
  SHOULDER(Stage.HANGING),
  SHOULDER_SLEEVE_TOP(Stage.HANGING),
  ARMHOLE(Stage.SET_IN_FLAT),
  SIDE(Stage.CLOSING),
  SLEEVE(Stage.CLOSING),
  SIDE_SLEEVE(Stage.CLOSING),
  CENTRE_BACK(Stage.PANELS),
  NECKBAND(Stage.FINISHING),
  HOOD(Stage.FINISHING),
  HOOD_TOP(Stage.FINISHING),
  MOTIF(Stage.PANELS),
  BAND(Stage.FINISHING),
  OTHER(Stage.FINISHING);

  /** The usual order of work: squares and halves into panels, panels that hang together, sleeves set in flat, tubes closed, bands. */
  public enum Stage {
    PANELS,
    HANGING,
    SET_IN_FLAT,
    CLOSING,
    FINISHING
  }

  private final Stage stage;

  SeamRole(Stage stage) {
    this.stage = stage;
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
