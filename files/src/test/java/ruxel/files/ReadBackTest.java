package ruxel.files;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import ruxel.core.bench.Directions;
import ruxel.core.bench.StripDirections;
import ruxel.core.change.Change;
import ruxel.core.change.EdgeChange;
import ruxel.core.change.EdgingWorked;
import ruxel.core.change.OwnChange;
import ruxel.core.change.OwnSeam;
import ruxel.core.construction.Answers;
import ruxel.core.construction.Templates;
import ruxel.core.construction.Template;
import ruxel.core.construction.Walk;
import ruxel.core.decision.MeasuredEdge;
import ruxel.core.finding.FindingCode;
import ruxel.core.finding.Outcome;
import ruxel.core.garment.Garment;
import ruxel.core.garment.Recipe;
import ruxel.core.identity.PieceId;
import ruxel.core.identity.SeamId;
import ruxel.core.piece.Cloth;
import ruxel.core.piece.Piece;
import ruxel.core.piece.UnitKind;
import ruxel.core.plan.FindingView;
import ruxel.core.plan.GarmentPlan;
import ruxel.core.plan.OrderPlan;
import ruxel.core.plan.Planner;
import ruxel.core.seam.SeamRole;
import ruxel.core.seam.Span;
import ruxel.core.sheet.AssemblySheet;

/** Whatever a change accepts can be read back, and planned. */
class ReadBackTest {
  private static final int ROUNDS = 25;
  private static final int CHANGES = 25;

  @ParameterizedTest
  @ValueSource(longs = {1, 2, 3, 4, 5, 6})
  void whateverAChangeAcceptsIsReadBackAsItIs(long seed) {
    Random random = new Random(seed);
    int accepted = 0;
    for (int round = 0; round < ROUNDS; round++) {
      Garment garment = start(random);
      for (int i = 0; i < CHANGES; i++) {
        Change change = new RandomChanges(garment, random).next();
        if (change.apply(garment) instanceof Outcome.Good<Garment> good) {
          accepted++;
          Outcome<GarmentDocument> document = GarmentDocument.of(good.value());
          assertThat(document.findings()).as("seed %d, round %d, change %d: %s", seed, round, i, change).isEmpty();
          Garment read = ((Outcome.Good<GarmentDocument>) document).value().garment();
          assertThat(read).as("seed %d, round %d, change %d: %s", seed, round, i, change).isEqualTo(good.value());
          garment = read;
        }
      }
      assertThat(Planner.plan(garment)).as("seed %d, round %d", seed, round).isInstanceOf(Outcome.Good.class);
      isToldThroughout(garment, ((Outcome.Good<GarmentPlan>) Planner.plan(garment)).value());
    }
    assertThat(accepted).as("the property looks at something").isGreaterThan(ROUNDS * CHANGES / 4);
  }

  /** Every seam and strip goes to the bench or says that it cannot, the sheet is written, and ends are as many in the sum, in the list and along the path. */
  private static void isToldThroughout(Garment garment, GarmentPlan plan) {
    plan.seams().forEach(seam -> Directions.of(garment, plan, seam.id()).ifPresent(bench -> assertThat(bench.joints()).isNotEmpty()));
    plan.strips().forEach(strip -> StripDirections.of(garment, plan, strip.id()).ifPresent(bench -> assertThat(bench.joints()).isNotEmpty()));
    assertThat(AssemblySheet.of(plan).edgings()).hasSameSizeAs(plan.strips());
    OrderPlan order = plan.order();
    assertThat(order.tails().stream().mapToInt(OrderPlan.Tail::ends).sum()).isEqualTo(order.ends());
    assertThat(order.steps()).allMatch(step -> step.endsSoFar() <= order.ends());
  }

  private static Garment start(Random random) {
    return switch (random.nextInt(6)) {
      case 0 -> Garment.of("Quay", new Recipe("drop-shoulder", new Answers(Map.of())));
      case 1, 2 -> usual(Templates.all().get(random.nextInt(Templates.all().size())), random);
      case 3, 4 -> Garment.of("Buoy", new Recipe("squares", new Answers(Map.of("kind", new Answers.Word(random.nextBoolean() ? "PULLOVER" : "CARDIGAN")))));
      default -> ((Outcome.Good<Garment>) GarmentFiles.read(Samples.text(random.nextBoolean() ? "tube.json" : "tied-sleeve.json").getBytes(StandardCharsets.UTF_8))).value();
    };
  }

  /** Of any construction, with the first or another of its kinds, now and then with a hood. */
  private static Garment usual(Template template, Random random) {
    Map<String, Answers.Answer> answers = new HashMap<>();
    for (String key : List.of("kind", "hood")) {
      template.questions().stream().filter(question -> question.key().equals(key) && !question.choices().isEmpty()).findFirst()
          .ifPresent(question -> answers.put(key, new Answers.Word(question.choices().get(random.nextInt(question.choices().size())).value())));
    }
    Garment garment = Garment.of("Pier", new Recipe(template.id(), new Answers(answers)));
    return Planner.plan(garment) instanceof Outcome.Good ? garment : Garment.of("Pier", new Recipe(template.id(), new Answers(Map.of())));
  }

  /** A band sewn to a front of the construction, then the front made shorter than what it was sewn to: told, and kept. */
  @Test
  void aSeamOnAPieceOfTheConstructionIsReadBack() {
    Garment cardigan = Garment.of("Quay", new Recipe("drop-shoulder", new Answers(Map.of())));
    List<Walk.Step> strip =
        List.of(
            new Walk.Step("long", UnitKind.ROW_END, 44, 10, 90), new Walk.Step("end", UnitKind.STITCH_TOP, 8, 7, 90),
            new Walk.Step("other long", UnitKind.ROW_END, 44, 10, 90), new Walk.Step("other end", UnitKind.STITCH_TOP, 8, 7, 90));
    List<Change> changes =
        List.of(
            new OwnChange.PieceAdded(new PieceId("own.band"), "Band", Piece.Part.OTHER, Cloth.Dye.IRON, strip),
            new OwnSeam.SeamMade(
                new SeamId("own.s"), "Band", SeamRole.BAND, List.of(new OwnSeam.Part(new PieceId("own.band"), "e1", "e1", "e1", Span.Along.FORWARD)),
                List.of(new OwnSeam.Part(new PieceId("front.left"), "front", "rib", "rib", Span.Along.BACKWARD))),
            new Change.AnswersChanged(Map.of("hemRibRows", Optional.of(new Answers.Numeric(0)))));
    Garment garment = ((Outcome.Good<Garment>) Change.applyAll(cardigan, changes)).value();
    Outcome<GarmentDocument> document = GarmentDocument.of(garment);
    assertThat(document.findings()).isEmpty();
    assertThat(((Outcome.Good<GarmentDocument>) document).value().garment()).isEqualTo(garment);
    assertThat(((Outcome.Good<GarmentPlan>) Planner.plan(garment)).value().findings()).extracting(FindingView::code).contains(FindingCode.UNKNOWN_RUN);
  }

  /** A length measured with edging on is no length once the edging is out: 45 mm less 4 rows of 12.5 mm. */
  @Test
  void edgingTakenOutLeavesNoLengthBelowNothing() {
    Garment garment = Garment.of("Quay", new Recipe("drop-shoulder", new Answers(Map.of())));
    Garment after =
        ((Outcome.Good<Garment>)
                Change.applyAll(
                    garment,
                    List.of(
                        new EdgingWorked(new PieceId("back"), "hem", 4, 12.5, 60),
                        new EdgeChange.EdgeMeasured(new PieceId("back"), "left", java.util.Optional.of(45.0)),
                        new EdgingWorked(new PieceId("back"), "hem", 0, 12.5, 60))))
            .value();
    assertThat(after.settings().of(MeasuredEdge.class)).isEmpty();
    assertThat(GarmentFiles.read(GarmentFiles.write(after).getBytes(StandardCharsets.UTF_8))).isEqualTo(Outcome.of(after));
    assertThat(((Outcome.Good<GarmentPlan>) Planner.plan(after)).value().findings()).noneMatch(finding -> finding.code() == FindingCode.LENGTHS_DIFFER);
  }
}
