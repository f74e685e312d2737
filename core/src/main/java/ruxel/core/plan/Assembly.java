package ruxel.core.plan;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import ruxel.core.construction.ExpectedOpening;
import ruxel.core.finding.Fact;
import ruxel.core.finding.Finding;
import ruxel.core.finding.FindingCode;
import ruxel.core.finding.Where;
import ruxel.core.glue.Glued;
import ruxel.core.glue.GluedSeam;
import ruxel.core.glue.Gluing;
import ruxel.core.glue.Opening;
import ruxel.core.glue.Openings;
import ruxel.core.glue.Segment;
import ruxel.core.glue.Surface;
import ruxel.core.piece.Piece;

/**
 * What the gluing says of the garment as a whole (handbook 10): openings by name, and what is sewn shut,
 * turned over, twisted or joined into a handle, each with the seam that did it.
 */
final class Assembly {
  private final List<Piece> pieces;
  private final List<GluedSeam> seams;
  private final List<ExpectedOpening> expected;
  private final Gluing gluing;
  private final Surface surface;
  private final OpeningNames names;
  private final List<Finding> findings = new ArrayList<>();

  Assembly(Glued glued, List<ExpectedOpening> expected) {
    pieces = glued.gluing().pieces();
    seams = glued.seams();
    this.expected = expected;
    gluing = glued.gluing();
    surface = Surface.of(gluing);
    names = new OpeningNames(gluing, expected);
  }

  Gluing gluing() {
    return gluing;
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
        String seam = part.twist().get(0);
        refuse(FindingCode.NO_RIGHT_SIDE, Where.seam(seam), Fact.text("seam", seamName(seam)));
      }
      for (int piece : part.turned()) {
        Optional<Segment> by = gluing.segments().stream().filter(s -> s.piece() == piece && s.turned()).findFirst();
        by.ifPresent(
            segment -> {
              String seam = segment.seam().orElseThrow();
              refuse(
                  FindingCode.TURNED, Where.piece(pieces.get(piece).id()),
                  Fact.text("piece", pieces.get(piece).name()), Fact.text("seam", seamName(seam)));
            });
      }
    }
  }

  /** Glues the seams in order; the first that joins two openings of one part is the witness, as many as the part has handles. */
  private void handles() {
    for (Surface.Part part : surface.parts()) {
      Set<Integer> own = new HashSet<>(part.pieces());
      Set<String> joined = new HashSet<>();
      int found = 0;
      for (GluedSeam seam : seams) {
        if (found == part.handles().orElse(0)) {
          break;
        }
        joined.add(seam.seam().seam().id());
        int now =
            Surface.of(gluing.withOnly(joined::contains)).parts().stream()
                .filter(partly -> own.containsAll(partly.pieces()))
                .mapToInt(partly -> partly.handles().orElse(0))
                .sum();
        if (now > found) {
          refuse(FindingCode.HANDLE, Where.seam(seam.seam().seam().id()), Fact.text("seam", seam.seam().seam().name()));
          found = now;
        }
      }
    }
  }

  private void shut() {
    boolean anyShut = false;
    for (ExpectedOpening opening : expected) {
      List<Segment> own = gluing.segments().stream().filter(segment -> names.isOf(segment.index(), opening)).toList();
      Optional<String> by = own.stream().flatMap(segment -> segment.seam().stream()).findFirst();
      if (by.isPresent()) {
        long left = surface.openings().stream().filter(open -> open.segments().stream().anyMatch(segment -> names.isOf(segment, opening))).count();
        Where where = Where.seam(by.get());
        if (left == 0) {
          refuse(FindingCode.SEWN_SHUT, where, Fact.text("opening", opening.name()), Fact.text("seam", seamName(by.get())));
        } else {
          refuse(FindingCode.OPENING_SPLIT, where, Fact.text("opening", opening.name()), Fact.text("seam", seamName(by.get())), Fact.count("count", left));
        }
        anyShut = true;
      }
    }
    long unnamed = surface.openings().stream().filter(open -> expected.stream().noneMatch(opening -> open.segments().stream().anyMatch(s -> names.isOf(s, opening)))).count();
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

  private String seamName(String id) {
    return seams.stream().map(seam -> seam.seam().seam()).filter(seam -> seam.id().equals(id)).map(seam -> seam.name()).findFirst().orElse(id);
  }

  GarmentPlan.GluingPlan plan() {
    int glued = (int) gluing.segments().stream().filter(segment -> !segment.isFree()).count();
    boolean twisted = surface.parts().stream().anyMatch(part -> !part.twist().isEmpty());
    List<String> turned = new ArrayList<>();
    Set<String> twist = new LinkedHashSet<>();
    List<GarmentPlan.PartPlan> parts = new ArrayList<>();
    for (Surface.Part part : surface.parts()) {
      part.turned().forEach(piece -> turned.add(pieces.get(piece).id()));
      twist.addAll(part.twist());
      parts.add(
          new GarmentPlan.PartPlan(
              part.pieces().stream().map(piece -> pieces.get(piece).id()).toList(),
              part.points(), part.segments(), part.openings(), part.handles().orElse(-1)));
    }
    return new GarmentPlan.GluingPlan(
        surface.points(), gluing.segments().size() - glued / 2, pieces.size(), twisted ? -1 : surface.handles(),
        surface.openings().stream().map(this::opening).toList(),
        List.copyOf(turned), List.copyOf(twist), List.copyOf(parts));
  }

  private GarmentPlan.OpeningPlan opening(Opening opening) {
    List<GarmentPlan.StretchPlan> stretches =
        opening.segments().stream()
            .map(gluing::segment)
            .map(s -> new GarmentPlan.StretchPlan(pieces.get(s.piece()).id(), gluing.edgeOf(s).id(), s.fromHalf(), s.toHalf()))
            .toList();
    return new GarmentPlan.OpeningPlan(names.of(opening.segments()), opening.lengthMm(), stretches, opening.angles());
  }

  /** What is open once the first {@code count} seams of {@code order} are joined, among pieces that hang together. */
  List<List<GarmentPlan.OpenNow>> openAfterEach(List<String> order) {
    double[] lengths = gluing.segments().stream().mapToDouble(gluing::lengthMm).toArray();
    List<List<GarmentPlan.OpenNow>> open = new ArrayList<>();
    Set<String> joined = new HashSet<>();
    for (String id : order) {
      joined.add(id);
      Gluing now = gluing.withOnly(joined::contains);
      Set<Integer> hanging = now.segments().stream().filter(segment -> !segment.isFree()).map(Segment::piece).collect(Collectors.toSet());
      open.add(
          Openings.loops(now).stream()
              .filter(loop -> hanging.contains(now.segment(loop.get(0)).piece()))
              .map(loop -> new GarmentPlan.OpenNow(names.of(loop), loop.stream().mapToDouble(segment -> lengths[segment]).sum()))
              .toList());
    }
    return open;
  }
}
