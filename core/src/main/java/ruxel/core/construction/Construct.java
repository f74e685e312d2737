package ruxel.core.construction;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import ruxel.core.lay.Placement;
import ruxel.core.piece.Piece;
import ruxel.core.seam.Seam;

/**
 * What a template makes of the answers: pieces, seams, the openings it leaves, where pieces lie and what is said of that, which of them follow from
 * something that is only assumed, what may be dragged.
 */
public record Construct(
    List<Piece> pieces,
    List<Seam> seams,
    List<ExpectedOpening> openings,
    List<Placement> placements,
    String laidWords,
    List<Consequence> consequences,
    Map<String, String> assumed,
    List<String> assumedPieces,
    List<Handle> handles,
    List<Lever> levers,
    List<Stop> stops) {
  public Construct {
    pieces = List.copyOf(pieces);
    seams = List.copyOf(seams);
    openings = List.copyOf(openings);
    placements = List.copyOf(placements);
    consequences = List.copyOf(consequences);
    assumedPieces = List.copyOf(assumedPieces);
    handles = List.copyOf(handles);
    levers = List.copyOf(levers);
    stops = List.copyOf(stops);
    assumed = Collections.unmodifiableMap(new LinkedHashMap<>(assumed));
  }
}
