package ruxel.core.plan;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.IntStream;
import ruxel.core.construction.ExpectedOpening;
import ruxel.core.glue.Gluing;
import ruxel.core.glue.Segment;
import ruxel.core.identity.PieceId;
import ruxel.core.piece.Edge;
import ruxel.core.seam.Span;

/** What openings are called: by the expected openings they are part of, else by their pieces and edges. */
final class OpeningNames {
  private final Gluing gluing;
  private final List<ExpectedOpening> expected;
  /** The numbers of the expected openings that each segment is part of. */
  private final List<BitSet> bySegment = new ArrayList<>();

  OpeningNames(Gluing gluing, List<ExpectedOpening> expected) {
    this.gluing = gluing;
    this.expected = expected;
    for (Segment segment : gluing.segments()) {
      BitSet of = new BitSet();
      IntStream.range(0, expected.size()).filter(opening -> lies(segment, expected.get(opening))).forEach(of::set);
      bySegment.add(of);
    }
  }

  boolean isOf(int segment, ExpectedOpening opening) {
    return bySegment.get(segment).get(expected.indexOf(opening));
  }

  private boolean lies(Segment segment, ExpectedOpening opening) {
    Edge edge = gluing.edgeOf(segment);
    PieceId piece = gluing.faces().get(segment.face()).id();
    for (Span span : opening.spans()) {
      if (span.piece().equals(piece) && span.edge().equals(edge.id())) {
        int from = span.fromInclusive().on(edge).orElse(0);
        int to = span.toExclusive().on(edge).orElse(0);
        if (segment.fromHalf() < 2 * to && segment.toHalf() > 2 * from) {
          return true;
        }
      }
    }
    return false;
  }

  /** The numbers of the expected openings that a loop is part of. */
  BitSet expectedOf(List<Integer> loop) {
    BitSet of = new BitSet();
    loop.forEach(segment -> of.or(bySegment.get(segment)));
    return of;
  }

  String of(List<Integer> loop) {
    Set<String> names = new LinkedHashSet<>();
    expectedOf(loop).stream().forEach(opening -> names.add(expected.get(opening).name()));
    if (names.isEmpty()) {
      Map<String, Set<String>> edges = new LinkedHashMap<>();
      Segment last = null;
      for (int index : loop) {
        Segment segment = gluing.segment(index);
        if (last == null || segment.face() != last.face() || segment.edge() != last.edge()) {
          edges.computeIfAbsent(gluing.faces().get(segment.face()).name(), key -> new LinkedHashSet<>()).add(gluing.edgeOf(segment).name());
        }
        last = segment;
      }
      edges.forEach((piece, list) -> names.add(piece + ": " + String.join(", ", list)));
    }
    return String.join(", ", names);
  }
}
