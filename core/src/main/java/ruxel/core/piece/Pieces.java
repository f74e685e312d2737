package ruxel.core.piece;

import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import ruxel.core.finding.Fact;
import ruxel.core.finding.Finding;
import ruxel.core.finding.FindingCode;
import ruxel.core.finding.Outcome;
import ruxel.core.finding.Where;
import ruxel.core.identity.PieceId;

/** Pieces, their edges and runs looked up by id; the refusal names what there is instead. Linear. */
public final class Pieces {
  private Pieces() {}

  public static Optional<Piece> find(List<Piece> pieces, PieceId id) {
    return pieces.stream().filter(piece -> piece.id().equals(id)).findFirst();
  }

  public static Optional<Edge> find(List<Piece> pieces, PieceId piece, String edge) {
    return find(pieces, piece).flatMap(found -> found.edge(edge));
  }

  public static Outcome<Piece> named(List<Piece> pieces, PieceId id, Where where) {
    return find(pieces, id)
        .map(Outcome::of)
        .orElseGet(
            () ->
                refused(
                    FindingCode.UNKNOWN_PIECE, where, Fact.text("value", id),
                    Fact.text("choices", pieces.stream().map(piece -> piece.id().text()).collect(Collectors.joining(", ")))));
  }

  public static Outcome<Edge> edge(Piece piece, String id, Where where) {
    return piece
        .edge(id)
        .map(Outcome::of)
        .orElseGet(
            () ->
                refused(
                    FindingCode.UNKNOWN_EDGE, where, Fact.text("piece", piece.name()), Fact.text("value", id),
                    Fact.text("choices", piece.edges().stream().map(Edge::id).collect(Collectors.joining(", ")))));
  }

  public static Outcome<Run> run(Piece piece, Edge edge, String id, Where where) {
    return edge
        .run(id)
        .map(Outcome::of)
        .orElseGet(
            () ->
                refused(
                    FindingCode.UNKNOWN_RUN, where, Fact.text("edge", edge.name()), Fact.text("piece", piece.name()), Fact.text("value", id),
                    Fact.text("choices", edge.runs().stream().map(Run::id).collect(Collectors.joining(", ")))));
  }

  private static <T> Outcome<T> refused(FindingCode code, Where where, Fact... facts) {
    return Outcome.refused(Finding.of(code, where, facts));
  }
}
