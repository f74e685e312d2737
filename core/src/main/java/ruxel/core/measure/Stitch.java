package ruxel.core.measure;

/** The stitches of handbook 2 with the first guess for their turning chain. */
public enum Stitch {
  SC("single crochet", "sc", "double crochet", "dc", 1, false, 5),
  HDC("half double crochet", "hdc", "half treble", "htr", 2, false, 7),
  DC("double crochet", "dc", "treble", "tr", 3, true, 9),
  TR("treble", "tr", "double treble", "dtr", 4, true, 12),
  DTR("double treble", "dtr", "triple treble", "trtr", 5, true, 15);

  private final String us;
  private final String usShort;
  private final String uk;
  private final String ukShort;
  private final int turningChains;
  private final boolean turningChainCounts;
  private final double yarnPerLength;

  Stitch(String us, String usShort, String uk, String ukShort, int turningChains, boolean counts, double yarnPerLength) {
    this.us = us;
    this.usShort = usShort;
    this.uk = uk;
    this.ukShort = ukShort;
    this.turningChains = turningChains;
    this.yarnPerLength = yarnPerLength;
    this.turningChainCounts = counts;
  }

  private static final double SC_AT_MOST = 1.15;
  private static final double HDC_AT_MOST = 1.5;
  private static final double DC_AT_MOST = 2.1;

  /** The stitch whose rows are usually that high for its width (house default). */
  public static Stitch ofRow(double rowMm, double widthMm) {
    double high = rowMm / widthMm;
    return high <= SC_AT_MOST ? SC : high <= HDC_AT_MOST ? HDC : high <= DC_AT_MOST ? DC : TR;
  }

  public String name(Terms terms) {
    return terms == Terms.US ? us : uk;
  }

  public String abbreviation(Terms terms) {
    return terms == Terms.US ? usShort : ukShort;
  }

  public int turningChains() {
    return turningChains;
  }

  /** Yarn of a row still to be made, for its length (handbook 8; the last a house default): better is a weighed swatch. */
  public double yarnPerLength() {
    return yarnPerLength;
  }

  /** Whether the turning chain usually counts as a stitch; the maker is asked. */
  public boolean turningChainCounts() {
    return turningChainCounts;
  }
}
