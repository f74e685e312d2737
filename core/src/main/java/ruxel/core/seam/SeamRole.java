package ruxel.core.seam;

/** What a seam is in the garment (handbook 3). */
public enum SeamRole {
  SHOULDER,
  SHOULDER_SLEEVE_TOP,
  ARMHOLE,
  SIDE,
  SLEEVE,
  SIDE_SLEEVE,
  CENTRE_BACK,
  NECKBAND,
  HOOD,
  HOOD_TOP,
  MOTIF,
  BAND,
  OTHER
}
