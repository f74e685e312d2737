package ruxel.core.plan;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import ruxel.core.decision.EdgingRows;
import ruxel.core.decision.Settings;
import ruxel.core.identity.PieceId;
import ruxel.core.identity.SeamId;
import ruxel.core.match.Ease;
import ruxel.core.match.PlaceNames;
import ruxel.core.match.SeamMatch;
import ruxel.core.measure.HouseRules.Rule;
import ruxel.core.measure.HouseRules;
import ruxel.core.measure.Wording;
import ruxel.core.piece.Counts;
import ruxel.core.piece.Edge;
import ruxel.core.piece.Fabric;
import ruxel.core.piece.Outline;
import ruxel.core.piece.Piece;
import ruxel.core.piece.Run;
import ruxel.core.plan.PiecePlan.Check;
import ruxel.core.plan.PiecePlan.Inspection;
import ruxel.core.plan.PiecePlan.Verdict;

/**
 * Looks a piece over before it is joined (handbook 14): counts against the recipe, measured lengths, left against
 * right run by run, the outline. Counts and lengths only remind; what stops is an edge that will not meet its
 * partner by the ladder of 6. A piece that fails names its seams.
 */
final class Inspections {
  private final List<Piece> pieces;
  private final Settings told;
  /** By the pieces they join. */
  private final Map<PieceId, List<SeamMatch>> matches = new HashMap<>();
  private final HouseRules rules;
  private final Wording wording;

  Inspections(List<Piece> pieces, Settings told, List<SeamMatch> matches, HouseRules rules, Wording wording) {
    this.pieces = pieces;
    this.told = told;
    for (SeamMatch match : matches) {
      Stream.concat(match.seam().a().stream(), match.seam().b().stream()).map(span -> span.piece().id()).distinct().forEach(piece -> this.matches.computeIfAbsent(piece, key -> new ArrayList<>()).add(match));
    }
    this.rules = rules;
    this.wording = wording;
  }

  Inspection of(Piece piece) {
    List<Check> checks = new ArrayList<>();
    for (Edge edge : piece.edges()) {
      edge.runs().forEach(run -> counted(piece, edge, run).ifPresent(checks::add));
      measured(piece, edge).ifPresent(checks::add);
      edging(piece, edge).ifPresent(checks::add);
    }
    twin(piece).ifPresent(checks::addAll);
    lean(piece).ifPresent(checks::add);
    outline(piece).ifPresent(checks::add);
    stops(piece).forEach(checks::add);
    Verdict worst = checks.stream().map(Check::verdict).max(Comparator.naturalOrder()).orElse(Verdict.FINE);
    return new Inspection(worst, List.copyOf(checks), twinView(piece));
  }

  private Optional<Check> counted(Piece piece, Edge edge, Run run) {
    Counts counts = run.counts();
    int made = counts.made().orElse(counts.planned());
    if (made == counts.planned()) {
      return Optional.empty();
    }
    int off = made - counts.planned();
    String units = PlaceNames.words(run.kind());
    String words =
        "%s: %d %s, planned %d; %s.".formatted(capital(edge.name()), made, units, counts.planned(), Math.abs(off) + (off > 0 ? " too many" : " too few"));
    return Optional.of(new Check(Verdict.REMIND, words, "Count again in twos; if it stays, look at its seams.", seamsOf(piece, edge)));
  }

  private Optional<Check> measured(Piece piece, Edge edge) {
    double off = edge.measuredScale() - 1;
    if (Math.abs(off) <= rules.get(Rule.BLOCKED_SHARE)) {
      return Optional.empty();
    }
    String words =
        "%s: measures %s, by count and gauge %s; %s %s."
            .formatted(
                capital(edge.name()), wording.length(edge.measuredMm().orElseThrow()), wording.length(edge.gaugeLengthMm()),
                wording.percent(Math.abs(off)), off > 0 ? "longer" : "shorter");
    return Optional.of(new Check(Verdict.REMIND, words, "Block it to measure, or measure again lying flat.", seamsOf(piece, edge)));
  }

  private Optional<Check> edging(Piece piece, Edge edge) {
    return told.on(EdgingRows.class, piece.id(), edge.id())
        .map(
            rows -> {
              String words =
                  (rows.joins().isPresent() ? "%s: %s that join, %s high, %s in the last." : "%s: %s of edging, %s high, %s in the last.")
                      .formatted(capital(edge.name()), Wording.counted(rows.rows(), "rows"), wording.fine(rows.heightMm()), Wording.counted(rows.stitches(), "stitches"));
              return unlikeRows(piece, rows)
                  .map(twin -> new Check(Verdict.REMIND, words + " The %s is not alike.".formatted(twin), "Work both alike, or take the rows out.", seamsOf(piece, edge)))
                  .orElseGet(() -> new Check(Verdict.FINE, words, rows.joins().isPresent() ? "The last is worked while the edge is joined: count without it until then." : "Work it before the first seam that meets it.", seamsOf(piece, edge)));
            });
  }

  /** The name of a twin on whose edge other rows are told, or none. */
  private Optional<String> unlikeRows(Piece piece, EdgingRows rows) {
    return piece.twinAmong(pieces)
        .filter(twin -> !twin.id().equals(piece.id()))
        .filter(
            twin ->
                told.on(EdgingRows.class, twin.id(), piece.edgeOnTwin(twin, rows.edge()))
                    .filter(other -> other.isLike(rows) && other.stitches() == rows.stitches())
                    .isEmpty())
        .map(twin -> Wording.low(twin.name()));
  }

  private Optional<List<Check>> twin(Piece piece) {
    return Twins.of(piece, pieces)
        .map(
            pairs ->
                pairs.stream()
                    .filter(pair -> !pair.alike())
                    .map(
                        pair ->
                            new Check(
                                Verdict.REMIND,
                                "%s: %d %s here, %d on the %s."
                                    .formatted(
                                        capital(pair.mine().edge().name()), pair.mine().finishedCount(), PlaceNames.words(pair.mine().kind()),
                                        pair.other().finishedCount(), Wording.low(pair.twin().name())),
                                "Work both alike, or let one seam take the difference.", seamsOf(piece, pair.mine().edge())))
                    .toList());
  }

  private Optional<PiecePlan.TwinView> twinView(Piece piece) {
    return Twins.of(piece, pieces)
        .filter(pairs -> !pairs.isEmpty())
        .map(
            pairs ->
                new PiecePlan.TwinView(
                    pairs.get(0).twin().name(),
                    pairs.stream()
                        .map(
                            pair ->
                                new PiecePlan.TwinRow(
                                    pair.mine().edge().name() + ", " + PlaceNames.words(pair.mine().kind()) + (pair.mine().first().fabric() == Fabric.RIB ? " of rib" : ""),
                                    pair.mine().finishedCount(), pair.other().finishedCount(), pair.alike()))
                        .toList()));
  }

  /** An expected lean is blocked out, not eased; pieces of one pattern lean the same way (handbook 3). */
  private Optional<Check> lean(Piece piece) {
    if (piece.lean().filter(found -> found.mm() != 0).isEmpty()) {
      return Optional.empty();
    }
    double mm = piece.lean().get().mm();
    String words = "Leans %s to the %s.".formatted(wording.difference(Math.abs(mm)), mm > 0 ? "right" : "left");
    Optional<Piece> opposite =
        piece.twinAmong(pieces).filter(twin -> twin.lean().filter(other -> other.mm() * mm < 0).isPresent());
    List<SeamId> seams = piece.edges().stream().flatMap(edge -> seamsOf(piece, edge).stream()).distinct().toList();
    if (opposite.isPresent()) {
      String twin = Wording.low(opposite.get().name());
      return Optional.of(
          new Check(
              Verdict.REMIND, words + " The %s leans the other way.".formatted(twin),
              "Pieces of one pattern lean the same way, also left and right: see whether one was worked on the wrong side.", seams));
    }
    return Optional.of(
        piece.lean().get().expected()
            ? new Check(Verdict.FINE, words + " That is expected.", "Block it out before its seams; do not ease it in.", seams)
            : new Check(Verdict.REMIND, words, "Block it square before you join it, and see that stitches were not lost or won at one side.", seams));
  }

  private Optional<Check> outline(Piece piece) {
    Outline outline = new Outline(piece);
    return outline.closes(rules)
        ? Optional.empty()
        : Optional.of(
            new Check(
                Verdict.REMIND, "Its edges do not close: " + wording.difference(outline.gapMm()) + " are missing.",
                "Opposite edges have different counts; count both.", List.of()));
  }

  private List<Check> stops(Piece piece) {
    List<Check> checks = new ArrayList<>();
    for (SeamMatch match : matches.getOrDefault(piece.id(), List.of())) {
      boolean stopped = !match.isPlanned() || match.ease().filter(ease -> ease.verdict() == Ease.Verdict.STOP).isPresent();
      if (stopped) {
        String name = match.seam().seam().name();
        String words =
            match.isPlanned()
                ? "%s: its sides are %s apart, too much to ease.".formatted(name, wording.percent(worst(match)))
                : "%s cannot be planned yet.".formatted(name);
        checks.add(new Check(Verdict.STOP, words, "Look at the repairs of this seam.", List.of(match.seam().seam().id())));
      }
    }
    return checks;
  }

  private static double worst(SeamMatch match) {
    return match.eases().stream().mapToDouble(Ease::share).max().orElse(0);
  }

  private List<SeamId> seamsOf(Piece piece, Edge edge) {
    return matches.getOrDefault(piece.id(), List.of()).stream()
        .filter(
            match ->
                Stream.of(match.a(), match.b())
                    .flatMap(side -> side.spans().stream())
                    .anyMatch(span -> span.piece().id().equals(piece.id()) && span.edge().id().equals(edge.id())))
        .map(match -> match.seam().seam().id())
        .toList();
  }

  private static String capital(String name) {
    return Wording.capital(name);
  }
}
