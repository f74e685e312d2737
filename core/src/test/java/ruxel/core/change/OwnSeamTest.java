package ruxel.core.change;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import ruxel.core.change.OwnSeam.SeamMirrored;
import ruxel.core.change.OwnSeam.SeamNamed;
import ruxel.core.change.OwnSeam.SeamParted;
import ruxel.core.change.OwnSeam.SeamPutBack;
import ruxel.core.change.HoldChange.SeamTurned;
import ruxel.core.change.OwnSeam.SeamUnmade;
import ruxel.core.change.OwnSeam.SeamsTogether;
import ruxel.core.construction.Answers;
import ruxel.core.decision.TakenOut;
import ruxel.core.finding.Finding;
import ruxel.core.finding.FindingCode;
import ruxel.core.finding.Outcome;
import ruxel.core.garment.Garment;
import ruxel.core.garment.Wardrobe;
import ruxel.core.identity.PieceId;
import ruxel.core.identity.SeamId;
import ruxel.core.layout.Layout;
import ruxel.core.plan.FindingView;
import ruxel.core.plan.GarmentPlan;
import ruxel.core.plan.SeamPlan;
import ruxel.core.seam.Seam;
import ruxel.core.seam.SeamRole;
import ruxel.core.seam.Side;

/** Seams of a construction and of the maker's own, told anew by hand. */
class OwnSeamTest {
  private static final Garment CARDIGAN = Wardrobe.cardigan();

  private static Garment after(Garment garment, Change... changes) {
    Outcome<Garment> outcome = Change.applyAll(garment, List.of(changes));
    assertThat(outcome.findings()).isEmpty();
    return ((Outcome.Good<Garment>) outcome).value();
  }

  private static SeamPlan seam(Garment garment, SeamId id) {
    return Wardrobe.plan(garment).seams().stream().filter(seam -> seam.id().equals(id)).findFirst().orElseThrow();
  }

  private static List<Long> openings(Garment garment) {
    return Wardrobe.plan(garment).gluing().openings().stream().map(opening -> Math.round(opening.lengthMm())).sorted().toList();
  }

  /** A front that shows its wrong side at three seams is turned over at all of them at once; one that does not is left alone. */
  @Test
  void aTurnedPieceIsTurnedOverAtEverySeam() {
    List<Seam> wrong = new ArrayList<>();
    for (Seam seam : ((Outcome.Good<Layout>) Layout.of(CARDIGAN)).value().construct().seams()) {
      if (seam.spans().anyMatch(span -> span.piece().equals(new PieceId("front.right")))) {
        wrong.add(seam.turnedOver(new PieceId("front.right")));
      }
    }
    Garment turned = CARDIGAN.withOwn(List.of(), wrong);
    assertThat(wrong).hasSize(3);
    assertThat(Wardrobe.plan(turned).gluing().turned()).containsExactly(new PieceId("front.right"));
    Garment mended = after(turned, new PieceTurnedOver(new PieceId("front.right")));
    assertThat(Wardrobe.plan(mended).gluing().turned()).isEmpty();
    assertThat(openings(mended)).isEqualTo(openings(CARDIGAN));
    assertThat(new PieceTurnedOver(new PieceId("front.right")).apply(mended).findings()).extracting(Finding::code).containsExactly(FindingCode.NOT_TURNED);
    assertThat(new PieceTurnedOver(new PieceId("hood")).apply(mended).findings()).extracting(Finding::code).containsExactly(FindingCode.UNKNOWN_PIECE);
  }

  /** Side and sleeve in one pass, parted at the underarm: 48 places as before, the same openings, and one more step. */
  @Test
  void aSeamIsPartedAtAnAnchor() {
    Garment parted = after(CARDIGAN, new SeamParted(new SeamId("side.left"), "underarm", new SeamId("own.sleeve"), "Left sleeve"));
    SeamPlan whole = seam(CARDIGAN, new SeamId("side.left"));
    SeamPlan side = seam(parted, new SeamId("side.left"));
    SeamPlan sleeve = seam(parted, new SeamId("own.sleeve"));
    assertThat(side.a().places() + sleeve.a().places()).isEqualTo(whole.a().places());
    assertThat(side.b().places() + sleeve.b().places()).isEqualTo(whole.b().places());
    assertThat(side.anchors()).extracting(anchor -> anchor.id()).containsExactly("START", "hem.rib", "END");
    assertThat(sleeve.anchors()).extracting(anchor -> anchor.id()).containsExactly("START", "cuff.rib", "END");
    assertThat(openings(parted)).isEqualTo(openings(CARDIGAN));
    assertThat(Wardrobe.plan(parted).steps()).hasSize(7);
    // The underarm is hidden; so are the ends that meet there.
    assertThat(parted.seams()).extracting(own -> own.hidden()).containsExactly(List.of("END"), List.of("START"));
  }

  @Test
  void partsPutTogetherAgainAreJoinedAsBefore() {
    Garment again =
        after(
            CARDIGAN, new SeamParted(new SeamId("side.left"), "underarm", new SeamId("own.sleeve"), "Left sleeve"), new SeamTurned(new SeamId("own.sleeve")),
            new SeamsTogether(new SeamId("side.left"), new SeamId("own.sleeve")));
    SeamPlan before = seam(CARDIGAN, new SeamId("side.left"));
    SeamPlan now = seam(again, new SeamId("side.left"));
    assertThat(now.counts()).isEqualTo(before.counts());
    assertThat(now.joints()).isEqualTo(before.joints());
    assertThat(now.anchors()).extracting(anchor -> anchor.a()).isEqualTo(before.anchors().stream().map(anchor -> anchor.a()).toList());
    assertThat(again.seams()).hasSize(1);
  }

  /** A seam with the longest name there may be is put together too: what is made of the name is not too long. */
  @Test
  void longNamesArePutTogether() {
    Garment longest = after(CARDIGAN, new SeamNamed(new SeamId("side.left"), "n".repeat(Garment.MOST_NAME), SeamRole.SIDE_SLEEVE));
    Garment together = after(longest, new SeamParted(new SeamId("side.left"), "underarm", new SeamId("own.sleeve"), "Left sleeve"), new SeamsTogether(new SeamId("side.left"), new SeamId("own.sleeve")));
    assertThat(together.seams().get(0).anchors()).allMatch(anchor -> anchor.name().length() <= Garment.MOST_NAME);
  }

  /** What was decided of a seam goes with it when it is told anew. */
  @Test
  void decisionsGoWithTheSeam() {
    Garment decided =
        after(CARDIGAN, new SeamChange.MethodChosen(new SeamId("side.left"), "whip-both"), new SeamChange.AnchorMoved(new SeamId("side.left"), "cuff.rib", Side.A, 2 * seam(CARDIGAN, new SeamId("side.left")).a().places() - 8));
    Garment turned = after(decided, new SeamTurned(new SeamId("side.left")));
    assertThat(seam(turned, new SeamId("side.left")).method()).isEqualTo(seam(decided, new SeamId("side.left")).method());
    assertThat(seam(turned, new SeamId("side.left")).anchors()).hasSameSizeAs(seam(decided, new SeamId("side.left")).anchors());
    assertThat(Wardrobe.plan(turned).findings()).extracting(FindingView::code).doesNotContain(FindingCode.SETTING_GONE);
    Garment parted = after(decided, new SeamParted(new SeamId("side.left"), "underarm", new SeamId("own.sleeve"), "Left sleeve"));
    assertThat(seam(parted, new SeamId("own.sleeve")).anchors()).extracting(anchor -> anchor.a()).contains(2 * seam(parted, new SeamId("own.sleeve")).a().places() - 8);
  }

  /** Joined from the other end it has the same joints the other way round, and turned twice it is as it was. */
  @Test
  void aSeamIsTurned() {
    Garment turned = after(CARDIGAN, new SeamTurned(new SeamId("armhole.left")));
    SeamPlan before = seam(CARDIGAN, new SeamId("armhole.left"));
    SeamPlan now = seam(turned, new SeamId("armhole.left"));
    assertThat(now.a().places()).isEqualTo(before.a().places());
    assertThat(now.a().rails().get(0).run()).isEqualTo(before.a().rails().get(before.a().rails().size() - 1).run());
    assertThat(openings(turned)).isEqualTo(openings(CARDIGAN));
    Garment back = after(turned, new SeamTurned(new SeamId("armhole.left")));
    assertThat(seam(back, new SeamId("armhole.left"))).isEqualTo(before);
  }

  @Test
  void aSeamOfTheConstructionIsTakenOutAndPutBack() {
    Garment without = after(CARDIGAN, new SeamUnmade(new SeamId("side.left")));
    assertThat(Wardrobe.plan(without).seams()).hasSize(5);
    assertThat(without.settings().of(TakenOut.class)).hasSize(1);
    assertThat(after(without, new SeamPutBack(new SeamId("side.left")))).isEqualTo(CARDIGAN);
    // Told anew and then taken out, it is out; put back, it is as the construction makes it.
    Garment named = after(CARDIGAN, new SeamNamed(new SeamId("side.left"), "Tideline", SeamRole.SIDE));
    assertThat(seam(named, new SeamId("side.left")).name()).isEqualTo("Tideline");
    assertThat(after(named, new SeamUnmade(new SeamId("side.left")), new SeamPutBack(new SeamId("side.left")))).isEqualTo(CARDIGAN);
  }

  /** The right side taken out and made anew like the left one is the one that was there. */
  @Test
  void theOtherSideIsMadeLikeThisOne() {
    Garment mirrored = after(CARDIGAN, new SeamUnmade(new SeamId("side.right")), new SeamMirrored(new SeamId("side.left"), new SeamId("own.side"), "Right side and sleeve"));
    SeamPlan before = seam(CARDIGAN, new SeamId("side.right"));
    SeamPlan now = seam(mirrored, new SeamId("own.side"));
    assertThat(now.joints()).isEqualTo(before.joints());
    assertThat(now.a().rails()).isEqualTo(before.a().rails());
    assertThat(now.b().rails()).isEqualTo(before.b().rails());
    assertThat(openings(mirrored)).isEqualTo(openings(CARDIGAN));
  }

  /** A taken-out seam of a construction that no longer makes it is named, kept and can be removed. */
  @Test
  void whatIsOutAndGoneIsNamed() {
    Garment without = after(CARDIGAN, new SeamUnmade(new SeamId("side.left")));
    Garment none = without.withSettings(without.settings().with(new TakenOut(new SeamId("sleeve.third"))));
    GarmentPlan plan = Wardrobe.plan(none);
    assertThat(plan.findings()).extracting(FindingView::code).contains(FindingCode.SETTING_GONE);
    assertThat(after(none, new Change.GoneSettingsDropped())).isEqualTo(without);
  }

  /** Numbers may change afterwards; what is the maker's own stays where it was told. */
  @Test
  void numbersMayChangeAfterwards() {
    Garment parted = after(CARDIGAN, new SeamParted(new SeamId("side.left"), "underarm", new SeamId("own.sleeve"), "Left sleeve"));
    Map<String, Optional<Answers.Answer>> longer = new HashMap<>();
    longer.put("bodyRows", Optional.of(new Answers.Numeric(52)));
    assertThat(Wardrobe.plan(after(parted, new Change.AnswersChanged(longer))).seams()).hasSize(7).allMatch(SeamPlan::planned);
  }

  static Stream<Arguments> impossible() {
    return Stream.of(
        Arguments.of(new SeamParted(new SeamId("side.left"), "elbow", new SeamId("own.1"), "S"), FindingCode.UNKNOWN_ANCHOR),
        Arguments.of(new SeamParted(new SeamId("armhole.left"), "shoulder", new SeamId("own.1"), "S"), FindingCode.SEAM_NOT_PARTED),
        Arguments.of(new SeamParted(new SeamId("side.left"), "underarm", new SeamId("side.right"), "S"), FindingCode.ID_TAKEN),
        Arguments.of(new SeamParted(new SeamId("side.left"), "underarm", new SeamId("own.1"), " "), FindingCode.NAME_LENGTH),
        Arguments.of(new SeamsTogether(new SeamId("side.left"), new SeamId("side.left")), FindingCode.SEAM_WITH_ITSELF),
        Arguments.of(new SeamsTogether(new SeamId("side.left"), new SeamId("hem")), FindingCode.UNKNOWN_SEAM),
        Arguments.of(new SeamMirrored(new SeamId("side.left"), new SeamId("own.1"), "S"), FindingCode.SPANS_OVERLAP),
        Arguments.of(new SeamPutBack(new SeamId("own.7")), FindingCode.NOT_OF_CONSTRUCTION),
        Arguments.of(new SeamUnmade(new SeamId("own.7")), FindingCode.UNKNOWN_SEAM));
  }

  @ParameterizedTest
  @MethodSource("impossible")
  void whatCannotBeIsRefused(Change change, FindingCode code) {
    assertThat(change.apply(CARDIGAN).findings()).extracting(Finding::code).contains(code);
  }
}
