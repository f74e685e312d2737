package ruxel.core.piece;

/** How a run's fabric takes ease: lace and dense fabric little, ribbing more (handbook 6). */
public enum Fabric {
  PLAIN,
  RIB,
  LACE,
  DENSE
}
