package ruxel.core.match;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import ruxel.core.finding.Finding;
import ruxel.core.finding.FindingCode;
import ruxel.core.finding.Outcome;
import ruxel.core.glue.Panels;
import ruxel.core.identity.PieceId;
import ruxel.core.identity.SeamId;
import ruxel.core.measure.HouseRules;
import ruxel.core.piece.Cut;
import ruxel.core.piece.Piece;
import ruxel.core.seam.Anchor;
import ruxel.core.seam.Anchor.Spot;
import ruxel.core.seam.ResolvedSeam;
import ruxel.core.seam.Seam;
import ruxel.core.seam.Seam.SideOf;
import ruxel.core.seam.SeamResolver;
import ruxel.core.seam.SeamRole;
import ruxel.core.seam.Side;
import ruxel.core.seam.Span.Along;

/** Where an anchor may be put: on the seam, between its neighbours, on both sides in order. */
class AnchorMoveTest {
  private static final List<Piece> PIECES = List.of(Panels.rectangle(new PieceId("a"), 20, 5), Panels.rectangle(new PieceId("b"), 20, 5));

  private static Anchor anchor(String id, int onA, int onB) {
    return new Anchor(id, "the " + id, Spot.cut(new PieceId("a"), "top", new Cut("all", 20 - onA, Cut.End.START)), Spot.cut(new PieceId("b"), "bottom", new Cut("all", onB, Cut.End.START)));
  }

  /** 20 stitches on 20, with anchors after 5 and 15. */
  private static final Seam SEAM =
      new Seam(
          new SeamId("line"), "Line", SeamRole.OTHER, SideOf.of("A", Panels.whole(new PieceId("a"), "top", Along.BACKWARD)), SideOf.of("B", Panels.whole(new PieceId("b"), "bottom", Along.FORWARD)),
          List.of(anchor("first", 5, 5), anchor("second", 15, 15)), List.of(), Seam.Working.USUAL, Optional.empty());
  private static final ResolvedSeam RESOLVED = SeamResolver.find(PIECES, List.of(SEAM), new SeamId("line")).orElseThrow();

  @ParameterizedTest
  @ValueSource(ints = {2, 8, 28})
  void anAnchorMovesBetweenItsNeighbours(int position) {
    Outcome<Spot> spot = AnchorMove.spot(RESOLVED, "first", Side.A, position, HouseRules.USUAL);
    assertThat(spot.findings()).isEmpty();
    Seam moved = SEAM.withAnchors(List.of(SEAM.anchors().get(0).with(Side.A, ((Outcome.Good<Spot>) spot).value()), SEAM.anchors().get(1)));
    assertThat(SideLayout.of(RESOLVED, Side.A, HouseRules.USUAL).positionOf(moved.anchors().get(0).a())).hasValue(position);
  }

  /** A border on one side and the middle of a place on the other cannot meet. */
  @ParameterizedTest
  @ValueSource(ints = {1, 11, 29})
  void aBorderMeetsNoPlace(int position) {
    assertThat(codes(AnchorMove.spot(RESOLVED, "first", Side.A, position, HouseRules.USUAL))).containsExactly(FindingCode.ANCHOR_HALF);
  }

  @Test
  void noAnchorPassesAnother() {
    assertThat(codes(AnchorMove.spot(RESOLVED, "first", Side.A, 32, HouseRules.USUAL))).isNotEmpty();
    assertThat(codes(AnchorMove.spot(RESOLVED, "second", Side.B, 8, HouseRules.USUAL))).isNotEmpty();
  }

  @ParameterizedTest
  @ValueSource(ints = {-1, 41})
  void anAnchorStaysOnItsSeam(int position) {
    assertThat(codes(AnchorMove.spot(RESOLVED, "first", Side.B, position, HouseRules.USUAL))).containsExactly(FindingCode.ANCHOR_OFF_SEAM);
    assertThat(codes(AnchorMove.pinned(RESOLVED, "own.1", "mine", position, 20, HouseRules.USUAL))).containsExactly(FindingCode.ANCHOR_OFF_SEAM);
    assertThat(codes(AnchorMove.pinned(RESOLVED, "own.1", "mine", 20, position, HouseRules.USUAL))).containsExactly(FindingCode.ANCHOR_OFF_SEAM);
  }

  @Test
  void anUnknownAnchorNamesThoseThereAre() {
    Outcome<Spot> spot = AnchorMove.spot(RESOLVED, "elbow", Side.A, 8, HouseRules.USUAL);
    assertThat(codes(spot)).containsExactly(FindingCode.UNKNOWN_ANCHOR);
    assertThat(spot.findings().get(0).facts().toString()).contains("first, second");
  }

  /** A new pin has its place on both sides; put again, it replaces itself rather than crossing itself. */
  @Test
  void aPinIsPutAndPutElsewhere() {
    Anchor pin = ((Outcome.Good<Anchor>) AnchorMove.pinned(RESOLVED, "own.1", "mine", 20, 22, HouseRules.USUAL)).value();
    assertThat(pin.name()).isEqualTo("mine");
    Seam with = SEAM.withAnchors(List.of(SEAM.anchors().get(0), pin, SEAM.anchors().get(1)));
    assertThat(AnchorMove.stands(RESOLVED, with, "own.1", HouseRules.USUAL)).isTrue();
    ResolvedSeam pinned = SeamResolver.find(PIECES, List.of(with), new SeamId("line")).orElseThrow();
    assertThat(AnchorMove.pinned(pinned, "own.1", "mine", 24, 18, HouseRules.USUAL).findings()).isEmpty();
    assertThat(codes(AnchorMove.pinned(RESOLVED, "own.2", "other", 4, 36, HouseRules.USUAL))).as("crosses both").isNotEmpty();
  }

  @Test
  void whatIsGoneOrCrossesDoesNotStand() {
    assertThat(AnchorMove.stands(RESOLVED, SEAM, "first", HouseRules.USUAL)).isTrue();
    assertThat(AnchorMove.stands(RESOLVED, SEAM, "elbow", HouseRules.USUAL)).isFalse();
    Anchor off = new Anchor("off", "off", Spot.cut(new PieceId("a"), "bottom", Cut.startOf("all")), Spot.cut(new PieceId("b"), "bottom", new Cut("all", 9, Cut.End.START)));
    assertThat(AnchorMove.stands(RESOLVED, SEAM.withAnchors(List.of(off)), "off", HouseRules.USUAL)).as("not on its side").isFalse();
    Seam crossing = SEAM.withAnchors(List.of(anchor("first", 5, 15), anchor("second", 15, 5)));
    assertThat(AnchorMove.stands(RESOLVED, crossing, "first", HouseRules.USUAL)).isFalse();
  }

  private static List<FindingCode> codes(Outcome<?> outcome) {
    return outcome.findings().stream().map(Finding::code).toList();
  }
}
