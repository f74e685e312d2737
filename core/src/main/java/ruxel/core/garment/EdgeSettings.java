package ruxel.core.garment;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import ruxel.core.piece.Fabric;
import ruxel.core.piece.Landmark;
import ruxel.core.piece.UnitKind;

/** What the maker has told of single edges (model 5): runs in parts, measured lengths, landmarks. */
public record EdgeSettings(List<ToldRun> told, List<MeasuredEdge> measured, List<MarkedEdge> marks) {
  public static final EdgeSettings NONE = new EdgeSettings(List.of(), List.of(), List.of());

  /** A run of the recipe told as parts, one after the other in ring order. */
  public record ToldRun(String piece, String edge, String run, List<Part> parts) {
    public static final int MOST_PARTS = 32;

    public ToldRun {
      parts = List.copyOf(parts);
    }

    /** The id of a part's run, counted from 1; the recipe's own id is free again when the parts are taken back. */
    public String runId(int part) {
      return run + "~" + part;
    }

    boolean sameTarget(ToldRun other) {
      return piece.equals(other.piece) && edge.equals(other.edge) && run.equals(other.run);
    }
  }

  /** Like units: {@code widthMm} of one along the edge; empty keeps what the recipe's run has. */
  public record Part(
      UnitKind kind, int count, Optional<Double> widthMm, Fabric fabric, boolean noEase, String label, int chains, int heldBack) {
    public static final int MOST_HELD_BACK = 200;
    public static final double NARROWEST_MM = 0.5;
    public static final double WIDEST_MM = 300;
  }

  /** The length of an edge as measured. */
  public record MeasuredEdge(String piece, String edge, double mm) {
    boolean sameEdge(String otherPiece, String otherEdge) {
      return piece.equals(otherPiece) && edge.equals(otherEdge);
    }
  }

  /** A landmark put on an edge. */
  public record MarkedEdge(String piece, String edge, Landmark landmark) {
    boolean sameTarget(String otherPiece, String otherEdge, String landmarkId) {
      return piece.equals(otherPiece) && edge.equals(otherEdge) && landmark.id().equals(landmarkId);
    }
  }

  public EdgeSettings {
    told = List.copyOf(told);
    measured = List.copyOf(measured);
    marks = List.copyOf(marks);
  }

  /** No parts takes the recipe's run back. */
  EdgeSettings withTold(ToldRun run) {
    List<ToldRun> changed = without(told, run::sameTarget);
    if (!run.parts().isEmpty()) {
      changed.add(run);
    }
    return new EdgeSettings(changed, measured, marks);
  }

  EdgeSettings withMeasured(String piece, String edge, Optional<Double> mm) {
    List<MeasuredEdge> changed = without(measured, other -> other.sameEdge(piece, edge));
    mm.ifPresent(length -> changed.add(new MeasuredEdge(piece, edge, length)));
    return new EdgeSettings(told, changed, marks);
  }

  EdgeSettings withMark(MarkedEdge mark) {
    List<MarkedEdge> changed = without(marks, other -> other.sameTarget(mark.piece(), mark.edge(), mark.landmark().id()));
    changed.add(mark);
    return new EdgeSettings(told, measured, changed);
  }

  EdgeSettings withoutMark(String piece, String edge, String landmarkId) {
    return new EdgeSettings(told, measured, without(marks, other -> other.sameTarget(piece, edge, landmarkId)));
  }

  EdgeSettings without(EdgeSettings gone) {
    return new EdgeSettings(
        without(told, gone.told::contains), without(measured, gone.measured::contains), without(marks, gone.marks::contains));
  }

  boolean isEmpty() {
    return told.isEmpty() && measured.isEmpty() && marks.isEmpty();
  }

  static <T> List<T> without(List<T> list, Predicate<T> unwanted) {
    return new ArrayList<>(list.stream().filter(unwanted.negate()).toList());
  }
}
