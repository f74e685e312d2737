package ruxel.core.measure;

/**
 * What stands at the corner of a motif or panel (handbook 5): chains or a space that belong to the corner, to no
 * edge (model 1), and how many places each of the two seams that meet there finds in it.
 */
public enum Corner {
  CHAIN_1("one chain, shared", 1),
  CHAIN_2_ONE_EACH("two chains, one for each side", 1),
  CHAIN_2_BOTH("two chains, both used by both seams", 2),
  CHAIN_3_FROM_THE_MIDDLE("three chains, from the middle", 2),
  CHAIN_3_OUTER_PASSED("three chains, the outer ones passed over", 1),
  SPACE("corner space worked as one", 1);

  private final String words;
  private final int places;

  Corner(String words, int places) {
    this.words = words;
    this.places = places;
  }

  public String words() {
    return words;
  }

  /** Places that one seam which reaches the corner finds there. */
  public int places() {
    return places;
  }
}
