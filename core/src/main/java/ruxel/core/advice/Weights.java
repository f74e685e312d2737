package ruxel.core.advice;

import ruxel.core.seam.SeamRole;

/** How much each word counts at a seam (handbook 8, house defaults). */
record Weights(double strong, double stretch, double flat, double hidden, double quick) {
  static Weights of(SeamRole role) {
    return switch (role) {
      case SHOULDER -> new Weights(5, 1, 2, 3, 2);
      case SHOULDER_SLEEVE_TOP -> new Weights(3, 3, 4, 4, 3);
      case ARMHOLE -> new Weights(3, 4, 4, 4, 2);
      case SIDE, SIDE_SLEEVE -> new Weights(2, 4, 3, 4, 2);
      case SLEEVE -> new Weights(2, 4, 4, 4, 2);
      case CENTRE_BACK -> new Weights(4, 2, 3, 4, 2);
      case NECKBAND -> new Weights(2, 5, 3, 3, 2);
      case HOOD, HOOD_TOP -> new Weights(3, 3, 3, 4, 2);
      case MOTIF -> new Weights(2, 3, 4, 3, 4);
      case BAND -> new Weights(2, 3, 4, 3, 3);
      case OTHER -> new Weights(3, 3, 3, 3, 3);
    };
  }
}
