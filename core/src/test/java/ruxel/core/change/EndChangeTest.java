package ruxel.core.change;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import ruxel.core.change.EndChange.SeamEnded;
import ruxel.core.change.EndChange.SeamEndedAlike;
import ruxel.core.change.EndChange.SeamReopened;
import ruxel.core.change.EndChange.SeamWhole;
import ruxel.core.change.HoldChange.SeamTurned;
import ruxel.core.construction.Answers;
import ruxel.core.construction.Construct;
import ruxel.core.construction.Template;
import ruxel.core.construction.Templates;
import ruxel.core.finding.FindingCode;
import ruxel.core.finding.Outcome;
import ruxel.core.garment.Garment;
import ruxel.core.garment.Recipe;
import ruxel.core.garment.Wardrobe;
import ruxel.core.identity.SeamId;
import ruxel.core.layout.Layout;
import ruxel.core.layout.SeamDirections;
import ruxel.core.plan.FindingView;
import ruxel.core.plan.GarmentPlan;
import ruxel.core.plan.SeamPlan;
import ruxel.core.repair.Effects;
import ruxel.core.seam.ResolvedSeam;
import ruxel.core.seam.Seam;
import ruxel.core.seam.Side;
import ruxel.core.seam.TwinSeam;

/** Seams that end before their end. */
class EndChangeTest {
  private static final SeamId LEFT = new SeamId("side.left");
  private static final SeamId RIGHT = new SeamId("side.right");

  static Stream<Garment> garments() {
    return Templates.all().stream().map(Template::id).map(id -> Garment.of(id, new Recipe(id, new Answers(Map.of()))));
  }

  private static Garment after(Garment garment, Change... changes) {
    Outcome<Garment> outcome = Change.applyAll(garment, List.of(changes));
    assertThat(outcome.findings()).isEmpty();
    return ((Outcome.Good<Garment>) outcome).value();
  }

  private static Construct construct(Garment garment) {
    return ((Outcome.Good<Layout>) Layout.of(garment)).value().construct();
  }

  private static ResolvedSeam seam(Garment garment, SeamId id) {
    return construct(garment).resolved(id).orElseThrow();
  }

  private static List<Integer> units(Garment garment, SeamId id) {
    return Stream.of(Side.values()).map(seam(garment, id)::units).toList();
  }

  private static double open(GarmentPlan plan) {
    return plan.gluing().openings().stream().mapToDouble(opening -> opening.lengthMm()).sum();
  }

  private static List<FindingCode> codes(GarmentPlan plan, SeamId... seams) {
    return plan.findings().stream().filter(finding -> finding.seam().filter(List.of(seams)::contains).isPresent()).map(FindingView::code).toList();
  }

  private static SeamEnded atATenth(SeamPlan seam, int tenths) {
    return new SeamEnded(seam.id(), Math.max(1, seam.a().places() * tenths / 10), Math.max(1, seam.b().places() * tenths / 10));
  }

  /** What is not joined any more is open, of both sides; joined whole again the garment is what it was. */
  @ParameterizedTest
  @MethodSource("garments")
  void whatIsNotJoinedIsOpen(Garment garment) {
    GarmentPlan before = Wardrobe.plan(garment);
    for (SeamPlan seam : before.seams().stream().filter(SeamPlan::planned).toList()) {
      for (int tenths : new int[] {3, 8}) {
        Garment ended = after(garment, atATenth(seam, tenths));
        GarmentPlan plan = Wardrobe.plan(ended);
        List<Integer> whole = units(garment, seam.id());
        List<Integer> joined = units(ended, seam.id());
        assertThat(joined.get(0)).as(seam.name()).isPositive().isLessThan(whole.get(0));
        assertThat(joined.get(1)).as(seam.name()).isPositive().isLessThan(whole.get(1));
        assertThat(open(plan)).as("open with %s ended", seam.name()).isGreaterThan(open(before));
        assertThat(codes(plan, seam.id())).contains(FindingCode.SEAM_ENDED);
        assertThat(after(ended, new SeamWhole(seam.id())).settings()).isEqualTo(garment.settings());
      }
    }
  }

  /** The twin is known as such, is not alike, and is told to end alike: then nothing is said of it. */
  @ParameterizedTest
  @MethodSource("garments")
  void theTwinIsToldAndEndsAlike(Garment garment) {
    GarmentPlan before = Wardrobe.plan(garment);
    for (SeamPlan seam : before.seams().stream().filter(each -> each.planned() && each.twin().isPresent()).toList()) {
      SeamId twin = seam.twin().orElseThrow();
      for (int tenths : new int[] {2, 7}) {
        Garment ended = after(garment, atATenth(seam, tenths));
        List<Seam> seams = construct(ended).seams();
        assertThat(TwinSeam.of(seams.stream().filter(each -> each.id().equals(seam.id())).findFirst().orElseThrow(), seams, construct(ended).pieces()).map(Seam::id)).as("twin of %s", seam.name()).contains(twin);
        assertThat(codes(Wardrobe.plan(ended), seam.id(), twin)).as("%s alone", seam.name()).contains(FindingCode.SEAMS_DIFFER);
        Garment both = after(ended, new SeamEndedAlike(twin));
        GarmentPlan plan = Wardrobe.plan(both);
        assertThat(units(both, twin)).as("both %s", seam.name()).containsExactlyInAnyOrderElementsOf(units(both, seam.id()));
        assertThat(codes(plan, seam.id(), twin)).doesNotContain(FindingCode.SEAMS_DIFFER);
        assertThat(after(both, new SeamWhole(seam.id()), new SeamEndedAlike(twin)).settings()).isEqualTo(garment.settings());
      }
    }
  }

  /** Turned to begin at its other end, the same part of it is joined. */
  @ParameterizedTest
  @MethodSource("garments")
  void whatIsJoinedStaysSoWhenItIsTurned(Garment garment) {
    for (SeamPlan seam : Wardrobe.plan(garment).seams().stream().filter(SeamPlan::planned).toList()) {
      Garment ended = after(garment, atATenth(seam, 4));
      if (!SeamDirections.isByARow(seam(ended, seam.id()))) {
        assertThat(units(after(ended, new SeamTurned(seam.id())), seam.id())).as(seam.name()).isEqualTo(units(ended, seam.id()));
      }
    }
  }

  /** By hand: 20 places are 10 rows of 69; the other 59 of front and back, 12.5 mm each and a little more where the sleeve slopes, open into the cuff. */
  @Test
  void aSideThatEndsEarlySaysWhatIsOpen() {
    Garment garment = Wardrobe.cardigan();
    GarmentPlan after = Wardrobe.plan(after(garment, new SeamEnded(LEFT, 20, 20)));
    assertThat(Effects.between(Wardrobe.plan(garment), after))
        .contains("Opening left cuff: 173.3 cm instead of 25 cm.", "Left side and sleeve: 10 on 10 instead of 32 + 37 on 32 + 37.", "New: Left side and sleeve goes from the hem to the open part of the side; the rest of it stays open.");
  }

  /** Half of a row end that was begun is joined: the cut lies behind it. */
  @Test
  void aBegunUnitIsJoined() {
    Garment garment = Wardrobe.cardigan();
    SeamId armhole = new SeamId("armhole.left");
    int perRow = seamPlan(garment, armhole).b().places() / units(garment, armhole).get(1);
    Garment ended = after(garment, new SeamEnded(armhole, 5, 1));
    assertThat(perRow).isPositive();
    assertThat(units(ended, armhole)).contains(1);
  }

  private static SeamPlan seamPlan(Garment garment, SeamId id) {
    return Wardrobe.plan(garment).seams().stream().filter(seam -> seam.id().equals(id)).findFirst().orElseThrow();
  }

  /** Ended further in than it was, and opened again, it goes on to where it ended before; opened once more, to its own end. */
  @Test
  void openedAgainItGoesOnToWhereItEnded() {
    Garment garment = Wardrobe.cardigan();
    Garment early = after(garment, new SeamEnded(LEFT, 40, 40));
    Garment earlier = after(early, new SeamEnded(LEFT, 10, 10));
    assertThat(units(earlier, LEFT)).containsExactly(5, 5);
    Garment opened = after(earlier, new SeamReopened(LEFT));
    assertThat(units(opened, LEFT)).isEqualTo(units(early, LEFT)).containsExactly(20, 20);
    assertThat(after(opened, new SeamReopened(LEFT)).settings()).isEqualTo(garment.settings());
  }

  /** What cannot be is refused at the seam. */
  @Test
  void nothingJoinedOrNothingOpenIsRefused() {
    Garment garment = Wardrobe.cardigan();
    int places = seamPlan(garment, LEFT).a().places();
    for (SeamEnded change : List.of(new SeamEnded(LEFT, 0, 4), new SeamEnded(LEFT, 4, 0), new SeamEnded(LEFT, places, 20), new SeamEnded(LEFT, 4, 4000))) {
      assertThat(change.apply(garment).findings()).extracting(finding -> finding.code()).as("%s", change).containsExactly(FindingCode.SEAM_END_NOWHERE);
      assertThat(change.apply(garment).findings().get(0).where().seam()).isEqualTo(Optional.of(LEFT));
    }
    Garment alone = after(garment, new OwnSeam.SeamUnmade(RIGHT));
    assertThat(new SeamEndedAlike(LEFT).apply(alone).findings()).extracting(finding -> finding.code()).containsExactly(FindingCode.SEAM_WITHOUT_TWIN);
  }
}
