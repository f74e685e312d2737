package ruxel.core.layout;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import ruxel.core.finding.Fact;
import ruxel.core.finding.Finding;
import ruxel.core.finding.FindingCode;
import ruxel.core.finding.Outcome;
import ruxel.core.finding.Where;
import ruxel.core.piece.Cut;
import ruxel.core.piece.Edge;
import ruxel.core.piece.Origin;
import ruxel.core.piece.Piece;
import ruxel.core.piece.Pieces;
import ruxel.core.piece.Run;
import ruxel.core.seam.Span;

/**
 * Runs that are named as they are laid out, told by the runs of their piece as it is given: so a seam of the maker's own is kept, and follows when rows
 * or told parts come and go.
 */
public final class GivenSpan {
  private GivenSpan() {}

  /** All of them, or what is to be said of the first that is refused. */
  public static Outcome<List<Span>> all(List<Piece> laid, List<Span> spans) {
    List<Span> all = new ArrayList<>();
    for (Span span : spans) {
      Outcome<Span> given = of(laid, span);
      if (!(given instanceof Outcome.Good<Span> good)) {
        return Outcome.refused(given.findings());
      }
      all.add(good.value());
    }
    return Outcome.of(all);
  }

  /**
   * Of whole runs; unknown ones stay as they are named. Refused where it is nothing but ends of rows, which go with what lies beside them.
   *
   * @param laid the pieces as they are laid out
   */
  private static Outcome<Span> of(List<Piece> laid, Span span) {
    Optional<Piece> piece = Pieces.find(laid, span.piece());
    Optional<Edge> edge = piece.flatMap(found -> found.edge(span.edge()));
    int first = edge.map(found -> number(found, span.fromInclusive())).orElse(-1);
    int last = edge.map(found -> number(found, span.toExclusive())).orElse(-1);
    if (first < 0 || last < first) {
      return Outcome.of(span);
    }
    List<Run> runs = edge.get().runs();
    List<Run> own = runs.subList(first, last + 1).stream().filter(run -> run.origin().kind() != Origin.Kind.ROWS).toList();
    if (own.isEmpty()) {
      return Outcome.refused(
          Finding.of(
              FindingCode.UNKNOWN_RUN, Where.edge(span.piece(), span.edge()), Fact.text("edge", edge.get().name()), Fact.text("piece", piece.get().name()), Fact.text("value", span.fromInclusive().run()),
              Fact.text("choices", String.join(", ", runs.stream().filter(run -> run.origin().kind() != Origin.Kind.ROWS).map(Run::id).toList()))));
    }
    Edge under = RowStrip.under(piece.get()).edge(span.edge()).orElseThrow();
    return Outcome.of(new Span(span.piece(), span.edge(), CarriedCuts.fromRun(under, Cut.startOf(id(own.get(0)))), CarriedCuts.fromRun(under, Cut.endOf(id(own.get(own.size() - 1)))), span.along()));
  }

  private static int number(Edge edge, Cut cut) {
    return IntStream.range(0, edge.runs().size()).filter(i -> edge.runs().get(i).id().equals(cut.run())).findFirst().orElse(-1);
  }

  /** Of what lies under it. */
  private static String id(Run run) {
    return run.origin().under().map(Run::id).orElse(run.id());
  }
}
