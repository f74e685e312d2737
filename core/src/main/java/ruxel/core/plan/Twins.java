package ruxel.core.plan;

import java.util.ArrayList;
import java.util.Collections;
import java.util.IdentityHashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Predicate;
import ruxel.core.finding.Fact;
import ruxel.core.finding.Finding;
import ruxel.core.finding.FindingCode;
import ruxel.core.finding.Where;
import ruxel.core.match.PlaceNames;
import ruxel.core.measure.Wording;
import ruxel.core.piece.Edge;
import ruxel.core.piece.Origin;
import ruxel.core.piece.Piece;
import ruxel.core.piece.Pieces;
import ruxel.core.piece.Run;
import ruxel.core.piece.UnitKind;

/**
 * Compares twins run by run (model 2; handbook 14: left = right). What was told of a run in parts counts as that run; a
 * piece that is its own mirror image is compared side with side.
 */
public final class Twins {
  private Twins() {}

  /** All that stands for one run of an edge: the run itself, or its parts. */
  record Told(Edge edge, Run first, int finishedCount, int count, double lengthMm) {
    private static Told of(Edge edge, List<Run> runs) {
      return new Told(
          edge, runs.get(0), runs.stream().mapToInt(Run::finishedCount).sum(), runs.stream().mapToInt(Run::count).sum(),
          runs.stream().mapToDouble(Run::lengthMm).sum());
    }

    private String key() {
      return first.origin().kind() == Origin.Kind.ROWS ? "rows " + first.origin().base() : first.origin().base();
    }

    Where where(Piece piece) {
      return first.origin().kind() == Origin.Kind.ROWS
          ? Where.edge(piece.id(), edge.id())
          : Where.run(piece.id(), edge.id(), first.origin().base());
    }

    UnitKind kind() {
      return first.kind();
    }
  }

  /** What stands for a run on a piece, and what stands for its like on the twin. */
  record Pair(Told mine, Piece twin, Told other) {
    /** By finished counts: rows held back will be there. */
    boolean alike() {
      return mine.finishedCount() == other.finishedCount();
    }
  }

  /** The pairs of two edges that mirror each other, and what only one of them has. */
  private record Compared(List<Pair> pairs, List<Told> onlyMine, List<Told> onlyOther) {}

  /** Every run of a piece with its like on the other piece it is the mirror of, or that is the mirror of it. */
  static Optional<List<Pair>> of(Piece piece, List<Piece> pieces) {
    return piece.twinAmong(pieces)
        .filter(twin -> !twin.id().equals(piece.id()))
        .map(twin -> piece.edges().stream().flatMap(edge -> compared(piece, twin, edge).stream()).flatMap(c -> c.pairs().stream()).toList());
  }

  private static Optional<Compared> compared(Piece piece, Piece twin, Edge edge) {
    return twin.edge(piece.edgeOnTwin(twin, edge.id())).map(like -> compared(twin, told(edge), mirrored(told(like))));
  }

  private static Compared compared(Piece twin, List<Told> mine, List<Told> other) {
    List<Told> unpaired = new ArrayList<>(other);
    Map<Told, Told> likes = new IdentityHashMap<>();
    for (Told own : mine) {
      take(unpaired, like -> like.key().equals(own.key()) && like.kind() == own.kind()).ifPresent(like -> likes.put(own, like));
    }
    // Runs of other names are alike by where they lie.
    for (Told own : mine) {
      if (!likes.containsKey(own)) {
        take(unpaired, like -> like.kind() == own.kind()).ifPresent(like -> likes.put(own, like));
      }
    }
    List<Pair> pairs = mine.stream().filter(likes::containsKey).map(own -> new Pair(own, twin, likes.get(own))).toList();
    return new Compared(pairs, mine.stream().filter(own -> !likes.containsKey(own)).toList(), List.copyOf(unpaired));
  }

  private static Optional<Told> take(List<Told> from, Predicate<Told> wanted) {
    Optional<Told> found = from.stream().filter(wanted).findFirst();
    found.ifPresent(taken -> from.removeIf(each -> each == taken));
    return found;
  }

  /** The runs of an edge in its order, parts of one run together. */
  private static List<Told> told(Edge edge) {
    Map<String, List<Run>> byRun = new LinkedHashMap<>();
    edge.runs().forEach(run -> byRun.computeIfAbsent(run.origin().kind() == Origin.Kind.ROWS ? "rows " + run.id() : run.origin().base(), key -> new ArrayList<>()).add(run));
    return byRun.values().stream().map(runs -> Told.of(edge, runs)).toList();
  }

  private static List<Told> mirrored(List<Told> told) {
    List<Told> reversed = new ArrayList<>(told);
    Collections.reverse(reversed);
    return reversed;
  }

  /** One finding for each run of a mirrored piece that has another count, or no like. */
  static List<Finding> unlike(List<Piece> pieces) {
    List<Finding> findings = new ArrayList<>();
    for (Piece piece : pieces) {
      piece.mirrorOf()
          .flatMap(mirror -> Pieces.find(pieces, mirror.piece()))
          .ifPresent(twin -> findings.addAll(unlike(piece, twin)));
    }
    return List.copyOf(findings);
  }

  private static List<Finding> unlike(Piece piece, Piece twin) {
    boolean own = piece.id().equals(twin.id());
    List<Finding> findings = new ArrayList<>();
    List<String> done = new ArrayList<>();
    for (Edge edge : piece.edges()) {
      Optional<Compared> compared = own && done.contains(piece.edgeOnTwin(twin, edge.id())) ? Optional.empty() : compared(piece, twin, edge);
      done.add(edge.id());
      compared.ifPresent(
          c -> {
            for (Pair pair : c.pairs()) {
              if (!pair.alike()) {
                findings.add(own ? sides(piece, pair) : twins(piece, pair));
              }
            }
            c.onlyMine().forEach(run -> findings.add(missing(piece, twin, run)));
            c.onlyOther().forEach(run -> findings.add(missing(twin, piece, run)));
          });
    }
    return findings;
  }

  private static Finding twins(Piece piece, Pair pair) {
    return Finding.of(
        FindingCode.TWINS_DIFFER, pair.mine().where(piece),
        Fact.text("piece", piece.name()), Fact.text("twin", Wording.low(pair.twin().name())),
        Fact.count("count", pair.mine().count()), Fact.count("other", pair.other().count()),
        Fact.text("units", PlaceNames.words(pair.mine().kind())), Fact.text("edge", pair.mine().edge().name()),
        Fact.difference("gap", Math.abs(pair.mine().lengthMm() - pair.other().lengthMm())));
  }

  private static Finding sides(Piece piece, Pair pair) {
    return Finding.of(
        FindingCode.SIDES_DIFFER, pair.mine().where(piece),
        Fact.text("piece", piece.name()), Fact.count("count", pair.mine().count()), Fact.count("other", pair.other().count()),
        Fact.text("units", PlaceNames.words(pair.mine().kind())),
        Fact.text("edge", pair.mine().edge().name()), Fact.text("opposite", pair.other().edge().name()),
        Fact.difference("gap", Math.abs(pair.mine().lengthMm() - pair.other().lengthMm())));
  }

  private static Finding missing(Piece piece, Piece twin, Told run) {
    String counted = PlaceNames.counted(run.count(), run.kind());
    return Finding.of(
        FindingCode.TWIN_RUN_MISSING, run.where(piece), Fact.text("piece", piece.name()),
        Fact.text("label", run.first().notes().label().isEmpty() ? counted : counted + " (" + run.first().notes().label() + ")"),
        Fact.text("edge", run.edge().name()),
        Fact.text("twin", piece.id().equals(twin.id()) ? "its other side" : "the " + Wording.low(twin.name())));
  }
}
