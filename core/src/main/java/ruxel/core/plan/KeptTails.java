package ruxel.core.plan;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import ruxel.core.decision.KeptTail;
import ruxel.core.match.SeamMatch;
import ruxel.core.measure.Wording;
import ruxel.core.method.Method;
import ruxel.core.piece.Edge;
import ruxel.core.piece.Piece;
import ruxel.core.piece.Pieces;
import ruxel.core.seam.Join;
import ruxel.core.seam.OutlinePoint;
import ruxel.core.strand.SeamStrands;
import ruxel.core.yarn.Yarn;

/**
 * Tails left on pieces, and the seams that begin with them: a tail of the piece comes before new yarn (handbook 12). Of those that
 * hang where a seam starts, in its yarn and long enough for its first strand, the shortest is taken.
 */
final class KeptTails {
  private final List<Tail> tails = new ArrayList<>();
  private final Map<OutlinePoint, Tail> hanging = new HashMap<>();
  private final Map<Join, Tail> used = new HashMap<>();
  private final Map<Tail, Join> users = new IdentityHashMap<>();
  private final List<SeamMatch> inOrder;
  private final Materials materials;
  private final Wording wording;
  private final double fastenOffMm;

  /** A tail with its piece and the number of the edge at whose start it hangs. */
  record Tail(KeptTail told, Piece piece, int edge) {
    /** What it is called, for the middle of a sentence. */
    String words() {
      return "tail of the " + Wording.low(piece.name());
    }

    /** The corner it hangs at. */
    String where() {
      List<Edge> edges = piece.edges();
      return "between its %s and its %s".formatted(edges.get(Math.floorMod(edge - 1, edges.size())).name(), edges.get(edge).name());
    }
  }

  /**
   * @param inOrder the seams in the order of work
   * @param inRows seams that are joined with the yarn of a row
   */
  KeptTails(List<KeptTail> told, List<Piece> pieces, List<SeamMatch> inOrder, Set<Join> inRows, Materials materials, double fastenOffMm, Wording wording) {
    this.inOrder = inOrder;
    this.materials = materials;
    this.wording = wording;
    this.fastenOffMm = fastenOffMm;
    for (KeptTail each : told) {
      Optional<Piece> piece = Pieces.find(pieces, each.piece());
      piece.flatMap(of -> of.edge(each.corner())).ifPresent(edge -> tails.add(new Tail(each, piece.get(), piece.get().edges().indexOf(edge))));
    }
    tails.forEach(tail -> hanging.put(new OutlinePoint(tail.piece().id(), tail.edge(), 0), tail));
    for (SeamMatch match : tails.isEmpty() ? List.<SeamMatch>of() : inOrder) {
      if (!inRows.contains(match.seam().join())) {
        needed(match).flatMap(mm -> taken(match, mm)).ifPresent(tail -> begin(match.seam().join(), tail));
      }
    }
  }

  private void begin(Join join, Tail tail) {
    used.put(join, tail);
    users.put(tail, join);
  }

  private Optional<Tail> taken(SeamMatch match, double neededMm) {
    return at(match, true)
        .filter(tail -> !users.containsKey(tail) && isOfItsYarn(tail, match) && tail.told().mm() >= neededMm)
        .min(Comparator.comparingDouble(tail -> tail.told().mm()));
  }

  /** Those that hang where a seam starts, or ends, on either side. */
  private Stream<Tail> at(SeamMatch match, boolean start) {
    return Stream.of(match.seam().a(), match.seam().b()).flatMap(side -> Optional.ofNullable(hanging.get(OutlinePoint.of(side, start))).stream());
  }

  private boolean hangs(Tail tail, SeamMatch match, boolean start) {
    return at(match, start).anyMatch(other -> other == tail);
  }

  /** What the first strand takes from where it hangs: it is not fastened on; empty without a method. */
  private Optional<Double> needed(SeamMatch match) {
    return match.seam().seam().method().flatMap(Method::of).map(method -> materials.strands(match, method).strands().get(0).lengthMm() - fastenOffMm);
  }

  private boolean isOfItsYarn(Tail tail, SeamMatch match) {
    Optional<Yarn> ofPiece = materials.ofPiece(tail.piece().id());
    Optional<Yarn> ofSeam = materials.ofSeam(match);
    return ofPiece.isEmpty() || ofSeam.isEmpty() || ofPiece.equals(ofSeam);
  }

  /** The tail a seam begins with. */
  Optional<Tail> of(Join join) {
    return Optional.ofNullable(used.get(join));
  }

  /** Yarn of a seam that is new: all but what the tail it begins with does, mm. */
  double newMm(Join join, SeamStrands strands) {
    return strands.neededMm() - (used.containsKey(join) ? strands.strands().get(0).lengthMm() : 0);
  }

  /** Seams that begin with a tail. */
  Set<Join> beginning() {
    return Set.copyOf(used.keySet());
  }

  /** Those that no seam begins with: ends of their own. */
  List<Tail> idle() {
    return tails.stream().filter(tail -> !users.containsKey(tail)).toList();
  }

  /** The first seam that runs over where a tail hangs. */
  Optional<SeamMatch> over(Tail tail) {
    return inOrder.stream().filter(match -> hangs(tail, match, true) || hangs(tail, match, false)).findFirst();
  }

  List<YarnPlan.TailView> views() {
    return tails.stream().map(this::view).toList();
  }

  private YarnPlan.TailView view(Tail tail) {
    Optional<Join> with = Optional.ofNullable(users.get(tail));
    return new YarnPlan.TailView(tail.told().piece(), tail.told().corner(), tail.told().mm(), with.flatMap(Join::asSeam), "%s, %s: %s".formatted(Wording.capital(tail.words()), tail.where(), with.map(this::usedWords).orElseGet(() -> idleWords(tail))));
  }

  private String usedWords(Join join) {
    SeamMatch match = inOrder.stream().filter(each -> each.seam().join().equals(join)).findFirst().orElseThrow();
    return "the %s begins with it; %s of it are needed.".formatted(name(match), wording.yarn(needed(match).orElseThrow()));
  }

  /** Why no seam begins with it, and what would help. */
  private String idleWords(Tail tail) {
    Optional<SeamMatch> starts = inOrder.stream().filter(match -> hangs(tail, match, true) && !used.containsKey(match.seam().join())).findFirst();
    if (starts.isPresent()) {
      return starts.flatMap(match -> needed(match).map(mm -> hindrance(tail, match, mm))).orElseGet(() -> "the %s starts there; choose its method first.".formatted(name(starts.get())));
    }
    Optional<SeamMatch> ends = inOrder.stream().filter(match -> hangs(tail, match, false)).findFirst();
    return ends.map(match -> needed(match).filter(mm -> tail.told().mm() < mm || !isOfItsYarn(tail, match)).map(mm -> hindrance(tail, match, mm)).orElseGet(() -> "the %s ends there; begun at its other end it could be joined with it.".formatted(name(match)))).orElse("no seam starts there; an end to weave in.");
  }

  private String hindrance(Tail tail, SeamMatch match, double neededMm) {
    if (!isOfItsYarn(tail, match)) {
      return "the %s is joined with another yarn; an end to weave in.".formatted(name(match));
    }
    return tail.told().mm() < neededMm
        ? "too short for the %s, which takes %s; an end to weave in.".formatted(name(match), wording.yarn(neededMm))
        : "the %s is joined with the yarn of a row; an end to weave in.".formatted(name(match));
  }

  private static String name(SeamMatch match) {
    return Wording.low(match.seam().seam().name());
  }
}
