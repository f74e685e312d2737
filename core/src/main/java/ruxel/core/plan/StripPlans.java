package ruxel.core.plan;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.stream.IntStream;
import ruxel.core.finding.Finding;
import ruxel.core.glue.Opening;
import ruxel.core.identity.OpeningId;
import ruxel.core.match.Ease;
import ruxel.core.match.PlaceNames;
import ruxel.core.measure.HouseRules;
import ruxel.core.measure.Wording;
import ruxel.core.piece.Cut;
import ruxel.core.piece.Edge;
import ruxel.core.piece.Piece;
import ruxel.core.piece.RowNumbers;
import ruxel.core.piece.UnitKind;
import ruxel.core.plan.StripPlan.InnerPlan;
import ruxel.core.plan.StripPlan.RoundPlan;
import ruxel.core.plan.StripPlan.SegmentPlan;
import ruxel.core.seam.Anchor.Spot;
import ruxel.core.seam.Join;
import ruxel.core.strip.Junction;
import ruxel.core.strip.RibBand;
import ruxel.core.strip.Rounds;
import ruxel.core.strip.Stitches;
import ruxel.core.strip.Stretch;
import ruxel.core.strip.Strips;
import ruxel.core.strip.Thumb;
import ruxel.core.strip.Trial;
import ruxel.core.strip.WorkedOn;

/** Tells the strips of a garment: what is worked where, in numbers and in words, and what it changes (handbook 11). */
final class StripPlans {
  private static final int QUARTERS = 4;

  private final Edgings edgings;
  private final Strips strips;
  private final List<Piece> faces = new ArrayList<>();
  private final Assembly assembly;
  private final Map<Join, String> seams;
  private final StripNames names;
  private final RoundHolds holds;
  private final Set<Join> shoulders;
  private final List<Stitches> told;
  private final HouseRules rules;
  private final Wording wording;
  private final List<Finding> findings = new ArrayList<>();
  /** Found once for all stretches alike. */
  private final Map<List<Integer>, PickUpSpread> spreads = new HashMap<>();

  /**
   * @param seams what each seam is called
   * @param shoulders those between which the neck lies
   * @param told counts of the maker's own
   */
  StripPlans(Edgings edgings, List<Piece> pieces, Map<Join, String> seams, Set<Join> shoulders, List<Stitches> told, HouseRules rules, Wording wording) {
    this.edgings = edgings;
    strips = edgings.strips();
    assembly = edgings.assembly();
    this.seams = seams;
    this.shoulders = shoulders;
    this.told = told;
    this.rules = rules;
    this.wording = wording;
    faces.addAll(pieces);
    strips.worked().forEach(worked -> faces.add(worked.face()));
    names = new StripNames(strips, faces);
    holds = new RoundHolds(names, seams, wording);
    findings.addAll(strips.findings());
  }

  List<StripPlan> plans() {
    return strips.worked().stream().map(this::plan).toList();
  }

  /** Those of the strips, and of what is worked on them; after {@link #plans()}. */
  List<Finding> findings() {
    return List.copyOf(findings);
  }

  private StripPlan plan(WorkedOn worked) {
    Optional<Opening> opening = edgings.opening(worked);
    return plan(worked, opening.map(assembly::nameOf).orElseGet(() -> names.piece(worked.line().stretches().get(0)).name()), opening.map(assembly::idOf), new StripEffects(names, assembly, shoulders, wording).of(worked, opening), Optional.empty());
  }

  /** One that belongs to the piece it lies on. */
  StripPlan plan(WorkedOn worked, RowPlan row) {
    return plan(worked, names.piece(worked.line().stretches().get(0)).name(), Optional.empty(), List.of(row.adds()), Optional.of(row));
  }

  /**
   * @param on what it lies on
   */
  private StripPlan plan(WorkedOn worked, String on, Optional<OpeningId> opening, List<String> effects, Optional<RowPlan> row) {
    List<Stretch> stretches = worked.line().stretches();
    List<InnerPlan> inner = IntStream.range(0, stretches.size()).mapToObj(i -> inner(worked, i)).toList();
    StripTrims trims = new StripTrims(worked, names, rules, wording);
    findings.addAll(trims.findings());
    findings.addAll(new StripTwins(strips, faces, this::told, names::of).unlike(worked));
    return new StripPlan(
        worked.strip().id(), worked.strip(), on, opening, worked.line().round(), row.isEmpty() && mirrorable(worked), RibBand.standsOn(worked.line()), inner, worked.line().lengthMm(),
        IntStream.range(0, worked.rounds().size()).mapToObj(i -> round(worked, i)).toList(), worked.strip().band().map(band -> band(worked, band)), trims.plans(),
        new StripPlan.Outer(worked.outerUnits(), worked.outerMm(), worked.outerStart(), worked.outerEnd()), worked.heightMm(), worked.yarnMm() + trims.yarnMm(), strips.runsOver(worked), effects, new StripDiagnosis(stretch -> told(worked, stretch), names::of, rules, wording).of(worked), Optional.empty(), row);
  }

  /** Whether all it lies on has a mirror image that is not of the same strip. */
  private boolean mirrorable(WorkedOn worked) {
    List<Stretch> all = worked.line().stretches();
    boolean isImage = worked.strip().mirrorOf().isPresent() || all.stream().anyMatch(stretch -> Strips.mirrored(stretch, all, faces).isPresent());
    return !isImage && all.stream().allMatch(stretch -> names.piece(stretch).twinAmong(faces).isPresent());
  }

  private InnerPlan inner(WorkedOn worked, int index) {
    Stretch stretch = worked.line().stretches().get(index);
    Junction behind = worked.line().junctions().get(index);
    Edge edge = names.piece(stretch).edges().get(stretch.edgeIndex());
    Optional<Stitches> told = told(worked, stretch);
    Spot at = told.map(Stitches::at).orElseGet(() -> Spot.cut(stretch.piece(), stretch.edge(), Cut.at(edge, stretch.from())));
    return new InnerPlan(
        stretch.piece(), stretch.edge(), Wording.capital(names.of(stretch)), stretch.kind(), stretch.from(), stretch.to(), stretch.lengthMm(), at, spot(stretch, edge, true), spot(stretch, edge, false), twin(worked, index), behind.turn(), Rounds.outwards(worked.line().before(index).turn()), Rounds.outwards(behind.turn()), behind.seam(), behind.between(),
        told.flatMap(Stitches::wanted), told.flatMap(Stitches::worked), told.map(Stitches::trial).orElse(List.of()), numbers(stretch));
  }

  private StripPlan.Numbers numbers(Stretch stretch) {
    Optional<RowNumbers> rows = stretch.kind() == UnitKind.ROW_END ? RowNumbers.of(names.piece(stretch)) : Optional.empty();
    OptionalInt lower = rows.map(of -> of.number(stretch.edgeIndex(), stretch.from())).orElse(OptionalInt.empty());
    OptionalInt upper = rows.map(of -> of.number(stretch.edgeIndex(), stretch.to() - 1)).orElse(OptionalInt.empty());
    if (lower.isEmpty() || upper.isEmpty()) {
      return new StripPlan.Numbers(1, 1);
    }
    boolean grows = lower.getAsInt() <= upper.getAsInt() == stretch.withRing();
    // Rows held back lie above those that are there: met first from the top.
    int first = (stretch.withRing() ? lower.getAsInt() : upper.getAsInt()) + (grows ? 0 : stretch.heldBack());
    return new StripPlan.Numbers(first, grows ? 1 : -1);
  }

  /** Where a stretch begins or ends in the order of work. */
  private static Spot spot(Stretch stretch, Edge edge, boolean start) {
    return Spot.cut(stretch.piece(), stretch.edge(), Cut.at(edge, stretch.withRing() == start ? stretch.from() : stretch.to()));
  }

  private Optional<Integer> twin(WorkedOn worked, int index) {
    return Strips.mirrored(worked.line().stretches().get(index), worked.line().stretches(), faces).filter(twin -> twin != index);
  }

  private Optional<Stitches> told(WorkedOn worked, Stretch stretch) {
    Edge edge = names.piece(stretch).edges().get(stretch.edgeIndex());
    return told.stream()
        .filter(each -> each.strip().equals(worked.strip().id()))
        .filter(each -> each.isOf(stretch, edge))
        .findFirst();
  }

  private RoundPlan round(WorkedOn worked, int index) {
    WorkedOn.RoundOf round = worked.rounds().get(index);
    List<SegmentPlan> segments = new ArrayList<>();
    int seam = 0;
    List<String> seams = worked.line().junctions().stream().filter(Junction::seam).map(this::seam).toList();
    for (WorkedOn.Worked segment : round.segments()) {
      segments.add(segment(worked, round, segment, segment.kind() == UnitKind.SEAM_PLACE ? seams.get(seam++) : ""));
    }
    List<StripPlan.CornerPlan> corners = round.corners().stream().map(corner -> new StripPlan.CornerPlan(corner.behind(), corner.angle(), corner.stitches(), corner(corner, isAtSeam(worked, round, corner)))).toList();
    String grown = index == 0 ? "" : grown(round.total() - worked.rounds().get(index - 1).total());
    String loop = round.round().loop().map(of -> ", " + of.words(worked.isOnWrongSide(index))).orElse("");
    String hook = round.round().hookMm().map(mm -> ", hook %s mm".formatted(BigDecimal.valueOf(mm).stripTrailingZeros().toPlainString())).orElse("");
    String words = "%s %d, %s%s%s: %s%s.".formatted(worked.line().round() ? "Round" : "Row", index + 1, round.round().stitch().name(wording.terms()), loop, hook, Wording.counted(round.total(), "stitches"), grown);
    return new RoundPlan(
        index + 1, round.round().stitch(), round.round().widthMm(), round.round().heightMm(), segments, corners, round.total(), worked.strip().multiple(), round.innerMm(), round.outerMm(), holds.of(worked, index), words);
  }

  private static String grown(int by) {
    return by == 0 ? ", as many as before" : by > 0 ? ", %d more than before".formatted(by) : ", %d fewer than before".formatted(-by);
  }

  private String seam(Junction junction) {
    return junction.crossed().stream().map(seams::get).filter(name -> name != null).findFirst().map(name -> "the " + Wording.low(name)).orElse("the seam between two squares");
  }

  private SegmentPlan segment(WorkedOn worked, WorkedOn.RoundOf round, WorkedOn.Worked segment, String seam) {
    if (segment.stretch() < 0) {
      String count = Wording.capital(Wording.number(segment.stitches()));
      String words = segment.kind() == UnitKind.SEAM_PLACE ? "%s at %s.".formatted(count, seam) : "%s into the corner.".formatted(count);
      return new SegmentPlan(Optional.empty(), segment.kind(), segment.units(), segment.stitches(), segment.byLength(), Optional.empty(), "", words, 0, List.of());
    }
    Stretch stretch = worked.line().stretches().get(segment.stretch());
    boolean isFirst = round.equals(worked.rounds().get(0));
    List<Integer> byTrial = isFirst ? worked.trials().get(segment.stretch()) : List.of();
    List<Integer> each = Trial.total(byTrial) == segment.stitches() ? byTrial : List.of();
    String rhythm = !each.isEmpty() ? Trial.words(each) : segment.units() == 0 || segment.stitches() == 0 ? "" : spread(segment).words(segment.kind());
    String off = segment.close() ? "" : "; by its length it would be %d".formatted(Math.round(segment.byLength()));
    String heldBack = isFirst && stretch.heldBack() > 0 ? " (%d of them held back still)".formatted(stretch.heldBack()) : "";
    String words = "%d along the %s, into %s%s: %s%s.".formatted(segment.stitches(), names.of(stretch), PlaceNames.counted(segment.units(), segment.kind()), heldBack, rhythm, off);
    Optional<Integer> thumb = isFirst ? Thumb.of(round.round(), segment.kind(), segment.units(), stretch.finishedMm()) : Optional.empty();
    return new SegmentPlan(Optional.of(segment.stretch()), segment.kind(), segment.units(), segment.stitches(), segment.byLength(), thumb, rhythm, words, isFirst ? waveMm(worked, round, segment) : 0, !each.isEmpty() ? Trial.into(each) : segment.stitches() == segment.units() ? List.of() : spread(segment).into());
  }

  private double waveMm(WorkedOn worked, WorkedOn.RoundOf round, WorkedOn.Worked segment) {
    int count = told(worked, worked.line().stretches().get(segment.stretch())).flatMap(Stitches::worked).orElse(segment.stitches());
    double flat = worked.line().flat(segment.stretch(), round.round());
    double share = Math.abs(count - flat) / Math.max(count, flat);
    return StripDiagnosis.liesFlat(count, flat) ? 0 : Math.signum(count - flat) * Ease.rippleMm(share, rules);
  }

  private static boolean isAtSeam(WorkedOn worked, WorkedOn.RoundOf round, WorkedOn.Turned corner) {
    return worked.line().junctions().get(round.segments().get(corner.behind()).stretch()).seam();
  }

  private PickUpSpread spread(WorkedOn.Worked segment) {
    return spreads.computeIfAbsent(List.of(segment.stitches(), segment.units()), key -> PickUpSpread.of(segment.stitches(), segment.units(), rules));
  }

  private static String corner(WorkedOn.Turned corner, boolean seam) {
    boolean isOuter = corner.angle() < STRAIGHT;
    boolean isSlit = corner.angle() > SLIT;
    if (corner.stitches() > 0) {
      return "Outer corner: %s into one place; mark the middle one.".formatted(Wording.counted(corner.stitches() + 1L, "stitches"));
    }
    if (corner.stitches() == 0) {
      return isOuter ? "A slight corner: straight on." : "Inner corner: straight on.";
    }
    String together = Wording.number(1L - corner.stitches());
    String where = isSlit ? "End of a slit" : "Inner corner";
    return seam ? "%s: %s together, the stitch at the seam in their middle.".formatted(where, together) : "%s: %s together over it.".formatted(where, together);
  }

  private static final double STRAIGHT = 180;
  private static final double SLIT = 320;

  private StripPlan.BandPlan band(WorkedOn worked, RibBand band) {
    double edge = worked.line().lengthMm();
    int rows = worked.outerUnits();
    List<StripPlan.Quarter> quarters = new ArrayList<>();
    for (int quarter = 1; quarter < QUARTERS; quarter++) {
      double at = edge * quarter / QUARTERS;
      quarters.add(new StripPlan.Quarter((int) Math.round((double) rows * quarter / QUARTERS), at, place(worked, at)));
    }
    double wanted = edge * band.kind().usual();
    double length = rows * band.rowMm();
    String words =
        "%s for %s: %s, %s long (%s off), of %s to %s.".formatted(
            Wording.capital(band.kind().words()), wording.length(edge), Wording.counted(rows, "rows"), wording.length(length), wording.difference(Math.abs(length - wanted)), band.fewest(edge),
            Wording.counted(band.most(edge), "rows"));
    String how = band.workedOn() ? " " + onto(worked, band) : "";
    return new StripPlan.BandPlan(rows, length, wanted, band.fewest(edge), band.most(edge), quarters, words + how);
  }

  private static String onto(WorkedOn worked, RibBand band) {
    String ends = worked.line().round() ? " Its last row is joined to its first." : "";
    return "Worked on sideways, %s wide: two rows for every two of the %s, each pair fastened with a slip stitch into both.%s".formatted(
        Wording.counted(band.stitches(), "stitches"), Wording.counted(worked.outerUnits(), "stitches"), ends);
  }

  /** Where a length from the start lies: at which unit of which edge. */
  private String place(WorkedOn worked, double atMm) {
    double before = 0;
    for (Stretch stretch : worked.line().stretches()) {
      if (atMm <= before + stretch.lengthMm()) {
        int unit = Math.max(1, (int) Math.round((atMm - before) / stretch.unitMm()));
        StripPlan.Numbers numbers = numbers(stretch);
        return "%s %d along the %s".formatted(PlaceNames.word(stretch.kind()), numbers.first() + numbers.step() * (unit - 1), names.of(stretch));
      }
      before += stretch.lengthMm();
    }
    return "the end";
  }
}
