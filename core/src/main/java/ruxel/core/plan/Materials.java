package ruxel.core.plan;

import java.util.Comparator;
import java.util.HashMap;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Stream;
import ruxel.core.advice.Load;
import ruxel.core.advice.SeamFacts;
import ruxel.core.decision.ChosenFacing;
import ruxel.core.decision.GarmentWeight;
import ruxel.core.decision.OwnFactor;
import ruxel.core.decision.OwnSchool;
import ruxel.core.decision.OwnYarn;
import ruxel.core.decision.PieceYarn;
import ruxel.core.decision.RibYarn;
import ruxel.core.decision.SeamYarn;
import ruxel.core.decision.Settings;
import ruxel.core.decision.StripYarn;
import ruxel.core.decision.WishFor;
import ruxel.core.decision.WorkedStrip;
import ruxel.core.hold.Facing;
import ruxel.core.identity.PieceId;
import ruxel.core.identity.SeamId;
import ruxel.core.match.SeamMatch;
import ruxel.core.match.SideLayout;
import ruxel.core.measure.HouseRules;
import ruxel.core.measure.HouseRules.Rule;
import ruxel.core.measure.School;
import ruxel.core.measure.Wording;
import ruxel.core.method.HowTo;
import ruxel.core.method.Method;
import ruxel.core.method.Wish;
import ruxel.core.piece.Fabric;
import ruxel.core.piece.Piece;
import ruxel.core.seam.Seam;
import ruxel.core.seam.Side;
import ruxel.core.strand.Course;
import ruxel.core.strand.Factor;
import ruxel.core.strand.RowYarn;
import ruxel.core.strand.SeamStrands;
import ruxel.core.strip.Strip;
import ruxel.core.yarn.Yarn;

/** What of yarn, weight, wishes and schools holds for each piece and seam: as told, and where nothing is told only what cannot be otherwise. */
final class Materials {
  private final Settings settings;
  private final HouseRules rules;
  private final List<Yarn> yarns;
  private final Map<PieceId, Yarn> ofPieces = new HashMap<>();
  private final Map<PieceId, Yarn> ofRibs = new HashMap<>();
  /** Of strips, by their faces. */
  private final Map<PieceId, Yarn> ofStrips = new HashMap<>();
  private final Map<SeamMatch, Course> courses = new IdentityHashMap<>();
  private final Map<SeamMatch, Optional<Yarn>> ofSeams = new IdentityHashMap<>();
  private final Map<SeamMatch, SeamFacts> facts = new IdentityHashMap<>();
  private final Optional<YarnPlan.WeightView> weight;
  private final Optional<Load> load;

  Materials(Settings settings, HouseRules rules, List<Piece> pieces, List<SeamMatch> matches) {
    this.settings = settings;
    this.rules = rules;
    // A yarn told anew keeps its place.
    yarns = settings.of(OwnYarn.class).stream().map(OwnYarn::yarn).sorted(Comparator.comparing(Yarn::id)).toList();
    for (Piece piece : pieces) {
      settings.on(PieceYarn.class, piece.id()).flatMap(told -> yarn(told.yarn())).or(this::onlyOne).ifPresent(yarn -> ofPieces.put(piece.id(), yarn));
      settings.on(RibYarn.class, piece.id()).flatMap(told -> yarn(told.yarn())).ifPresent(yarn -> ofRibs.put(piece.id(), yarn));
    }
    settings.of(WorkedStrip.class).stream().map(WorkedStrip::strip).forEach(strip -> told(strip).ifPresent(yarn -> ofStrips.put(strip.id().face(), yarn)));
    matches.forEach(match -> courses.put(match, Course.of(match)));
    weight = weight(pieces);
    load = load(matches);
  }

  List<Yarn> yarns() {
    return yarns;
  }

  private Optional<Yarn> yarn(String id) {
    return yarns.stream().filter(yarn -> yarn.id().equals(id)).findFirst();
  }

  private Optional<Yarn> onlyOne() {
    return yarns.size() == 1 ? Optional.of(yarns.get(0)) : Optional.empty();
  }

  Optional<Yarn> ofPiece(PieceId piece) {
    return Optional.ofNullable(ofPieces.get(piece));
  }

  /** Of a ribbing as told of it, else that of the piece. */
  private Optional<Yarn> ofRun(SideLayout.RunPart part) {
    PieceId piece = part.span().piece().id();
    boolean isRib = part.run().fabric() == Fabric.RIB && !part.run().origin().isEdging();
    return Optional.ofNullable(isRib ? ofRibs.get(piece) : null).or(() -> ofPiece(piece));
  }

  /** As told, or as told of the band it sews on; else the one of which most of its sides is, the first told of two that come to the same. */
  Optional<Yarn> ofSeam(SeamMatch match) {
    return ofSeams.computeIfAbsent(
        match, of -> settings.on(SeamYarn.class, of.seam().seam().id()).flatMap(told -> yarn(told.yarn())).or(() -> Optional.ofNullable(ofStrips.get(of.seam().a().get(0).piece().id()))).or(() -> mostOf(of)));
  }

  /** As told of it, or of the one it mirrors; else that of the piece it begins on. */
  Optional<Yarn> ofStrip(Strip strip) {
    return told(strip).or(() -> ofPiece(strip.from().piece()));
  }

  private Optional<Yarn> told(Strip strip) {
    return settings.on(StripYarn.class, strip.id()).or(() -> strip.mirrorOf().flatMap(original -> settings.on(StripYarn.class, original))).flatMap(told -> yarn(told.yarn()));
  }

  private Optional<Yarn> mostOf(SeamMatch match) {
    if (yarns.isEmpty()) {
      return Optional.empty();
    }
    Map<Yarn, Double> lengths = new IdentityHashMap<>();
    Stream.of(match.a(), match.b())
        .flatMap(side -> side.runParts().stream())
        .forEach(part -> ofRun(part).ifPresent(yarn -> lengths.merge(yarn, part.widthMm(), Double::sum)));
    Optional<Yarn> most = Optional.empty();
    for (Yarn yarn : yarns) {
      if (lengths.getOrDefault(yarn, 0.0) > most.map(lengths::get).orElse(0.0)) {
        most = Optional.of(yarn);
      }
    }
    return most;
  }

  Wish wish(Seam seam) {
    return WishFor.of(settings, Optional.of(seam.id()), seam.role());
  }

  Facing facing(Seam seam, Method method) {
    return ChosenFacing.of(settings, seam, method);
  }

  Optional<School.Way> school(School school) {
    return settings.on(OwnSchool.class, school).map(OwnSchool::way);
  }

  SeamFacts facts(SeamMatch match) {
    return facts.computeIfAbsent(match, this::reckonedFacts);
  }

  private SeamFacts reckonedFacts(SeamMatch match) {
    Seam seam = match.seam().seam();
    Optional<Yarn> own = ofSeam(match);
    List<Optional<Yarn>> sides = sides(match);
    List<Yarn> meeting = Stream.concat(sides.stream().flatMap(Optional::stream), own.stream()).toList();
    boolean peeks = own.isPresent() && sides.stream().allMatch(side -> side.filter(yarn -> !yarn.looksLike(own.get())).isPresent());
    return new SeamFacts(
        seam.role(), meeting.stream().anyMatch(yarn -> yarn.weight().isBulky()), is(meeting, Yarn.Trait.FUZZY), is(meeting, Yarn.Trait.SPLITTY),
        isLace(match.a()) || isLace(match.b()), peeks, wish(seam), school(School.JOIN), seam.role().isShoulder() ? load : Optional.empty());
  }

  /** The yarns that lie along both sides. */
  private List<Optional<Yarn>> sides(SeamMatch match) {
    Stream<SideLayout> both = Stream.of(match.a(), match.b());
    return ofRibs.isEmpty()
        ? both.flatMap(side -> side.spans().stream()).map(span -> ofPiece(span.piece().id())).toList()
        : both.flatMap(side -> side.runParts().stream()).map(part -> ofRun(part).map(Yarn::id)).distinct().map(id -> id.flatMap(this::yarn)).toList();
  }

  private static boolean is(List<Yarn> yarns, Yarn.Trait trait) {
    return yarns.stream().anyMatch(yarn -> yarn.is(trait));
  }

  private static boolean isLace(SideLayout side) {
    return side.runParts().stream().anyMatch(part -> part.run().fabric() == Fabric.LACE);
  }

  /** The maker's own factor for a method in a yarn, else the table's. */
  Factor factor(Method method, Optional<Yarn> yarn) {
    return yarn.flatMap(of -> settings.on(OwnFactor.class, method.id(), of.id())).map(own -> Factor.measured(own.samples())).orElseGet(() -> Factor.ofTable(method));
  }

  SeamStrands strands(SeamMatch match, Method method) {
    Optional<Yarn> yarn = ofSeam(match);
    return strands(courses.get(match), method, yarn);
  }

  /** The strands of a course worked with the yarn of its piece. */
  SeamStrands strands(Course course, Method method, Optional<Yarn> yarn) {
    return SeamStrands.of(course, method, factor(method, yarn), yarn.filter(of -> of.is(Yarn.Trait.FUZZY)).isPresent(), rules);
  }

  /** How long a seam is, mm. */
  double lengthMm(SeamMatch match) {
    return courses.get(match).lengthMm();
  }

  /**
   * @param near the side that lies nearest the maker
   */
  HowTo howTo(SeamMatch match, Side near, Method method, Wording wording) {
    boolean nearIsA = near == Side.A;
    return HowTo.of(method, nearIsA ? match.a() : match.b(), nearIsA ? match.b() : match.a(), facing(match.seam().seam(), method), school(School.START), school(School.HOOK_SIZE), rules, wording);
  }

  /** What the garment weighs; empty while it was not weighed and the yarn of a piece is not told in full. */
  Optional<YarnPlan.WeightView> weight() {
    return weight;
  }

  private Optional<YarnPlan.WeightView> weight(List<Piece> pieces) {
    return settings.on(GarmentWeight.class).map(weighed -> new YarnPlan.WeightView(weighed.grams(), true))
        .or(() -> reckonedGrams(pieces).stream().boxed().findFirst().map(grams -> new YarnPlan.WeightView(grams, false)));
  }

  /** What hangs on the shoulders, if there are any. */
  private Optional<Load> load(List<SeamMatch> matches) {
    double carries =
        matches.stream()
            .filter(match -> match.seam().seam().role().isShoulder())
            .mapToDouble(match -> Math.min(courses.get(match).lengthMm(), rules.get(Rule.CARRY_MM)))
            .sum();
    return weight.filter(known -> carries > 0).map(known -> new Load(known.grams(), known.weighed(), carries, rules.get(Rule.LOAD_G_PER_CM)));
  }

  private OptionalDouble reckonedGrams(List<Piece> pieces) {
    double grams = 0;
    for (Piece piece : pieces) {
      Optional<Yarn> yarn = ofPiece(piece.id()).filter(told -> told.mmPerGram().isPresent());
      if (yarn.isEmpty()) {
        return OptionalDouble.empty();
      }
      grams += RowYarn.mm(piece) / yarn.get().mmPerGram().getAsDouble();
    }
    return OptionalDouble.of(grams);
  }
}
