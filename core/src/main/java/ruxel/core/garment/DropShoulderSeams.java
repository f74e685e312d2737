package ruxel.core.garment;

import static ruxel.core.seam.Span.Along.BACKWARD;
import static ruxel.core.seam.Span.Along.FORWARD;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import ruxel.core.piece.Cut;
import ruxel.core.seam.Anchor;
import ruxel.core.seam.Anchor.Spot;
import ruxel.core.seam.Seam;
import ruxel.core.seam.Seam.SideOf;
import ruxel.core.seam.SeamRole;
import ruxel.core.seam.Span;

/**
 * The usual seams of a drop-shoulder body: shoulders from the armhole edge in, sleeves set in flat from
 * the front underarm over the shoulder to the back underarm, side and sleeve in one pass from the hem to
 * the cuff. Right seams are the mirror images of the left ones.
 */
final class DropShoulderSeams {
  private final DropShoulderMeasures m;
  private final String front;
  private final String frontSide;
  private final String frontShoulder;

  DropShoulderSeams(DropShoulderMeasures measures) {
    m = measures;
    front = m.cardigan() ? "front.left" : "front";
    frontSide = m.cardigan() ? "side" : "left";
    frontShoulder = m.cardigan() ? "shoulder" : "shoulder.left";
  }

  List<Seam> all() {
    List<Seam> seams = new ArrayList<>();
    for (Seam left : List.of(shoulder(), armhole(), side())) {
      seams.add(left);
      seams.add(mirrored(left));
    }
    return List.copyOf(seams);
  }

  private Seam shoulder() {
    return new Seam(
        "shoulder.left", "Left shoulder", SeamRole.SHOULDER,
        SideOf.of("Front shoulder", Span.ofRun(front, frontShoulder, "shoulder", FORWARD)),
        SideOf.of("Back shoulder", Span.ofRun("back", "shoulder.left", "shoulder", BACKWARD)),
        List.of(), List.of(Seam.START), Seam.Working.USUAL, Optional.of("slip-both"));
  }

  private Seam armhole() {
    int top = m.sleeveTop();
    Cut middle = new Cut("top", top / 2, Cut.End.START);
    Spot onTop = top % 2 == 1 ? Spot.unit("sleeve.left", "top", middle) : Spot.cut("sleeve.left", "top", middle);
    Anchor shoulder = new Anchor("shoulder", "shoulder seam", onTop, Spot.cut(front, frontSide, Cut.endOf("armhole")));
    return new Seam(
        "armhole.left", "Left armhole", SeamRole.ARMHOLE,
        SideOf.of("Sleeve top", Span.ofRun("sleeve.left", "top", "top", BACKWARD)),
        SideOf.of(
            "Front and back armhole",
            Span.ofRun(front, frontSide, "armhole", FORWARD),
            Span.ofRun("back", "left", "armhole", FORWARD)),
        List.of(shoulder), List.of(Seam.START, Seam.END), Seam.Working.USUAL, Optional.of("mattress-rows"));
  }

  private Seam side() {
    String hem = m.hemRibRows() > 0 ? "rib" : "side";
    String cuff = m.cuffRibRows() > 0 ? "rib" : "sleeve";
    List<Anchor> anchors = new ArrayList<>();
    if (m.hemRibRows() > 0) {
      anchors.add(new Anchor("hem.rib", "top of the hem ribbing", Spot.cut(front, frontSide, Cut.endOf("rib")), Spot.cut("back", "left", Cut.startOf("rib"))));
    }
    anchors.add(new Anchor("underarm", "underarm", Spot.cut(front, frontSide, Cut.endOf("side")), Spot.cut("back", "left", Cut.startOf("side"))));
    if (m.cuffRibRows() > 0) {
      anchors.add(new Anchor("cuff.rib", "top of the cuff ribbing", Spot.cut("sleeve.left", "front", Cut.startOf("rib")), Spot.cut("sleeve.left", "back", Cut.endOf("rib"))));
    }
    return new Seam(
        "side.left", "Left side and sleeve", SeamRole.SIDE_SLEEVE,
        SideOf.of(
            "Front side and sleeve",
            Span.ofRuns(front, frontSide, hem, "side", FORWARD),
            Span.ofRuns("sleeve.left", "front", "sleeve", cuff, FORWARD)),
        SideOf.of(
            "Back side and sleeve",
            Span.ofRuns("back", "left", "side", hem, BACKWARD),
            Span.ofRuns("sleeve.left", "back", cuff, "sleeve", BACKWARD)),
        anchors, List.of("underarm"), Seam.Working.USUAL, Optional.of("mattress-rows"));
  }

  private static Seam mirrored(Seam left) {
    return new Seam(
        right(left.id()), left.name().replace("Left", "Right"), left.role(),
        mirrored(left.a()), mirrored(left.b()),
        left.anchors().stream().map(a -> new Anchor(a.id(), a.name(), mirrored(a.a()), mirrored(a.b()))).toList(),
        left.hidden(), left.working(), left.method());
  }

  private static SideOf mirrored(SideOf side) {
    return side.with(side.spans().stream().map(DropShoulderSeams::mirrored).toList());
  }

  private static Span mirrored(Span span) {
    return new Span(
        right(span.piece()), right(span.edge()), mirrored(span.toExclusive()), mirrored(span.fromInclusive()),
        span.along() == FORWARD ? BACKWARD : FORWARD);
  }

  private static Spot mirrored(Spot spot) {
    Cut cut = mirrored(spot.cut());
    // The unit after a cut is the unit before its mirror image.
    Cut before =
        spot.at() == Spot.At.CUT
            ? cut
            : new Cut(cut.run(), cut.from() == Cut.End.END ? cut.offset() + 1 : cut.offset() - 1, cut.from());
    return new Spot(right(spot.piece()), right(spot.edge()), before, spot.at());
  }

  private static Cut mirrored(Cut cut) {
    return new Cut(cut.run(), cut.offset(), cut.from() == Cut.End.START ? Cut.End.END : Cut.End.START);
  }

  private static String right(String id) {
    return id.equals("left") ? "right" : id.endsWith(".left") ? id.replace(".left", ".right") : id;
  }
}
