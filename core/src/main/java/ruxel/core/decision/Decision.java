package ruxel.core.decision;

import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Stream;
import ruxel.core.identity.Id;
import ruxel.core.identity.PieceId;
import ruxel.core.identity.SeamId;

/**
 * Something decided since the recipe, by stable ids (model 5): what it is of, and how it is told when that is gone. A
 * later decision of the same kind on the same target takes its place.
 */
public sealed interface Decision
    permits MadeCount, MovedAnchor, ChosenMethod, ChosenFacing, TurnedSeam, EndedSeam, LaidPiece, WantedOrder, ToldRun, MeasuredEdge, MarkedEdge, WorkedSeam, OwnAnchor, OwedItem,
        ToldCorner, LeaningPiece, EdgingRows, LeftFinding, TakenOut, OwnYarn,
        PieceRows, PieceYarn, RibYarn, SeamYarn, StripYarn, KeptTail, DoneChore, WishFor, OwnSchool, GarmentWeight, WornBy, WearerMeasure, OwnFactor, OwnColourway, PlacedSquares, TurnedSquare, JoinedBoard, WorkedStrip, StripCount, StripStep {
  /** The ids of what it is of. */
  List<?> target();

  /** What it says, for when its target is gone: "the length of back, hem". */
  String told(Naming names);

  /** The seam without which it is gone. */
  default Optional<SeamId> ofSeam() {
    return Optional.empty();
  }

  /** The piece without which it is gone. */
  default Optional<PieceId> ofPiece() {
    return Optional.empty();
  }

  /** The ids it knows things by: none of them may be given to something else while it is kept. */
  default Stream<String> names() {
    return Stream.of(target().stream(), ofSeam().stream(), ofPiece().stream()).flatMap(Function.identity()).flatMap(each -> each instanceof Id id ? Stream.of(id.text()) : each instanceof String text ? Stream.of(text) : Stream.empty());
  }

  /** Names it among all that is decided: by its kind and its target. */
  default String key() {
    return getClass().getSimpleName() + target();
  }

  /** Whether both are of one kind and of the same target. */
  default boolean replaces(Decision other) {
    return getClass() == other.getClass() && target().equals(other.target());
  }
}
