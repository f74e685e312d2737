package ruxel.core.garment;

import static ruxel.core.seam.Span.Along.FORWARD;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import ruxel.core.finding.Fact;
import ruxel.core.finding.Outcome;
import ruxel.core.lay.Placement;
import ruxel.core.piece.Edge;
import ruxel.core.piece.Piece;
import ruxel.core.piece.Run;
import ruxel.core.seam.Side;
import ruxel.core.seam.Span;

/**
 * Drop-shoulder panels (handbook 4.1): back, front or two fronts, and two straight or tapered sleeves
 * set on row ends; pullover or cardigan, with or without ribbing, worked up or down.
 */
final class DropShoulder implements Template {
  private static final double SHOULDER_GAP_MM = 20;
  private static final double SLEEVE_GAP_MM = 95;

  @Override
  public String id() {
    return "drop-shoulder";
  }

  @Override
  public String name() {
    return "Drop-shoulder panels";
  }

  @Override
  public List<Question> questions() {
    return DropShoulderQuestions.all();
  }

  @Override
  public Outcome<Construct> build(Answers answers) {
    AnswerReader reader = new AnswerReader(answers, questions());
    DropShoulderMeasures m = DropShoulderMeasures.read(reader);
    m.check(reader);
    reader.checkUnread();
    if (!reader.findings().isEmpty()) {
      return Outcome.refused(reader.findings());
    }
    List<Piece> pieces = new DropShoulderPieces(m).all();
    return Outcome.of(
        new Construct(
            pieces,
            new DropShoulderSeams(m).all(),
            openings(pieces, m.cardigan()),
            placements(m),
            consequences(m),
            asked(reader.assumed(), m.cardigan()),
            DropShoulderHandles.of(m),
            levers(m),
            List.of(new Stop("armholeRows", "Armhole depth", "armhole", m.gauge().rowHeightMm()))));
  }

  @Override
  public Optional<Map<String, Integer>> dragged(Answers answers, String handle, int steps) {
    return DropShoulderHandles.dragged(DropShoulderMeasures.read(new AnswerReader(answers, questions())), handle, steps);
  }

  private static List<Lever> levers(DropShoulderMeasures m) {
    double w = m.gauge().stitchWidthMm();
    double h = m.gauge().rowHeightMm();
    List<Lever> levers = new ArrayList<>();
    for (String seam : List.of("armhole.left", "armhole.right")) {
      levers.add(new Lever(seam, Side.B, "armholeRows", "Rows of the armhole", 2 * h, true));
      levers.add(new Lever(seam, Side.A, "sleeveTopStitches", "Stitches at the sleeve top", w, false));
    }
    return levers;
  }

  private Map<String, String> asked(Map<String, String> assumed, boolean cardigan) {
    String kind = cardigan ? DropShoulderQuestions.CARDIGAN : DropShoulderQuestions.PULLOVER;
    List<String> forKind =
        questions().stream()
            .filter(question -> question.only().isEmpty() || question.only().contains(kind))
            .map(Question::key)
            .toList();
    Map<String, String> asked = new LinkedHashMap<>(assumed);
    asked.keySet().retainAll(forKind);
    return asked;
  }

  private static List<ExpectedOpening> openings(List<Piece> pieces, boolean cardigan) {
    List<ExpectedOpening> openings = new ArrayList<>();
    openings.add(new ExpectedOpening("cuff.left", "Left cuff", edges(pieces, "sleeve.left", "cuff")));
    openings.add(new ExpectedOpening("cuff.right", "Right cuff", edges(pieces, "sleeve.right", "cuff")));
    if (cardigan) {
      List<Span> spans = new ArrayList<>(edges(pieces, "back", "hem", "neck"));
      spans.addAll(edges(pieces, "front.left", "hem", "neck", "front"));
      spans.addAll(edges(pieces, "front.right", "hem", "neck", "front"));
      openings.add(0, new ExpectedOpening("front", "Fronts, neck and hem", spans));
    } else {
      List<Span> neck = new ArrayList<>(edges(pieces, "back", "neck"));
      neck.addAll(edges(pieces, "front", "neck"));
      List<Span> hem = new ArrayList<>(edges(pieces, "back", "hem"));
      hem.addAll(edges(pieces, "front", "hem"));
      openings.add(0, new ExpectedOpening("neck", "Neck", neck));
      openings.add(1, new ExpectedOpening("hem", "Hem", hem));
    }
    return openings;
  }

  private static List<Span> edges(List<Piece> pieces, String pieceId, String... edgeIds) {
    Piece piece = pieces.stream().filter(p -> p.id().equals(pieceId)).findFirst().orElseThrow();
    List<Span> spans = new ArrayList<>();
    for (String edgeId : edgeIds) {
      Optional<Edge> edge = piece.edge(edgeId);
      edge.map(Edge::runs).ifPresent(runs -> spans.add(whole(pieceId, edgeId, runs)));
    }
    return spans;
  }

  private static Span whole(String piece, String edge, List<Run> runs) {
    return Span.ofRuns(piece, edge, runs.get(0).id(), runs.get(runs.size() - 1).id(), FORWARD);
  }

  /** Opened flat round the shoulder line, right sides up, fronts towards the maker. */
  private static List<Placement> placements(DropShoulderMeasures m) {
    double w = m.gauge().stitchWidthMm();
    double half = m.back() * w / 2;
    double height = m.bodyHeightMm();
    double gap = SHOULDER_GAP_MM / 2;
    double sleeve = m.sleeveHeightMm();
    double middle = m.cuff() * w / 2;
    List<Placement> placements = new ArrayList<>();
    placements.add(new Placement("back", 2, half, height + gap));
    if (m.cardigan()) {
      placements.add(new Placement("front.left", 0, half - m.front() * w, -height - gap));
      placements.add(new Placement("front.right", 0, m.front() * w - half, -height - gap));
    } else {
      placements.add(new Placement("front", 0, -half, -height - gap));
    }
    placements.add(new Placement("sleeve.left", 1, half + SLEEVE_GAP_MM + sleeve, -middle));
    placements.add(new Placement("sleeve.right", 3, -half - SLEEVE_GAP_MM - sleeve, -middle));
    return placements;
  }

  private static List<Consequence> consequences(DropShoulderMeasures m) {
    double w = m.gauge().stitchWidthMm();
    double h = m.gauge().rowHeightMm();
    double armhole = 2 * m.armholeRows() * h;
    double top = m.sleeveTop() * w;
    double ease = Math.abs(top - armhole) / Math.max(top, armhole);
    List<Consequence> all = new ArrayList<>();
    all.add(told("gaugeRows", "One stitch is {w} wide, one row {h} high.", Fact.fine("w", w), Fact.fine("h", h)));
    all.add(told("backStitches", "{n} stitches, {width} wide" + (m.chainCounts() ? ", turning chain counted." : "."), Fact.count("n", m.back()), Fact.length("width", m.back() * w)));
    if (m.cardigan()) {
      double apart = (m.back() - 2 * m.front()) * w;
      all.add(told("frontStitches", "{n} stitches, {width} each; the two fronts " + (apart < 0 ? "overlap by {apart}." : "lie {apart} apart."), Fact.count("n", m.front()), Fact.length("width", m.front() * w), Fact.length("apart", Math.abs(apart))));
    }
    all.add(told("bodyRows", "{length} long with its ribbing.", Fact.length("length", m.bodyHeightMm())));
    all.add(told("armholeRows", "{depth} deep, {round} from underarm to underarm; the side seam is {side}.", Fact.length("depth", m.armholeRows() * h), Fact.length("round", armhole), Fact.length("side", m.bodyHeightMm() - m.armholeRows() * h)));
    all.add(told("shoulderStitches", "{width} each; {n} stitches, {neck}, are left for the back neck.", Fact.length("width", m.shoulder() * w), Fact.count("n", m.backNeck()), Fact.length("neck", m.backNeck() * w)));
    all.add(told("neckRows", "{depth} deep.", Fact.length("depth", m.neckRows() * h)));
    all.add(told("sleeveTopStitches", "{n} stitches, {length}, on an armhole of {armhole}: " + (top > armhole ? "{ease} longer." : top < armhole ? "{ease} shorter." : "equal."), Fact.count("n", m.sleeveTop()), Fact.length("length", top), Fact.length("armhole", armhole), Fact.share("ease", ease)));
    all.add(told("cuffStitches", "{n} stitches, {length} round.", Fact.count("n", m.cuff()), Fact.length("length", m.cuff() * w)));
    all.add(told("sleeveRows", "{length} long with its ribbing; centre back to wrist {reach}.", Fact.length("length", m.sleeveHeightMm()), Fact.length("reach", m.back() * w / 2 + m.sleeveHeightMm())));
    return all;
  }

  private static Consequence told(String answer, String template, Fact... facts) {
    return new Consequence(answer, template, List.of(facts));
  }
}
