package ruxel.core.construction;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import ruxel.core.identity.PieceId;

/**
 * What is told beside the questions: what follows from answers, what is taken where there are none and why, the pieces whose shape
 * is only assumed, and what each answer measures.
 *
 * @param assumed values by question, in the order of the questions
 * @param because from what they follow, by question
 */
public record Told(List<Consequence> consequences, Map<String, String> assumed, Map<String, String> because, List<PieceId> assumedPieces, List<Dimension> dimensions) {
  public static final Told NOTHING = new Told(List.of(), Map.of(), Map.of(), List.of(), List.of());

  public Told {
    consequences = List.copyOf(consequences);
    assumed = Collections.unmodifiableMap(new LinkedHashMap<>(assumed));
    because = Map.copyOf(because);
    assumedPieces = List.copyOf(assumedPieces);
    dimensions = List.copyOf(dimensions);
  }
}
