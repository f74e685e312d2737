package ruxel.core.match;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import ruxel.core.finding.Finding;
import ruxel.core.finding.FindingCode;
import ruxel.core.glue.Panels;
import ruxel.core.identity.PieceId;
import ruxel.core.identity.SeamId;
import ruxel.core.measure.HouseRules;
import ruxel.core.piece.Piece;
import ruxel.core.seam.Seam;
import ruxel.core.seam.SeamResolver;
import ruxel.core.seam.SeamRole;
import ruxel.core.seam.Side;
import ruxel.core.seam.Span.Along;
import ruxel.core.seam.Surplus;

/** When a difference is a count to look at: one or two of many stitches, any row, any stitch of a shoulder, a band too long. */
class TopsDifferTest {
  @ParameterizedTest
  @CsvSource({"20, 20, false", "20, 21, true", "22, 20, true", "20, 23, false", "8, 9, true", "8, 10, true", "7, 8, false", "9, 7, false"})
  void oneOrTwoOfManyStitches(int n, int m, boolean told) {
    assertThat(codes(n, m, "top", "bottom", SeamRole.OTHER, Seam.Working.USUAL).contains(FindingCode.TOPS_DIFFER)).isEqualTo(told);
    assertThat(codes(n, m, "right", "left", SeamRole.OTHER, Seam.Working.USUAL)).as("rows are another matter").doesNotContain(FindingCode.TOPS_DIFFER);
    assertThat(codes(n, m, "top", "left", SeamRole.OTHER, Seam.Working.USUAL)).as("stitches on rows need not be alike").doesNotContain(FindingCode.TOPS_DIFFER, FindingCode.ROWS_DIFFER);
  }

  @Test
  void whatIsDecidedIsNotToldOf() {
    for (Seam.Working decided : List.of(new Seam.Working(false, Surplus.TO_HIDDEN, 0, false), new Seam.Working(false, Surplus.EVEN, 0.05, false))) {
      assertThat(codes(20, 21, "top", "bottom", SeamRole.OTHER, decided)).doesNotContain(FindingCode.TOPS_DIFFER);
      assertThat(codes(20, 21, "right", "left", SeamRole.OTHER, decided)).doesNotContain(FindingCode.ROWS_DIFFER);
    }
    assertThat(codes(20, 21, "top", "bottom", SeamRole.SHOULDER, Seam.Working.USUAL)).contains(FindingCode.SHOULDER_UNEQUAL).doesNotContain(FindingCode.TOPS_DIFFER);
    assertThat(codes(20, 20, "top", "bottom", SeamRole.SHOULDER, Seam.Working.USUAL)).doesNotContain(FindingCode.SHOULDER_UNEQUAL);
  }

  @ParameterizedTest
  @CsvSource({"20, 20, false", "20, 21, true", "3, 2, true", "40, 20, true"})
  void rowsAreAsManyOnBothSides(int n, int m, boolean told) {
    assertThat(codes(n, m, "right", "left", SeamRole.OTHER, Seam.Working.USUAL).contains(FindingCode.ROWS_DIFFER)).isEqualTo(told);
  }

  /** Rows of 10 mm on rows as high, one place each, lie further apart than 9 mm; stitch tops may. */
  @Test
  void wideGapsAreOfRowsOnly() {
    assertThat(codes(20, 20, "top", "bottom", SeamRole.OTHER, Seam.Working.USUAL)).doesNotContain(FindingCode.GAP);
    Seam.Working plain = Seam.Working.USUAL;
    assertThat(codes(20, 20, "right", "left", SeamRole.OTHER, plain)).as("two places a row of 10 mm").doesNotContain(FindingCode.GAP);
  }

  /** Past 10 % it is decided first, and the worst stretch is named. */
  @ParameterizedTest
  @CsvSource({"20, 22, false", "18, 20, false", "20, 23, true", "20, 40, true"})
  void tooMuchIsToldWithItsShare(int n, int m, boolean told) {
    List<Finding> findings = findings(n, m, "top", "left", SeamRole.OTHER, Seam.Working.USUAL);
    assertThat(findings.stream().filter(finding -> finding.code() == FindingCode.EASE_TOO_MUCH)).hasSize(told ? 1 : 0);
  }

  /** A band may be shorter than its edge, not longer, on whichever side it lies. */
  @Test
  void aBandIsNeverLonger() {
    Seam.Working full = new Seam.Working(false, Surplus.EVEN, 0.1, Optional.of(Side.B), false);
    assertThat(codes(20, 22, "right", "top", SeamRole.NECKBAND, full)).doesNotContain(FindingCode.BAND_LONGER);
    assertThat(codes(24, 22, "right", "top", SeamRole.NECKBAND, full)).contains(FindingCode.BAND_LONGER);
  }

  private static List<FindingCode> codes(int n, int m, String edgeA, String edgeB, SeamRole role, Seam.Working working) {
    return findings(n, m, edgeA, edgeB, role, working).stream().map(Finding::code).toList();
  }

  private static List<Finding> findings(int n, int m, String edgeA, String edgeB, SeamRole role, Seam.Working working) {
    List<Piece> pieces = List.of(Panels.rectangle(new PieceId("a"), n, n), Panels.rectangle(new PieceId("b"), m, m));
    Seam seam = Panels.seam(new SeamId("s"), role, Seam.SideOf.of("A", Panels.whole(new PieceId("a"), edgeA, Along.FORWARD)), Seam.SideOf.of("B", Panels.whole(new PieceId("b"), edgeB, Along.BACKWARD))).withWorking(working);
    return SeamMatch.of(SeamResolver.find(pieces, List.of(seam), new SeamId("s")).orElseThrow(), HouseRules.USUAL).findings();
  }
}
