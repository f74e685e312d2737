package ruxel.core.plan;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import ruxel.core.construction.Construct;
import ruxel.core.finding.Outcome;
import ruxel.core.garment.Garment;
import ruxel.core.identity.PieceId;
import ruxel.core.layout.Layout;
import ruxel.core.measure.Wording;
import ruxel.core.piece.Edge;
import ruxel.core.piece.Origin;
import ruxel.core.piece.Piece;
import ruxel.core.piece.Run;
import ruxel.core.seam.ResolvedSeam;
import ruxel.core.seam.ResolvedSpan;
import ruxel.core.seam.Side;

/** Parts of edges that no seam joins yet, each with those it may be meant to meet, the likeliest first. */
public final class FreeParts {
  private static final int MOST_PARTNERS = 8;
  /** Of a garment with more, the first are offered: nobody chooses among thousands. */
  private static final int MOST_PARTS = 1000;
  private static final int NEAREST = 60;
  private static final double FARTHEST_SHARE = 0.35;

  /** Runs of an edge in ring order that are joined to nothing; {@code partners} are indexes into the list of all. */
  public record FreePart(
      PieceId piece, String edge, String first, String last, String words, double lengthMm, List<Integer> partners) {}

  private record Part(Piece piece, Edge edge, List<Run> runs) {
    double lengthMm() {
      return runs.stream().mapToDouble(Run::lengthMm).sum() * edge.measuredScale();
    }

    boolean overlaps(Part other) {
      return piece.id().equals(other.piece.id()) && edge.id().equals(other.edge.id()) && runs.stream().anyMatch(other.runs::contains);
    }
  }

  private final List<Piece> pieces;
  private final List<ResolvedSeam> seams;
  private final Set<String> meeting = new HashSet<>();

  private FreeParts(Construct construct) {
    pieces = construct.pieces();
    seams = construct.resolved().seams();
    for (ResolvedSeam seam : seams) {
      for (ResolvedSpan a : seam.a()) {
        seam.b().forEach(b -> meeting.add(key(a.piece(), a.edge()) + " " + key(b.piece(), b.edge())));
      }
    }
  }

  /** Quadratic in the free parts that are offered, of which there are at most 1000. */
  public static Outcome<List<FreePart>> of(Garment garment) {
    return Layout.of(garment).then(layout -> Outcome.of(new FreeParts(layout.construct()).all(garment.wording())));
  }

  private List<FreePart> all(Wording wording) {
    List<Part> parts = new ArrayList<>();
    Set<String> joined = joined();
    for (Piece piece : pieces) {
      for (Edge edge : piece.edges()) {
        List<Run> together = new ArrayList<>();
        for (Run run : edge.runs()) {
          if (joined.contains(key(piece, edge, run))) {
            add(parts, piece, edge, together);
            together = new ArrayList<>();
          } else {
            together.add(run);
          }
        }
        add(parts, piece, edge, together);
      }
    }
    List<Part> offered = parts.subList(0, Math.min(parts.size(), MOST_PARTS));
    return offered.stream().map(part -> view(part, offered, wording)).toList();
  }

  /** A stretch as a whole, and each of its runs. */
  private static void add(List<Part> parts, Piece piece, Edge edge, List<Run> runs) {
    if (runs.stream().anyMatch(run -> !isOfRows(run))) {
      parts.add(new Part(piece, edge, List.copyOf(runs)));
    }
    if (runs.size() > 1) {
      runs.stream().filter(run -> !isOfRows(run)).forEach(run -> parts.add(new Part(piece, edge, List.of(run))));
    }
  }

  /** Ends of rows go with what lies beside them. */
  private static boolean isOfRows(Run run) {
    return run.origin().kind() == Origin.Kind.ROWS;
  }

  private Set<String> joined() {
    Set<String> joined = new HashSet<>();
    for (ResolvedSeam seam : seams) {
      for (Side side : Side.values()) {
        for (ResolvedSpan span : seam.side(side)) {
          span.runs().forEach(run -> joined.add(key(span.piece(), span.edge(), run)));
        }
      }
    }
    return joined;
  }

  private static String key(Piece piece, Edge edge, Run run) {
    return key(piece, edge) + " " + run.id();
  }

  private static String key(Piece piece, Edge edge) {
    return piece.id() + " " + edge.id();
  }

  private FreePart view(Part part, List<Part> all, Wording wording) {
    List<Integer> partners = new ArrayList<>();
    for (int i = 0; i < all.size(); i++) {
      if (!part.overlaps(all.get(i)) && share(part, all.get(i)) <= FARTHEST_SHARE) {
        partners.add(i);
      }
    }
    partners.sort(Comparator.comparing(i -> share(part, all.get(i))));
    List<Integer> nearest =
        partners.stream()
            .limit(NEAREST)
            .sorted(Comparator.comparing((Integer i) -> !isMirrored(part, all.get(i))).thenComparing(i -> !isAlike(part, all.get(i))).thenComparing(i -> share(part, all.get(i))))
            .limit(MOST_PARTNERS)
            .toList();
    String runs = part.runs().size() == part.edge().runs().size() ? "" : ", " + String.join(" and ", part.runs().stream().map(Run::id).toList());
    return new FreePart(
        part.piece().id(), part.edge().id(), part.runs().get(0).id(), part.runs().get(part.runs().size() - 1).id(),
        "%s, %s%s: %s".formatted(part.piece().name(), part.edge().name(), runs, wording.length(part.lengthMm())), part.lengthMm(),
        nearest);
  }

  private static double share(Part one, Part other) {
    return Math.abs(one.lengthMm() - other.lengthMm()) / Math.max(one.lengthMm(), other.lengthMm());
  }

  /** Of the same kind, on another piece, of the same name. */
  private static boolean isAlike(Part one, Part other) {
    return !one.piece().id().equals(other.piece().id()) && one.edge().name().equals(other.edge().name());
  }

  /** Whether their mirror images are joined to each other already. */
  private boolean isMirrored(Part one, Part other) {
    Optional<String> a = twinEdge(one);
    Optional<String> b = twinEdge(other);
    return a.isPresent() && b.isPresent() && (meeting.contains(a.get() + " " + b.get()) || meeting.contains(b.get() + " " + a.get()));
  }

  private Optional<String> twinEdge(Part part) {
    return part.piece().twinAmong(pieces).map(twin -> twin.id() + " " + part.piece().edgeOnTwin(twin, part.edge().id()));
  }
}
