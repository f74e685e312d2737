package ruxel.core.seam;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.stream.Collectors;
import ruxel.core.finding.Fact;
import ruxel.core.finding.Finding;
import ruxel.core.finding.FindingCode;
import ruxel.core.finding.Where;
import ruxel.core.identity.PieceId;
import ruxel.core.identity.SeamId;
import ruxel.core.measure.Wording;
import ruxel.core.piece.Cut;
import ruxel.core.piece.Edge;
import ruxel.core.piece.Piece;

/**
 * Puts seams onto today's pieces. Every span that cannot be is a finding, all at once; a seam with such
 * a span is left out of the resolved ones, so that the rest of the garment stays usable.
 */
public final class SeamResolver {
  /** The seams that exist on the pieces, and why others do not. */
  public record Result(List<ResolvedSeam> seams, List<Finding> findings) {}

  private final Map<PieceId, Piece> pieces = new LinkedHashMap<>();
  private final List<Finding> findings = new ArrayList<>();

  private SeamResolver(List<Piece> pieces) {
    pieces.forEach(piece -> this.pieces.put(piece.id(), piece));
  }

  /** Linear in spans, but quadratic in the spans of one edge when looking for overlaps. */
  public static Result resolve(List<Piece> pieces, List<Seam> seams) {
    return resolve(pieces, seams, List.of());
  }

  /**
   * The same of a garment whose openings have names.
   *
   * @param open by which the ends of seams are called
   */
  public static Result resolve(List<Piece> pieces, List<Seam> seams, List<SeamEnds.Open> open) {
    SeamResolver resolver = new SeamResolver(pieces);
    List<ResolvedSeam> resolved = new ArrayList<>();
    for (Seam seam : seams) {
      List<ResolvedSpan> a = resolver.spans(seam, seam.a());
      List<ResolvedSpan> b = resolver.spans(seam, seam.b());
      if (a.size() == seam.a().spans().size() && b.size() == seam.b().spans().size()) {
        resolved.add(new ResolvedSeam(seam, bySquares(a), bySquares(b)));
      }
    }
    List<ResolvedSeam> apart = resolver.withoutOverlaps(resolved);
    SeamEnds.Among among = SeamEnds.Among.of(apart, open);
    List<ResolvedSeam> told = apart.stream().map(seam -> seam.with(SeamEnds.of(seam, among))).toList();
    return new Result(told, List.copyOf(resolver.findings));
  }

  /** One seam on today's pieces; empty when there is none or it cannot be. */
  public static Optional<ResolvedSeam> find(List<Piece> pieces, List<Seam> seams, SeamId id) {
    return resolve(pieces, seams).seams().stream().filter(resolved -> resolved.seam().id().equals(id)).findFirst();
  }

  private List<ResolvedSpan> spans(Seam seam, Seam.SideOf side) {
    List<ResolvedSpan> spans = new ArrayList<>();
    for (Span span : side.spans()) {
      span(seam, span).ifPresent(spans::add);
    }
    return spans;
  }

  /** On a board each square is a stretch of its own, so that its corners are found. */
  private static List<ResolvedSpan> bySquares(List<ResolvedSpan> spans) {
    return spans.stream().flatMap(span -> span.bySquares().stream()).toList();
  }

  private Optional<ResolvedSpan> span(Seam seam, Span span) {
    Where where = Where.edge(span.piece(), span.edge()).of(seam.id());
    Piece piece = pieces.get(span.piece());
    if (piece == null) {
      return refuse(FindingCode.UNKNOWN_PIECE, where, Fact.text("value", span.piece()), Fact.text("choices", pieces.keySet().stream().map(PieceId::text).collect(Collectors.joining(", "))));
    }
    Optional<Edge> edge = piece.edge(span.edge());
    if (edge.isEmpty()) {
      String choices = String.join(", ", piece.edges().stream().map(Edge::id).toList());
      return refuse(FindingCode.UNKNOWN_EDGE, where, Fact.text("piece", piece.name()), Fact.text("value", span.edge()), Fact.text("choices", choices));
    }
    OptionalInt from = cut(where, piece, edge.get(), span.fromInclusive());
    OptionalInt to = cut(where, piece, edge.get(), span.toExclusive());
    if (from.isEmpty() || to.isEmpty()) {
      return Optional.empty();
    }
    if (from.getAsInt() >= to.getAsInt()) {
      return refuse(
          FindingCode.SPAN_EMPTY, where,
          Fact.text("seam", seam.name()), Fact.text("piece", piece.name()), Fact.text("edge", edge.get().name()),
          Fact.count("from", from.getAsInt()), Fact.count("to", to.getAsInt()));
    }
    int index = piece.edges().indexOf(edge.get());
    return Optional.of(new ResolvedSpan(span, piece, index, from.getAsInt(), to.getAsInt()));
  }

  private OptionalInt cut(Where where, Piece piece, Edge edge, Cut cut) {
    OptionalInt found = cut.on(edge);
    if (found.isPresent()) {
      return found;
    }
    Optional<Integer> count = edge.run(cut.run()).map(run -> run.count());
    if (count.isEmpty()) {
      String choices = String.join(", ", edge.runs().stream().map(run -> run.id()).toList());
      refuse(
          FindingCode.UNKNOWN_RUN, where,
          Fact.text("edge", edge.name()), Fact.text("piece", piece.name()), Fact.text("value", cut.run()), Fact.text("choices", choices));
    } else {
      refuse(
          FindingCode.CUT_GONE, where,
          Fact.count("offset", cut.offset()), Fact.text("end", Wording.low(cut.from().name())),
          Fact.text("run", cut.run()), Fact.count("count", count.get()));
    }
    return OptionalInt.empty();
  }

  private Optional<ResolvedSpan> refuse(FindingCode code, Where where, Fact... facts) {
    findings.add(Finding.of(code, where, facts));
    return Optional.empty();
  }

  /** Drops the later of two seams that claim one unit. */
  private List<ResolvedSeam> withoutOverlaps(List<ResolvedSeam> resolved) {
    record Claim(ResolvedSeam seam, ResolvedSpan span) {}
    Map<String, List<Claim>> claims = new LinkedHashMap<>();
    List<ResolvedSeam> kept = new ArrayList<>();
    for (ResolvedSeam seam : resolved) {
      boolean free = true;
      List<ResolvedSpan> all = new ArrayList<>(seam.a());
      all.addAll(seam.b());
      for (ResolvedSpan span : all) {
        List<Claim> onEdge = claims.computeIfAbsent(span.piece().id() + "/" + span.edge().id(), key -> new ArrayList<>());
        for (Claim other : onEdge) {
          int shared = Math.min(span.to(), other.span().to()) - Math.max(span.from(), other.span().from());
          if (shared > 0) {
            free = false;
            Where where = Where.edge(span.piece().id(), span.edge().id()).of(seam.seam().id());
            refuse(
                FindingCode.SPANS_OVERLAP, where,
                Fact.text("first", other.seam().seam().name()), Fact.text("second", seam.seam().name()), Fact.count("count", shared),
                Fact.text("piece", span.piece().name()), Fact.text("edge", span.edge().name()));
          }
        }
        onEdge.add(new Claim(seam, span));
      }
      if (free) {
        kept.add(seam);
      }
    }
    return List.copyOf(kept);
  }
}
