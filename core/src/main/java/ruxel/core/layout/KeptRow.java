package ruxel.core.layout;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import ruxel.core.decision.EdgingRows;
import ruxel.core.decision.Settings;
import ruxel.core.measure.Wording.Hand;
import ruxel.core.method.Method;
import ruxel.core.piece.Edge;
import ruxel.core.piece.Piece;
import ruxel.core.piece.StraightOn;
import ruxel.core.seam.Join;
import ruxel.core.seam.ResolvedSeam;
import ruxel.core.seam.ResolvedSpan;

/**
 * Rows that go straight on over one edge of a piece or several, and what is joined while the last of them is worked: right side up from
 * right to left, with the ring of the piece; against it from a left hand.
 *
 * @param edges their numbers on the piece, in ring order
 * @param parts in the order of the row
 */
public record KeptRow(Piece piece, List<Integer> edges, EdgingRows told, List<Part> parts) {
  public KeptRow {
    edges = List.copyOf(edges);
    parts = List.copyOf(parts);
  }

  /** Stitches over an edge that join a seam; plain ones where it is empty. */
  public record Part(Optional<ResolvedSeam> seam, Edge edge, int stitches) {}

  /** All of some pieces. Linear in the units of their edges, for each seam. */
  public static List<KeptRow> all(List<Piece> pieces, List<ResolvedSeam> seams, Settings settings, Hand hand) {
    List<EdgingRows> told = settings.of(EdgingRows.class);
    return told.isEmpty() ? List.of() : pieces.stream().flatMap(piece -> new Gathering(piece, told, seams, hand).rows().stream()).toList();
  }

  /** The seams that each of some rows joins, in its order. */
  public static List<List<Join>> joins(List<KeptRow> rows) {
    return rows.stream().map(KeptRow::seams).filter(seams -> !seams.isEmpty()).toList();
  }

  /** The side of a seam that is joined while it is worked; none where the seam is joined in another way. */
  public static Stream<ResolvedSpan> row(ResolvedSeam seam) {
    boolean joins = seam.seam().method().flatMap(Method::of).filter(Method::joinsAsWorked).isPresent();
    return Stream.of(seam.a(), seam.b()).filter(side -> joins && ResolvedSpan.areLive(side)).limit(1).flatMap(List::stream);
  }

  private List<Join> seams() {
    return parts.stream().flatMap(part -> part.seam().stream()).map(ResolvedSeam::join).toList();
  }

  private record Gathering(Piece piece, List<EdgingRows> told, List<ResolvedSeam> seams, Hand hand) {
    /** Edges one behind the other, from one that rows do not come onto from the edge before it. */
    List<KeptRow> rows() {
      List<KeptRow> rows = new ArrayList<>();
      Set<Integer> done = new HashSet<>();
      int count = piece.edges().size();
      for (int first : IntStream.range(0, count).boxed().sorted(Comparator.comparing(this::isReached)).toList()) {
        Optional<EdgingRows> laid = laid(first);
        if (laid.isPresent() && done.add(first)) {
          List<Integer> chain = new ArrayList<>(List.of(first));
          for (int next = (first + 1) % count; isReached(next) && done.add(next); next = (next + 1) % count) {
            chain.add(next);
          }
          rows.add(new KeptRow(piece, chain, laid.get(), parts(chain)));
        }
      }
      return rows;
    }

    /** Whether the rows of an edge come straight on from the edge before it. */
    private boolean isReached(int index) {
      int before = Math.floorMod(index - 1, piece.edges().size());
      Optional<EdgingRows> there = laid(index);
      return there.isPresent() && laid(before).filter(there.get()::isLike).isPresent() && StraightOn.from(piece.edges().get(before), piece.edges().get(index));
    }

    /** Rows that lie on an edge: its runs are theirs. */
    private Optional<EdgingRows> laid(int index) {
      Edge edge = piece.edges().get(index);
      boolean isOver = edge.runs().stream().anyMatch(run -> run.origin().isOver());
      return told.stream().filter(rows -> isOver && rows.piece().equals(piece.id()) && rows.edge().equals(edge.id())).findFirst();
    }

    private List<Part> parts(List<Integer> chain) {
      List<Integer> order = new ArrayList<>(chain);
      if (hand == Hand.LEFT) {
        Collections.reverse(order);
      }
      return order.stream().flatMap(index -> parts(index).stream()).toList();
    }

    private List<Part> parts(int index) {
      Edge edge = piece.edges().get(index);
      List<Optional<ResolvedSeam>> units = new ArrayList<>();
      for (int unit = 0; unit < edge.units(); unit++) {
        int at = unit;
        if (edge.runOfUnit(unit).origin().isOver()) {
          units.add(seams.stream().filter(seam -> KeptRow.row(seam).anyMatch(span -> span.piece().id().equals(piece.id()) && span.edgeIndex() == index && span.from() <= at && at < span.to())).findFirst());
        }
      }
      if (hand == Hand.LEFT) {
        Collections.reverse(units);
      }
      List<Part> parts = new ArrayList<>();
      for (int from = 0; from < units.size(); ) {
        int to = from;
        while (to < units.size() && units.get(to).equals(units.get(from))) {
          to++;
        }
        parts.add(new Part(units.get(from), edge, to - from));
        from = to;
      }
      return parts;
    }
  }
}
