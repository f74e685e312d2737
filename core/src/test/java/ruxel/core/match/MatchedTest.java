package ruxel.core.match;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import ruxel.core.identity.PieceId;
import ruxel.core.measure.HouseRules.Rule;
import ruxel.core.measure.HouseRules;
import ruxel.core.piece.UnitKind;
import ruxel.core.seam.Seam;

class MatchedTest {
  private static final HouseRules USUAL = HouseRules.USUAL;

  private static SeamMatch match(int onA, int onB) {
    return Sides.match(Sides.piece(new PieceId("a"), UnitKind.STITCH_TOP, 7, onA, List.of()), Sides.piece(new PieceId("b"), UnitKind.STITCH_TOP, 7, onB, List.of()), List.of(), Seam.Working.USUAL);
  }

  private static SeamMatch.Left need(SeamMatch match) {
    return new SeamMatch.Left(match.a().size() + match.b().size(), 12);
  }

  @Test
  void aSeamIsFoundByAllThatItConsistsOf() {
    Matched matched = new Matched(1000);
    SeamMatch kept = match(30, 24);
    matched.keep(kept, USUAL, need(kept));
    assertThat(matched.find(match(30, 24).seam(), USUAL, SeamMatch.Left.ALL)).containsSame(kept);
    assertThat(matched.find(match(30, 25).seam(), USUAL, SeamMatch.Left.ALL)).isEmpty();
    assertThat(matched.find(kept.seam(), new HouseRules(Map.of(Rule.MATCHED_SHARE, 0.01)), SeamMatch.Left.ALL)).isEmpty();
  }

  /** What a garment may take is asked as of a seam that is matched for the first time. */
  @Test
  void whatIsLeftIsAskedAllTheSame() {
    Matched matched = new Matched(1000);
    SeamMatch kept = match(30, 24);
    matched.keep(kept, USUAL, need(kept));
    assertThat(matched.find(kept.seam(), USUAL, new SeamMatch.Left(54, 12))).isPresent();
    assertThat(matched.find(kept.seam(), USUAL, new SeamMatch.Left(53, 12))).isEmpty();
    assertThat(matched.find(kept.seam(), USUAL, new SeamMatch.Left(54, 11))).isEmpty();
  }

  @Test
  void whatWasAskedForLastStays() {
    SeamMatch first = match(30, 24);
    SeamMatch second = match(20, 20);
    SeamMatch third = match(22, 20);
    Matched matched = new Matched(first.a().size() + first.b().size() + third.a().size() + third.b().size());
    matched.keep(first, USUAL, need(first));
    matched.keep(second, USUAL, need(second));
    matched.find(first.seam(), USUAL, SeamMatch.Left.ALL);
    matched.keep(third, USUAL, need(third));
    assertThat(matched.find(first.seam(), USUAL, SeamMatch.Left.ALL)).isPresent();
    assertThat(matched.find(second.seam(), USUAL, SeamMatch.Left.ALL)).isEmpty();
    assertThat(matched.find(third.seam(), USUAL, SeamMatch.Left.ALL)).isPresent();
  }

  /** Keeping the same again takes no more room. */
  @Test
  void theSameSeamIsKeptOnce() {
    SeamMatch one = match(30, 24);
    SeamMatch other = match(20, 20);
    Matched matched = new Matched(100);
    matched.keep(one, USUAL, need(one));
    matched.keep(one, USUAL, need(one));
    matched.keep(other, USUAL, need(other));
    assertThat(matched.find(one.seam(), USUAL, SeamMatch.Left.ALL)).isPresent();
  }
}
