package ruxel.core.construction;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import ruxel.core.identity.PieceId;
import ruxel.core.piece.Advance;
import ruxel.core.piece.Edge;
import ruxel.core.piece.Piece;
import ruxel.core.piece.Piece.Part;
import ruxel.core.piece.Run;

/**
 * A panel as instructions tell it: the direction it is worked in, its lower edge, then section by section up both
 * sides, and what closes it at the top. Drawn right side up, its ring counter-clockwise from the lower left corner.
 */
final class Panel {
  /** Rows up both sides, each side wider by so many stitches at the upper end; without rows that many stitches at once. */
  private record Section(String run, int rows, double rowMm, double wider, boolean rib, boolean firm, Optional<String> edge) {}

  /** An edge of a panel: its id and what it is called. */
  record Named(String id, String name) {}

  private final PieceId id;
  private final String name;
  private final Part part;
  private final Making making;
  private final Grain grain;
  private final int base;
  private final String baseEdge;
  private final List<Section> sections = new ArrayList<>();
  private Optional<String> edge = Optional.empty();

  Panel(PieceId id, String name, Part part, Making making, boolean topDown, String baseEdge, int base) {
    this(id, name, part, making, Grain.upright(making, topDown), baseEdge, base);
  }

  /** Worked from side to side: what is told in stitches across are its rows, what is told in rows its stitches. */
  static Panel sideways(PieceId id, String name, Part part, Making making, String baseEdge, int base) {
    return new Panel(id, name, part, making, Grain.sideways(making), baseEdge, base);
  }

  private Panel(PieceId id, String name, Part part, Making making, Grain grain, String baseEdge, int base) {
    this.id = id;
    this.name = name;
    this.part = part;
    this.making = making;
    this.grain = grain;
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
      sections.add(new Section(run, rows, grain.up(), wider, false, false, edge));
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
    return piece(List.of(baseEdge(), Edge.of(right.id(), right.name(), up(sections)), Edge.of(top.id(), top.name(), List.of(grain.tops(top.id(), stitches))), Edge.of(left.id(), left.name(), down(sections))));
  }

  /**
   * A body panel over both sides of the wearer: shoulders and neck at the top. It is its own mirror image.
   *
   * @param rightHand the wearer's side that lies at the right hand when its right side is up
   */
  Piece whole(String rightHand, ShoulderEnd shoulder, Neck neck) {
    String leftHand = rightHand.equals("left") ? "right" : "left";
    Map<String, String> mirror = new HashMap<>(Map.of(baseEdge, baseEdge, "neck", "neck", rightHand, leftHand, leftHand, rightHand));
    mirror.put("shoulder." + rightHand, "shoulder." + leftHand);
    mirror.put("shoulder." + leftHand, "shoulder." + rightHand);
    List<Edge> edges = new ArrayList<>(List.of(baseEdge(), Edge.of(rightHand, rightHand + " side", up(main()))));
    own().ifPresent(id -> edges.add(Edge.of(id + "." + rightHand, rightHand + " " + id, up(ofOwn()))));
    edges.add(shoulder.edge(grain, "shoulder." + rightHand, rightHand + " shoulder", 1));
    edges.add(Edge.of("neck", "neck", neck.runs(grain, true)));
    edges.add(shoulder.edge(grain, "shoulder." + leftHand, leftHand + " shoulder", -1));
    own().ifPresent(id -> {
      edges.add(Edge.of(id + "." + leftHand, leftHand + " " + id, down(ofOwn())));
      mirror.put(id + "." + leftHand, id + "." + rightHand);
      mirror.put(id + "." + rightHand, id + "." + leftHand);
    });
    edges.add(Edge.of(leftHand, leftHand + " side", down(main())));
    return piece(edges).ownTwin(mirror);
  }

  /** Half a body panel with its open edge at the left hand: shoulder, its part of the neck, the front edge. */
  Piece half(ShoulderEnd shoulder, Neck neck) {
    List<Edge> edges = new ArrayList<>(List.of(baseEdge(), Edge.of("side", "side", up(main()))));
    own().ifPresent(id -> edges.add(Edge.of(id, id, up(ofOwn()))));
    edges.add(shoulder.edge(grain, "shoulder", "shoulder", 1));
    List<Run> slope = neck.runs(grain, false);
    if (!slope.isEmpty()) {
      edges.add(Edge.of("neck", "neck", slope));
    }
    int rows = sections.stream().filter(section -> !section.rib).mapToInt(Section::rows).sum() + shoulder.rises() - neck.rows();
    List<Section> open = new ArrayList<>(sections.stream().filter(Section::rib).toList());
    open.add(new Section("front", rows, grain.up(), 0, false, false, Optional.empty()));
    edges.add(Edge.of("front", "front edge", down(open)));
    return piece(edges);
  }

  private Edge baseEdge() {
    Run run = Run.plain(baseEdge, grain.base(), base, new Advance(grain.across(), 0));
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
    Run run = section.rows() == 0 ? atOnce(section) : Run.plain(section.run(), grain.side(), section.rows(), new Advance(section.wider() * grain.across() / section.rows(), way * section.rowMm()));
    Run ribbed = section.rib() ? run.inRib() : run;
    return section.firm() ? ribbed.withoutEase() : ribbed;
  }

  /** Stitches left face up; stitches added show their lower side. */
  private Run atOnce(Section section) {
    return section.wider() < 0
        ? grain.tops(section.run(), (int) -section.wider())
        : Run.plain(section.run(), grain.base(), (int) section.wider(), new Advance(grain.across(), 0));
  }

  private Piece piece(List<Edge> edges) {
    return new Piece(id, name, part, edges, Optional.empty(), making.cloth());
  }
}
