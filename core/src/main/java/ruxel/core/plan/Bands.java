package ruxel.core.plan;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import ruxel.core.change.GarmentStrips;
import ruxel.core.change.MethodCheck;
import ruxel.core.finding.Finding;
import ruxel.core.finding.FindingCode;
import ruxel.core.finding.Outcome;
import ruxel.core.finding.Where;
import ruxel.core.garment.Garment;
import ruxel.core.identity.StripId;
import ruxel.core.layout.Layout;
import ruxel.core.match.SeamMatch;
import ruxel.core.measure.HouseRules;
import ruxel.core.measure.Wording;
import ruxel.core.method.Method;
import ruxel.core.method.Nevers;
import ruxel.core.piece.Piece;
import ruxel.core.seam.Seam;
import ruxel.core.seam.SeamResolver;
import ruxel.core.strip.BandSeam;
import ruxel.core.strip.RibBand;
import ruxel.core.strip.Strips;
import ruxel.core.strip.WorkedOn;

/** Bands made separately, each matched with the edge it is sewn onto as every other seam is. */
public final class Bands {
  private final Map<StripId, SeamMatch> matches = new LinkedHashMap<>();
  private final List<Finding> findings = new ArrayList<>();

  Bands(Strips strips, List<Piece> pieces, HouseRules rules, Wording wording) {
    List<Piece> faces = new ArrayList<>(pieces);
    strips.worked().forEach(worked -> faces.add(worked.face()));
    for (WorkedOn worked : strips.worked()) {
      worked.strip().band().filter(band -> !band.workedOn()).flatMap(band -> match(worked, band, faces, rules)).ifPresent(match -> keep(worked, match, faces, rules, wording));
    }
  }

  /** The band of a garment, matched; empty where it has none such. */
  public static Optional<SeamMatch> match(Garment garment, StripId strip) {
    return Layout.of(garment) instanceof Outcome.Good<Layout> layout && GarmentStrips.of(garment) instanceof Outcome.Good<Strips> strips
        ? Optional.ofNullable(new Bands(strips.value(), layout.value().construct().pieces(), garment.rules(), garment.wording()).matches.get(strip))
        : Optional.empty();
  }

  private static Optional<SeamMatch> match(WorkedOn worked, RibBand band, List<Piece> faces, HouseRules rules) {
    return matched(BandSeam.of(worked, band, faces), rules);
  }

  private static Optional<SeamMatch> matched(BandSeam band, HouseRules rules) {
    return SeamResolver.find(band.pieces(), List.of(band.seam()), band.seam().id()).map(resolved -> SeamMatch.of(resolved, rules)).filter(SeamMatch::isPlanned);
  }

  /** By the maker's method; by mattress stitch, or whip stitch where that cannot be, where none is told or the told one may not be. */
  private void keep(WorkedOn worked, SeamMatch match, List<Piece> faces, HouseRules rules, Wording wording) {
    Seam seam = match.seam().seam();
    Optional<Finding> never = MethodCheck.of(seam, match.a(), match.b(), wording);
    never.ifPresent(finding -> findings.add(Finding.of(finding.code(), Where.NOWHERE.ofStrip(worked.strip().id()), finding.facts().toArray(ruxel.core.finding.Fact[]::new))));
    Nevers nevers = new Nevers(match.a(), match.b(), seam.role());
    Method usual = nevers.of(Method.MATTRESS_ROWS).isEmpty() ? Method.MATTRESS_ROWS : Method.WHIP_BOTH;
    boolean isTold = seam.method().isPresent() && never.isEmpty();
    BandSeam band = BandSeam.of(worked, worked.strip().band().orElseThrow(), faces);
    Optional<SeamMatch> sewn = isTold ? Optional.of(match) : matched(new BandSeam(band.pieces(), seam.withMethod(Optional.of(usual.id()))), rules);
    sewn.ifPresent(with -> matches.put(worked.strip().id(), with));
  }

  List<SeamMatch> matches() {
    return List.copyOf(matches.values());
  }

  List<Finding> findings() {
    return List.copyOf(findings);
  }

  /** Some strips, the bands of them with how they are sewn on. */
  List<StripPlan> sewn(List<StripPlan> strips, Materials materials, Advices advices, Wording wording) {
    return strips.stream().map(strip -> Optional.ofNullable(matches.get(strip.id())).map(match -> sewn(strip, match, materials, advices, wording)).orElse(strip)).toList();
  }

  private static StripPlan sewn(StripPlan strip, SeamMatch match, Materials materials, Advices advices, Wording wording) {
    SeamPlan plan = SeamPlans.of(match, FindingCode.Level.NOTE, Optional.empty(), Set.of(), List.of(), materials, advices.of(match), wording);
    double yarnMm = match.seam().seam().method().flatMap(Method::of).map(method -> materials.strands(match, method).neededMm()).orElse(0.0);
    return strip.sewnBy(plan, yarnMm);
  }
}
