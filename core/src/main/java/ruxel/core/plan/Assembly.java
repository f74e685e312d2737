package ruxel.core.plan;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.IdentityHashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import ruxel.core.construction.ExpectedOpening;
import ruxel.core.finding.Fact;
import ruxel.core.finding.Finding;
import ruxel.core.finding.FindingCode;
import ruxel.core.finding.Where;
import ruxel.core.glue.Glued;
import ruxel.core.glue.GluedJoin;
import ruxel.core.glue.Gluing;
import ruxel.core.glue.OpenMeanwhile;
import ruxel.core.glue.Opening;
import ruxel.core.glue.Openings;
import ruxel.core.glue.Segment;
import ruxel.core.glue.Surface;
import ruxel.core.identity.OpeningId;
import ruxel.core.identity.PieceId;
import ruxel.core.measure.Wording;
import ruxel.core.order.Step;
import ruxel.core.piece.Cut;
import ruxel.core.piece.Edge;
import ruxel.core.piece.Face;
import ruxel.core.piece.Piece;
import ruxel.core.seam.Anchor.Spot;
import ruxel.core.seam.Join;
import ruxel.core.strip.Round;

/**
 * What the gluing says of the garment as a whole (handbook 10): openings by name, and what is sewn shut,
 * turned over, twisted or joined into a handle, each with the seam that did it.
 */
final class Assembly {
  private final List<Face> faces;
  private final List<GluedJoin> joins;
  private final Map<Join, String> names;
  private final List<ExpectedOpening> expected;
  private final Gluing gluing;
  private final Surface surface;
  private final OpeningNames openings;
  private final double[] lengths;
  private final Map<OpeningId, String> named;
  private final List<Finding> findings = new ArrayList<>();

  /**
   * @param names what each join is called
   */
  Assembly(Glued glued, List<ExpectedOpening> expected, Map<Join, String> names) {
    faces = glued.gluing().faces();
    joins = glued.joins();
    this.names = names;
    this.expected = expected;
    gluing = glued.gluing();
    surface = Surface.of(gluing);
    openings = new OpeningNames(gluing, expected);
    lengths = gluing.segments().stream().mapToDouble(gluing::lengthMm).toArray();
    named = namesOf(surface.openings());
  }

  Gluing gluing() {
    return gluing;
  }

  List<ExpectedOpening> expected() {
    return expected;
  }

  Surface surface() {
    return surface;
  }

  List<Finding> findings() {
    turned();
    handles();
    shut();
    return List.copyOf(findings);
  }

  private void turned() {
    for (Surface.Part part : surface.parts()) {
      if (!part.twist().isEmpty()) {
        List<Join> cycle = part.twist().stream().distinct().toList();
        refuse(
            FindingCode.NO_RIGHT_SIDE, cycle.get(0).where(), Fact.text("seams", Wording.all(cycle.stream().map(names::get).toList())),
            Fact.count("count", cycle.size()));
      }
      for (int piece : part.turned()) {
        Optional<Segment> by = gluing.segments().stream().filter(s -> s.face() == piece && s.turned()).findFirst();
        by.ifPresent(
            segment -> {
              Join join = segment.join().orElseThrow();
              refuse(
                  FindingCode.TURNED, Where.piece(faces.get(piece).id()),
                  Fact.text("piece", faces.get(piece).name()), Fact.text("seam", names.get(join)));
            });
      }
    }
  }

  /** Glues the seams in order; the first that joins two openings of one part is the witness, as many as the part has handles. */
  private void handles() {
    for (Surface.Part part : surface.parts()) {
      Set<Integer> own = new HashSet<>(part.faces());
      Set<Join> joined = new HashSet<>();
      int found = 0;
      for (GluedJoin glued : joins) {
        if (found == part.handles().orElse(0)) {
          break;
        }
        joined.add(glued.join());
        int now =
            Surface.of(gluing.withOnly(joined::contains)).parts().stream()
                .filter(partly -> own.containsAll(partly.faces()))
                .mapToInt(partly -> partly.handles().orElse(0))
                .sum();
        if (now > found) {
          refuse(FindingCode.HANDLE, glued.join().where(), Fact.text("seam", names.get(glued.join())));
          found = now;
        }
      }
    }
  }

  private void shut() {
    boolean anyShut = false;
    for (ExpectedOpening opening : expected) {
      List<Segment> own = gluing.segments().stream().filter(segment -> openings.isOf(segment.index(), opening)).toList();
      Optional<Join> by = own.stream().flatMap(segment -> segment.join().stream()).findFirst();
      if (by.isPresent()) {
        long left = surface.openings().stream().filter(open -> open.segments().stream().anyMatch(segment -> openings.isOf(segment, opening))).count();
        Where where = by.get().where();
        if (left == 0) {
          refuse(FindingCode.SEWN_SHUT, where, Fact.text("opening", opening.name()), Fact.text("seam", names.get(by.get())));
        } else {
          refuse(FindingCode.OPENING_SPLIT, where, Fact.text("opening", opening.name()), Fact.text("seam", names.get(by.get())), Fact.count("count", left));
        }
        anyShut = true;
      }
    }
    long unnamed = surface.openings().stream().filter(open -> expected.stream().noneMatch(opening -> open.segments().stream().anyMatch(s -> openings.isOf(s, opening)))).count();
    boolean merged = surface.openings().size() < expected.size();
    if (!expected.isEmpty() && !anyShut && (unnamed > 0 || merged)) {
      findings.add(
          Finding.of(
              FindingCode.OPENING_UNPLANNED, Where.NOWHERE,
              Fact.count("count", surface.openings().size()), Fact.count("expected", expected.size())));
    }
  }

  private void refuse(FindingCode code, Where where, Fact... facts) {
    findings.add(Finding.of(code, where, facts));
  }

  /** One that no other opening has. */
  String nameOf(Opening opening) {
    return named.get(idOf(opening));
  }

  OpeningId idOf(Opening opening) {
    int first = Collections.min(opening.segments());
    Segment segment = gluing.segment(first);
    int before = (int) gluing.segments().stream().filter(other -> other.index() < first && other.face() == segment.face() && other.edge() == segment.edge()).count();
    return new OpeningId(faces.get(segment.face()).id(), gluing.edgeOf(segment).id(), before);
  }

  /** What openings are called; those called alike are counted, in the order of their stretches. */
  private Map<OpeningId, String> namesOf(List<Opening> all) {
    Map<String, List<Opening>> alike = all.stream().collect(Collectors.groupingBy(opening -> openings.of(opening.segments()), LinkedHashMap::new, Collectors.toList()));
    Map<OpeningId, String> byId = new HashMap<>();
    alike.forEach(
        (name, several) -> {
          List<Opening> inOrder = several.stream().sorted(Comparator.comparing(opening -> Collections.min(opening.segments()))).toList();
          inOrder.forEach(opening -> byId.put(idOf(opening), inOrder.size() == 1 ? name : "%s, %d of %d".formatted(name, inOrder.indexOf(opening) + 1, inOrder.size())));
        });
    return byId;
  }

  /** What an opening is for; empty where it is none of the expected ones, or several of other kinds. */
  Optional<ExpectedOpening.Kind> kindOf(Opening opening) {
    List<ExpectedOpening.Kind> kinds = openings.expectedOf(opening.segments()).stream().mapToObj(number -> expected.get(number).kind()).distinct().toList();
    return kinds.size() == 1 ? Optional.of(kinds.get(0)) : Optional.empty();
  }

  GarmentPlan.GluingPlan plan() {
    int glued = (int) gluing.segments().stream().filter(segment -> !segment.isFree()).count();
    boolean twisted = surface.parts().stream().anyMatch(part -> !part.twist().isEmpty());
    List<PieceId> turned = new ArrayList<>();
    Set<String> twist = new LinkedHashSet<>();
    List<GarmentPlan.PartPlan> parts = new ArrayList<>();
    for (Surface.Part part : surface.parts()) {
      part.turned().forEach(piece -> turned.add(faces.get(piece).id()));
      part.twist().forEach(join -> twist.add(join.id().text()));
      parts.add(
          new GarmentPlan.PartPlan(
              part.faces().stream().map(piece -> faces.get(piece).id()).toList(),
              part.points(), part.segments(), part.openings(), part.handles().orElse(-1)));
    }
    return new GarmentPlan.GluingPlan(
        surface.points(), gluing.segments().size() - glued / 2, faces.size(), twisted ? -1 : surface.handles(),
        openings(gluing, surface.openings()),
        List.copyOf(turned), List.copyOf(twist), List.copyOf(parts));
  }

  private List<GarmentPlan.OpeningPlan> openings(Gluing now, List<Opening> all) {
    Map<OpeningId, String> byId = namesOf(all);
    return all.stream().map(open -> opening(now, open, byId.get(idOf(open)))).toList();
  }

  private GarmentPlan.OpeningPlan opening(Gluing gluing, Opening opening, String name) {
    List<GarmentPlan.StretchPlan> stretches =
        opening.segments().stream()
            .map(gluing::segment)
            .map(s -> new GarmentPlan.StretchPlan(faces.get(s.face()).id(), gluing.edgeOf(s).id(), s.fromHalf(), s.toHalf()))
            .toList();
    return new GarmentPlan.OpeningPlan(idOf(opening), name, opening.lengthMm(), stretches, opening.angles(), OpeningCorners.words(opening.angles()), start(gluing, opening), stitchMm(opening));
  }

  /** Where an edging round it would begin: behind a seam if one ends there. */
  private static Spot start(Gluing gluing, Opening opening) {
    int first = opening.segments().get(0);
    int begins =
        Openings.round(gluing, first).stream().filter(each -> !each.crossed().isEmpty()).findFirst().map(each -> opening.segments().indexOf(each.segment())).map(i -> opening.segments().get((i + 1) % opening.segments().size())).orElse(first);
    Segment segment = gluing.segment(begins);
    Edge edge = gluing.edgeOf(segment);
    return Spot.cut(gluing.faces().get(segment.face()).id(), edge.id(), Cut.at(edge, segment.fromHalf() / 2));
  }

  /** How wide a stitch is on the piece that an opening begins on. */
  private double stitchMm(Opening opening) {
    return faces.get(gluing.segment(opening.segments().get(0)).face()) instanceof Piece piece ? piece.cloth().stitchWidthMm() : Round.USUAL_MM;
  }

  /** What is open once only these are joined, on pieces that hang together; linear in the segments and their openings. */
  List<GarmentPlan.OpeningPlan> openWith(Predicate<Join> joined) {
    Gluing now = gluing.withOnly(joined);
    Set<Integer> hanging = now.segments().stream().filter(segment -> !segment.isFree()).map(Segment::face).collect(Collectors.toSet());
    return openings(now, Openings.of(now).stream().filter(opening -> hanging.contains(now.segment(opening.segments().get(0)).face())).toList());
  }

  /** What is open after each step, among pieces that hang together. */
  List<List<GarmentPlan.OpenNow>> openAfterEach(List<Step> steps) {
    OpenMeanwhile meanwhile = new OpenMeanwhile(gluing);
    Map<List<Integer>, GarmentPlan.OpenNow> told = new IdentityHashMap<>();
    List<List<GarmentPlan.OpenNow>> open = new ArrayList<>();
    for (Step step : steps) {
      meanwhile.join(step.joins());
      open.add(meanwhile.open().stream().map(loop -> told.computeIfAbsent(loop, this::openNow)).toList());
    }
    return open;
  }

  private GarmentPlan.OpenNow openNow(List<Integer> loop) {
    return new GarmentPlan.OpenNow(openings.of(loop), loop.stream().mapToDouble(segment -> lengths[segment]).sum());
  }
}
