package ruxel.core.construction;

/** What can be seen of the pieces on the table, for makers who do not know the name of their construction. */
public enum Sign {
  SLEEVE_STRAIGHT(Look.SLEEVES, "straight across the top"),
  SLEEVE_CAPPED(Look.SLEEVES, "rounded at the top"),
  SLEEVE_GROWN(Look.SLEEVES, "in one piece with the body"),
  SLEEVE_FOLDED(Look.SLEEVES, "folded out of one large piece"),
  SLEEVE_NONE(Look.SLEEVES, "there are none"),
  SIDE_STRAIGHT(Look.SIDES, "straight from hem to shoulder"),
  SIDE_CORNER(Look.SIDES, "with a corner cut out at the underarm"),
  SIDE_CURVED(Look.SIDES, "curving in above the underarm"),
  FRONT_AS_BACK(Look.FRONT, "as wide as the back, or two halves"),
  FRONT_WIDER(Look.FRONT, "clearly wider than the back");

  /** What is looked at. */
  public enum Look {
    SLEEVES("The sleeves are …"),
    SIDES("The sides of the body are …"),
    FRONT("The front is …");

    private final String words;

    Look(String words) {
      this.words = words;
    }

    public String words() {
      return words;
    }
  }

  private final Look look;
  private final String words;

  Sign(Look look, String words) {
    this.look = look;
    this.words = words;
  }

  public Look look() {
    return look;
  }

  public String words() {
    return words;
  }
}
