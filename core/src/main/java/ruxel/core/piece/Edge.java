package ruxel.core.piece;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;

/**
 * A named side of a piece: runs in counter-clockwise order seen from the right side. Its units are
 * numbered from 0; cut k is the border before unit k (model 1).
 */
public record Edge(String id, String name, List<Run> runs, Optional<Double> measuredMm, List<Landmark> landmarks) {
  public Edge {
    runs = List.copyOf(runs);
    landmarks = List.copyOf(landmarks);
    if (runs.isEmpty()) {
      throw new IllegalArgumentException("Expected at least one run on edge " + id);
    }
  }

  public static Edge of(String id, String name, List<Run> runs) {
    return new Edge(id, name, runs, Optional.empty(), List.of());
  }

  public int units() {
    return runs.stream().mapToInt(Run::count).sum();
  }

  /** Length by count and gauge. */
  public double gaugeLengthMm() {
    return runs.stream().mapToDouble(Run::lengthMm).sum();
  }

  /** The same once the rows held back are worked: what openings and edgings are reckoned from (handbook 3). */
  public double finishedLengthMm() {
    return runs.stream().mapToDouble(Run::finishedLengthMm).sum();
  }

  /** Measured ÷ gauge length; 1 when not measured. */
  public double measuredScale() {
    return measuredMm.map(measured -> measured / gaugeLengthMm()).orElse(1.0);
  }

  public Optional<Run> run(String runId) {
    return runs.stream().filter(run -> run.id().equals(runId)).findFirst();
  }

  /** The run that holds a unit. Linear in the number of runs. */
  public Run runOfUnit(int unit) {
    return runs.get(runIndexOfUnit(unit));
  }

  int runIndexOfUnit(int unit) {
    int end = 0;
    for (int i = 0; i < runs.size(); i++) {
      end += runs.get(i).count();
      if (unit < end) {
        return i;
      }
    }
    throw new IndexOutOfBoundsException("Edge %s has %d units (%d)".formatted(id, end, unit));
  }

  /** The cut before the first unit of a run. */
  public int startOfRun(String runId) {
    int start = 0;
    for (Run run : runs) {
      if (run.id().equals(runId)) {
        return start;
      }
      start += run.count();
    }
    throw new IllegalArgumentException("Edge %s has no run (%s)".formatted(id, runId));
  }

  public Edge withRuns(List<Run> changed) {
    return new Edge(id, name, changed, measuredMm, landmarks);
  }

  public Edge withMeasured(Optional<Double> mm) {
    return new Edge(id, name, runs, mm, landmarks);
  }

  public Edge withLandmarks(List<Landmark> changed) {
    return new Edge(id, name, runs, measuredMm, changed);
  }

  Edge mirrored(String mirrorId, String mirrorName) {
    List<Run> reversed = new ArrayList<>(runs.stream().map(Run::mirrored).toList());
    Collections.reverse(reversed);
    return new Edge(mirrorId, mirrorName, reversed, measuredMm, landmarks.stream().map(mark -> mark.mirrored(this)).toList());
  }
}
