package ruxel.core.match;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import ruxel.core.piece.Landmark;
import ruxel.core.piece.UnitKind;
import ruxel.core.seam.ResolvedSpan;

/**
 * How well repeats, ribs or stripes of both sides meet across a seam (handbook 6): how far each pair is off,
 * and the shift of B's that makes most of them meet. Misses and shifts are in stitches or rows of B,
 * along the seam.
 */
public record Phase(Landmark.Kind kind, UnitKind unit, List<Pair> pairs, int met, int shift, int metAfter) {
  private static final double MEETS = 0.5;

  /** A landmark of A (cut before place {@code a}), the nearest of B (cut before {@code b}), and how far they miss. */
  public record Pair(int a, int b, double off, double offMm) {
    public boolean meetsAfter(int shift) {
      return Math.abs(off + shift) <= MEETS;
    }
  }

  /** One for each kind of landmark that comes back on both sides. O(landmarks² + joints). */
  public static List<Phase> of(SeamMatch match) {
    List<Phase> phases = new ArrayList<>();
    for (Landmark.Kind kind : Landmark.Kind.values()) {
      if (kind.comesBack() && match.isPlanned()) {
        List<Integer> onA = places(match.a(), kind);
        List<Integer> onB = places(match.b(), kind);
        if (!onA.isEmpty() && !onB.isEmpty()) {
          phases.add(of(match, kind, onA, onB));
        }
      }
    }
    return List.copyOf(phases);
  }

  private static Phase of(SeamMatch match, Landmark.Kind kind, List<Integer> onA, List<Integer> onB) {
    List<Pair> pairs = new ArrayList<>();
    for (int a : onA) {
      double opposite = opposite(match.joints(), a);
      int nearest = onB.stream().min(Comparator.comparingDouble(b -> Math.abs(b - opposite))).orElseThrow();
      Place there = match.b().places().get(Math.min(nearest, match.b().size() - 1));
      double off = units(match.b(), nearest) - units(match.b(), opposite);
      pairs.add(new Pair(a, nearest, off, off * there.widthMm() * there.parts()));
    }
    int reach = (int) Math.ceil(pairs.stream().mapToDouble(pair -> Math.abs(pair.off())).max().orElse(0));
    int shift = 0;
    int after = met(pairs, 0);
    for (int by = 1; by <= reach; by++) {
      for (int candidate : new int[] {by, -by}) {
        if (met(pairs, candidate) > after) {
          after = met(pairs, candidate);
          shift = candidate;
        }
      }
    }
    UnitKind unit = match.b().places().get(Math.min(onB.get(0), match.b().size() - 1)).run().kind();
    return new Phase(kind, unit, List.copyOf(pairs), met(pairs, 0), shift, after);
  }

  /** Whole and half stitches or rows before a position in places. */
  private static double units(SideLayout side, double places) {
    return side.unitHalfOf((int) Math.round(2 * places)) / 2.0;
  }

  private static int met(List<Pair> pairs, int shift) {
    return (int) pairs.stream().filter(pair -> pair.meetsAfter(shift)).count();
  }

  /** The place cuts of a side at which landmarks of a kind lie, the two ends left out. */
  private static List<Integer> places(SideLayout side, Landmark.Kind kind) {
    List<Integer> cuts = new ArrayList<>();
    for (int s = 0; s < side.spans().size(); s++) {
      ResolvedSpan span = side.spans().get(s);
      for (Landmark landmark : span.edge().landmarks()) {
        if (landmark.kind() == kind) {
          for (int cut : landmark.cuts(span.edge())) {
            if (cut >= span.from() && cut <= span.to()) {
              cuts.add(side.placeCut(s, span.localHalf(2 * cut) / 2));
            }
          }
        }
      }
    }
    return cuts.stream().filter(cut -> cut > 0 && cut < side.size()).distinct().sorted().toList();
  }

  /** Where on B the cut before place {@code a} comes to lie, in places; inside a group its middle. */
  private static double opposite(List<Joints.Joint> joints, int a) {
    int before = -1;
    int after = -1;
    for (Joints.Joint joint : joints) {
      if (joint.a() >= 0 && joint.b() >= 0) {
        if (joint.a() < a) {
          before = joint.b();
        } else if (after < 0) {
          after = joint.b();
        }
      }
    }
    return after < 0 ? before + 1 : before < 0 ? after : (before + 1 + after) / 2.0;
  }

  public double worstMm() {
    return pairs.stream().mapToDouble(pair -> Math.abs(pair.offMm())).max().orElse(0);
  }

  public double worst() {
    return pairs.stream().mapToDouble(pair -> Math.abs(pair.off())).max().orElse(0);
  }

  public boolean meets() {
    return met == pairs.size();
  }
}
