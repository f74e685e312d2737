package ruxel.core.match;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import ruxel.core.identity.PieceId;
import ruxel.core.identity.SeamId;
import ruxel.core.measure.HouseRules;
import ruxel.core.piece.Advance;
import ruxel.core.piece.Cloth;
import ruxel.core.piece.Counts;
import ruxel.core.piece.Edge;
import ruxel.core.piece.Fabric;
import ruxel.core.piece.Piece;
import ruxel.core.piece.Run;
import ruxel.core.piece.UnitKind;
import ruxel.core.seam.Seam;
import ruxel.core.seam.SeamResolver;
import ruxel.core.seam.SeamRole;
import ruxel.core.seam.Span;

/** How much the fabrics of both sides give (handbook 6): lace or dense on either side halves the ladder, ribbing doubles it where it is the shorter side. */
class GiveTest {
  /** Stitches of 5 mm: 100 on 103 differ by 2.9 %, 100 on 107 by 6.5 %. Each side is in two runs. */
  @ParameterizedTest
  @CsvSource({
    "103, PLAIN, PLAIN, PLAIN, PLAIN, EASE_EVENLY",
    "103, LACE, LACE, PLAIN, PLAIN, EASE_WITH_MARKERS",
    "103, PLAIN, PLAIN, PLAIN, LACE, EASE_WITH_MARKERS",
    "103, PLAIN, DENSE, PLAIN, PLAIN, EASE_WITH_MARKERS",
    "103, RIB, RIB, PLAIN, PLAIN, MATCHED",
    "103, RIB, PLAIN, PLAIN, PLAIN, EASE_EVENLY",
    "103, PLAIN, PLAIN, RIB, RIB, EASE_EVENLY",
    "103, RIB, RIB, RIB, RIB, EASE_EVENLY",
    "103, RIB, RIB, RIB, PLAIN, MATCHED",
    "103, RIB, RIB, PLAIN, LACE, EASE_WITH_MARKERS",
    "97, PLAIN, PLAIN, RIB, RIB, MATCHED",
    "97, RIB, RIB, PLAIN, PLAIN, EASE_EVENLY",
    "107, PLAIN, PLAIN, PLAIN, PLAIN, EASE_WITH_MARKERS",
    "107, RIB, RIB, PLAIN, PLAIN, EASE_EVENLY",
    "107, PLAIN, LACE, PLAIN, PLAIN, STOP",
    "101, LACE, LACE, LACE, LACE, MATCHED"
  })
  void theLadderIsWidenedOrNarrowed(int m, Fabric a1, Fabric a2, Fabric b1, Fabric b2, Ease.Verdict verdict) {
    List<Piece> pieces = List.of(piece(new PieceId("a"), 100, a1, a2), piece(new PieceId("b"), m, b1, b2));
    Seam seam =
        new Seam(
            new SeamId("s"), "Seam", SeamRole.OTHER, Seam.SideOf.of("A", Span.ofRuns(new PieceId("a"), "e", "1", "2", Span.Along.FORWARD)), Seam.SideOf.of("B", Span.ofRuns(new PieceId("b"), "e", "1", "2", Span.Along.FORWARD)),
            List.of(), List.of(), Seam.Working.USUAL, Optional.empty());
    assertThat(SeamMatch.of(SeamResolver.find(pieces, List.of(seam), new SeamId("s")).orElseThrow(), HouseRules.USUAL).ease().orElseThrow().verdict()).isEqualTo(verdict);
  }

  private static Piece piece(PieceId id, int count, Fabric first, Fabric second) {
    List<Run> runs = List.of(run("1", count / 2, first), run("2", count - count / 2, second));
    Edge back = Edge.of("back", "back", List.of(Run.plain("b", UnitKind.FOUNDATION_LOOP, 1, new Advance(-1, -1))));
    return new Piece(id, id.text(), Piece.Part.OTHER, List.of(Edge.of("e", "edge", runs), back), Optional.empty(), new Cloth(5, 5, 5, Cloth.Dye.WOAD, Cloth.Dye.WELD));
  }

  private static Run run(String id, int count, Fabric fabric) {
    return new Run(id, UnitKind.STITCH_TOP, Counts.planned(count), new Advance(5, 0), fabric, false);
  }
}
