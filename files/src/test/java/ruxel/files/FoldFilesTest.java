package ruxel.files;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import ruxel.core.change.OwnChange.PieceOwned;
import ruxel.core.construction.Answers;
import ruxel.core.finding.Finding;
import ruxel.core.finding.FindingCode;
import ruxel.core.finding.Outcome;
import ruxel.core.garment.Garment;
import ruxel.core.garment.Recipe;
import ruxel.core.identity.PieceId;
import ruxel.core.piece.Fold;
import ruxel.core.piece.Piece;

/** A piece of the maker's own that lies folded, in the file and back. */
class FoldFilesTest {
  private static Garment owned(int side) {
    Answers answers = new Answers(Map.of("hexagonSide", new Answers.Numeric(side), "hexagonMiddle", new Answers.Numeric(20.5)));
    Garment garment = Garment.of("Quay", new Recipe("two-hexagons", answers));
    return ((Outcome.Good<Garment>) new PieceOwned(new PieceId("half.left")).apply(garment)).value();
  }

  private static Outcome<Garment> read(String file) {
    return GarmentFiles.read(file.getBytes(StandardCharsets.UTF_8));
  }

  @ParameterizedTest
  @CsvSource({"48, 6", "47, 8"})
  void theFoldIsReadBack(int side, int halvedRuns) {
    Garment garment = owned(side);
    String file = GarmentFiles.write(garment);
    Garment again = ((Outcome.Good<Garment>) read(file)).value();
    assertThat(again).isEqualTo(garment);
    Piece piece = again.pieces().get(0);
    assertThat(piece.fold().orElseThrow().way()).isEqualTo(Fold.Way.CORNER);
    assertThat(piece.fold().orElseThrow().middleMm()).contains(205.0);
    assertThat(piece.edges().stream().flatMap(edge -> edge.runs().stream()).filter(run -> run.advance().isOnFold())).hasSize(halvedRuns - 6);
  }

  @Test
  void aFoldThatEndsNowhereIsNamed() {
    String file = GarmentFiles.write(owned(48));
    assertThat(read(file.replaceFirst("(\"fold\"\\s*:\\s*\\{\\s*\"from\"\\s*:\\s*\\{\\s*\"edge\"\\s*:\\s*)\"cuff\"", "$1\"sleeve\"")).findings()).singleElement().satisfies(
        (Finding finding) -> {
          assertThat(finding.code()).isEqualTo(FindingCode.UNKNOWN_EDGE);
          assertThat(finding.where().path()).contains("$.pieces[0].fold.from.edge");
        });
    assertThat(read(file.replaceFirst("(\"fold\"\\s*:\\s*\\{\\s*\"from\"\\s*:\\s*\\{\\s*\"edge\"\\s*:\\s*\"cuff\"\\s*,\\s*\"run\"\\s*:\\s*)\"front\"", "$1\"back.half\"")).findings()).singleElement().satisfies(
        (Finding finding) -> {
          assertThat(finding.code()).isEqualTo(FindingCode.UNKNOWN_RUN);
          assertThat(finding.where().path()).contains("$.pieces[0].fold.from.run");
        });
  }

  /** A stitch on a fold leads nowhere, any other somewhere. */
  @Test
  void aStitchOnTheFoldLeadsNowhere() {
    String file = GarmentFiles.write(owned(47));
    assertThat(file).contains("\"overMm\"");
    assertThat(read(file.replaceFirst("\"overMm\"\\s*:\\s*[0-9.]+", "\"noEase\": false")).findings()).isNotEmpty();
    assertThat(read(file.replaceFirst("\"dxMm\"\\s*:\\s*-?[1-9][0-9.]*", "\"overMm\": 5, \"dxMm\": 7")).findings()).isNotEmpty();
  }
}
