package ruxel.files;

import java.util.Random;
import java.util.Set;
import ruxel.core.board.Crossing;
import ruxel.core.board.Scheme;
import ruxel.core.change.BoardChange;
import ruxel.core.change.BoardShape;
import ruxel.core.change.Change;
import ruxel.core.colour.ColourTask;
import ruxel.core.identity.PieceId;
import ruxel.core.measure.Corner;
import ruxel.core.method.Method;
import ruxel.core.piece.Cloth;

/** Changes of colourways, squares and boards, with values as {@link RandomChanges} has them. */
final class RandomSquares {
  private final RandomChanges changes;
  private final Random random;

  RandomSquares(RandomChanges changes, Random random) {
    this.changes = changes;
    this.random = random;
  }

  Change next() {
    String colourway = random.nextInt(6) == 0 ? changes.word() : "c" + random.nextInt(3);
    return switch (random.nextInt(11)) {
      case 6 -> new BoardShape.BoardLaid(new PieceId("own." + random.nextInt(4)), random.nextInt(5) == 0 ? changes.word() : "Board", changes.number(0, 5), changes.number(1, 4), changes.number(0, 9), changes.one(Corner.values()), random.nextInt(4) == 0 ? changes.length() : 90);
      case 7 -> new BoardShape.SquareAdded(new PieceId("own." + random.nextInt(4)), changes.number(0, 6), changes.number(1, 6));
      case 8 -> new BoardShape.SquareTakenAway(new PieceId("own." + random.nextInt(4)), changes.number(1, 5), changes.number(1, 5));
      case 0, 1 -> new BoardChange.ColourwayAdded(colourway, random.nextInt(4) == 0 ? changes.word() : "Dusk", changes.one(Cloth.Dye.values()), changes.maybe(() -> changes.number(-1, 60)));
      case 2 -> new BoardChange.ColourwayRemoved(colourway);
      case 3 -> new BoardChange.SquareColoured(changes.piece().id(), changes.number(0, 6), changes.number(0, 6), changes.maybe(() -> colourway), random.nextBoolean());
      case 4 -> new BoardChange.SquaresSwapped(changes.piece().id(), changes.number(1, 5), changes.number(1, 5), changes.piece().id(), changes.number(0, 6), changes.number(1, 5));
      case 9 -> new BoardChange.SquareTurned(changes.piece().id(), changes.number(0, 4), changes.number(1, 4));
      case 5 -> new BoardChange.ColoursPlaced(random.nextLong(), random.nextBoolean() ? Set.of(changes.one(ColourTask.Wish.values())) : Set.of());
      default -> new BoardChange.BoardJoined(changes.piece().id(), random.nextInt(6) == 0 ? changes.word() : changes.one(Method.values()).id(), changes.one(Crossing.values()), changes.one(Scheme.Name.values()));
    };
  }
}
