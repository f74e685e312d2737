package ruxel.core.construction;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import ruxel.core.piece.Advance;
import ruxel.core.piece.Cut;
import ruxel.core.piece.Edge;
import ruxel.core.piece.Landmark;
import ruxel.core.piece.Piece;
import ruxel.core.piece.Piece.Part;
import ruxel.core.piece.Run;
import ruxel.core.piece.UnitKind;

/**
 * A panel as instructions tell it: the direction it is worked in, its lower edge, then section by section up both
 * sides, and what closes it at the top. Drawn right side up, its ring counter-clockwise from the lower left corner.
 */
final class Panel {
  /** Rows up both sides, each side wider by so many stitches at the upper end; without rows that many stitches at once. */
  private record Section(String run, int rows, double rowMm, double wider, boolean rib, boolean firm, Optional<String> edge) {}

  /** Stitches at each end of the upper edge, worked in so many steps of one row each, counted from the side; 1 is straight across. */
  record Shoulder(int stitches, int steps) {
    static Shoulder straight(int stitches) {
      return new Shoulder(stitches, 1);
    }

    int rises() {
      return steps - 1;
    }
  }

  /** What lies between the shoulders: so many stitches, of them {@code centre} below a slope of so many rows; straight without rows. */
  record Neck(int stitches, int rows, int centre, String straight) {}

  /** An edge of a panel: its id and what it is called. */
  record Named(String id, String name) {}

  private final String id;
  private final String name;
  private final Part part;
  private final Making making;
  private final boolean topDown;
  private final int base;
  private final String baseEdge;
  private final List<Section> sections = new ArrayList<>();
  private Optional<String> edge = Optional.empty();

  Panel(String id, String name, Part part, Making making, boolean topDown, String baseEdge, int base) {
    this.id = id;
    this.name = name;
    this.part = part;
    this.making = making;
    this.topDown = topDown;
    this.baseEdge = baseEdge;
    this.base = base;
  }

  /** Rows of ribbing; none when there are none. */
  Panel ribbed(int rows) {
    if (rows > 0) {
      sections.add(new Section("rib", rows, making.ribRowMm(), 0, true, false, edge));
    }
    return this;
  }

  Panel rows(String run, int rows) {
    return rows(run, rows, 0);
  }

  /** Rows in which each side grows by so many stitches, evenly; fewer than 0 where it gets narrower. None when there are none. */
  Panel rows(String run, int rows, double wider) {
    if (rows > 0) {
      sections.add(new Section(run, rows, making.h(), wider, false, false, edge));
    }
    return this;
  }

  /** So many stitches of each side left unworked; none when there are none. */
  Panel left(String run, int stitches) {
    if (stitches > 0) {
      sections.add(new Section(run, 0, 0, -stitches, false, false, edge));
    }
    return this;
  }

  /** So many stitches added to each side, all at once. */
  Panel added(String run, int stitches) {
    sections.add(new Section(run, 0, 0, stitches, false, false, edge));
    return this;
  }

  /** What is told from now on lies on an edge of its own at each side. */
  Panel edge(String id) {
    edge = Optional.of(id);
    return this;
  }

  /** What was told last is joined without easing, as beside an inner corner. */
  Panel firm() {
    Section last = sections.remove(sections.size() - 1);
    sections.add(new Section(last.run, last.rows, last.rowMm, last.wider, last.rib, true, last.edge));
    return this;
  }

  /** Closed straight across by its upper edge. */
  Piece closed(Named right, Named top, Named left) {
    int stitches = (int) Math.round(base + 2 * sections.stream().mapToDouble(Section::wider).sum());
    return piece(List.of(baseEdge(), Edge.of(right.id(), right.name(), up(sections)), Edge.of(top.id(), top.name(), List.of(tops(top.id(), stitches))), Edge.of(left.id(), left.name(), down(sections))));
  }

  /**
   * A body panel over both sides of the wearer: shoulders and neck at the top. It is its own mirror image.
   *
   * @param rightHand the wearer's side that lies at the right hand when its right side is up
   */
  Piece whole(String rightHand, Shoulder shoulder, Neck neck) {
    String leftHand = rightHand.equals("left") ? "right" : "left";
    Map<String, String> mirror = new HashMap<>(Map.of(baseEdge, baseEdge, "neck", "neck", rightHand, leftHand, leftHand, rightHand));
    mirror.put("shoulder." + rightHand, "shoulder." + leftHand);
    mirror.put("shoulder." + leftHand, "shoulder." + rightHand);
    List<Edge> edges = new ArrayList<>(List.of(baseEdge(), Edge.of(rightHand, rightHand + " side", up(main()))));
    own().ifPresent(id -> edges.add(Edge.of(id + "." + rightHand, rightHand + " " + id, up(ofOwn()))));
    edges.add(shoulder("shoulder." + rightHand, rightHand + " shoulder", shoulder, 1));
    edges.add(Edge.of("neck", "neck", neckRuns(neck, true)));
    edges.add(shoulder("shoulder." + leftHand, leftHand + " shoulder", shoulder, -1));
    own().ifPresent(id -> {
      edges.add(Edge.of(id + "." + leftHand, leftHand + " " + id, down(ofOwn())));
      mirror.put(id + "." + leftHand, id + "." + rightHand);
      mirror.put(id + "." + rightHand, id + "." + leftHand);
    });
    edges.add(Edge.of(leftHand, leftHand + " side", down(main())));
    return piece(edges).ownTwin(mirror);
  }

  /** Half a body panel with its open edge at the left hand: shoulder, its part of the neck, the front edge. */
  Piece half(Shoulder shoulder, Neck neck) {
    List<Edge> edges = new ArrayList<>(List.of(baseEdge(), Edge.of("side", "side", up(main()))));
    own().ifPresent(id -> edges.add(Edge.of(id, id, up(ofOwn()))));
    edges.add(shoulder("shoulder", "shoulder", shoulder, 1));
    List<Run> slope = neckRuns(neck, false);
    if (!slope.isEmpty()) {
      edges.add(Edge.of("neck", "neck", slope));
    }
    int rows = sections.stream().filter(section -> !section.rib).mapToInt(Section::rows).sum() + shoulder.rises() - neck.rows();
    List<Section> open = new ArrayList<>(sections.stream().filter(Section::rib).toList());
    open.add(new Section("front", rows, making.h(), 0, false, false, Optional.empty()));
    edges.add(Edge.of("front", "front edge", down(open)));
    return piece(edges);
  }

  private Edge baseEdge() {
    Run run = Run.plain(baseEdge, topDown ? UnitKind.STITCH_TOP : UnitKind.FOUNDATION_LOOP, base, new Advance(making.w(), 0));
    return Edge.of(baseEdge, baseEdge, List.of(sections.get(0).rib() ? run.inRib() : run));
  }

  /** The edge of its own that the upper sections lie on, if there is one. */
  private Optional<String> own() {
    return sections.stream().flatMap(section -> section.edge().stream()).findFirst();
  }

  private List<Section> ofOwn() {
    return sections.stream().filter(section -> section.edge().isPresent()).toList();
  }

  private List<Section> main() {
    return sections.stream().filter(section -> section.edge().isEmpty()).toList();
  }

  private List<Run> up(List<Section> upwards) {
    return upwards.stream().map(section -> rowsOf(section, 1)).toList();
  }

  private List<Run> down(List<Section> upwards) {
    List<Run> runs = new ArrayList<>();
    for (Section section : upwards) {
      runs.add(0, rowsOf(section, -1));
    }
    return runs;
  }

  private Run rowsOf(Section section, int way) {
    Run run = section.rows() == 0 ? atOnce(section) : Run.plain(section.run(), UnitKind.ROW_END, section.rows(), new Advance(section.wider() * making.w() / section.rows(), way * section.rowMm()));
    Run ribbed = section.rib() ? run.inRib() : run;
    return section.firm() ? ribbed.withoutEase() : ribbed;
  }

  /** Stitches left face up; stitches added show their lower side. */
  private Run atOnce(Section section) {
    return section.wider() < 0
        ? tops(section.run(), (int) -section.wider())
        : Run.plain(section.run(), topDown ? UnitKind.STITCH_TOP : UnitKind.FOUNDATION_LOOP, (int) section.wider(), new Advance(making.w(), 0));
  }

  /** Up from the side, or down to it. */
  private Edge shoulder(String edge, String called, Shoulder shoulder, int way) {
    double rise = way * shoulder.rises() * making.h() / shoulder.stitches();
    Edge straight = Edge.of(edge, called, List.of(Run.plain("shoulder", topKind(), shoulder.stitches(), new Advance(-making.w(), rise))));
    List<Landmark> steps = new ArrayList<>();
    for (int step = 1; step < shoulder.steps(); step++) {
      int stitches = (int) Math.round((double) step * shoulder.stitches() / shoulder.steps());
      steps.add(Landmark.once("step." + step, "step of the shoulder", Landmark.Kind.SHOULDER_STEP, new Cut("shoulder", stitches, way > 0 ? Cut.End.START : Cut.End.END)));
    }
    return straight.withLandmarks(steps);
  }

  /** Down one side of the neck, along its centre, and up the other side where there is one. */
  private List<Run> neckRuns(Neck neck, boolean bothSides) {
    if (neck.rows() == 0) {
      return neck.stitches() > 0 ? List.of(tops(neck.straight(), neck.stitches())) : List.of();
    }
    int slopes = neck.stitches() - neck.centre();
    double slope = -(bothSides ? slopes / 2 : slopes) * making.w() / neck.rows();
    List<Run> runs = new ArrayList<>();
    runs.add(Run.plain(bothSides ? "down" : "slope", UnitKind.ROW_END, neck.rows(), new Advance(slope, -making.h())));
    if (neck.centre() > 0) {
      runs.add(tops("centre", neck.centre()));
    }
    if (bothSides) {
      runs.add(Run.plain("up", UnitKind.ROW_END, neck.rows(), new Advance(slope, making.h())));
    }
    return runs;
  }

  private Run tops(String run, int count) {
    return Run.plain(run, topKind(), count, new Advance(-making.w(), 0));
  }

  private UnitKind topKind() {
    return topDown ? UnitKind.FOUNDATION_LOOP : UnitKind.STITCH_TOP;
  }

  private Piece piece(List<Edge> edges) {
    return new Piece(id, name, part, edges, Optional.empty(), making.cloth());
  }
}
