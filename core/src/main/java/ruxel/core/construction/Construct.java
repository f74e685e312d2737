package ruxel.core.construction;

import java.util.List;
import java.util.Optional;
import ruxel.core.identity.SeamId;
import ruxel.core.lay.Placement;
import ruxel.core.piece.Piece;
import ruxel.core.seam.ResolvedSeam;
import ruxel.core.seam.Seam;
import ruxel.core.seam.SeamResolver;

/** What a template makes of the answers: pieces, seams, the openings it leaves, where pieces lie and what is said of that, what is told beside
 * the questions, what may be dragged. */
public record Construct(
    List<Piece> pieces,
    List<Seam> seams,
    List<ExpectedOpening> openings,
    List<Placement> placements,
    String laidWords,
    Told told,
    List<Handle> handles,
    List<Lever> levers,
    List<Stop> stops) {
  public Construct {
    pieces = List.copyOf(pieces);
    seams = List.copyOf(seams);
    openings = List.copyOf(openings);
    placements = List.copyOf(placements);
    handles = List.copyOf(handles);
    levers = List.copyOf(levers);
    stops = List.copyOf(stops);
  }

  /** Its seams on its pieces, their ends called by what stands there. */
  public SeamResolver.Result resolved() {
    return SeamResolver.resolve(pieces, seams, openings.stream().flatMap(ExpectedOpening::called).toList());
  }

  /** One of them; empty when there is none or it cannot be. */
  public Optional<ResolvedSeam> resolved(SeamId id) {
    return resolved().seams().stream().filter(seam -> seam.seam().id().equals(id)).findFirst();
  }

  public Construct withSeams(List<Seam> others) {
    return new Construct(pieces, others, openings, placements, laidWords, told, handles, levers, stops);
  }
}
