package ruxel.core.strip;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import ruxel.core.finding.Fact;
import ruxel.core.finding.Finding;
import ruxel.core.finding.FindingCode;
import ruxel.core.finding.Outcome;
import ruxel.core.finding.Where;
import ruxel.core.glue.Gluing;
import ruxel.core.glue.Openings;
import ruxel.core.glue.Openings.Travelled;
import ruxel.core.glue.Segment;
import ruxel.core.piece.Edge;
import ruxel.core.piece.Outline;
import ruxel.core.piece.Piece;
import ruxel.core.piece.Run;
import ruxel.core.seam.Anchor.Spot;
import ruxel.core.seam.Join;

/** Unrolls the edge a strip is worked onto: the way round an opening once all is joined, or a part of it. Linear in the runs it passes. */
final class Unrolling {
  private static final double STRAIGHT = 180;
  /** About how far an angle may be off and still count as straight (house default, model 4). */
  private static final double SLACK = 20;
  private static final double SAME_MM = 1e-9;

  private final List<Piece> pieces;
  private final Gluing gluing;

  /**
   * @param pieces the faces of the gluing
   */
  Unrolling(List<Piece> pieces, Gluing gluing) {
    this.pieces = pieces;
    this.gluing = gluing;
  }

  /** Units of an edge that lie side by side, alike, and what stands behind them. */
  private record Atom(Stretch stretch, Junction behind) {}

  /** A spot on the gluing: the free segment that it begins, or ends, and where on its edge, in units. */
  private record Found(Segment segment, int unit) {}

  Outcome<Line> of(Strip strip) {
    return found(strip, strip.from(), true).then(from -> strip.to().isEmpty() ? Outcome.of(round(from)) : part(strip, from, strip.to().get()));
  }

  private Outcome<Found> found(Strip strip, Spot spot, boolean begins) {
    Optional<Piece> piece = pieces.stream().filter(each -> each.id().equals(spot.piece())).findFirst();
    Optional<Edge> edge = piece.flatMap(each -> each.edge(spot.edge()));
    OptionalInt cut = edge.map(each -> spot.cut().on(each)).orElse(OptionalInt.empty());
    Where where = Where.edge(spot.piece(), spot.edge()).ofStrip(strip.id());
    if (cut.isEmpty()) {
      return Outcome.refused(Finding.of(FindingCode.STRIP_GONE, where, Fact.text("strip", strip.name())));
    }
    int at = cut.getAsInt();
    // The unit that begins at the cut, or that ends there.
    int unit = begins ? Math.min(at, edge.get().units() - 1) : Math.max(0, at - 1);
    Segment segment = gluing.at(gluing.faceNumber(spot.piece()), piece.get().edges().indexOf(edge.get()), 2 * unit);
    if (!segment.isFree()) {
      return Outcome.refused(
          Finding.of(FindingCode.STRIP_TAKEN, where, Fact.text("strip", strip.name()), Fact.text("edge", edge.get().name()), Fact.text("piece", piece.get().name())));
    }
    return Outcome.of(new Found(segment, at));
  }

  private Line round(Found from) {
    List<Atom> atoms = new ArrayList<>();
    List<Travelled> way = Openings.round(gluing, from.segment().index());
    for (int i = 0; i < way.size(); i++) {
      Segment segment = gluing.segment(way.get(i).segment());
      atoms.addAll(atoms(way, i, segment.fromHalf() / 2, segment.toHalf() / 2));
    }
    int first = 0;
    for (int i = 0; i < atoms.size() && goesOn(atoms.get(atoms.size() - 1 - i), atoms.get((atoms.size() - i) % atoms.size())); i++) {
      first = i + 1;
    }
    Collections.rotate(atoms, first % atoms.size());
    return merged(atoms, true);
  }

  private Outcome<Line> part(Strip strip, Found from, Spot end) {
    return found(strip, end, false).then(to -> part(strip, from, to));
  }

  private Outcome<Line> part(Strip strip, Found from, Found to) {
    Where where = Where.edge(strip.from().piece(), strip.from().edge()).ofStrip(strip.id());
    Optional<List<Atom>> atoms = between(from, to);
    if (atoms.isEmpty()) {
      return Outcome.refused(Finding.of(FindingCode.STRIP_APART, where, Fact.text("strip", strip.name())));
    }
    return atoms.get().isEmpty() ? Outcome.refused(Finding.of(FindingCode.STRIP_EMPTY, where, Fact.text("strip", strip.name()))) : Outcome.of(merged(atoms.get(), false));
  }

  /** What lies on the way from a spot to another; empty where it never comes there. */
  private Optional<List<Atom>> between(Found from, Found to) {
    List<Travelled> way = Openings.round(gluing, from.segment().index());
    boolean isSame = from.segment().equals(to.segment());
    if (isSame && to.unit() > from.unit()) {
      return Optional.of(atoms(way, 0, from.unit(), to.unit()));
    }
    List<Atom> atoms = new ArrayList<>(atoms(way, 0, from.unit(), from.segment().toHalf() / 2));
    for (int i = 1; i < way.size(); i++) {
      Segment segment = gluing.segment(way.get(i).segment());
      boolean isLast = segment.equals(to.segment());
      boolean ring = way.get(i).withRing();
      atoms.addAll(atoms(way, i, isLast && !ring ? to.unit() : segment.fromHalf() / 2, isLast && ring ? to.unit() : segment.toHalf() / 2));
      if (isLast) {
        return Optional.of(atoms);
      }
    }
    if (isSame && to.unit() > from.segment().fromHalf() / 2) {
      atoms.addAll(atoms(way, 0, from.segment().fromHalf() / 2, to.unit()));
      return Optional.of(atoms);
    }
    return Optional.empty();
  }

  /** Units of a segment, parted where another run, another square or a corner inside the edge begins; in the order of travel. */
  private List<Atom> atoms(List<Travelled> way, int index, int from, int to) {
    Travelled travelled = way.get(index);
    Segment segment = gluing.segment(travelled.segment());
    Piece piece = pieces.get(segment.face());
    Edge edge = piece.edges().get(segment.edge());
    List<Atom> atoms = new ArrayList<>();
    boolean ring = travelled.withRing();
    int start = 0;
    for (Run run : edge.runs()) {
      int one = Math.max(from, start);
      int other = Math.min(to, start + run.count());
      if (one < other) {
        double unitMm = run.advance().lengthMm() * run.finishedCount() / run.count() * edge.measuredScale();
        Stretch stretch = new Stretch(piece.id(), edge.id(), segment.edge(), one, other, ring, run.kind(), unitMm, 0, heldBack(run, other - start) - heldBack(run, one - start));
        boolean isLast = ring ? other == to : one == from;
        atoms.add(ring ? atoms.size() : 0, new Atom(stretch, isLast ? behind(travelled, way.get((index + 1) % way.size()), piece, stretch) : inside(piece, segment.edge(), ring ? other : one)));
      }
      start += run.count();
    }
    return atoms;
  }

  /** Of the rows held back on a run, their share over its first units. */
  private static int heldBack(Run run, int units) {
    return Math.round((float) run.notes().heldBack() * units / run.count());
  }

  private static Junction inside(Piece piece, int edgeIndex, int cut) {
    boolean isSquare = piece.isBetweenSquares(piece.edges().get(edgeIndex), cut);
    int corners = piece.cornerAt(edgeIndex, cut, true).isPresent() ? 1 : 0;
    return new Junction(corners, isSquare, corners, STRAIGHT - piece.shape().angleAt(edgeIndex, 2 * cut), List.of());
  }

  /** What stands at the end of a segment; a strip that stops inside it meets nothing. */
  private Junction behind(Travelled travelled, Travelled next, Piece piece, Stretch stretch) {
    Segment segment = gluing.segment(travelled.segment());
    boolean isEnd = stretch.withRing() ? 2 * stretch.to() == segment.toHalf() : 2 * stretch.from() == segment.fromHalf();
    if (!isEnd) {
      return Junction.NONE;
    }
    boolean other = !travelled.crossed().isEmpty();
    // Where a strip ends, or its round closes, there is no seam.
    boolean seam = travelled.crossed().stream().anyMatch(join -> join instanceof Join.OfSeam || join instanceof Join.OfLine);
    int before = piece.cornerAt(segment.edge(), stretch.withRing() ? stretch.to() : stretch.from(), !stretch.withRing()).isPresent() ? 1 : 0;
    return new Junction(before, seam, other ? cornerAtStart(next) : 0, STRAIGHT - travelled.angle(), travelled.crossed());
  }

  private int cornerAtStart(Travelled next) {
    Segment segment = gluing.segment(next.segment());
    int cut = (next.withRing() ? segment.fromHalf() : segment.toHalf()) / 2;
    return pieces.get(segment.face()).cornerAt(segment.edge(), cut, next.withRing()).isPresent() ? 1 : 0;
  }

  /** Whether one stretch goes on in another, as if no border were between them. */
  private static boolean goesOn(Atom one, Atom next) {
    Stretch a = one.stretch();
    Stretch b = next.stretch();
    boolean isBeside = a.withRing() ? a.to() == b.from() : a.from() == b.to();
    return one.behind().places() == 0 && Math.abs(one.behind().turn()) <= SLACK && a.piece().equals(b.piece()) && a.edge().equals(b.edge()) && a.withRing() == b.withRing() && isBeside && a.kind() == b.kind() && Math.abs(a.unitMm() - b.unitMm()) < SAME_MM;
  }

  private static Line merged(List<Atom> atoms, boolean round) {
    List<Stretch> stretches = new ArrayList<>();
    List<Junction> junctions = new ArrayList<>();
    for (int i = 0; i < atoms.size(); i++) {
      Atom atom = atoms.get(i);
      boolean onlySlight = Math.abs(atom.behind().turn()) <= SLACK;
      Stretch here = bent(atom.stretch(), onlySlight ? atom.behind().turn() : 0);
      if (i > 0 && goesOn(atoms.get(i - 1), atom)) {
        stretches.set(stretches.size() - 1, joined(stretches.get(stretches.size() - 1), here));
        junctions.remove(junctions.size() - 1);
      } else {
        stretches.add(here);
      }
      junctions.add(onlySlight ? new Junction(atom.behind().cornersBefore(), atom.behind().seam(), atom.behind().cornersBehind(), 0, atom.behind().crossed()) : atom.behind());
    }
    if (!round) {
      junctions.set(junctions.size() - 1, Junction.NONE);
    }
    return new Line(stretches, junctions, round);
  }

  private static Stretch bent(Stretch stretch, double more) {
    return new Stretch(stretch.piece(), stretch.edge(), stretch.edgeIndex(), stretch.from(), stretch.to(), stretch.withRing(), stretch.kind(), stretch.unitMm(), stretch.bend() + more, stretch.heldBack());
  }

  private static Stretch joined(Stretch one, Stretch next) {
    return new Stretch(
        one.piece(), one.edge(), one.edgeIndex(), Math.min(one.from(), next.from()), Math.max(one.to(), next.to()), one.withRing(), one.kind(), one.unitMm(), one.bend() + next.bend(), one.heldBack() + next.heldBack());
  }
}
