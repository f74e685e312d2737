package ruxel.core.repair;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static ruxel.core.repair.JoinedByRow.apply;
import static ruxel.core.repair.JoinedByRow.edge;
import static ruxel.core.repair.JoinedByRow.joining;
import static ruxel.core.repair.JoinedByRow.piece;
import static ruxel.core.repair.JoinedByRow.row;
import static ruxel.core.repair.JoinedByRow.rows;
import static ruxel.core.repair.JoinedByRow.seam;
import static ruxel.core.repair.JoinedByRow.taken;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import ruxel.core.bench.Directions;
import ruxel.core.change.Change;
import ruxel.core.change.CountMade;
import ruxel.core.change.EdgeChange;
import ruxel.core.change.EdgingWorked;
import ruxel.core.change.OrderChange;
import ruxel.core.change.SeamChange;
import ruxel.core.change.YarnChange;
import ruxel.core.construction.Answers;
import ruxel.core.construction.Template;
import ruxel.core.construction.Templates;
import ruxel.core.decision.EdgingRows;
import ruxel.core.decision.MeasuredEdge;
import ruxel.core.finding.FindingCode;
import ruxel.core.finding.Outcome;
import ruxel.core.garment.Garment;
import ruxel.core.garment.Recipe;
import ruxel.core.garment.Wardrobe;
import ruxel.core.glue.Panels;
import ruxel.core.identity.PieceId;
import ruxel.core.identity.SeamId;
import ruxel.core.identity.WorkRef;
import ruxel.core.measure.Stitch;
import ruxel.core.measure.Terms;
import ruxel.core.measure.Wording;
import ruxel.core.method.HowTo;
import ruxel.core.piece.Cut;
import ruxel.core.piece.Landmark;
import ruxel.core.piece.Piece;
import ruxel.core.piece.UnitKind;
import ruxel.core.plan.FindingView;
import ruxel.core.plan.GarmentPlan;
import ruxel.core.plan.OrderPlan;
import ruxel.core.plan.PiecePlan;
import ruxel.core.plan.RowPlan;
import ruxel.core.plan.StripPlan;
import ruxel.core.plan.YarnPlan;
import ruxel.core.seam.Span;
import ruxel.core.yarn.Yarn;

/** A row that is kept back and joins (handbook 3, 4.10 and 8): what is offered, and what comes of it in the whole garment. */
class JoiningRowsTest {
  private static final String BACK = "Work one row more on the back, and join with it";
  private static final Garment PULLOVER = Wardrobe.pullover();

  @Test
  void theBackKeepsBackOneRowOverShouldersAndNeck() {
    Garment joined = taken(PULLOVER, new SeamId("shoulder.left"), BACK);
    GarmentPlan before = Wardrobe.plan(PULLOVER);
    GarmentPlan plan = Wardrobe.plan(joined);
    StripPlan strip = rows(plan).get(0);
    RowPlan row = strip.row().orElseThrow();
    int shoulder = seam(before, new SeamId("shoulder.left")).b().places();
    int neck = edge(before, new PieceId("back"), "neck").units();
    assertThat(rows(plan)).hasSize(1);
    assertThat(row.parts()).extracting(RowPlan.RowPart::stitches).containsExactly(shoulder, neck, shoulder);
    assertThat(row.parts()).extracting(part -> part.seam().map(SeamId::text).orElse("plain")).as("right to left with the right side up").containsExactly("shoulder.right", "plain", "shoulder.left");
    assertThat(strip.outer().units()).isEqualTo(edge(before, new PieceId("back"), "hem").units());
    assertThat(strip.inner()).as("it lies on the piece as it is now").extracting(StripPlan.InnerPlan::kind).containsOnly(UnitKind.STITCH_TOP);
    assertThat(strip.hasStep()).as("it is worked with its seams").isFalse();
    double rowMm = piece(before, new PieceId("back")).cloth().rowHeightMm();
    double widthMm = piece(before, new PieceId("back")).cloth().stitchWidthMm();
    assertThat(strip.heightMm()).isEqualTo(rowMm);
    assertThat(strip.yarnMm()).as("a row of double crochet takes nine times its length").isCloseTo(strip.outer().units() * widthMm * 9, within(1e-6));
    assertThat(row.nowRows()).contains(edge(before, new PieceId("back"), "left").units());
    assertThat(plan.findings()).extracting(FindingView::code).doesNotContain(FindingCode.OUTLINE_OPEN, FindingCode.ROW_PARTED, FindingCode.METHOD_NEVER);
    assertThat(piece(plan, new PieceId("back")).size().words()).contains(" high now; ").contains(" high with its rows");
    assertThat(piece(plan, new PieceId("back")).size().heightMm() - piece(before, new PieceId("back")).size().heightMm()).isCloseTo(rowMm, within(1e-6));
    assertThat(edge(plan, new PieceId("back"), "left").units()).isEqualTo(edge(before, new PieceId("back"), "left").units() + 1);
    assertThat(edge(plan, new PieceId("back"), "neck").units()).as("it goes on over the neck, and has no ends there").isEqualTo(neck);
    assertThat(opening(plan, "Neck")).isCloseTo(opening(before, "Neck"), within(1e-6));
    assertThat(seam(plan, new SeamId("armhole.left")).b().places()).as("the armhole has a row more").isGreaterThan(seam(before, new SeamId("armhole.left")).b().places());
  }

  @Test
  void bothShouldersAreOneGoWithThePlainMiddleBetween() {
    GarmentPlan plan = Wardrobe.plan(taken(PULLOVER, new SeamId("shoulder.left"), BACK));
    List<OrderPlan.WorkStep> seams = plan.order().steps().stream().filter(step -> step.kind() == OrderPlan.Kind.SEAM).toList();
    assertThat(seams).extracting(step -> step.of().orElseThrow()).startsWith(WorkRef.seam(new SeamId("shoulder.right")), WorkRef.seam(new SeamId("shoulder.left")));
    assertThat(seams.get(0).cut()).isFalse();
    assertThat(seams.get(0).words()).isEqualTo("Take up the live loop; no end to weave in. Do not cut: the row goes on to the left shoulder. The work lies right side out.");
    assertThat(seams.get(1).fastenOn()).isFalse();
    assertThat(seams.get(0).todo().get(0)).startsWith("Joined while a row is worked. Row ");
    assertThat(plan.order().ends()).as("one pass less, and a loop that is live").isEqualTo(Wardrobe.plan(PULLOVER).order().ends() - 3);
    assertThat(plan.order().tails().stream().mapToInt(OrderPlan.Tail::ends).sum()).isEqualTo(plan.order().ends());
    assertThat(plan.order().bound()).isLessThanOrEqualTo(plan.order().passes());
    assertThat(plan.findings()).extracting(FindingView::code).doesNotContain(FindingCode.ROW_PARTED);
  }

  @Test
  void itIsToldWhenTheMakersOrderPartsTheRow() {
    Garment joined = taken(PULLOVER, new SeamId("shoulder.left"), BACK);
    GarmentPlan plan = Wardrobe.plan(apply(joined, new OrderChange.StepMoved(new SeamId("shoulder.left"), Optional.of(new SeamId("shoulder.right")))));
    assertThat(plan.findings()).filteredOn(finding -> finding.code() == FindingCode.ROW_PARTED).singleElement()
        .matches(finding -> finding.sentence().contains("right shoulder, then the left shoulder"));
  }

  @Test
  void aLeftHandWorksTheRowTheOtherWay() {
    Garment left = apply(PULLOVER, new Change.Reworded(Wording.Unit.CM, Terms.US, Wording.Hand.LEFT));
    Garment joined = taken(left, new SeamId("shoulder.left"), BACK);
    assertThat(row(Wardrobe.plan(joined), 0).seams()).containsExactly(new SeamId("shoulder.left"), new SeamId("shoulder.right"));
    GarmentPlan right = Wardrobe.plan(taken(PULLOVER, new SeamId("shoulder.left"), BACK));
    for (SeamId shoulder : List.of(new SeamId("shoulder.left"), new SeamId("shoulder.right"))) {
      assertThat(runsFromTheNeck(Wardrobe.plan(joined), shoulder)).as(shoulder.text()).isNotEqualTo(runsFromTheNeck(right, shoulder));
    }
    assertThat(runsFromTheNeck(right, new SeamId("shoulder.left"))).as("after the plain middle").isTrue();
    assertThat(runsFromTheNeck(right, new SeamId("shoulder.right"))).as("before it").isFalse();
  }

  private static boolean runsFromTheNeck(GarmentPlan plan, SeamId seam) {
    return seam(plan, seam).direction().startsWith("From the neck");
  }

  @Test
  void whereTheNeckIsShapedEachShoulderHasItsOwnRow() {
    Garment joined = taken(PULLOVER, new SeamId("shoulder.right"), "Work one row more on the front, and join with it");
    GarmentPlan plan = Wardrobe.plan(joined);
    assertThat(rows(plan)).extracting(strip -> strip.row().orElseThrow()).extracting(RowPlan::seams).containsExactlyInAnyOrder(List.of(new SeamId("shoulder.left")), List.of(new SeamId("shoulder.right")));
    assertThat(edge(plan, new PieceId("front"), "neck").units()).as("the neck is a row deeper at both ends").isEqualTo(edge(Wardrobe.plan(PULLOVER), new PieceId("front"), "neck").units() + 2);
    assertThat(plan.findings()).extracting(FindingView::code).doesNotContain(FindingCode.OUTLINE_OPEN, FindingCode.TWINS_DIFFER);
  }

  @Test
  void aSleeveIsJoinedWhileItsLastRowIsWorked() {
    GarmentPlan plan = Wardrobe.plan(taken(PULLOVER, new SeamId("armhole.left"), "Work one row more on the left sleeve, and join with it"));
    assertThat(rows(plan)).extracting(strip -> strip.row().orElseThrow()).extracting(RowPlan::piece).containsExactly(new PieceId("sleeve.left"), new PieceId("sleeve.right"));
    assertThat(row(plan, 0).parts()).singleElement().matches(part -> part.seam().equals(Optional.of(new SeamId("armhole.left"))));
    assertThat(seam(plan, new SeamId("armhole.right")).method()).isEqualTo(seam(plan, new SeamId("armhole.left")).method());
  }

  @Test
  void aRowAlongRowEndsTakesTwoDoubleCrochetsForEachRow() {
    List<Repair> offers = Repairs.joiningRows(PULLOVER, new SeamId("side.left"), Set.of());
    assertThat(offers).as("front and sleeve are two pieces").isEmpty();
    Garment tunic = Garment.of("Tunic", new Recipe("sleeveless", new Answers(Map.of())));
    GarmentPlan before = Wardrobe.plan(tunic);
    Repair offer = Repairs.joiningRows(tunic, new SeamId("side.left"), Set.of()).get(0);
    EdgingWorked along = (EdgingWorked) offer.changes().get(0);
    int rows = edge(before, along.piece(), along.edge()).units();
    assertThat(along.edging().stitches()).isBetween(rows, 2 * rows + 8);
    assertThat(offer.words()).contains("It adds ").contains(" of yarn.");
    assertThat(offer.title()).startsWith("Join with a row along the ");
  }

  @Test
  void theRowTellsHowItIsJoinedAndTheBenchSaysSo() {
    Garment joined = taken(PULLOVER, new SeamId("shoulder.left"), BACK);
    GarmentPlan plan = Wardrobe.plan(joined);
    assertThat(seam(plan, new SeamId("shoulder.left")).method()).contains("join-loop");
    List<String> how = seam(plan, new SeamId("shoulder.left")).howTo().orElseThrow().lines().stream().map(HowTo.Line::words).toList();
    assertThat(how).anyMatch(words -> words.equals("Take up the loop that was left on the back and go on with its next row."));
    assertThat(how).anyMatch(words -> words.equals("Work the next stitch of the row into the back; take the hook out, put it through both loops of the other piece, and pull the loop through."));
    assertThat(Directions.of(joined, new SeamId("shoulder.left")).orElseThrow().cautions().get(0)).startsWith("Row ").contains(" join the right shoulder, ").contains(" plain along the neck, ");
    assertThat(plan.seams().stream().filter(seam -> seam.id().equals(new SeamId("shoulder.left"))).findFirst().orElseThrow().takeUp().aMm()).isZero();
  }

  @Test
  void theRowsYarnIsSummedUpWithItsFirstSeam() {
    Yarn wool = new Yarn("wool", "Wool", "grey", Yarn.Weight.WORSTED, "wool", Optional.of(100.0), Optional.of(50.0), Set.of(), Optional.empty());
    GarmentPlan plan = Wardrobe.plan(apply(taken(PULLOVER, new SeamId("shoulder.left"), BACK), new YarnChange.YarnAdded(wool)));
    List<YarnPlan.Stage> stages = plan.yarn().yarns().get(0).stages();
    assertThat(stages).extracting(stage -> stage.of().getClass().getSimpleName()).startsWith("OfStrip", "OfSeam");
    assertThat(stages.get(0).takesMm()).isEqualTo(rows(plan).get(0).yarnMm());
    assertThat(stages.get(0).name()).isEqualTo("Joining row along the right shoulder, neck and left shoulder of the back");
  }

  @Test
  void aRowThatWouldBeOneOfTheWrongSideIsToldOf() {
    GarmentPlan plan = Wardrobe.plan(taken(PULLOVER, new SeamId("shoulder.left"), BACK));
    int now = row(plan, 0).nowRows().orElseThrow();
    assertThat(row(plan, 0).wrongSide()).isEqualTo(now % 2 == 1);
    Garment longer = apply(PULLOVER, new CountMade(new PieceId("back"), "left", "side", Optional.of(edge(Wardrobe.plan(PULLOVER), new PieceId("back"), "left").runs().stream().filter(run -> run.id().equals("side")).findFirst().orElseThrow().count() + 1)));
    GarmentPlan other = Wardrobe.plan(taken(longer, new SeamId("shoulder.left"), BACK));
    assertThat(row(other, 0).wrongSide()).isNotEqualTo(row(plan, 0).wrongSide());
    GarmentPlan wrong = row(other, 0).wrongSide() ? other : plan;
    assertThat(wrong.findings()).filteredOn(finding -> finding.code() == FindingCode.ROW_ON_WRONG_SIDE).singleElement().matches(finding -> finding.sentence().startsWith("Row %d of the back".formatted(row(wrong, 0).nowRows().orElseThrow() + 1)));
  }

  @Test
  void takenOutOnceNoSeamNeedsItMeasuredLengthsAreAsBefore() {
    Garment measured = apply(apply(PULLOVER, new EdgeChange.EdgeMeasured(new PieceId("back"), "neck", Optional.of(200.0))), new EdgeChange.EdgeMeasured(new PieceId("back"), "left", Optional.of(600.0)));
    Garment joined = taken(measured, new SeamId("shoulder.left"), BACK);
    double rowMm = rows(Wardrobe.plan(joined)).get(0).heightMm();
    assertThat(joined.settings().on(MeasuredEdge.class, new PieceId("back"), "neck").orElseThrow().mm()).as("no row ends there").isCloseTo(200, within(1e-9));
    assertThat(joined.settings().on(MeasuredEdge.class, new PieceId("back"), "left").orElseThrow().mm()).isCloseTo(600 + rowMm, within(1e-9));
    assertThat(new EdgingWorked(new PieceId("back"), "shoulder.left", 0, 0, 0).apply(joined).findings()).singleElement().matches(finding -> finding.code() == FindingCode.ROW_JOINS && finding.sentence(Wording.USUAL).contains("left shoulder"));
    Garment out = apply(apply(joined, new SeamChange.MethodChosen(new SeamId("shoulder.left"), "sc-both")), new SeamChange.MethodChosen(new SeamId("shoulder.right"), "sc-both"));
    for (String edge : List.of("neck", "shoulder.left", "shoulder.right")) {
      out = apply(out, new EdgingWorked(new PieceId("back"), edge, 0, 0, 0));
    }
    assertThat(out.settings().on(MeasuredEdge.class, new PieceId("back"), "neck").orElseThrow().mm()).isCloseTo(200, within(1e-9));
    assertThat(out.settings().on(MeasuredEdge.class, new PieceId("back"), "left").orElseThrow().mm()).isCloseTo(600, within(1e-9));
    assertThat(rows(Wardrobe.plan(out))).isEmpty();
  }

  /** Of 40 rows 39 are worked; the last joins, and the piece is as long as it was planned. Of the two offers one joins with a row of the right side. */
  @Test
  void theLastRowOfAPieceMayBeTheOneThatJoins() {
    Garment measured = apply(PULLOVER, new EdgeChange.EdgeMeasured(new PieceId("back"), "left", Optional.of(600.0)));
    GarmentPlan before = Wardrobe.plan(measured);
    Garment joined = taken(measured, new SeamId("shoulder.left"), "Keep back the last row of the back, and join with it");
    GarmentPlan plan = Wardrobe.plan(joined);
    assertThat(edge(plan, new PieceId("back"), "left").units()).isEqualTo(edge(before, new PieceId("back"), "left").units());
    assertThat(piece(plan, new PieceId("back")).size().heightMm()).isCloseTo(piece(before, new PieceId("back")).size().heightMm(), within(1e-6));
    assertThat(joined.settings().on(MeasuredEdge.class, new PieceId("back"), "left").orElseThrow().mm()).isCloseTo(600, within(1e-9));
    assertThat(seam(plan, new SeamId("armhole.left")).counts()).isEqualTo(seam(before, new SeamId("armhole.left")).counts());
    assertThat(row(plan, 0).nowRows()).contains(edge(before, new PieceId("back"), "left").units() - 1);
    assertThat(row(plan, 0).wrongSide()).isNotEqualTo(row(Wardrobe.plan(taken(measured, new SeamId("shoulder.left"), BACK)), 0).wrongSide());
    assertThat(Repairs.joiningRows(apply(PULLOVER, new EdgingWorked(new PieceId("back"), "neck", 1, 6, 20)), new SeamId("shoulder.left"), Set.of())).extracting(Repair::title).as("rows on it are the last").noneMatch(title -> title.startsWith("Keep back the last row of the back"));
  }

  @Test
  void overRowsThatAreThereTheLastOneJoins() {
    int stitches = edge(Wardrobe.plan(PULLOVER), new PieceId("front"), "shoulder.left").units();
    Garment edged = apply(apply(PULLOVER, new EdgingWorked(new PieceId("front"), "shoulder.left", 2, 6, stitches)), new EdgingWorked(new PieceId("front"), "shoulder.right", 2, 6, stitches));
    GarmentPlan plan = Wardrobe.plan(taken(edged, new SeamId("shoulder.left"), "Work one row more on the front, and join with it"));
    StripPlan row = joining(plan, new SeamId("shoulder.left"));
    assertThat(row.rounds()).hasSize(3);
    assertThat(row.byThemselves()).as("the last is worked with its seam").hasSize(2);
    assertThat(row.outer().units()).isEqualTo(stitches);
    assertThat(row.heightMm()).isCloseTo(2 * 6 + piece(plan, new PieceId("front")).cloth().rowHeightMm(), within(1e-9));
    assertThat(row.row().orElseThrow().words()).startsWith("2 rows first; the last is kept back. Row ");
  }

  /** Under a row of two stitches for each row end a mark that came back every four rows comes back every eight stitches. */
  @Test
  void marksUnderARowAlongPartOfAnEdgeKeepTheirShareOfIt() {
    List<PiecePlan.RunPlan> runs = edge(Wardrobe.plan(PULLOVER), new PieceId("back"), "left").runs();
    int at = runs.stream().takeWhile(run -> !run.id().equals("side")).mapToInt(PiecePlan.RunPlan::count).sum();
    int side = runs.stream().filter(run -> run.id().equals("side")).findFirst().orElseThrow().count();
    Garment marked = apply(PULLOVER, new EdgeChange.LandmarkPut(new PieceId("back"), "left", "stripe", "Stripe", Landmark.Kind.STRIPE, at + 1, 4, 3, Optional.empty()));
    Garment edged = apply(marked, new EdgingWorked(new PieceId("back"), "left", new EdgingWorked.Rows(1, 12.5, 2 * side, Optional.of(new EdgingRows.Within("side", "side")), Optional.of(Stitch.DC))));
    assertThat(edge(Wardrobe.plan(edged), new PieceId("back"), "left").landmarks()).singleElement().matches(mark -> mark.every() == 8 && mark.times() == 3);
  }

  /** The top of a folded hood is joined to itself: both its sides lie on the one row. */
  @Test
  void aFoldedPieceIsOfferedEachRowOnce() {
    Piece panel = Panels.rectangle(new PieceId("panel"), 20, 30);
    Span start = new Span(new PieceId("panel"), "top", new Cut("all", 0, Cut.End.START), new Cut("all", 10, Cut.End.START), Span.Along.FORWARD);
    Span end = new Span(new PieceId("panel"), "top", new Cut("all", 10, Cut.End.END), new Cut("all", 0, Cut.End.END), Span.Along.BACKWARD);
    List<Repair> offers = Repairs.joiningRows(Panels.garment(List.of(panel), List.of(Panels.seam(new SeamId("fold"), start, end))), new SeamId("fold"), Set.of());
    assertThat(offers).isNotEmpty();
    assertThat(offers).extracting(Repair::changes).doesNotHaveDuplicates();
  }

  @Test
  void aSeamThatHasItsRowIsOfferedNoOther() {
    assertThat(Repairs.joiningRows(taken(PULLOVER, new SeamId("shoulder.left"), BACK), new SeamId("shoulder.right"), Set.of())).isEmpty();
    assertThat(Repairs.joiningRows(PULLOVER, new SeamId("no such seam"), Set.of())).isEmpty();
  }

  private static double opening(GarmentPlan plan, String name) {
    return plan.gluing().openings().stream().filter(opening -> opening.name().equals(name)).findFirst().orElseThrow().lengthMm();
  }

  /** Rows on any edge of any construction: what its seams could be joined with is told of all of them, or nothing is. */
  @ParameterizedTest
  @MethodSource("templates")
  void rowsOnAnyEdgeLeaveEverySeamItsOffers(Template template) {
    Garment garment = Garment.of("Any", new Recipe(template.id(), new Answers(Map.of())));
    GarmentPlan plan = Wardrobe.plan(garment);
    for (PiecePlan piece : plan.pieces().subList(0, Math.min(plan.pieces().size(), 4))) {
      for (PiecePlan.EdgePlan edge : piece.edges()) {
        if (new EdgingWorked(piece.id(), edge.id(), 1, 6, 60).apply(garment) instanceof Outcome.Good<Garment> rowed) {
          plan.seams().stream().filter(seam -> Stream.of(seam.a(), seam.b()).flatMap(side -> side.rails().stream()).anyMatch(rail -> rail.piece().equals(piece.id())))
              .forEach(seam -> assertThat(Repairs.joiningRows(rowed.value(), seam.id(), Set.of())).as("%s with rows on the %s of %s", seam.id(), edge.id(), piece.id()).isNotNull());
        }
      }
    }
  }

  static List<Template> templates() {
    return Templates.all();
  }
}
