package ruxel.core.glue;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import org.jgrapht.alg.util.UnionFind;
import ruxel.core.seam.Join;

/** How long work lies flat: as long as every part that hangs together has one opening, its outline. */
public final class FlatWork {
  private FlatWork() {}

  /** For each join of a sequence, whether all still lies flat while it is worked. As long as what is open takes to follow. */
  public static List<Boolean> steps(Gluing gluing, List<Join> sequence) {
    UnionFind<Integer> faces = new UnionFind<>(new LinkedHashSet<>(IntStream.range(0, gluing.faces().size()).boxed().toList()));
    Map<Join, List<Segment>> glued = new HashMap<>();
    gluing.segments().forEach(segment -> segment.join().ifPresent(join -> glued.computeIfAbsent(join, key -> new ArrayList<>()).add(segment)));
    OpenMeanwhile meanwhile = new OpenMeanwhile(gluing);
    List<Boolean> flat = new ArrayList<>();
    int touched = 0;
    boolean[] hangs = new boolean[gluing.faces().size()];
    boolean lies = true;
    for (Join join : sequence) {
      flat.add(lies);
      for (Segment segment : glued.getOrDefault(join, List.of())) {
        int other = gluing.segment(segment.twin().orElseThrow()).face();
        touched += hangs[segment.face()] ? 0 : 1;
        hangs[segment.face()] = true;
        touched += hangs[other] ? 0 : 1;
        hangs[other] = true;
        faces.union(segment.face(), other);
      }
      int parts = touched - (gluing.faces().size() - faces.numberOfSets());
      if (lies) {
        meanwhile.join(List.of(join));
        lies = meanwhile.count() <= parts;
      }
    }
    return List.copyOf(flat);
  }
}
