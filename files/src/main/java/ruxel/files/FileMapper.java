package ruxel.files;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Collectors;
import ruxel.core.construction.Answers;
import ruxel.core.construction.ExpectedOpening;
import ruxel.core.decision.Settings;
import ruxel.core.garment.Garment;
import ruxel.core.garment.Recipe;
import ruxel.core.measure.HouseRules;
import ruxel.core.piece.Advance;
import ruxel.core.piece.Counts;
import ruxel.core.piece.Cut;
import ruxel.core.piece.Edge;
import ruxel.core.piece.Lean;
import ruxel.core.piece.Mirror;
import ruxel.core.piece.Piece;
import ruxel.core.piece.Run;
import ruxel.core.seam.Anchor;
import ruxel.core.seam.Seam;
import ruxel.core.seam.Span;

/** Between the file's records and the core's, both ways. */
final class FileMapper {
  private FileMapper() {}

  static Garment garment(GarmentFile file) {
    Map<HouseRules.Rule, Double> rules = new TreeMap<>();
    file.houseRules().forEach((name, value) -> rules.put(HouseRules.Rule.valueOf(name), value));
    return new Garment(
        file.name(),
        file.unit(),
        file.terms(),
        file.hand(),
        Optional.ofNullable(file.recipe()).map(r -> new Recipe(r.construction(), answers(r.answers()))),
        file.pieces().stream().map(FileMapper::piece).toList(),
        file.seams().stream().map(FileMapper::seam).toList(),
        file.openings().stream()
            .map(o -> new ExpectedOpening(o.id(), o.name(), o.spans().stream().map(FileMapper::span).toList()))
            .toList(),
        Optional.ofNullable(file.settings()).map(SettingsMapper::settings).orElse(Settings.NONE),
        new HouseRules(rules));
  }

  static Answers answers(Map<String, Object> given) {
    Map<String, Answers.Answer> answers = new TreeMap<>();
    given.forEach(
        (key, value) ->
            answers.put(
                key,
                value instanceof Number number
                    ? new Answers.Numeric(number.doubleValue())
                    : new Answers.Word(String.valueOf(value))));
    return new Answers(answers);
  }

  private static Piece piece(GarmentFile.PieceOf p) {
    return new Piece(
        p.id(), p.name(), p.part(),
        p.edges().stream()
            .map(e -> new Edge(e.id(), e.name(), e.runs().stream().map(FileMapper::run).toList(), e.measuredMm(), e.landmarks().stream().map(SettingsMapper::landmark).toList()))
            .toList(),
        Optional.ofNullable(p.mirrorOf()).map(m -> new Mirror(m.piece(), m.edges())),
        p.cloth(),
        p.corners().stream().collect(Collectors.toMap(GarmentFile.CornerOf::behind, GarmentFile.CornerOf::kind, (first, second) -> second)),
        p.lean().map(lean -> new Lean(lean.mm(), lean.expected())));
  }

  private static Run run(GarmentFile.RunOf r) {
    return new Run(
        r.id(), r.kind(), new Counts(r.count(), r.made(), r.worked()), new Advance(r.dxMm(), r.dyMm()), r.fabric(), r.noEase(),
        new Run.Notes(r.label().orElse(""), r.chains().orElse(0), r.heldBack().orElse(0)));
  }

  private static Seam seam(GarmentFile.SeamOf s) {
    return new Seam(
        s.id(), s.name(), s.role(), side(s.a()), side(s.b()),
        s.anchors().stream().map(FileMapper::anchor).toList(),
        s.hidden(), new Seam.Working(s.together(), s.surplus(), s.fullness().orElse(0.0), s.fuller(), s.seamPlaces()), s.method());
  }

  static Anchor anchor(GarmentFile.AnchorOf a) {
    return new Anchor(a.id(), a.name(), spot(a.a()), spot(a.b()));
  }

  static GarmentFile.AnchorOf anchor(Anchor a) {
    return new GarmentFile.AnchorOf(a.id(), a.name(), spot(a.a()), spot(a.b()));
  }

  private static Seam.SideOf side(GarmentFile.SideOf s) {
    return new Seam.SideOf(s.name(), s.spans().stream().map(FileMapper::span).toList(), s.placesPerRow(), s.spaces());
  }

  private static Span span(GarmentFile.SpanOf s) {
    return new Span(s.piece(), s.edge(), cut(s.from()), cut(s.to()), s.along());
  }

  static Cut cut(GarmentFile.CutOf c) {
    return new Cut(c.run(), c.offset(), c.end());
  }

  static Anchor.Spot spot(GarmentFile.SpotOf s) {
    return new Anchor.Spot(s.piece(), s.edge(), cut(s.cut()), s.at());
  }

  static GarmentFile file(Garment g) {
    Map<String, Double> rules = new LinkedHashMap<>();
    g.rules().ordered().forEach((rule, value) -> rules.put(rule.name(), value));
    return new GarmentFile(
        GarmentFile.FORMAT,
        GarmentFile.VERSION,
        g.name(),
        g.unit(),
        g.terms(),
        g.hand(),
        g.recipe().map(r -> new GarmentFile.RecipeOf(r.construction(), answers(r.answers()))).orElse(null),
        g.pieces().stream().map(FileMapper::piece).toList(),
        g.seams().stream().map(FileMapper::seam).toList(),
        g.openings().stream()
            .map(o -> new GarmentFile.OpeningOf(o.id(), o.name(), o.spans().stream().map(FileMapper::span).toList()))
            .toList(),
        g.settings().isEmpty() ? null : SettingsMapper.file(g.settings()),
        rules);
  }

  private static Map<String, Object> answers(Answers answers) {
    Map<String, Object> values = new LinkedHashMap<>();
    answers.values().forEach(
        (key, answer) -> values.put(key, answer instanceof Answers.Numeric n ? number(n.value()) : answer.text()));
    return values;
  }

  /** Whole numbers are written without a point. */
  private static Object number(double value) {
    return value == Math.rint(value) && Math.abs(value) < 1e15 ? (Object) (long) value : (Object) value;
  }

  private static GarmentFile.PieceOf piece(Piece p) {
    return new GarmentFile.PieceOf(
        p.id(), p.name(), p.part(), p.cloth(),
        p.mirrorOf().map(m -> new GarmentFile.MirrorOf(m.piece(), m.edges())).orElse(null),
        p.edges().stream()
            .map(e -> new GarmentFile.EdgeOf(e.id(), e.name(), e.measuredMm(), e.runs().stream().map(FileMapper::run).toList(), e.landmarks().stream().map(SettingsMapper::landmark).toList()))
            .toList(),
        p.corners().entrySet().stream().map(c -> new GarmentFile.CornerOf(c.getKey(), c.getValue())).toList(),
        p.lean().map(lean -> new GarmentFile.LeanOf(lean.mm(), lean.expected())));
  }

  private static GarmentFile.RunOf run(Run r) {
    return new GarmentFile.RunOf(
        r.id(), r.kind(), r.counts().planned(), r.counts().made(), r.counts().worked(),
        r.advance().dxMm(), r.advance().dyMm(), r.fabric(), r.noEase(),
        some(r.notes().label()), some(r.notes().chains()), some(r.notes().heldBack()));
  }

  static Optional<String> some(String label) {
    return Optional.of(label).filter(text -> !text.isEmpty());
  }

  static Optional<Integer> some(int count) {
    return Optional.of(count).filter(n -> n > 0);
  }

  private static GarmentFile.SeamOf seam(Seam s) {
    return new GarmentFile.SeamOf(
        s.id(), s.name(), s.role(), side(s.a()), side(s.b()),
        s.anchors().stream().map(FileMapper::anchor).toList(),
        s.hidden(), s.working().together(), s.working().surplus(), Optional.of(s.working().fullness()).filter(f -> f > 0), s.working().fuller(), s.working().seamPlaces(), s.method());
  }

  private static GarmentFile.SideOf side(Seam.SideOf s) {
    return new GarmentFile.SideOf(s.name(), s.placesPerRow(), s.spaces(), s.spans().stream().map(FileMapper::span).toList());
  }

  private static GarmentFile.SpanOf span(Span s) {
    return new GarmentFile.SpanOf(s.piece(), s.edge(), cut(s.fromInclusive()), cut(s.toExclusive()), s.along());
  }

  static GarmentFile.CutOf cut(Cut c) {
    return new GarmentFile.CutOf(c.run(), c.offset(), c.from());
  }

  static GarmentFile.SpotOf spot(Anchor.Spot s) {
    return new GarmentFile.SpotOf(s.piece(), s.edge(), cut(s.cut()), s.at());
  }
}
