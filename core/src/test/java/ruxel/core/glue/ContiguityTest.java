package ruxel.core.glue;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import ruxel.core.identity.PieceId;
import ruxel.core.identity.SeamId;
import ruxel.core.match.SeamMatch;
import ruxel.core.measure.HouseRules;
import ruxel.core.piece.Piece;
import ruxel.core.seam.Join;
import ruxel.core.seam.ResolvedSeam;
import ruxel.core.seam.Seam;
import ruxel.core.seam.Seam.SideOf;
import ruxel.core.seam.SeamResolver;
import ruxel.core.seam.SeamRole;
import ruxel.core.seam.Span.Along;

/** Which joins bring the ends of two spans, or of one side, to a point (model 4). Four squares lie round one: a b below, c d above. */
class ContiguityTest {
  private static final List<Piece> SQUARES =
      List.of(Panels.rectangle(new PieceId("a"), 5, 5), Panels.rectangle(new PieceId("b"), 5, 5), Panels.rectangle(new PieceId("c"), 5, 5), Panels.rectangle(new PieceId("d"), 5, 5), Panels.rectangle(new PieceId("strip"), 10, 2));
  private static final Seam AB = beside(new SeamId("ab"), new PieceId("a"), new PieceId("b"));
  private static final Seam CD = beside(new SeamId("cd"), new PieceId("c"), new PieceId("d"));
  private static final Seam AC = Panels.seam(new SeamId("ac"), Panels.whole(new PieceId("a"), "top", Along.BACKWARD), Panels.whole(new PieceId("c"), "bottom", Along.FORWARD));
  private static final Seam BD = Panels.seam(new SeamId("bd"), Panels.whole(new PieceId("b"), "top", Along.BACKWARD), Panels.whole(new PieceId("d"), "bottom", Along.FORWARD));

  /** A strip along the lower edge of a and b: the seam between them makes the point. */
  @Test
  void theSeamBetweenTwoSpansComesFirst() {
    Contiguity.Need need = need(List.of(AB, CD, AC, BD), along(new PieceId("a"), new PieceId("b"), "bottom", Along.FORWARD));
    assertThat(need.by()).contains(List.of(Join.seam(new SeamId("ab"))));
    assertThat(need.before().piece().id()).isEqualTo(new PieceId("a"));
    assertThat(need.after().piece().id()).isEqualTo(new PieceId("b"));
  }

  /** Without it the corners still meet the long way round the point, over three seams, in the order they are crossed. */
  @Test
  void whereTheNearSeamIsMissingTheWayRoundThePointCounts() {
    Seam below = Panels.seam(new SeamId("below"), SeamRole.OTHER, SideOf.of("Strip", Panels.whole(new PieceId("strip"), "top", Along.BACKWARD)), SideOf.of("Sides", Panels.whole(new PieceId("a"), "right", Along.FORWARD), Panels.whole(new PieceId("b"), "left", Along.FORWARD)));
    Contiguity.Need need = need(List.of(CD, AC, BD), below);
    assertThat(need.by()).contains(List.of(Join.seam(new SeamId("ac")), Join.seam(new SeamId("cd")), Join.seam(new SeamId("bd"))));
  }

  @Test
  void nothingBringsTogetherWhatIsApart() {
    assertThat(need(List.of(AC, BD), along(new PieceId("a"), new PieceId("b"), "bottom", Along.FORWARD)).by()).isEmpty();
  }

  /** The strip's own seam does not count for itself. */
  @Test
  void aSeamDoesNotMakeItsOwnPoint() {
    assertThat(need(List.of(CD), along(new PieceId("a"), new PieceId("b"), "bottom", Along.FORWARD)).by()).isEmpty();
  }

  /** A tube: the strip round its mouth closes where the side seam ends. */
  @Test
  void aSideWhoseEndsMeetIsARingByTheSeamsThatCloseIt() {
    Seam side = Panels.seam(new SeamId("side"), Panels.whole(new PieceId("a"), "left", Along.BACKWARD), Panels.whole(new PieceId("b"), "right", Along.FORWARD));
    List<Contiguity.Ring> rings = contiguity(List.of(AB, side, along(new PieceId("a"), new PieceId("b"), "bottom", Along.FORWARD))).rings();
    assertThat(rings).filteredOn(ring -> ring.seam().seam().id().equals(new SeamId("along"))).singleElement().satisfies(
        ring -> {
          assertThat(ring.by()).containsExactly(Join.seam(new SeamId("side")));
          assertThat(ring.first().piece().id()).isEqualTo(new PieceId("a"));
          assertThat(ring.last().piece().id()).isEqualTo(new PieceId("b"));
        });
    assertThat(contiguity(List.of(AB, along(new PieceId("a"), new PieceId("b"), "bottom", Along.FORWARD))).rings()).isEmpty();
  }

  private static Seam along(PieceId left, PieceId right, String edge, Along along) {
    return Panels.seam(
        new SeamId("along"), SeamRole.OTHER, SideOf.of("Strip", Panels.whole(new PieceId("strip"), "top", Along.BACKWARD)),
        SideOf.of("Both", Panels.whole(left, edge, along), Panels.whole(right, edge, along)));
  }

  private static Seam beside(SeamId id, PieceId left, PieceId right) {
    return Panels.seam(id, Panels.whole(left, "right", Along.FORWARD), Panels.whole(right, "left", Along.BACKWARD));
  }

  private static Contiguity.Need need(List<Seam> others, Seam seam) {
    List<Seam> all = new ArrayList<>(others);
    all.add(seam);
    return contiguity(all).needs().stream().filter(need -> need.join().equals(Join.seam(seam.id()))).findFirst().orElseThrow();
  }

  private static Contiguity contiguity(List<Seam> seams) {
    List<ResolvedSeam> resolved = seams.stream().map(seam -> SeamResolver.find(SQUARES, seams, seam.id())).map(Optional::orElseThrow).toList();
    List<SeamMatch> matches = resolved.stream().map(seam -> SeamMatch.of(seam, HouseRules.USUAL)).toList();
    return Contiguity.of(Glued.of(SQUARES, matches).gluing(), resolved);
  }
}
