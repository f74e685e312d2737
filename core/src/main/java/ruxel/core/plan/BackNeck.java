package ruxel.core.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import ruxel.core.decision.Settings;
import ruxel.core.decision.WornBy;
import ruxel.core.finding.Fact;
import ruxel.core.finding.Finding;
import ruxel.core.finding.FindingCode;
import ruxel.core.finding.Where;
import ruxel.core.identity.SeamId;
import ruxel.core.measure.HouseRules;
import ruxel.core.measure.HouseRules.Rule;
import ruxel.core.piece.Edge;
import ruxel.core.piece.Outline;
import ruxel.core.piece.Outline.Point;
import ruxel.core.piece.Piece;
import ruxel.core.seam.ResolvedSeam;
import ruxel.core.seam.ResolvedSpan;
import ruxel.core.seam.SeamRole;

/** What two shoulders leave of the back between them (handbook 10), told at the shoulders, before they are joined. */
final class BackNeck {
  private BackNeck() {}

  /** What two shoulders leave of a back, what it should have, both mm, and the first of them. */
  record Left(double neckMm, double leastMm, SeamId seam) {
    boolean isNarrow() {
      return neckMm < leastMm;
    }

    Finding finding() {
      return Finding.of(FindingCode.BACK_NECK_NARROW, Where.seam(seam), Fact.length("neck", neckMm), Fact.length("least", leastMm));
    }
  }

  /** For each back with two shoulders, and for halves that are folded over them. Linear in the spans. */
  static List<Left> of(List<Piece> pieces, List<ResolvedSeam> seams, Settings settings, HouseRules rules) {
    boolean child = settings.on(WornBy.class).filter(worn -> worn.wearer().isChild()).isPresent();
    double least = rules.get(child ? Rule.CHILD_NECK_MM : Rule.BACK_NECK_MM);
    return Stream.concat(pieces.stream().filter(Piece::isBack).flatMap(back -> left(back, seams, least, rules).stream()), ofHalves(pieces, seams, least, rules).stream()).toList();
  }

  private static Optional<Left> left(Piece back, List<ResolvedSeam> seams, double least, HouseRules rules) {
    List<ResolvedSeam> shoulders = new ArrayList<>();
    List<ResolvedSpan> spans = new ArrayList<>();
    for (ResolvedSeam seam : seams) {
      List<ResolvedSpan> onBack = Stream.concat(seam.a().stream(), seam.b().stream()).filter(span -> span.piece().id().equals(back.id())).toList();
      if (seam.seam().role().isShoulder() && onBack.size() == 1) {
        shoulders.add(seam);
        spans.addAll(onBack);
      }
    }
    if (spans.size() != 2) {
      return Optional.empty();
    }
    // The ring begins with the lower edge.
    double share = rules.get(Rule.BACK_NECK_SHARE) * back.edges().get(0).gaugeLengthMm();
    return Optional.of(new Left(apart(spans.get(0), spans.get(1)), Math.max(least, share), shoulders.get(0).seam().id()));
  }

  /** On each half what lies between its centre back and the seam over its sleeve (handbook 9.3: 2k·w). */
  private static Optional<Left> ofHalves(List<Piece> pieces, List<ResolvedSeam> seams, double least, HouseRules rules) {
    List<Piece> halves = pieces.stream().filter(piece -> piece.part() == Piece.Part.HALF && piece.fold().isPresent()).toList();
    Optional<ResolvedSeam> centre = seams.stream().filter(seam -> seam.seam().role() == SeamRole.CENTRE_BACK).findFirst();
    List<ResolvedSeam> over = seams.stream().filter(seam -> seam.seam().role().isShoulder()).toList();
    if (halves.isEmpty() || centre.isEmpty() || halves.stream().anyMatch(half -> on(half, centre.stream()).isEmpty() || on(half, over.stream()).isEmpty())) {
      return Optional.empty();
    }
    double neck = halves.stream().mapToDouble(half -> alongTheRing(half, on(half, centre.stream()), on(half, over.stream()))).sum();
    double back = halves.stream().mapToDouble(half -> half.edge(half.fold().orElseThrow().to().edge()).orElseThrow().gaugeLengthMm() / 2).sum();
    return Optional.of(new Left(neck, Math.max(least, rules.get(Rule.BACK_NECK_SHARE) * back), over.get(0).seam().id()));
  }

  private static List<ResolvedSpan> on(Piece piece, Stream<ResolvedSeam> seams) {
    return seams.flatMap(seam -> Stream.concat(seam.a().stream(), seam.b().stream())).filter(span -> span.piece().id().equals(piece.id())).toList();
  }

  /** From an end of one span to the nearest of the others, the shorter way round. */
  private static double alongTheRing(Piece piece, List<ResolvedSpan> from, List<ResolvedSpan> to) {
    double round = new Outline(piece).perimeterMm();
    return from.stream()
        .flatMap(span -> endsMm(piece, span))
        .flatMap(one -> to.stream().flatMap(span -> endsMm(piece, span)).map(other -> Math.min(Math.abs(one - other), round - Math.abs(one - other))))
        .min(Double::compare)
        .orElseThrow();
  }

  private static Stream<Double> endsMm(Piece piece, ResolvedSpan span) {
    return Stream.of(span.from(), span.to()).map(cut -> beforeMm(piece, span.edgeIndex(), cut));
  }

  /** How far along the ring a cut lies. */
  private static double beforeMm(Piece piece, int edgeIndex, int cut) {
    double edges = piece.edges().subList(0, edgeIndex).stream().mapToDouble(Edge::gaugeLengthMm).sum();
    Edge edge = piece.edges().get(edgeIndex);
    return edges + IntStream.range(0, cut).mapToDouble(unit -> edge.runOfUnit(unit).advance().lengthMm()).sum();
  }

  /** Between the ends that lie nearest to each other. */
  private static double apart(ResolvedSpan one, ResolvedSpan other) {
    Outline outline = new Outline(one.piece());
    return ends(outline, one).flatMap(a -> ends(outline, other).map(b -> Math.hypot(a.x() - b.x(), a.y() - b.y()))).min(Double::compare).orElseThrow();
  }

  private static Stream<Point> ends(Outline outline, ResolvedSpan span) {
    return Stream.of(outline.at(span.edgeIndex(), span.from()), outline.at(span.edgeIndex(), span.to()));
  }
}
