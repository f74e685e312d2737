package ruxel.core.sheet;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import ruxel.core.identity.SeamId;
import ruxel.core.match.PlaceNames;
import ruxel.core.measure.Terms;
import ruxel.core.measure.Wording;
import ruxel.core.method.HowTo;
import ruxel.core.method.Method;
import ruxel.core.plan.FindingView;
import ruxel.core.plan.GarmentPlan;
import ruxel.core.plan.OrderPlan;
import ruxel.core.plan.PiecePlan;
import ruxel.core.plan.SeamPlan;
import ruxel.core.plan.StripPlan;

/**
 * The assembly sheet: everything a maker needs on paper, in words, with boxes to tick (handbook 17). Whoever
 * prints it, on screen or as PDF, only lays these words out.
 */
public record AssemblySheet(
    String title, String about, List<PieceRow> pieces, List<LineBlock> boards, List<StepBlock> steps, List<LineBlock> edgings, List<String> ends, List<String> openings, List<String> look, List<String> care) {
  public AssemblySheet {
    pieces = List.copyOf(pieces);
    boards = List.copyOf(boards);
    steps = List.copyOf(steps);
    edgings = List.copyOf(edgings);
    ends = List.copyOf(ends);
    openings = List.copyOf(openings);
    look = List.copyOf(look);
    care = List.copyOf(care);
  }

  /** A piece to tick off, with the counts of its edges. */
  public record PieceRow(String name, List<String> edges) {}

  /** A board to join, or an edging to work: how, and its lines to tick off. */
  public record LineBlock(String title, String words, List<String> lines) {
    public LineBlock {
      lines = List.copyOf(lines);
    }
  }

  /** A seam to tick off: how it is joined, where each stitch goes, and its markers; {@code shown}: how it is worked is told in full here. */
  public record StepBlock(
      int number,
      SeamId seam,
      String title,
      String counts,
      String direction,
      String method,
      String yarn,
      String ease,
      List<Rhythm> rhythms,
      List<MarkerLine> markers,
      List<String> first,
      String how,
      boolean shown,
      List<String> closing) {
    public boolean hasMarkers() {
      return !markers.isEmpty();
    }
  }

  /** One stretch between two anchors. */
  public record Rhythm(String heading, String words) {}

  /** A marker to tick off: its place on both sides. */
  public record MarkerLine(int number, String name, String placeA, String placeB) {
    /** "3, shoulder seam". */
    public String title() {
      return name.isEmpty() ? Integer.toString(number) : number + ", " + name;
    }
  }

  public static AssemblySheet of(GarmentPlan plan) {
    Wording wording = new Wording(plan.unit(), plan.terms(), plan.hand());
    return new AssemblySheet(
        plan.name(),
        about(plan),
        plan.pieces().stream().map(piece -> piece(piece, wording)).toList(),
        plan.order().steps().stream().filter(step -> step.kind() == OrderPlan.Kind.BOARD).map(step -> new LineBlock(step.title(), step.words(), step.todo())).toList(),
        plan.steps().stream().map(step -> step(plan, step, wording)).toList(),
        plan.strips().stream().map(strip -> edging(strip, wording)).toList(),
        plan.order().tails().stream().map(OrderPlan.Tail::words).toList(),
        plan.gluing().openings().stream().map(o -> "%s: %s".formatted(o.name(), wording.length(o.lengthMm()))).toList(),
        plan.findings().stream().map(FindingView::printed).toList(),
        plan.wearing().care());
  }

  private static String about(GarmentPlan plan) {
    return "%s, %s. %s terms, %s-handed. Right sides are marked before anything is joined."
        .formatted(
            Wording.counted(plan.pieces().size(), "pieces"), Wording.counted(plan.steps().size(), "seams"), plan.terms() == Terms.US ? "US" : "UK",
            plan.hand() == Wording.Hand.RIGHT ? "right" : "left");
  }

  /** As the hands meet it: the first round segment by segment, the others as a whole, or the rows of a band; then what is worked on it. */
  private static LineBlock edging(StripPlan strip, Wording wording) {
    List<String> lines = new ArrayList<>();
    strip.band().ifPresent(
        band -> {
          lines.add(band.words());
          band.quarters().forEach(quarter -> lines.add("Row %d meets %s.".formatted(quarter.row(), quarter.words())));
        });
    for (StripPlan.RoundPlan round : strip.rounds().stream().map(StripPlan.RoundPlan::asMet).toList()) {
      lines.add(round.words() + " " + round.hold().words());
      for (int i = 0; round.number() == 1 && i < round.segments().size(); i++) {
        int segment = i;
        String corners = round.corners().stream().filter(corner -> corner.behind() == segment).map(corner -> " " + corner.words()).collect(Collectors.joining());
        lines.add(round.segments().get(i).words() + corners);
      }
    }
    strip.trims().forEach(trim -> lines.add(trim.words()));
    String words = "%s, %s high, %s of yarn. %s".formatted(strip.opening(), wording.length(strip.heightMm()), wording.yarn(strip.yarnMm()), String.join(" ", strip.effects()));
    return new LineBlock(strip.called(), words, lines);
  }

  private static PieceRow piece(PiecePlan piece, Wording wording) {
    List<String> edges = new ArrayList<>();
    for (PiecePlan.EdgePlan edge : piece.edges()) {
      String counts =
          edge.runs().stream().map(run -> PlaceNames.counted(run.count(), run.kind())).collect(Collectors.joining(" + "));
      edges.add("%s: %s, %s%s".formatted(edge.name(), counts, wording.length(edge.lengthMm()), told(edge, wording)));
    }
    return new PieceRow(piece.name(), List.copyOf(edges));
  }

  /** What the maker has told of an edge besides its counts. */
  private static String told(PiecePlan.EdgePlan edge, Wording wording) {
    StringBuilder told = new StringBuilder();
    edge.edging().ifPresent(
        rows ->
            told.append("; %d %s of edging, each %s high, worked before it is joined".formatted(rows.rows(), rows.rows() == 1 ? "row" : "rows", wording.fine(rows.rowMm()))));
    edge.corner().ifPresent(corner -> told.append("; corner behind it: ").append(corner.words()));
    for (PiecePlan.LandmarkPlan mark : edge.landmarks()) {
      mark.marker().ifPresent(
          marker -> told.append("; %s \u201c%s\u201d after %d %s".formatted(marker.title(), mark.name(), mark.at(), marker.words())));
    }
    return told.toString();
  }

  private static StepBlock step(GarmentPlan plan, GarmentPlan.StepPlan step, Wording wording) {
    SeamPlan seam = seam(plan, step);
    Optional<Method> method = seam.method().flatMap(Method::of);
    Optional<GarmentPlan.StepPlan> workedBefore = workedBefore(plan, step, seam);
    return new StepBlock(
        step.number(), seam.id(), step.title(), "%s on %s: %s, %s".formatted(seam.a().name(), Wording.low(seam.b().name()), seam.counts(), Wording.counted(seam.joints(), "joints")),
        seam.hold().map(hold -> hold.words() + " ").orElse("") + step.direction(),
        method.map(m -> "%s, %s".formatted(m.title(wording), m.held())).orElse("Joining method still to be chosen"),
        plan.yarn().seams().stream().filter(s -> s.seam().equals(seam.id())).findFirst().map(s -> Wording.uncapital(s.words())).orElse(""),
        seam.ease().map(SeamPlan.EaseView::words).orElse("This seam cannot be planned yet."),
        seam.intervals().stream().map(i -> new Rhythm(i.heading(), i.words())).toList(),
        seam.checkpoints().stream()
            .filter(c -> c.joint() > 0)
            .map(c -> new MarkerLine(c.number(), c.name(), c.nameA(), c.nameB()))
            .toList(),
        step.first(),
        workedBefore.map(other -> "Worked as step %d.".formatted(other.number())).orElseGet(() -> how(seam)),
        workedBefore.isEmpty() && seam.howTo().isPresent(),
        step.closing().stream().map(GarmentPlan.Closing::words).toList());
  }

  /** The first step that is worked just so, if there is one before this. */
  private static Optional<GarmentPlan.StepPlan> workedBefore(GarmentPlan plan, GarmentPlan.StepPlan step, SeamPlan seam) {
    return plan.steps().stream()
        .filter(other -> other.number() < step.number() && seam.howTo().isPresent() && seam(plan, other).howTo().equals(seam.howTo()))
        .findFirst();
  }

  private static String how(SeamPlan seam) {
    return seam.howTo().map(how -> how.lines().stream().map(HowTo.Line::words).collect(Collectors.joining(" "))).orElse("");
  }

  private static SeamPlan seam(GarmentPlan plan, GarmentPlan.StepPlan step) {
    return plan.seams().stream().filter(seam -> seam.id().equals(step.seam())).findFirst().orElseThrow();
  }
}
