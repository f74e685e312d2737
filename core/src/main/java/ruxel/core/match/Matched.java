package ruxel.core.match;

import java.util.Iterator;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import ruxel.core.measure.HouseRules;
import ruxel.core.seam.ResolvedSeam;
import ruxel.core.seam.ResolvedSpan;

/**
 * The seams matched last: whatever a maker moves or tries, most seams of the garment stay as they are. As many places are kept as one
 * garment may have. A seam is found by all it consists of; pieces that were not touched are the same ones, so that finding it is quick.
 */
final class Matched {
  private static final Matched LAST = new Matched(SeamMatch.MOST_PLACES);

  /** What a match follows from; the hash takes enough of it to tell seams apart, without walking over whole pieces. */
  private record Key(ResolvedSeam seam, HouseRules rules) {
    @Override
    public int hashCode() {
      int hash = 31 * (31 * rules.hashCode() + seam.seam().id().hashCode()) + seam.seam().anchors().hashCode();
      for (ResolvedSpan span : seam.a()) {
        hash = 31 * hash + hash(span);
      }
      for (ResolvedSpan span : seam.b()) {
        hash = 31 * hash + hash(span);
      }
      return hash;
    }

    private static int hash(ResolvedSpan span) {
      return 31 * (31 * span.from() + span.to()) + Double.hashCode(span.edge().gaugeLengthMm());
    }
  }

  /** A match, and what planning it took of what a garment may take. */
  private record Kept(SeamMatch match, SeamMatch.Left need) {}

  private final long mostPlaces;
  private final Map<Key, Kept> kept = new LinkedHashMap<>(64, 0.75f, true);
  private long places;

  Matched(long mostPlaces) {
    this.mostPlaces = mostPlaces;
  }

  static Matched last() {
    return LAST;
  }

  /** A seam that is known, unless it needs more than is left. */
  synchronized Optional<SeamMatch> find(ResolvedSeam seam, HouseRules rules, SeamMatch.Left left) {
    return Optional.ofNullable(kept.get(new Key(seam, rules))).filter(known -> left.holds(known.need())).map(Kept::match);
  }

  synchronized void keep(SeamMatch match, HouseRules rules, SeamMatch.Left need) {
    if (kept.put(new Key(match.seam(), rules), new Kept(match, need)) == null) {
      places += need.places();
    }
    Iterator<Kept> eldest = kept.values().iterator();
    while (places > mostPlaces && eldest.hasNext()) {
      places -= eldest.next().need().places();
      eldest.remove();
    }
  }
}
