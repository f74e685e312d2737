package ruxel.core.strip;

import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;

/**
 * Buttons along a band, as asked (handbook 11): how many, from its ends to the middle of the outer ones, and how wide one is, mm.
 *
 * @param lies whether the band lies over the other and has the holes, or under it and has the buttons, once that is told
 */
public record Buttons(int count, double marginMm, double diameterMm, Optional<Lies> lies) {
  public static final int MOST = 60;

  /** Over the other band, or under it. */
  public enum Lies {
    OVER,
    UNDER;

    Lies other() {
      return this == OVER ? UNDER : OVER;
    }
  }

  /** Those of the band that this one is closed with. */
  Buttons opposite() {
    return new Buttons(count, marginMm, diameterMm, lies.map(Lies::other));
  }

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
