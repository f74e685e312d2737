package ruxel.core.piece;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.TreeMap;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import ruxel.core.change.Change;
import ruxel.core.change.EdgingWorked;
import ruxel.core.change.HoldChange;
import ruxel.core.change.PieceChange;
import ruxel.core.construction.Answers;
import ruxel.core.construction.Templates;
import ruxel.core.finding.Finding;
import ruxel.core.finding.FindingCode;
import ruxel.core.finding.Outcome;
import ruxel.core.garment.Garment;
import ruxel.core.garment.Recipe;
import ruxel.core.garment.Wardrobe;
import ruxel.core.identity.PieceId;
import ruxel.core.identity.SeamId;
import ruxel.core.layout.Layout;
import ruxel.core.piece.RowNumbers.RightSide;
import ruxel.core.plan.PiecePlan;
import ruxel.core.plan.SeamPlan;

/** Rows have the number by which they were worked, from the foundation on, wherever they are met. */
class RowNumbersTest {
  private static final double SAME_MM = 1e-6;

  private static List<Piece> pieces(Garment garment) {
    return ((Outcome.Good<Layout>) Layout.of(garment)).value().construct().pieces();
  }

  /** Of all constructions as usual, and with what can be worked from its upper edge down so worked. */
  static Stream<Piece> panels() {
    return Templates.all().stream()
        .flatMap(template -> Stream.concat(Stream.of(new Answers(Map.of())), template.questions().stream().map(question -> new Answers(Map.of(question.key(), new Answers.Word("TOP_DOWN"))))).map(answers -> Garment.of(template.id(), new Recipe(template.id(), answers))))
        .filter(garment -> Layout.of(garment) instanceof Outcome.Good<Layout>)
        .flatMap(garment -> pieces(garment).stream())
        .filter(piece -> piece.edges().stream().flatMap(edge -> edge.runs().stream()).anyMatch(run -> run.kind() == UnitKind.ROW_END) && piece.board().isEmpty());
  }

  /** By points alone: units that lie level with each other are ends of one row, and the farther from the first edge, the higher its number. */
  @ParameterizedTest
  @MethodSource("panels")
  void aRowHasOneNumberWhereverItEnds(Piece piece) {
    RowNumbers rows = RowNumbers.of(piece).orElseThrow();
    Outline outline = new Outline(piece);
    int first = piece.edges().indexOf(rows.first());
    Outline.Point from = outline.at(first, 0);
    Outline.Point to = outline.at(first, rows.first().units());
    boolean upright = Math.abs(to.x() - from.x()) > Math.abs(to.y() - from.y());
    Map<Integer, Double> far = new TreeMap<>();
    for (int e = 0; e < piece.edges().size(); e++) {
      for (int unit = 0; unit < piece.edges().get(e).units(); unit++) {
        OptionalInt number = rows.number(e, unit);
        assertThat(number.isPresent()).isEqualTo(piece.edges().get(e).runOfUnit(unit).kind() == UnitKind.ROW_END);
        if (number.isPresent()) {
          Outline.Point before = outline.at(e, unit);
          Outline.Point behind = outline.at(e, unit + 1);
          double middle = upright ? (before.y() + behind.y()) / 2 - from.y() : (before.x() + behind.x()) / 2 - from.x();
          double there = far.computeIfAbsent(number.getAsInt(), key -> Math.abs(middle));
          assertThat(Math.abs(middle)).as("%s, %s, row %d", piece.id(), piece.edges().get(e).id(), number.getAsInt()).isCloseTo(there, within(SAME_MM));
        }
      }
    }
    assertThat(far.keySet().iterator().next()).isEqualTo(1);
    assertThat(List.copyOf(far.values())).isSorted();
    assertThat(far).hasSize(rows.rows());
  }

  /** Rows along the sides, over the hem and along the top do not change what the rows of the piece are called. */
  @Test
  void rowsTakenInChangeNoNumber() {
    Garment bare = Wardrobe.cardigan();
    Piece back = piece(bare, "back");
    RowNumbers before = RowNumbers.of(back).orElseThrow();
    for (String edge : List.of("left", "right", "hem", "shoulder.left")) {
      Garment edged = good(new EdgingWorked(back.id(), edge, 2, 6, 30).apply(bare));
      Piece now = piece(edged, "back");
      RowNumbers after = RowNumbers.of(now).orElseThrow();
      assertThat(after.ownRows()).as(edge).isEqualTo(before.rows());
      for (int e = 0; e < now.edges().size(); e++) {
        for (Run run : back.edges().get(e).runs()) {
          Optional<Run> there = now.edges().get(e).run(run.id()).filter(each -> each.kind() == UnitKind.ROW_END);
          if (there.isPresent() && run.kind() == UnitKind.ROW_END) {
            assertThat(after.number(e, now.edges().get(e).startOfRun(run.id()))).as("%s with rows along the %s", run.id(), edge).isEqualTo(before.number(e, back.edges().get(e).startOfRun(run.id())));
          }
        }
      }
    }
  }

  /** A side is numbered alike in a seam from the hem and in one from the underarm. */
  @Test
  void theDirectionOfASeamChangesNoNumber() {
    Garment bare = Wardrobe.cardigan();
    Garment turned = good(new HoldChange.SeamTurned(new SeamId("side.left")).apply(bare));
    assertThat(numbers(turned)).isEqualTo(numbers(bare)).isNotEmpty();
  }

  private static Map<String, Integer> numbers(Garment garment) {
    SeamPlan side = Wardrobe.plan(garment).seams().stream().filter(seam -> seam.id().equals(new SeamId("side.left"))).findFirst().orElseThrow();
    Map<String, Integer> lowest = new HashMap<>();
    Stream.of(side.a(), side.b()).flatMap(each -> each.rails().stream()).forEach(rail -> lowest.put(rail.piece() + rail.edge() + rail.run(), Math.min(rail.firstNumber(), rail.firstNumber() + rail.numberStep() * (rail.places() / rail.placesPerUnit() - 1))));
    return lowest;
  }

  /** What is told of one row holds for every second one, and for the mirror image. */
  @Test
  void rightSideRowsAreToldOnceAndHoldForTheTwin() {
    Garment bare = Wardrobe.cardigan();
    assertThat(rows(bare, "front.left").rightSideRows()).isEqualTo(RightSide.ODD);
    assertThat(rows(bare, "front.left").first()).isEqualTo("hem");
    Garment told = good(new PieceChange.RowsTold(new PieceId("front.left"), Optional.of(4)).apply(bare));
    assertThat(rows(told, "front.left")).extracting(PiecePlan.RowsPlan::rightSideRows, PiecePlan.RowsPlan::told).containsExactly(RightSide.EVEN, true);
    assertThat(rows(told, "front.right").rightSideRows()).isEqualTo(RightSide.EVEN);
    assertThat(rows(told, "back").rightSideRows()).isEqualTo(RightSide.ODD);
    assertThat(rows(good(new PieceChange.RowsTold(new PieceId("front.left"), Optional.empty()).apply(told)), "front.right").rightSideRows()).isEqualTo(RightSide.ODD);
  }

  @Test
  void aRowBeyondThePieceIsRefused() {
    int last = rows(Wardrobe.cardigan(), "front.left").count();
    for (int row : List.of(0, last + 1)) {
      Change change = new PieceChange.RowsTold(new PieceId("front.left"), Optional.of(row));
      List<Finding> findings = ((Outcome.Refused<Garment>) change.apply(Wardrobe.cardigan())).findings();
      assertThat(findings).extracting(Finding::code).containsExactly(FindingCode.ROW_BEYOND);
    }
  }

  private static PiecePlan.RowsPlan rows(Garment garment, String piece) {
    return Wardrobe.plan(garment).pieces().stream().filter(each -> each.id().equals(new PieceId(piece))).findFirst().orElseThrow().rows().orElseThrow();
  }

  private static Piece piece(Garment garment, String id) {
    return pieces(garment).stream().filter(each -> each.id().equals(new PieceId(id))).findFirst().orElseThrow();
  }

  private static Garment good(Outcome<Garment> outcome) {
    return ((Outcome.Good<Garment>) outcome).value();
  }
}
