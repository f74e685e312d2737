package ruxel.core.match;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import ruxel.core.identity.PieceId;
import ruxel.core.measure.Wording;
import ruxel.core.piece.RowNumbers;
import ruxel.core.piece.UnitKind;

/**
 * What the maker calls a place: a row end by the number of its row, which is the same in every seam; stitches numbered from 1 in each
 * span, from the end that the surplus is reckoned from, so that both halves of an armhole count from the underarm.
 */
public final class PlaceNames {
  private final SideLayout side;
  private final boolean[] fromEnd;
  private final Map<PieceId, Optional<RowNumbers>> rows = new HashMap<>();

  public PlaceNames(SideLayout side, boolean onA, List<Interval> intervals) {
    this.side = side;
    side.spans().forEach(span -> rows.computeIfAbsent(span.piece().id(), key -> RowNumbers.of(span.piece())));
    fromEnd = new boolean[side.spans().size()];
    for (Interval interval : intervals) {
      int place = onA ? interval.aFromInclusive() : interval.bFromInclusive();
      int span = side.places().get(place).spanIndex();
      boolean whole = side.spans().size() > 1;
      fromEnd[span] |= whole && interval.from() == From.END;
    }
  }

  /** The number of a place's unit as the maker counts it; 0 beside the units of the edge. */
  public int number(int placeIndex) {
    Place place = side.places().get(placeIndex);
    if (!place.isOfEdge()) {
      return 0;
    }
    OptionalInt row = place.run().kind() == UnitKind.ROW_END ? rows.get(place.span().piece().id()).map(numbers -> numbers.number(place.span().edgeIndex(), place.unit())).orElse(OptionalInt.empty()) : OptionalInt.empty();
    return row.orElseGet(() -> local(place));
  }

  /** Counted along its span. */
  private int local(Place place) {
    int local = place.span().forward() ? place.unit() - place.span().from() : place.span().to() - 1 - place.unit();
    return fromEnd[place.spanIndex()] ? place.span().units() - local : local + 1;
  }

  /** Whether the numbers of like places run against the seam's direction. */
  public boolean countsDown(int fromInclusive, int toExclusive) {
    int first = number(fromInclusive);
    int last = number(toExclusive - 1);
    return first == last ? fromEnd[side.places().get(fromInclusive).spanIndex()] : last < first;
  }

  /** The same as {@link #name}, and as how many of its stretch it is found where that is not its number: "row end 52 (the 6th)". */
  public String found(int placeIndex) {
    Place place = side.places().get(placeIndex);
    boolean isFound = !place.isOfEdge() || local(place) == number(placeIndex);
    return isFound ? name(placeIndex) : "%s (the %s)".formatted(name(placeIndex), Wording.ordinal(local(place)));
  }

  /** "stitch 18", "front row end 10", "back row end 3, second of two". */
  public String name(int placeIndex) {
    Place place = side.places().get(placeIndex);
    String piece = stretch(place);
    String part = place.parts() == 1 ? "" : ", " + part(place.part() + 1) + " of " + Wording.number(place.parts());
    return place.isOfEdge()
        ? piece + word(place.run().kind()) + " " + number(placeIndex) + part
        : place.run().kind() == UnitKind.SEAM_PLACE ? "the seam place" : piece + word(place.run().kind()) + part;
  }

  /** Of which piece it is where a side has several stretches, and of which square on a board. */
  private String stretch(Place place) {
    String piece = side.spans().size() > 1 ? Wording.low(place.span().piece().name()) + " " : "";
    boolean onSquare = place.span().piece().board().filter(board -> board.squares().size() > 1).isPresent() && !place.run().origin().isEdging();
    return onSquare ? piece + "square " + (squaresBefore(place) + 1) + ", " : piece;
  }

  /** Squares of the same piece before it along the side. */
  private int squaresBefore(Place place) {
    int before = 0;
    for (int s = place.spanIndex(); s > 0 && side.spans().get(s).goesOnFrom(side.spans().get(s - 1)); s--) {
      before++;
    }
    return before;
  }

  /** Neighbouring places that one joint takes: "stitches 3 and 4", "two places of row end 7". */
  public String names(int lastPlace, int count) {
    int first = lastPlace - count + 1;
    if (count == 1) {
      return name(lastPlace);
    }
    List<Place> places = side.places().subList(first, lastPlace + 1);
    Place one = places.get(0);
    boolean alike = places.stream().allMatch(place -> place.isOfEdge() && place.spanIndex() == one.spanIndex() && place.run().kind() == one.run().kind());
    if (!alike) {
      return IntStream.rangeClosed(first, lastPlace).mapToObj(this::name).collect(Collectors.joining(", "));
    }
    List<Integer> numbers = IntStream.rangeClosed(first, lastPlace).map(this::number).distinct().boxed().toList();
    String piece = stretch(one);
    if (numbers.size() == 1) {
      return "%s places of %s%s %d".formatted(Wording.number(count), piece, word(one.run().kind()), numbers.get(0));
    }
    return "%s%s %d%s%d".formatted(piece, words(one.run().kind()), numbers.get(0), numbers.size() == 2 ? " and " : " to ", numbers.get(numbers.size() - 1));
  }

  private static String part(int number) {
    return switch (number) {
      case 1 -> "first";
      case 2 -> "second";
      case 3 -> "third";
      default -> number + "th";
    };
  }

  /** One unit in the maker's word. */
  public static String word(UnitKind kind) {
    return switch (kind) {
      case STITCH_TOP -> "stitch";
      case FOUNDATION_LOOP -> "foundation loop";
      case ROW_END -> "row end";
      case CHAIN_SPACE -> "space";
      case CORNER -> "corner place";
      case SEAM_PLACE -> "seam place";
    };
  }

  /** "1 stitch", "24 row ends". */
  public static String counted(int count, UnitKind kind) {
    return Wording.counted(count, words(kind));
  }

  /** One unit or several in the maker's word, as many as there are. */
  public static String words(int count, UnitKind kind) {
    return count == 1 ? word(kind) : words(kind);
  }

  /** Several units in the maker's word. */
  public static String words(UnitKind kind) {
    return kind == UnitKind.STITCH_TOP ? "stitches" : word(kind) + "s";
  }
}
