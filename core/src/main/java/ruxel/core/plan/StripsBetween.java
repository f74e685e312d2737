package ruxel.core.plan;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import ruxel.core.decision.Settings;
import ruxel.core.decision.StripStep;
import ruxel.core.identity.PieceId;
import ruxel.core.identity.SeamId;
import ruxel.core.identity.StripId;
import ruxel.core.seam.Join;
import ruxel.core.seam.ResolvedSeam;

/**
 * Where the strips stand among the seams: one that belongs to a piece before the first seam of that piece; others after all of them, or before the
 * one the maker named, but never before one they run over or a strip they stand on.
 */
final class StripsBetween {
  private final List<StripPlan> strips;
  private final List<SeamId> seams;
  private final Map<StripId, Integer> earliest = new HashMap<>();
  private final Map<StripId, Integer> places = new HashMap<>();

  StripsBetween(List<StripPlan> strips, List<ResolvedSeam> resolved, List<Join> sequence, Settings settings) {
    this.strips = strips;
    seams = Join.seams(sequence).toList();
    for (StripPlan strip : strips) {
      int after = strip.after().stream().mapToInt(seam -> seams.indexOf(seam) + 1).max().orElse(0);
      int onto = strip.inner().stream().mapToInt(inner -> strips.stream().filter(other -> other.id().face().equals(inner.piece())).map(other -> places.getOrDefault(other.id(), 0)).findFirst().orElse(0)).max().orElse(0);
      Optional<Integer> first = strip.row().map(row -> first(row.piece(), resolved, sequence));
      if (first.isPresent()) {
        places.put(strip.id(), first.get());
        continue;
      }
      int wanted = settings.on(StripStep.class, strip.id()).map(step -> seams.indexOf(step.before())).filter(at -> at >= 0).orElse(seams.size());
      earliest.put(strip.id(), after);
      places.put(strip.id(), Math.max(wanted, Math.max(after, onto)));
    }
  }

  /** The number of the first seam of a piece. */
  private static int first(PieceId piece, List<ResolvedSeam> resolved, List<Join> sequence) {
    return resolved.stream().filter(seam -> Stream.concat(seam.a().stream(), seam.b().stream()).anyMatch(span -> span.piece().id().equals(piece))).mapToInt(seam -> sequence.indexOf(seam.join())).filter(at -> at >= 0).min().orElse(0);
  }

  /** The seams before which a strip could be worked, in the order of work; none where its place is settled. */
  List<SeamId> mayComeBefore(StripPlan strip) {
    return seams.subList(earliest.getOrDefault(strip.id(), seams.size()), seams.size());
  }

  /** Those that are worked before a seam of the sequence, by its number there. */
  List<StripPlan> at(int seam) {
    return strips.stream().filter(strip -> places.get(strip.id()) == seam).toList();
  }

  List<StripPlan> all() {
    return strips;
  }

  boolean isEmpty() {
    return strips.isEmpty();
  }

  /** How many are worked before a seam of the sequence. */
  int upTo(int seam) {
    return (int) places.values().stream().filter(place -> place <= seam).count();
  }

  /** The number of its step among seams and strips, from 1. */
  int stepOf(StripPlan strip) {
    int place = places.get(strip.id());
    return place + upTo(place - 1) + at(place).indexOf(strip) + 1;
  }
}
