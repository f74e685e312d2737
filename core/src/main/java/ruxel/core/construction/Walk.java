package ruxel.core.construction;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import ruxel.core.finding.Fact;
import ruxel.core.finding.Finding;
import ruxel.core.finding.FindingCode;
import ruxel.core.finding.Where;
import ruxel.core.identity.PieceId;
import ruxel.core.measure.HouseRules;
import ruxel.core.piece.Advance;
import ruxel.core.piece.Cloth;
import ruxel.core.piece.Edge;
import ruxel.core.piece.Outline;
import ruxel.core.piece.Outline.Point;
import ruxel.core.piece.Piece;
import ruxel.core.piece.Run;
import ruxel.core.piece.UnitKind;

/**
 * A free outline (handbook 4.13) as the maker goes round it, right side up and with the piece at the left hand: edge by edge, each with
 * what it is made of and the turn that follows.
 *
 * @param heading the direction of the first edge, degrees from the right to the left
 */
public record Walk(List<Step> steps, double heading) {
  public static final int FEWEST = 3;
  public static final int MOST = 40;
  public static final double MOST_TURN = 180;
  private static final Where STEPS = Where.path("$.steps");
  private static final double EVEN = 1e9;
  private static final double ALONG = 0.02;

  /** An edge of so many units, each so wide along it, mm; then a turn in degrees, to the left where it is more than 0. */
  public record Step(String name, UnitKind kind, int count, double unitMm, double turn) {}

  public Walk {
    steps = List.copyOf(steps);
  }

  /** That sets out to the right. */
  public Walk(List<Step> steps) {
    this(steps, 0);
  }

  /** The piece that lies at the left hand; its ring may not close yet. */
  public Piece piece(PieceId id, String name, Piece.Part part, Cloth.Dye colour) {
    List<Edge> edges = new ArrayList<>();
    for (int i = 0; i < steps.size(); i++) {
      Step step = steps.get(i);
      Run run = Run.plain("e" + (i + 1), step.kind(), step.count(), advance(i));
      edges.add(Edge.of("e" + (i + 1), step.name().strip(), List.of(run)));
    }
    return new Piece(id, name, part, edges, Optional.empty(), cloth(colour));
  }

  /** All that keeps it from being a piece, each with its step; quadratic in the steps. */
  public List<Finding> findings() {
    List<Finding> findings = new ArrayList<>();
    if (steps.size() < FEWEST || steps.size() > MOST) {
      findings.add(Finding.of(FindingCode.WALK_STEPS, STEPS, Fact.count("least", FEWEST), Fact.count("most", MOST), Fact.count("count", steps.size())));
      return findings;
    }
    Set<String> names = new HashSet<>();
    for (int i = 0; i < steps.size(); i++) {
      Step step = steps.get(i);
      boolean possible =
          step.kind().isOfEdge() && step.count() >= 1 && step.count() <= Asked.MOST_STITCHES && step.unitMm() >= 0.5 && step.unitMm() <= 300 && Math.abs(step.turn()) <= MOST_TURN;
      String name = step.name().strip();
      if (!possible || name.isEmpty() || name.length() > 100 || !names.add(name)) {
        findings.add(Finding.of(FindingCode.WALK_STEP, step(i), Fact.count("number", i + 1L), Fact.count("most", Asked.MOST_STITCHES)));
      }
    }
    if (findings.isEmpty()) {
      crossing().ifPresent(findings::add);
      open().ifPresent(findings::add);
    }
    return List.copyOf(findings);
  }

  private static Where step(int index) {
    return Where.path("$.steps[%d]".formatted(index));
  }

  /** That it does not come back to where it began, and what would close it. */
  private Optional<Finding> open() {
    Outline outline = new Outline(piece(new PieceId("walk"), "walk", Piece.Part.OTHER, Cloth.Dye.WOAD));
    if (outline.closes(HouseRules.USUAL) && outline.areaMm2() > 0) {
      return Optional.empty();
    }
    if (outline.closes(HouseRules.USUAL)) {
      return Optional.of(Finding.of(FindingCode.WALK_RIGHT_HAND, STEPS));
    }
    Point end = end();
    return Optional.of(
        Finding.of(
            FindingCode.WALK_OPEN, STEPS, Fact.length("gap", Math.hypot(end.x(), end.y())), Fact.text("remedy", remedy(end))));
  }

  /** Edges that lead along the gap, longer or shorter, those told last first; else which way the gap lies. */
  private String remedy(Point end) {
    double gap = Math.hypot(end.x(), end.y());
    List<String> remedies = new ArrayList<>();
    for (int i = steps.size() - 1; i >= 0 && remedies.size() < 2; i--) {
      Point way = way(i);
      double along = -(way.x() * end.x() + way.y() * end.y());
      int units = (int) Math.round(along / steps.get(i).unitMm());
      if (Math.abs(Math.abs(along) - gap) < ALONG * gap && units != 0 && steps.get(i).count() + units >= 1) {
        remedies.add("%d %s at %s".formatted(Math.abs(units), units > 0 ? "more" : "fewer", steps.get(i).name().strip()));
      }
    }
    return !remedies.isEmpty()
        ? String.join(" or ", remedies) + " would close it"
        : "Look at the turns: it ends %s and %s of its start".formatted(side(end.x(), "right", "left"), side(end.y(), "above", "below"));
  }

  private static String side(double mm, String more, String less) {
    return "%.0f mm %s".formatted(Math.abs(mm), mm >= 0 ? more : less);
  }

  /** The first two edges that cross each other. */
  private Optional<Finding> crossing() {
    List<Point> corners = corners();
    for (int i = 0; i < steps.size(); i++) {
      for (int j = i + 2; j < steps.size(); j++) {
        boolean neighbours = i == 0 && j == steps.size() - 1;
        if (!neighbours && cross(corners.get(i), corners.get(i + 1), corners.get(j), corners.get(j + 1))) {
          return Optional.of(
              Finding.of(
                  FindingCode.WALK_CROSSES, step(j), Fact.text("first", steps.get(i).name().strip()),
                  Fact.text("second", steps.get(j).name().strip())));
        }
      }
    }
    return Optional.empty();
  }

  private static boolean cross(Point a, Point b, Point c, Point d) {
    return side(a, b, c) * side(a, b, d) < 0 && side(c, d, a) * side(c, d, b) < 0;
  }

  private static double side(Point from, Point to, Point of) {
    return (to.x() - from.x()) * (of.y() - from.y()) - (to.y() - from.y()) * (of.x() - from.x());
  }

  private List<Point> corners() {
    List<Point> corners = new ArrayList<>(List.of(new Point(0, 0)));
    for (int i = 0; i < steps.size(); i++) {
      Point last = corners.get(i);
      double mm = steps.get(i).count() * steps.get(i).unitMm();
      corners.add(new Point(last.x() + way(i).x() * mm, last.y() + way(i).y() * mm));
    }
    return corners;
  }

  private Point end() {
    return corners().get(steps.size());
  }

  /** Which way a step leads; whole quarter turns lead exactly along the axes. */
  private Point way(int index) {
    double degrees = heading + steps.subList(0, index).stream().mapToDouble(Step::turn).sum();
    double radians = Math.toRadians(degrees);
    return new Point(Math.round(Math.cos(radians) * EVEN) / EVEN, Math.round(Math.sin(radians) * EVEN) / EVEN);
  }

  /** From one unit of a step to the next. */
  Advance advance(int index) {
    return new Advance(way(index).x() * steps.get(index).unitMm(), way(index).y() * steps.get(index).unitMm());
  }

  private Cloth cloth(Cloth.Dye colour) {
    double w = steps.stream().filter(step -> !step.kind().isRowEnd()).mapToDouble(Step::unitMm).findFirst().orElse(7);
    double h = steps.stream().filter(step -> step.kind().isRowEnd()).mapToDouble(Step::unitMm).findFirst().orElse(10);
    return new Cloth(w, h, h, colour, colour);
  }
}
