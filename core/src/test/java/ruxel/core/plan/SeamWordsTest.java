package ruxel.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import ruxel.core.change.Change;
import ruxel.core.change.EdgeChange;
import ruxel.core.change.EdgingWorked;
import ruxel.core.finding.Outcome;
import ruxel.core.garment.Garment;
import ruxel.core.garment.Wardrobe;
import ruxel.core.identity.PieceId;
import ruxel.core.identity.SeamId;
import ruxel.core.match.Ease;
import ruxel.core.piece.UnitKind;

/** Sentences about a seam. */
class SeamWordsTest {
  @ParameterizedTest
  @CsvSource({"0, 0 row ends", "0.5, half a row end", "-1, 1 row end", "2.5, 2½ row ends", "4, 4 row ends"})
  void unitsAreToldInHalves(double count, String words) {
    assertThat(SeamWords.units(count, UnitKind.ROW_END)).isEqualTo(words);
  }

  /** The halves of an armhole may differ where the whole does not: that is no length of 0 mm. */
  @Test
  void equalAsAWholeIsNotEqualFromAnchorToAnchor() {
    double mm = 28 * 12.5 + 25;
    Outcome<Garment> changed =
        Change.applyAll(
            Wardrobe.cardigan(),
            List.of(new EdgingWorked(new PieceId("front.left"), "shoulder", 2, 12.5, 23), new EdgeChange.EdgeMeasured(new PieceId("sleeve.left"), "top", Optional.of(mm))));
    SeamPlan.EaseView ease =
        Wardrobe.plan(((Outcome.Good<Garment>) changed).value()).seams().stream().filter(s -> s.id().equals(new SeamId("armhole.left"))).findFirst().orElseThrow().ease().orElseThrow();
    assertThat(ease.differenceMm()).isLessThan(0.5);
    assertThat(ease.verdict()).isNotEqualTo(Ease.Verdict.MATCHED);
    assertThat(ease.words()).startsWith("As a whole both are equally long, but not from anchor to anchor.").doesNotContain("0 mm longer");
  }
}
