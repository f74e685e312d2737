package ruxel.core.decision;

/** Work of an order that joins nothing; an order has each once at most (handbook 13). */
public enum Chore {
  INSPECT("looked every piece over"),
  BLOCK("blocked what leans or is lace"),
  MARK("marked the right sides"),
  FOLD("folded the pieces"),
  TRY_ON("tried it on"),
  WEAVE("wove in what was left"),
  STEAM("steamed it"),
  FINISH("finished it");

  private final String did;

  Chore(String did) {
    this.did = did;
  }

  /** For the middle of a sentence about the maker. */
  public String did() {
    return did;
  }
}
