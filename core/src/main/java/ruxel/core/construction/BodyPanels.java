package ruxel.core.construction;

import static ruxel.core.seam.Span.Along.BACKWARD;
import static ruxel.core.seam.Span.Along.FORWARD;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import ruxel.core.identity.PieceId;
import ruxel.core.piece.Cut;
import ruxel.core.piece.Edge;
import ruxel.core.piece.Piece.Part;
import ruxel.core.seam.Anchor;
import ruxel.core.seam.Anchor.Spot;
import ruxel.core.seam.Seam;
import ruxel.core.seam.Seam.SideOf;
import ruxel.core.seam.SeamRole;
import ruxel.core.seam.Span;

/** The panels of a body, back and one front or two, with their seams and openings. */
final class BodyPanels {
  /** The front on the wearer's left, and the edges of it that are joined. */
  record Front(PieceId piece, String side, String shoulder) {}

  private BodyPanels() {}

  static Front leftFront(Form form) {
    return Body.isCardigan(form) ? new Front(Halves.left("front"), "side", "shoulder") : new Front(Halves.FRONT, "left", "shoulder.left");
  }

  /** The run at the bottom of the side seam. */
  static String lowest(Form form) {
    return form.countOrNone(Body.HEM_RIB) > 0 ? "rib" : "side";
  }

  /** Back and front or fronts, with the armholes that are asked for. */
  static void panels(Halves halves, Form form) {
    panels(halves, form, panel -> Armhole.sections(panel, form));
  }

  /**
   * Back and front or fronts.
   *
   * @param sides what is worked above the ribbing at both sides, up to the shoulder
   */
  static void panels(Halves halves, Form form, UnaryOperator<Panel> sides) {
    panels(halves, form, new ShoulderEnd(Body.shoulder(form), Body.steps(form), 0), sides);
  }

  /** With what lies at each end of their upper edges. */
  static void panels(Halves halves, Form form, ShoulderEnd ends, UnaryOperator<Panel> sides) {
    Neck neck = new Neck(Body.frontNeck(form), Body.neckRows(form), form.countOrNone(Body.NECK_CENTRE), "centre");
    Neck straight = new Neck(Body.backNeck(form), 0, 0, "neck");
    halves.whole(sides.apply(panel(form, Halves.BACK, "Back", Part.BACK, Body.back(form))).whole("right", ends, straight));
    if (Body.isCardigan(form)) {
      halves.pair(sides.apply(panel(form, Halves.left("front"), "Left front", Part.FRONT, Body.front(form))).half(ends, neck), Halves.right("front"), "Right front");
    } else {
      halves.whole(sides.apply(panel(form, Halves.FRONT, "Front", Part.FRONT, Body.front(form))).whole("left", ends, neck));
    }
  }

  private static Panel panel(Form form, PieceId id, String name, Part part, int stitches) {
    return new Panel(id, name, part, Making.of(form), Making.isTopDown(form, Body.WORKED), "hem", stitches).ribbed(form.count(Body.HEM_RIB));
  }

  /** Both shoulders, from the armhole edge in. */
  static void shoulders(Halves halves, Form form) {
    shoulders(halves, form, "shoulder", SeamRole.SHOULDER, List.of(), List.of(Seam.START));
  }

  static void shoulders(Halves halves, Form form, String name, SeamRole role, List<Anchor> anchors, List<String> hidden) {
    Front front = leftFront(form);
    halves.seam(
        "shoulder", name, role,
        SideOf.of("Front " + name, Span.ofRun(front.piece(), front.shoulder(), "shoulder", FORWARD)),
        SideOf.of("Back " + name, Span.ofRun(Halves.BACK, "shoulder.left", "shoulder", BACKWARD)),
        anchors, hidden, "slip-both");
  }

  /** Both sides from the hem, or from the top of a slit, to the underarm. */
  static void sides(Halves halves, Form form) {
    Front front = leftFront(form);
    int slit = Slit.rows(form);
    halves.seam(
        "side", "side", SeamRole.SIDE,
        SideOf.of("Front side", new Span(front.piece(), front.side(), Slit.top(form, FORWARD), Cut.endOf("side"), FORWARD)),
        SideOf.of("Back side", new Span(Halves.BACK, "left", Cut.startOf("side"), Slit.top(form, BACKWARD), BACKWARD)),
        slit == 0 ? ribAnchors(form) : List.of(), slit == 0 ? List.of(Seam.END) : List.of(), Armhole.method(form));
  }

  /** Where the ribbing of the hem ends, on front and back. */
  static List<Anchor> ribAnchors(Form form) {
    Front front = leftFront(form);
    return form.countOrNone(Body.HEM_RIB) > 0
        ? List.of(new Anchor("hem.rib", "top of the hem ribbing", Spot.cut(front.piece(), front.side(), Cut.endOf("rib")), Spot.cut(Halves.BACK, "left", Cut.startOf("rib"))))
        : List.of();
  }

  /** Hem and neck, which are one opening with the fronts of a cardigan; slits belong to the hem. */
  static void openings(Halves halves, Form form) {
    boolean hooded = Hood.isWorn(form);
    if (hooded) {
      Hood.sewOn(halves, form, neck(halves, form), backNeckCentre(halves), "slip-both");
    }
    if (Body.isCardigan(form)) {
      boolean isDown = Hood.down(form) > 0;
      List<String> edges = isDown ? List.of("hem") : hooded ? List.of("hem", "front") : List.of("hem", "neck", "front");
      List<Span> left = new ArrayList<>(Slit.spans(form));
      if (isDown) {
        left.add(Hood.belowIt(form, halves.piece(Halves.left("front"))));
      }
      Map<PieceId, List<String>> open = new HashMap<>(Map.of(Halves.BACK, hooded ? List.of("hem") : List.of("hem", "neck"), Halves.left("front"), edges, Halves.right("front"), edges));
      open.putAll(hooded ? Hood.face() : Map.of());
      halves.opening("front", hooded ? "Fronts, hood and hem" : "Fronts, neck and hem", ExpectedOpening.Kind.FRONT, open, left);
      return;
    }
    if (hooded) {
      halves.opening("face", "Face of the hood", ExpectedOpening.Kind.OTHER, Hood.face(), List.of());
    } else {
      halves.opening("neck", "Neck", ExpectedOpening.Kind.NECK, Map.of(Halves.BACK, List.of("neck"), Halves.FRONT, List.of("neck")), List.of());
    }
    halves.opening("hem", Slit.rows(form) > 0 ? "Hem with its slits" : "Hem", ExpectedOpening.Kind.HEM, Map.of(Halves.BACK, List.of("hem"), Halves.FRONT, List.of("hem")), Slit.spans(form));
  }

  /** Along the neck, from the front on the wearer's left round the back. */
  private static List<Span> neck(Halves halves, Form form) {
    Front front = leftFront(form);
    Span back = Span.ofEdge(Halves.BACK, edge(halves, Halves.BACK).orElseThrow(), BACKWARD);
    Optional<Edge> edge = edge(halves, front.piece());
    if (Body.isCardigan(form)) {
      return Hood.along(halves, Stream.concat(Hood.downTheFront(form, front.piece()).stream(), edge.map(found -> Span.ofEdge(front.piece(), found, BACKWARD)).stream()).toList(), List.of(back));
    }
    return Hood.round(front.piece(), edge.orElseThrow(), 0, edge.orElseThrow().units(), back);
  }

  private static Spot backNeckCentre(Halves halves) {
    Edge neck = edge(halves, Halves.BACK).orElseThrow();
    return Hood.middle(Halves.BACK, neck, 0, neck.units());
  }

  private static Optional<Edge> edge(Halves halves, PieceId piece) {
    return halves.piece(piece).edge("neck");
  }
}
