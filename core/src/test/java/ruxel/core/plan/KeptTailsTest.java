package ruxel.core.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import ruxel.core.change.HoldChange;
import ruxel.core.change.Change;
import ruxel.core.change.OrderChange;
import ruxel.core.change.OwnChange;
import ruxel.core.change.OwnSeam;
import ruxel.core.change.SeamChange;
import ruxel.core.change.YarnChange;
import ruxel.core.construction.Answers;
import ruxel.core.decision.KeptTail;
import ruxel.core.finding.FindingCode;
import ruxel.core.finding.Outcome;
import ruxel.core.garment.Garment;
import ruxel.core.garment.Wardrobe;
import ruxel.core.identity.PieceId;
import ruxel.core.identity.SeamId;
import ruxel.core.identity.WorkRef;
import ruxel.core.layout.Layout;
import ruxel.core.piece.Edge;
import ruxel.core.piece.Piece;
import ruxel.core.plan.OrderPlan.WorkStep;
import ruxel.core.plan.YarnPlan.SeamYarn;
import ruxel.core.plan.YarnPlan.TailView;
import ruxel.core.seam.ResolvedSpan;
import ruxel.core.seam.SeamResolver;
import ruxel.core.seam.SeamRole;
import ruxel.core.seam.Span;
import ruxel.core.yarn.Yarn;

/** Tails left on pieces come before new yarn (handbook 12). */
class KeptTailsTest {
  private static final SeamId SEAM = new SeamId("shoulder.left");
  /** One tail is left at the end of a seam; the other hangs from the piece already. */
  private static final double TAIL_MM = 150;

  /** A corner of a piece, by the edge that starts there. */
  private record Corner(PieceId piece, String edge) {
    YarnChange.TailKept kept(double mm) {
      return new YarnChange.TailKept(piece, edge, Optional.of(mm));
    }
  }

  /** A shoulder of 23 stitches of 7.14 mm by mattress stitch on tops: its length times the factor, and one tail. */
  @Test
  void aTailThatIsLongEnoughIsJoinedWith() {
    Garment garment = with(Wardrobe.cardigan(), new SeamChange.MethodChosen(SEAM, "whip-both"));
    SeamYarn before = seam(garment, SEAM);
    double needed = 23 * 100 / 14.0 * before.factor() + TAIL_MM;
    assertThat(before.neededMm()).isCloseTo(needed + TAIL_MM, within(1e-6));
    Corner corner = start(garment, SEAM);
    Garment kept = with(garment, corner.kept(needed + 1));
    SeamYarn after = seam(kept, SEAM);
    assertThat(after.neededMm()).isZero();
    assertThat(after.tails()).isEqualTo(1);
    assertThat(after.strands()).singleElement().matches(YarnPlan.StrandView::fromTail);
    assertThat(after.words()).startsWith("With the tail of the ").endsWith("No new yarn.");
    TailView tail = tails(kept).get(0);
    assertThat(tail.seam()).contains(SEAM);
    assertThat(tail.words()).contains("the left shoulder begins with it");
    OrderPlan order = Wardrobe.plan(kept).order();
    OrderPlan was = Wardrobe.plan(garment).order();
    assertThat(order.ends()).as("nothing is fastened on").isEqualTo(was.ends() - 1);
    assertThat(order.yarnMm()).isCloseTo(was.yarnMm() - before.neededMm(), within(1e-6));
    WorkStep step = order.steps().stream().filter(each -> each.of().equals(Optional.of(WorkRef.seam(SEAM)))).findFirst().orElseThrow();
    assertThat(step.fastenOn()).isFalse();
    assertThat(step.words()).startsWith("Begin with the tail of the ");
    assertThat(order.tails()).filteredOn(each -> each.of().equals(Optional.of(WorkRef.seam(SEAM)))).hasSize(1);
  }

  /** By a hair too short: all the yarn is new, and the tail is an end more. */
  @Test
  void oneThatIsTooShortIsAnEndToWeaveIn() {
    Garment garment = with(Wardrobe.cardigan(), new SeamChange.MethodChosen(SEAM, "whip-both"));
    double needed = seam(garment, SEAM).neededMm() - TAIL_MM;
    Garment kept = with(garment, start(garment, SEAM).kept(needed - 0.1));
    assertThat(seam(kept, SEAM)).isEqualTo(seam(garment, SEAM));
    assertThat(tails(kept).get(0).words()).contains("too short for the left shoulder");
    assertThat(tails(kept).get(0).seam()).isEmpty();
    OrderPlan order = Wardrobe.plan(kept).order();
    assertThat(order.ends()).isEqualTo(Wardrobe.plan(garment).order().ends() + 1);
    assertThat(order.tails()).filteredOn(tail -> tail.step() == 0).singleElement().satisfies(tail -> assertThat(tail.words()).contains("before the"));
  }

  /** Of two that do, the shorter is taken and the longer is left for another seam. */
  @Test
  void theShortestThatDoesIsTaken() {
    Garment garment = with(Wardrobe.cardigan(), new SeamChange.MethodChosen(SEAM, "whip-both"));
    Corner[] both = starts(garment, SEAM).toArray(Corner[]::new);
    assertThat(both).hasSize(2);
    for (int shorter = 0; shorter < 2; shorter++) {
      Garment kept = with(garment, both[shorter].kept(1200), both[1 - shorter].kept(1300));
      assertThat(tails(kept)).filteredOn(tail -> tail.seam().isPresent()).extracting(TailView::piece).containsExactly(both[shorter].piece());
      assertThat(tails(kept)).filteredOn(tail -> tail.seam().isEmpty()).singleElement().satisfies(tail -> assertThat(tail.words()).contains("an end to weave in"));
    }
  }

  /** It hangs where the seam ends: begun there it does. */
  @Test
  void aSeamThatEndsAtATailIsBegunThere() {
    Garment garment = with(Wardrobe.cardigan(), new SeamChange.MethodChosen(SEAM, "whip-both"));
    Garment turned = with(garment, new HoldChange.SeamTurned(SEAM));
    Corner atEnd = start(turned, SEAM);
    Garment kept = with(garment, atEnd.kept(2000));
    assertThat(tails(kept).get(0).seam()).isEmpty();
    assertThat(tails(kept).get(0).words()).contains("the left shoulder ends there; begun at its other end");
    assertThat(tails(with(kept, new HoldChange.SeamTurned(SEAM))).get(0).seam()).contains(SEAM);
  }

  @Test
  void anotherYarnAndASeamWithoutAMethodDoNotTakeIt() {
    Garment garment = with(Wardrobe.cardigan(), new YarnChange.YarnAdded(yarn("wool")), new YarnChange.YarnAdded(yarn("cotton")));
    Corner corner = start(garment, SEAM);
    Garment kept = with(garment, corner.kept(2000), new YarnChange.PieceYarned(corner.piece(), Optional.of("wool")), new YarnChange.SeamYarned(SEAM, Optional.of("cotton")), new SeamChange.MethodChosen(SEAM, "whip-both"));
    assertThat(tails(kept).get(0).words()).contains("is joined with another yarn");
    assertThat(tails(with(kept, new YarnChange.SeamYarned(SEAM, Optional.of("wool")))).get(0).seam()).contains(SEAM);
    Garment copied = with(Wardrobe.cardigan(), new OwnChange.PieceCopied(new PieceId("back"), new PieceId("own.1"), "Lining", false), new OwnChange.PieceCopied(new PieceId("back"), new PieceId("own.2"), "Pocket", false));
    OwnSeam.Part hem = new OwnSeam.Part(new PieceId("own.1"), "hem", "hem", "hem", Span.Along.FORWARD);
    OwnSeam.Part other = new OwnSeam.Part(new PieceId("own.2"), "hem", "hem", "hem", Span.Along.BACKWARD);
    Garment byHand = with(copied, new OwnSeam.SeamMade(new SeamId("own.s"), "Lower edges", SeamRole.OTHER, List.of(hem), List.of(other)));
    assertThat(tails(with(byHand, new Corner(new PieceId("own.1"), "hem").kept(2000))).get(0).words()).contains("choose its method first");
  }

  /** Side and armhole go on with one yarn; with a tail at the start of the side that one begins anew, and no end is gained or lost against leaving the tail. */
  @Test
  void aTailComesBeforeGoingOn() {
    Garment two = with(Wardrobe.pullover(), new Change.AnswersChanged(Map.of("sideInPasses", Optional.of(new Answers.Word("TWO")))));
    List<Change> methods = new ArrayList<>();
    Wardrobe.plan(two).seams().forEach(seam -> methods.add(new SeamChange.MethodChosen(seam.id(), "slip-both")));
    Garment slipped = with(two, methods.toArray(Change[]::new));
    List<SeamId> fewest = Wardrobe.plan(slipped).order().alternatives().stream().min((one, other) -> one.passes() - other.passes()).orElseThrow().seams();
    Garment ordered = with(slipped, new OrderChange.OrderTaken(fewest));
    OrderPlan was = Wardrobe.plan(ordered).order();
    SeamId goesOn = was.steps().stream().filter(step -> step.kind() == OrderPlan.Kind.SEAM && !starts(ordered, seam(step)).isEmpty() && !step.fastenOn()).findFirst().map(KeptTailsTest::seam).orElseThrow();
    OrderPlan order = Wardrobe.plan(with(ordered, start(ordered, goesOn).kept(20_000))).order();
    assertThat(order.passes()).isEqualTo(was.passes() + 1);
    assertThat(order.ends()).as("as many as with the tail woven in").isEqualTo(was.ends() + 1);
  }

  @Test
  void aTailIsMeasuredWithinReasonOnACornerThatIsThere() {
    Garment garment = Wardrobe.cardigan();
    assertThat(refused(garment, new YarnChange.TailKept(new PieceId("back"), "hem", Optional.of(9.0)))).isEqualTo(FindingCode.TAIL_RANGE);
    assertThat(refused(garment, new YarnChange.TailKept(new PieceId("back"), "hem", Optional.of(Double.NaN)))).isEqualTo(FindingCode.TAIL_RANGE);
    assertThat(refused(garment, new YarnChange.TailKept(new PieceId("cape"), "hem", Optional.of(90.0)))).isEqualTo(FindingCode.UNKNOWN_PIECE);
    assertThat(refused(garment, new YarnChange.TailKept(new PieceId("back"), "cuff", Optional.of(90.0)))).isEqualTo(FindingCode.UNKNOWN_EDGE);
    Garment kept = with(garment, new YarnChange.TailKept(new PieceId("back"), "hem", Optional.of(90.0)));
    assertThat(tails(with(kept, new YarnChange.TailKept(new PieceId("back"), "hem", Optional.empty())))).isEmpty();
    Garment twice = with(kept, new YarnChange.TailKept(new PieceId("back"), "hem", Optional.of(120.0)));
    assertThat(tails(twice)).singleElement().matches(tail -> tail.mm() == 120);
  }

  /** A piece removed takes its tails out of the sums; they are told of. */
  @Test
  void aTailWhoseCornerIsGoneIsToldOf() {
    Garment own = with(Wardrobe.cardigan(), new OwnChange.PieceCopied(new PieceId("back"), new PieceId("own.1"), "Again", false), new YarnChange.TailKept(new PieceId("own.1"), "hem", Optional.of(500.0)));
    assertThat(tails(own)).hasSize(1);
    Garment without = with(own, new OwnChange.PieceRemoved(new PieceId("own.1")));
    assertThat(tails(without)).isEmpty();
    boolean told = Wardrobe.plan(without).findings().stream().anyMatch(finding -> finding.code() == FindingCode.SETTING_GONE && finding.sentence().contains("tail"));
    assertThat(told || without.settings().of(KeptTail.class).isEmpty()).isTrue();
  }

  /** Whatever is left where: each end is in the list, each tail joins one seam at most, and the strands add up. */
  @ParameterizedTest(name = "seed {0}")
  @ValueSource(ints = {1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12})
  void endsAndYarnAddUpWhateverIsLeft(int seed) {
    Random random = new Random(seed);
    Garment garment = random.nextBoolean() ? Wardrobe.cardigan() : Wardrobe.pullover();
    List<Change> changes = new ArrayList<>();
    for (SeamPlan seam : Wardrobe.plan(garment).seams()) {
      changes.add(new SeamChange.MethodChosen(seam.id(), random.nextBoolean() ? "slip-both" : "backstitch"));
    }
    for (Piece piece : pieces(garment)) {
      for (Edge edge : piece.edges()) {
        if (random.nextInt(3) > 0) {
          changes.add(new Corner(piece.id(), edge.id()).kept(50 + random.nextInt(3000)));
        }
      }
    }
    Garment kept = with(garment, changes.toArray(Change[]::new));
    GarmentPlan plan = Wardrobe.plan(kept);
    OrderPlan order = plan.order();
    assertThat(order.tails().stream().mapToInt(OrderPlan.Tail::ends).sum()).isEqualTo(order.ends());
    assertThat(order.steps().get(order.steps().size() - 1).endsSoFar()).isEqualTo(order.ends());
    assertThat(plan.yarn().tails().stream().flatMap(tail -> tail.seam().stream()).toList()).doesNotHaveDuplicates();
    assertThat(plan.yarn().tails()).hasSameSizeAs(kept.settings().of(KeptTail.class));
    for (SeamYarn seam : plan.yarn().seams()) {
      double fresh = seam.strands().stream().filter(strand -> !strand.fromTail()).mapToDouble(YarnPlan.StrandView::lengthMm).sum();
      assertThat(seam.neededMm()).isCloseTo(fresh, within(1e-6));
    }
  }

  private static Yarn yarn(String id) {
    return new Yarn(id, "Quay " + id, "", Yarn.Weight.WORSTED, "", Optional.of(100.0), Optional.of(50.0), Set.of(), Optional.empty());
  }

  private static Corner start(Garment garment, SeamId seam) {
    return starts(garment, seam).get(0);
  }

  /** The corners at which a seam starts, on either side. */
  private static List<Corner> starts(Garment garment, SeamId seam) {
    Layout layout = ((Outcome.Good<Layout>) Layout.of(garment)).value();
    return SeamResolver.find(layout.construct().pieces(), layout.construct().seams(), seam).stream().flatMap(found -> List.of(found.a().get(0), found.b().get(0)).stream()).flatMap(span -> corner(span).stream()).toList();
  }

  private static Optional<Corner> corner(ResolvedSpan span) {
    List<Edge> edges = span.piece().edges();
    int edge = span.forward() ? span.edgeIndex() : (span.edgeIndex() + 1) % edges.size();
    boolean isCorner = span.forward() ? span.from() == 0 : span.to() == span.edge().units();
    return isCorner ? Optional.of(new Corner(span.piece().id(), edges.get(edge).id())) : Optional.empty();
  }

  private static List<Piece> pieces(Garment garment) {
    return ((Outcome.Good<Layout>) Layout.of(garment)).value().construct().pieces();
  }

  private static Garment with(Garment garment, Change... changes) {
    return ((Outcome.Good<Garment>) Change.applyAll(garment, List.of(changes))).value();
  }

  private static FindingCode refused(Garment garment, Change change) {
    return change.apply(garment).findings().get(0).code();
  }

  private static SeamYarn seam(Garment garment, SeamId id) {
    return Wardrobe.plan(garment).yarn().seams().stream().filter(seam -> seam.seam().equals(id)).findFirst().orElse(null);
  }

  private static List<TailView> tails(Garment garment) {
    return Wardrobe.plan(garment).yarn().tails();
  }

  private static SeamId seam(WorkStep step) {
    return ((WorkRef.OfSeam) step.of().orElseThrow()).id();
  }
}
