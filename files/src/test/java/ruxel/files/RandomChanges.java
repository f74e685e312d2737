package ruxel.files;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.function.BiFunction;
import java.util.function.Supplier;
import ruxel.core.change.HoldChange;
import ruxel.core.change.Change;
import ruxel.core.change.CountMade;
import ruxel.core.change.EdgeChange;
import ruxel.core.change.EdgingWorked;
import ruxel.core.change.FindingChange;
import ruxel.core.change.HandleDragged;
import ruxel.core.change.OrderChange;
import ruxel.core.change.OwedChange;
import ruxel.core.change.OwnChange;
import ruxel.core.change.OwnSeam;
import ruxel.core.change.PieceTurnedOver;
import ruxel.core.change.PieceChange;
import ruxel.core.change.RuleChanged;
import ruxel.core.change.SeamChange;
import ruxel.core.construction.Answers;
import ruxel.core.construction.Outlining;
import ruxel.core.construction.Template;
import ruxel.core.construction.Templates;
import ruxel.core.construction.Walk;
import ruxel.core.decision.Chore;
import ruxel.core.decision.RunPart;
import ruxel.core.decision.SideWorking;
import ruxel.core.finding.Outcome;
import ruxel.core.garment.Garment;
import ruxel.core.identity.PieceId;
import ruxel.core.identity.SeamId;
import ruxel.core.layout.Layout;
import ruxel.core.measure.Corner;
import ruxel.core.measure.HouseRules;
import ruxel.core.measure.Stitch;
import ruxel.core.measure.Terms;
import ruxel.core.measure.Wording;
import ruxel.core.method.Method;
import ruxel.core.piece.Cloth;
import ruxel.core.piece.Counts;
import ruxel.core.piece.Edge;
import ruxel.core.piece.Fabric;
import ruxel.core.piece.Landmark;
import ruxel.core.piece.Marker;
import ruxel.core.piece.Piece;
import ruxel.core.piece.UnitKind;
import ruxel.core.seam.Seam;
import ruxel.core.seam.SeamRole;
import ruxel.core.seam.Side;
import ruxel.core.seam.Span;
import ruxel.core.seam.Surplus;

/** Changes of every kind at a garment, most of them possible, some with values no maker would type. */
final class RandomChanges {
  private static final String[] WORDS = {"", " ", "Harbour", "a b", "x".repeat(201), "x".repeat(120), "own.1", "~", "shoulder", "START", "é✂", "\u0007bell"};
  private static final double[] LENGTHS = {-5, 0, 0.2, 1, 12.5, 45, 400, 10_000, 1e9, Double.NaN, Double.POSITIVE_INFINITY};

  private final Random random;
  private final Garment garment;
  private final List<Piece> pieces;
  private final List<Seam> seams;
  private final RandomSquares squares;
  private final RandomStrips strips;
  private final RandomYarns yarns;

  RandomChanges(Garment garment, Random random) {
    this.garment = garment;
    this.random = random;
    Layout layout = ((Outcome.Good<Layout>) Layout.of(garment)).value();
    pieces = layout.construct().pieces();
    seams = layout.construct().seams();
    squares = new RandomSquares(this, random);
    strips = new RandomStrips(this, random);
    yarns = new RandomYarns(this, strips, random);
  }

  Change next() {
    List<Supplier<Change>> kinds =
        List.of(
            () -> new Change.Renamed(word()),
            () -> new Change.Reworded(one(Wording.Unit.values()), one(Terms.values()), one(Wording.Hand.values())),
            this::answers, this::answers, this::count, this::count,
            () -> new SeamChange.AnchorMoved(seam(), anchor(), one(Side.values()), number(-1, 130)),
            () -> new SeamChange.MethodChosen(seam(), random.nextInt(5) == 0 ? word() : one(Method.values()).id()),
            this::moved,
            () -> new OrderChange.StepMoved(seam(), maybe(this::seam)),
            () -> new OrderChange.OrderTaken(List.of(seam(), seam(), seam())),
            OrderChange.OrderLeft::new,
            () -> new OrderChange.ChoreTicked(one(Chore.values()), random.nextBoolean()),
            Change.GoneSettingsDropped::new,
            this::told, this::told, this::told, this::told,
            () -> onEdge((piece, edge) -> new EdgeChange.EdgeMeasured(piece.id(), edge.id(), maybe(this::length))),
            () -> onEdge((piece, edge) -> new EdgeChange.EdgeMeasured(piece.id(), edge.id(), Optional.of(45.0))),
            this::landmark, this::landmark,
            () -> onEdge((piece, edge) -> new EdgeChange.LandmarkRemoved(piece.id(), edge.id(), word())),
            this::worked,
            () -> new SeamChange.AnchorPinned(seam(), word(), word(), number(-1, 130), number(-1, 130)),
            () -> new SeamChange.AnchorPinned(seam(), "own." + random.nextInt(3), "a pin", number(1, 60), number(1, 60)),
            () -> new SeamChange.AnchorRemoved(seam(), anchor()),
            () -> new PieceChange.LeanFound(piece().id(), maybe(this::length), random.nextBoolean()),
            () -> onEdge((piece, edge) -> new EdgeChange.CornerTold(piece.id(), edge.id(), maybe(() -> one(Corner.values())))),
            () -> onEdge((piece, edge) -> new EdgingWorked(piece.id(), edge.id(), number(-1, 5), length(), number(0, 90))), () -> onEdge((piece, edge) -> new EdgingWorked(piece.id(), edge.id(), random.nextInt(3) * 2, 12.5, number(3, 70))),
            () -> onEdge((piece, edge) -> new EdgingWorked(piece.id(), edge.id(), new EdgingWorked.Rows(1, 12.5, number(3, 70), maybe(() -> strips.within(edge)), maybe(() -> one(Stitch.values()))))),
            () -> new OwedChange.OwedNoted(word(), piece().id(), word(), maybe(this::seam)),
            () -> new OwedChange.OwedDone(word()),
            () -> new FindingChange.FindingLeft(word(), word()),
            () -> new FindingChange.FindingTakenBack(word()),
            this::rule, this::rule,
            squares::next, squares::next, strips::next, strips::next, strips::next, yarns::yarn, yarns::yarn, yarns::yarn, yarns::wear, yarns::wear,
            this::own, this::own, this::own, this::own,
            () -> new HandleDragged(random.nextInt(4) == 0 ? word() : one(new String[] {"neck", "armhole", "sleeve.top", "body"}), number(-30, 30)));
    return kinds.get(random.nextInt(kinds.size())).get();
  }

  Change onEdge(BiFunction<Piece, Edge, Change> change) {
    Piece piece = piece();
    return change.apply(piece, piece.edges().get(random.nextInt(piece.edges().size())));
  }

  private Change answers() {
    Optional<Template> template = garment.recipe().flatMap(recipe -> Templates.of(recipe.construction()));
    Map<String, Optional<Answers.Answer>> answers = new HashMap<>();
    for (int i = random.nextInt(3); i >= 0; i--) {
      String key = template.map(t -> t.questions().get(random.nextInt(t.questions().size())).key()).orElse("backStitches");
      answers.put(
          random.nextInt(9) == 0 ? word() : key,
          maybe(() -> random.nextInt(4) == 0 ? new Answers.Word(random.nextBoolean() ? "PULLOVER" : word()) : new Answers.Numeric(random.nextInt(6) == 0 ? length() : number(0, 80))));
    }
    return new Change.AnswersChanged(answers);
  }

  private Change own() {
    PieceId id = new PieceId("own." + random.nextInt(3));
    return switch (random.nextInt(16)) {
      case 15 -> new OwnSeam.GussetLetIn(seam(), id, new SeamId("own.g" + random.nextInt(3)), number(0, 12));
      case 0 -> new OwnChange.PieceAdded(id, word(), one(Piece.Part.values()), one(Cloth.Dye.values()), walk());
      case 1 -> new OwnChange.PieceCopied(piece().id(), id, word(), random.nextBoolean());
      case 2 -> new OwnChange.PieceRemoved(random.nextInt(6) == 0 ? new PieceId(word()) : id);
      case 3 -> new OwnSeam.SeamMade(new SeamId(id.text()), word(), one(SeamRole.values()), parts(), parts());
      case 4 -> new OwnSeam.SeamUnmade(random.nextInt(3) == 0 ? new SeamId(id.text()) : seam());
      case 14 -> new PieceTurnedOver(piece().id());
      case 11 -> new OwnChange.PieceOwned(piece().id());
      case 12 -> new OwnChange.PieceNamed(piece().id(), word());
      case 13 -> new OwnChange.PieceOutlined(piece().id(), outline());
      case 5 -> new OwnSeam.SeamPutBack(seam());
      case 6 -> new OwnSeam.SeamNamed(seam(), word(), one(SeamRole.values()));
      case 8 -> new OwnSeam.SeamParted(seam(), anchor(), new SeamId(id.text()), word());
      case 9 -> new OwnSeam.SeamsTogether(seam(), seam());
      default -> new OwnSeam.SeamMirrored(seam(), new SeamId(id.text()), word());
    };
  }

  /** A box of four edges, now and then with something that cannot be. */
  private List<Walk.Step> walk() {
    int stitches = number(1, 60);
    int rows = number(random.nextInt(9) == 0 ? -1 : 1, 60);
    double w = random.nextInt(9) == 0 ? length() : 7;
    return List.of(
        new Walk.Step("lower", UnitKind.FOUNDATION_LOOP, stitches, w, 90), new Walk.Step("right", UnitKind.ROW_END, rows, 10, 90),
        new Walk.Step(random.nextInt(9) == 0 ? word() : "upper", UnitKind.STITCH_TOP, stitches, w, random.nextInt(9) == 0 ? length() : 90),
        new Walk.Step("left", random.nextInt(9) == 0 ? one(UnitKind.values()) : UnitKind.ROW_END, rows, 10, 90));
  }

  /** As a piece of the maker's own is, now and then with a count changed on both sides of it. */
  private List<Outlining.Told> outline() {
    List<Outlining.Told> told = Outlining.of(garment.pieces().isEmpty() ? piece() : one(garment.pieces().toArray(Piece[]::new)));
    int more = number(-2, 3);
    return told.stream().map(each -> random.nextInt(4) > 0 ? each : new Outlining.Told(each.edge(), each.run(), more(each.step(), more))).toList();
  }

  private static Walk.Step more(Walk.Step step, int more) {
    return new Walk.Step(step.name(), step.kind(), step.count() + more, step.unitMm(), step.turn());
  }

  private List<OwnSeam.Part> parts() {
    List<OwnSeam.Part> parts = new java.util.ArrayList<>();
    for (int i = random.nextInt(3); i >= 0; i--) {
      Piece piece = piece();
      Edge edge = piece.edges().get(random.nextInt(piece.edges().size()));
      String run = random.nextInt(20) == 0 ? word() : edge.runs().get(random.nextInt(edge.runs().size())).id();
      parts.add(new OwnSeam.Part(piece.id(), edge.id(), run, run, one(Span.Along.values())));
    }
    return parts;
  }

  private Change rule() {
    HouseRules.Rule rule = one(HouseRules.Rule.values());
    double inside = rule.least() + random.nextDouble() * (rule.most() - rule.least());
    return new RuleChanged(rule, maybe(() -> random.nextInt(3) == 0 ? length() : inside));
  }

  private Change count() {
    return onEdge(
        (piece, edge) ->
            new CountMade(
                piece.id(), edge.id(), edge.runs().get(random.nextInt(edge.runs().size())).id(), maybe(() -> random.nextInt(8) == 0 ? 4999 : number(-1, 90)),
                random.nextBoolean() ? Counts.Source.AS_MADE : Counts.Source.AS_WORKED));
  }

  private Change moved() {
    PieceId piece = piece().id();
    return new PieceChange.PieceMoved(piece, maybe(() -> new PieceChange.PieceMoved.Laid(length(), length(), number(-9, 9))));
  }

  private Change told() {
    List<RunPart> parts = new java.util.ArrayList<>();
    for (int i = random.nextInt(8) == 0 ? 33 : random.nextInt(random.nextInt(6) == 0 ? 32 : 4); i > 0; i--) {
      parts.add(
          new RunPart(
              random.nextInt(9) == 0 ? one(UnitKind.values()) : UnitKind.STITCH_TOP, random.nextInt(9) == 0 ? number(-1, 6000) : number(1, 30),
              random.nextInt(4) == 0 ? maybe(this::length) : Optional.empty(), one(Fabric.values()), random.nextInt(4) == 0,
              random.nextInt(6) == 0 ? word() : "", random.nextInt(9) == 0 ? number(-1, 60) : 0, random.nextInt(9) == 0 ? number(-1, 210) : 0));
    }
    return onEdge((piece, edge) -> new EdgeChange.RunTold(piece.id(), edge.id(), edge.runs().get(random.nextInt(edge.runs().size())).id(), parts));
  }

  private Change landmark() {
    return onEdge(
        (piece, edge) ->
            new EdgeChange.LandmarkPut(
                piece.id(), edge.id(), random.nextInt(3) == 0 ? word() : "m" + random.nextInt(3), word(), one(Landmark.Kind.values()),
                number(-1, edge.units() + 1), number(-1, 12), number(0, 6), maybe(() -> new Marker(one(Marker.Purpose.values()), word(), word()))));
  }

  private Change worked() {
    return new SeamChange.SeamWorked(
        seam(),
        new SeamChange.SeamWorked.Way(
            random.nextBoolean(), one(Surplus.values()), random.nextInt(3) == 0 ? length() : 0, maybe(() -> one(Side.values())), random.nextBoolean(), gives(), gives()));
  }

  private SideWorking gives() {
    return new SideWorking(maybe(() -> random.nextInt(5) == 0 ? number(-1, 7) : number(1, 3)), one(Seam.Spaces.values()));
  }

  Piece piece() {
    return pieces.get(random.nextInt(pieces.size()));
  }

  SeamId seam() {
    return seams.isEmpty() || random.nextInt(20) == 0 ? new SeamId(word()) : seams.get(random.nextInt(seams.size())).id();
  }

  private String anchor() {
    return one(new String[] {"shoulder", "underarm", "hem.rib", "cuff.rib", "own.0", "own.1", "own.2", word()});
  }

  String word() {
    return one(WORDS);
  }

  double length() {
    return LENGTHS[random.nextInt(LENGTHS.length)];
  }

  int number(int least, int most) {
    return least + random.nextInt(most - least + 1);
  }

  <T> T one(T[] values) {
    return values[random.nextInt(values.length)];
  }

  <T> Optional<T> maybe(Supplier<T> value) {
    return random.nextInt(4) == 0 ? Optional.empty() : Optional.of(value.get());
  }
}
