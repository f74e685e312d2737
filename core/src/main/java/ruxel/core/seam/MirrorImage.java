package ruxel.core.seam;

import java.util.List;
import java.util.Optional;
import ruxel.core.identity.PieceId;
import ruxel.core.piece.Cut;
import ruxel.core.piece.Piece;
import ruxel.core.piece.Pieces;
import ruxel.core.piece.Run;
import ruxel.core.seam.Anchor.Spot;
import ruxel.core.seam.Seam.SideOf;

/** What lies on the other half of a garment, by the pieces' own mirror. A piece without a twin stands for itself. */
public record MirrorImage(List<Piece> pieces) {
  public SideOf of(SideOf side) {
    return side.with(side.spans().stream().map(this::of).toList());
  }

  public Span of(Span span) {
    return new Span(
        twin(span.piece()).id(), edge(span.piece(), span.edge()), of(span.piece(), span.edge(), span.toExclusive()), of(span.piece(), span.edge(), span.fromInclusive()), span.along().opposite());
  }

  public Anchor of(Anchor anchor) {
    return new Anchor(anchor.id(), anchor.name(), of(anchor.a()), of(anchor.b()));
  }

  /** Whether every piece that a seam lies on has a mirror image, or is its own. */
  public boolean has(Seam seam) {
    return seam.spans().allMatch(span -> piece(span.piece()).filter(piece -> piece.twinAmong(pieces).isPresent()).isPresent());
  }

  public Spot of(Spot spot) {
    Cut cut = of(spot.piece(), spot.edge(), spot.cut());
    // The unit after a cut is the unit before its mirror image.
    Cut before = spot.at() == Spot.At.CUT ? cut : new Cut(cut.run(), cut.from() == Cut.End.END ? cut.offset() + 1 : cut.offset() - 1, cut.from());
    return new Spot(twin(spot.piece()).id(), edge(spot.piece(), spot.edge()), before, spot.at());
  }

  private Cut of(PieceId piece, String edge, Cut cut) {
    return new Cut(run(piece, edge, cut.run()), cut.offset(), cut.from() == Cut.End.START ? Cut.End.END : Cut.End.START);
  }

  /** The mirror image of a run is as far from the other end of its edge; where the edges have not the same runs today it has its name. */
  private String run(PieceId piece, String edge, String run) {
    Piece own = piece(piece).orElseThrow();
    List<String> runs = ids(own, edge);
    List<String> mirrored = ids(twin(piece), edge(piece, edge));
    int at = runs.indexOf(run);
    return at >= 0 && runs.size() == mirrored.size() ? mirrored.get(runs.size() - 1 - at) : run;
  }

  private static List<String> ids(Piece piece, String edge) {
    return piece.edge(edge).stream().flatMap(found -> found.runs().stream()).map(Run::id).toList();
  }

  private Optional<Piece> piece(PieceId id) {
    return Pieces.find(pieces, id);
  }

  private Piece twin(PieceId id) {
    Piece piece = piece(id).orElseThrow();
    return piece.twinAmong(pieces).orElse(piece);
  }

  private String edge(PieceId piece, String edge) {
    return piece(piece).orElseThrow().edgeOnTwin(twin(piece), edge);
  }
}
