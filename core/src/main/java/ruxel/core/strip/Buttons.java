package ruxel.core.strip;

import java.util.List;
import java.util.stream.IntStream;

/** Buttons along a band, as asked (handbook 11): how many, from its ends to the middle of the outer ones, and how wide one is, mm. */
public record Buttons(int count, double marginMm, double diameterMm) {
  public static final int MOST = 60;

  /** From middle to middle, mm; not above 0 where the band is too short. */
  public double gapMm(double bandMm) {
    return (bandMm - 2 * marginMm) / (count - 1);
  }

  /** The stitch of each, from 1, on a band of so many; gaps are equal or differ by one. */
  public List<Integer> stitches(int bandStitches, double bandMm) {
    double perMm = bandStitches / bandMm;
    return IntStream.range(0, count).map(i -> Math.max(1, Math.min(bandStitches, (int) Math.floor((marginMm + i * gapMm(bandMm)) * perMm) + 1))).boxed().toList();
  }

  /** Chains of a hole. */
  public int hole(double stitchMm) {
    return Math.max(1, (int) Math.floor(diameterMm / stitchMm));
  }
}
