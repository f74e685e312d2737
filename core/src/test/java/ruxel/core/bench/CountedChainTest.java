package ruxel.core.bench;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import ruxel.core.change.Change;
import ruxel.core.change.PieceChange;
import ruxel.core.construction.Answers;
import ruxel.core.construction.Template;
import ruxel.core.construction.Templates;
import ruxel.core.finding.Outcome;
import ruxel.core.garment.Garment;
import ruxel.core.garment.Recipe;
import ruxel.core.garment.Wardrobe;
import ruxel.core.identity.PieceId;
import ruxel.core.identity.SeamId;
import ruxel.core.layout.Layout;
import ruxel.core.measure.Wording;
import ruxel.core.piece.CountedChain;
import ruxel.core.piece.Piece;
import ruxel.core.piece.RowNumbers;
import ruxel.core.piece.RowNumbers.RightSide;

/** Which chain is stitch 1 where the turning chain counts: at the start of the row whose tops are joined. */
class CountedChainTest {
  private static Garment good(Outcome<Garment> outcome) {
    assertThat(outcome.findings()).isEmpty();
    return ((Outcome.Good<Garment>) outcome).value();
  }

  private static String joint(Garment garment, String seam, boolean first) {
    List<BenchPlan.BenchJoint> joints = Directions.of(garment, new SeamId(seam)).orElseThrow().joints();
    return joints.get(first ? 0 : joints.size() - 1).words();
  }

  private static Garment with(boolean leftHand, boolean lastIsRightSide) {
    Garment garment = leftHand ? Wardrobe.cardigan().withWording(new Wording(Wardrobe.cardigan().wording().unit(), Wardrobe.cardigan().wording().terms(), Wording.Hand.LEFT)) : Wardrobe.cardigan();
    int last = Wardrobe.plan(garment).pieces().get(0).rows().orElseThrow().count();
    List<Change> told = Stream.of("back", "front.left", "front.right").map(id -> (Change) new PieceChange.RowsTold(new PieceId(id), Optional.of(lastIsRightSide ? last : last - 1))).toList();
    return good(Change.applyAll(garment, told));
  }

  /**
   * A right-side last row begins, seen from the right side, at its right end: of the back at the wearer's right armhole, of the right front at the
   * neck, of the left front at the left armhole. Joined from the armhole, that is the first place of the back at the right and of the front
   * at the left, the last of the right front; none of the back at the left. All the other way for a wrong-side row, and for the left hand.
   */
  @ParameterizedTest
  @CsvSource({"false,true", "true,false"})
  void itLiesWhereTheLastRowBegan(boolean leftHand, boolean lastIsRightSide) {
    Garment garment = with(leftHand, lastIsRightSide);
    assertThat(joint(garment, "shoulder.right", true)).isEqualTo("Stitch 1 of both. Stitch 1 is the turning chain of the back: take its 3rd chain.");
    assertThat(joint(garment, "shoulder.right", false)).endsWith(" is the turning chain of the right front: take its 3rd chain.").doesNotContain("of the back");
    assertThat(joint(garment, "shoulder.left", true)).isEqualTo("Stitch 1 of both. Stitch 1 is the turning chain of the left front: take its 3rd chain.");
    assertThat(joint(garment, "shoulder.left", false)).doesNotContain("turning chain");
  }

  @ParameterizedTest
  @CsvSource({"false,false", "true,true"})
  void anotherRowBeganAtTheOtherEnd(boolean leftHand, boolean lastIsRightSide) {
    Garment garment = with(leftHand, lastIsRightSide);
    assertThat(joint(garment, "shoulder.left", true)).isEqualTo("Stitch 1 of both. Stitch 1 is the turning chain of the back: take its 3rd chain.");
    assertThat(joint(garment, "shoulder.right", true)).isEqualTo("Stitch 1 of both. Stitch 1 is the turning chain of the right front: take its 3rd chain.");
  }

  @Test
  void whereItDoesNotCountNothingIsSaid() {
    Garment garment = good(new Change.AnswersChanged(Map.of("turningChainCounts", Optional.of(new Answers.Word("NO")))).apply(Wardrobe.cardigan()));
    for (String seam : List.of("shoulder.left", "shoulder.right")) {
      assertThat(Directions.of(garment, new SeamId(seam)).orElseThrow().joints()).noneMatch(joint -> joint.words().contains("turning chain"));
    }
  }

  static Stream<Piece> pieces() {
    return Templates.all().stream()
        .map(Template::id)
        .map(id -> Garment.of(id, new Recipe(id, new Answers(Map.of()))))
        .flatMap(garment -> ((Outcome.Good<Layout>) Layout.of(garment)).value().construct().pieces().stream());
  }

  /** Of each row but one end of its tops is the chain: with the other rows told as right-side rows it is at the other end, and both hands are each other's mirror. */
  @ParameterizedTest
  @MethodSource("pieces")
  void itLiesAtOneEndOfARow(Piece piece) {
    Optional<RowNumbers> rows = RowNumbers.of(piece);
    if (rows.isEmpty()) {
      return;
    }
    for (int e = 0; e < piece.edges().size(); e++) {
      for (int unit = 0; unit < piece.edges().get(e).units(); unit++) {
        boolean odd = new CountedChain(piece, rows.get(), RightSide.ODD, Wording.Hand.RIGHT).isAt(e, unit);
        boolean even = new CountedChain(piece, rows.get(), RightSide.EVEN, Wording.Hand.RIGHT).isAt(e, unit);
        assertThat(new CountedChain(piece, rows.get(), RightSide.EVEN, Wording.Hand.LEFT).isAt(e, unit)).isEqualTo(odd);
        boolean isInside = unit > 0 && unit < piece.edges().get(e).units() - 1;
        assertThat(odd && even || isInside && (odd || even)).as("%s, %s, %d", piece.name(), piece.edges().get(e).name(), unit).isFalse();
      }
    }
  }
}
