package ruxel.core.glue;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import ruxel.core.identity.PieceId;
import ruxel.core.identity.SeamId;
import ruxel.core.match.SeamMatch;
import ruxel.core.measure.HouseRules;
import ruxel.core.piece.Piece;
import ruxel.core.seam.Join;
import ruxel.core.seam.Seam;
import ruxel.core.seam.SeamResolver;
import ruxel.core.seam.Span.Along;

/** Which pieces are turned over, and the closed walk along which none can be (model 4). */
class SurfaceTest {
  @Test
  void theSideWithLessClothIsTheOneTurnedOver() {
    Piece small = Panels.rectangle(new PieceId("p1"), 10, 12);
    Piece large = Panels.rectangle(new PieceId("p2"), 30, 12);
    assertThat(turned(List.of(small, large), seam(new SeamId("a"), 1, 2, true))).containsExactly(new PieceId("p1"));
    assertThat(turned(List.of(Panels.rectangle(new PieceId("p1"), 30, 12), Panels.rectangle(new PieceId("p2"), 10, 12)), seam(new SeamId("a"), 1, 2, true))).containsExactly(new PieceId("p2"));
    Piece third = Panels.rectangle(new PieceId("p3"), 25, 12);
    assertThat(turned(List.of(small, Panels.rectangle(new PieceId("p2"), 20, 12), third), seam(new SeamId("a"), 1, 2, true), seam(new SeamId("b"), 2, 3, true)))
        .as("two of 35 together against one of 20")
        .containsExactly(new PieceId("p2"));
  }

  @Test
  void ofTwoAlikeTheBackIsNotTurned() {
    Piece panel = Panels.rectangle(new PieceId("p1"), 20, 12);
    Piece other = Panels.rectangle(new PieceId("p2"), 20, 12);
    assertThat(turned(List.of(panel, other), seam(new SeamId("a"), 1, 2, true))).containsExactly(new PieceId("p2"));
    assertThat(turned(List.of(panel, back(new PieceId("p2"))), seam(new SeamId("a"), 1, 2, true))).containsExactly(new PieceId("p1"));
    assertThat(turned(List.of(back(new PieceId("p1")), other), seam(new SeamId("a"), 1, 2, true))).containsExactly(new PieceId("p2"));
    assertThat(turned(List.of(panel, other), seam(new SeamId("a"), 1, 2, false))).isEmpty();
  }

  /** The way to the ring is no part of the walk; each step of it is a seam between neighbours on it. */
  @Test
  void theWalkLeadsRoundTheRingOnly() {
    List<Piece> pieces = List.of(Panels.rectangle(new PieceId("p1"), 20, 12), Panels.rectangle(new PieceId("p2"), 20, 12), Panels.rectangle(new PieceId("p3"), 20, 12), Panels.rectangle(new PieceId("p4"), 20, 12));
    Seam way = Panels.seam(new SeamId("way"), Panels.whole(new PieceId("p1"), "top", Along.FORWARD), Panels.whole(new PieceId("p2"), "bottom", Along.BACKWARD));
    Surface surface = surface(pieces, way, seam(new SeamId("a"), 2, 3, false), seam(new SeamId("b"), 3, 4, false), seam(new SeamId("ring"), 4, 2, true));
    assertThat(surface.parts()).hasSize(1);
    Surface.Part part = surface.parts().get(0);
    assertThat(part.twist()).extracting(Join::id).containsExactlyInAnyOrder(new SeamId("a"), new SeamId("b"), new SeamId("ring"));
    assertThat(part.turned()).isEmpty();
    assertThat(part.handles()).isEmpty();
    List<String> walk = part.twist().stream().map(join -> join.id().text()).toList();
    List<String> around = List.of("a", "b", "ring", "a", "b", "ring", "b", "a", "ring", "b", "a");
    assertThat(Collections.indexOfSubList(around, walk)).as("%s goes round", walk).isNotNegative();
  }

  @Test
  void partsAreToldApart() {
    List<Piece> pieces = List.of(Panels.rectangle(new PieceId("p1"), 20, 12), Panels.rectangle(new PieceId("p2"), 20, 12), Panels.rectangle(new PieceId("p3"), 20, 12));
    Surface surface = surface(pieces, seam(new SeamId("a"), 1, 3, false), seam(new SeamId("tube"), 2, 2, false));
    assertThat(surface.parts()).extracting(Surface.Part::faces).containsExactlyInAnyOrder(List.of(0, 2), List.of(1));
    assertThat(surface.parts()).filteredOn(part -> part.faces().contains(1)).singleElement().matches(tube -> tube.openings() == 2 && tube.handles().orElseThrow() == 0 && tube.points() == 2 && tube.segments() == 3);
    assertThat(surface.parts()).filteredOn(part -> part.faces().contains(0)).singleElement().matches(flat -> flat.openings() == 1 && flat.points() == 6 && flat.segments() == 7);
  }

  private static Piece back(PieceId id) {
    Piece plain = Panels.rectangle(id, 20, 12);
    return new Piece(plain.id(), plain.name(), Piece.Part.BACK, plain.edges(), plain.mirrorOf(), plain.cloth());
  }

  /** The right edge of one panel on the left edge of another; turned, one of them shows its wrong side. */
  private static Seam seam(SeamId id, int left, int right, boolean turned) {
    return Panels.seam(id, Panels.whole(new PieceId("p" + left), "right", Along.FORWARD), Panels.whole(new PieceId("p" + right), "left", turned ? Along.FORWARD : Along.BACKWARD));
  }

  private static List<PieceId> turned(List<Piece> pieces, Seam... seams) {
    List<PieceId> turned = new ArrayList<>();
    surface(pieces, seams).parts().forEach(part -> part.turned().forEach(face -> turned.add(pieces.get(face).id())));
    return turned;
  }

  private static Surface surface(List<Piece> pieces, Seam... seams) {
    Gluing gluing = Glued.of(pieces, SeamMatch.all(SeamResolver.resolve(pieces, List.of(seams)).seams(), new HouseRules(Map.of()))).gluing();
    return Surface.of(gluing);
  }
}
