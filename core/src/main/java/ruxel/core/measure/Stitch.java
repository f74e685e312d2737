package ruxel.core.measure;

/** The stitches of handbook 2 with the first guess for their turning chain. */
public enum Stitch {
  SC("single crochet", "sc", "double crochet", "dc", 1, false),
  HDC("half double crochet", "hdc", "half treble", "htr", 2, false),
  DC("double crochet", "dc", "treble", "tr", 3, true),
  TR("treble", "tr", "double treble", "dtr", 4, true),
  DTR("double treble", "dtr", "triple treble", "trtr", 5, true);

  private final String us;
  private final String usShort;
  private final String uk;
  private final String ukShort;
  private final int turningChains;
  private final boolean turningChainCounts;

  Stitch(String us, String usShort, String uk, String ukShort, int turningChains, boolean counts) {
    this.us = us;
    this.usShort = usShort;
    this.uk = uk;
    this.ukShort = ukShort;
    this.turningChains = turningChains;
    this.turningChainCounts = counts;
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

  /** Whether the turning chain usually counts as a stitch; the maker is asked. */
  public boolean turningChainCounts() {
    return turningChainCounts;
  }
}
