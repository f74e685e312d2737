package ruxel.core.match;

import java.util.ArrayList;
import java.util.List;

/**
 * What lies strictly between two neighbouring anchors (model 3): half-open ranges of places, and the
 * half places of fixed joints that count to its lengths. {@code gathers} where surplus is steered to.
 */
public record Interval(
    PlacedAnchor start,
    PlacedAnchor end,
    int aFromInclusive,
    int aToExclusive,
    int bFromInclusive,
    int bToExclusive,
    From from,
    boolean gathers) {

  public int placesA() {
    return aToExclusive - aFromInclusive;
  }

  public int placesB() {
    return bToExclusive - bFromInclusive;
  }

  public Stretch stretchA(SideLayout side) {
    return stretch(side, aFromInclusive, aToExclusive);
  }

  public Stretch stretchB(SideLayout side) {
    return stretch(side, bFromInclusive, bToExclusive);
  }

  private static Stretch stretch(SideLayout side, int from, int to) {
    double[] widths = new double[to - from];
    boolean[] noEase = new boolean[to - from];
    boolean[] spaces = new boolean[to - from];
    boolean[] kept = new boolean[to - from];
    for (int i = from; i < to; i++) {
      widths[i - from] = side.places().get(i).widthMm();
      noEase[i - from] = side.places().get(i).run().noEase();
      spaces[i - from] = side.places().get(i).space();
      kept[i - from] = !side.places().get(i).run().kind().mayBePassedOver();
    }
    return new Stretch(widths, noEase, spaces, kept);
  }

  /** Length on A with half of each fixed place beside the interval. */
  public double lengthA(SideLayout side) {
    return side.lengthMm(aFromInclusive, aToExclusive) + halves(side, start.a(), end.a());
  }

  public double lengthB(SideLayout side) {
    return side.lengthMm(bFromInclusive, bToExclusive) + halves(side, start.b(), end.b());
  }

  private static double halves(SideLayout side, int... positions) {
    double sum = 0;
    for (int position : positions) {
      if (position % 2 == 1) {
        sum += side.places().get(position / 2).widthMm() / 2;
      }
    }
    return sum;
  }

  /** The parts it is worked in, one after the other; itself when there is only one. */
  List<Interval> parted(List<Parts.Part> parts) {
    List<Interval> parted = new ArrayList<>();
    PlacedAnchor before = start;
    int a = aFromInclusive;
    int b = bFromInclusive;
    for (int i = 0; i < parts.size(); i++) {
      int aTo = a + parts.get(i).placesA();
      int bTo = b + parts.get(i).placesB();
      PlacedAnchor after = i == parts.size() - 1 ? end : PlacedAnchor.split(aTo, bTo);
      parted.add(new Interval(before, after, a, aTo, b, bTo, from, parts.get(i).gathers()));
      before = after;
      a = aTo;
      b = bTo;
    }
    return parted;
  }
}
