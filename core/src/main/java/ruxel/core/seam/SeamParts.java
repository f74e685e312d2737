package ruxel.core.seam;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import ruxel.core.identity.SeamId;
import ruxel.core.piece.Cut;
import ruxel.core.seam.Anchor.Spot;
import ruxel.core.seam.Seam.SideOf;

/** Seams parted at an anchor, or put together end to start. Linear in spans and anchors. */
public final class SeamParts {
  /** So much of a name goes into that of an anchor. */
  private static final int LONGEST = 150;

  private SeamParts() {}

  /** A place of a side: the span it lies on and half units from the start of the side. */
  private record At(int span, int half) {}

  /**
   * Both parts, the first under the old id; empty where the anchor is a place rather than a border, or lies at an end.
   *
   * @param id of the second part
   * @param name of the second part
   */
  public static Optional<List<Seam>> split(ResolvedSeam resolved, Anchor at, SeamId id, String name) {
    Seam seam = resolved.seam();
    List<ResolvedSpan> sideA = whole(resolved.a());
    List<ResolvedSpan> sideB = whole(resolved.b());
    Optional<At> a = at(sideA, at.a());
    Optional<At> b = at(sideB, at.b());
    boolean atCuts = at.a().at() == Spot.At.CUT && at.b().at() == Spot.At.CUT;
    if (!atCuts || a.isEmpty() || b.isEmpty() || isEnd(sideA, a.get()) || isEnd(sideB, b.get())) {
      return Optional.empty();
    }
    List<Anchor> before = new ArrayList<>();
    List<Anchor> after = new ArrayList<>();
    for (Anchor anchor : seam.anchors()) {
      int half = at(sideA, anchor.a()).map(At::half).orElse(0);
      if (half != a.get().half()) {
        (half < a.get().half() ? before : after).add(anchor);
      }
    }
    Seam first =
        new Seam(
            seam.id(), seam.name(), seam.role(), seam.a().with(before(sideA, a.get(), at.a())), seam.b().with(before(sideB, b.get(), at.b())), before,
            hidden(seam, before, Seam.START, at.id(), Seam.END), seam.working(), seam.method());
    Seam second =
        new Seam(
            id, name, seam.role(), seam.a().with(after(sideA, a.get(), at.a())), seam.b().with(after(sideB, b.get(), at.b())), after,
            hidden(seam, after, Seam.END, at.id(), Seam.START), seam.working(), seam.method());
    return Optional.of(List.of(first, second));
  }

  /** The hidden anchors of a part: those it keeps, the end it keeps, and the end at which it was parted. */
  private static List<String> hidden(Seam seam, List<Anchor> kept, String end, String parted, String newEnd) {
    Set<String> mine = kept.stream().map(Anchor::id).collect(Collectors.toCollection(TreeSet::new));
    mine.add(end);
    List<String> hidden = new ArrayList<>(seam.hidden().stream().filter(mine::contains).toList());
    if (seam.hidden().contains(parted)) {
      hidden.add(newEnd);
    }
    return hidden;
  }

  /** The spans as they are told: along squares each is resolved in parts. */
  private static List<ResolvedSpan> whole(List<ResolvedSpan> parts) {
    List<ResolvedSpan> whole = new ArrayList<>();
    for (ResolvedSpan part : parts) {
      int last = whole.size() - 1;
      if (last >= 0 && whole.get(last).span().equals(part.span())) {
        ResolvedSpan before = whole.remove(last);
        whole.add(new ResolvedSpan(part.span(), part.piece(), part.edgeIndex(), Math.min(before.from(), part.from()), Math.max(before.to(), part.to())));
      } else {
        whole.add(part);
      }
    }
    return whole;
  }

  private static Optional<At> at(List<ResolvedSpan> spans, Spot spot) {
    int before = 0;
    for (int i = 0; i < spans.size(); i++) {
      ResolvedSpan span = spans.get(i);
      OptionalInt cut = span.piece().id().equals(spot.piece()) && span.edge().id().equals(spot.edge()) ? spot.cut().on(span.edge()) : OptionalInt.empty();
      if (cut.isPresent() && cut.getAsInt() >= span.from() && cut.getAsInt() <= span.to()) {
        int ring = 2 * cut.getAsInt() + (spot.at() == Spot.At.UNIT ? 1 : 0);
        return Optional.of(new At(i, 2 * before + span.localHalf(ring)));
      }
      before += span.units();
    }
    return Optional.empty();
  }

  private static boolean isEnd(List<ResolvedSpan> spans, At at) {
    return at.half() == 0 || at.half() == 2 * spans.stream().mapToInt(ResolvedSpan::units).sum();
  }

  private static List<Span> before(List<ResolvedSpan> spans, At at, Spot spot) {
    List<Span> kept = new ArrayList<>(spans.subList(0, at.span()).stream().map(ResolvedSpan::span).toList());
    part(spans.get(at.span()), spot.cut(), true).ifPresent(kept::add);
    return kept;
  }

  private static List<Span> after(List<ResolvedSpan> spans, At at, Spot spot) {
    List<Span> kept = new ArrayList<>();
    part(spans.get(at.span()), spot.cut(), false).ifPresent(kept::add);
    spans.subList(at.span() + 1, spans.size()).forEach(span -> kept.add(span.span()));
    return kept;
  }

  /** What of a span lies before or after a cut, in the direction of the seam; nothing where that has no units. */
  private static Optional<Span> part(ResolvedSpan of, Cut cut, boolean before) {
    Span span = of.span();
    int index = cut.on(of.edge()).orElseThrow();
    boolean lower = before == of.forward();
    boolean isEmpty = lower ? index == of.from() : index == of.to();
    return isEmpty
        ? Optional.empty()
        : Optional.of(lower ? new Span(span.piece(), span.edge(), span.fromInclusive(), cut, span.along()) : new Span(span.piece(), span.edge(), cut, span.toExclusive(), span.along()));
  }

  /**
   * The second seam goes on where the first ends, turned and with its sides swapped as they lie best; where they meet is an anchor.
   *
   * @param all seams of the garment, which tell what lies at one corner
   */
  public static Seam joined(ResolvedSeam first, ResolvedSeam second, List<ResolvedSeam> all) {
    Seam one = first.seam();
    Seam two = fitting(first, second, new Corners(all));
    Anchor joint = new Anchor(free(one, two), "end of " + one.name().substring(0, Math.min(one.name().length(), LONGEST)), end(one.a()), end(one.b()));
    List<Anchor> anchors = new ArrayList<>(one.anchors());
    anchors.add(joint);
    two.anchors().forEach(anchor -> anchors.add(new Anchor(renamed(one, two, anchor.id()), anchor.name(), anchor.a(), anchor.b())));
    List<String> hidden =
        Stream.concat(
                one.hidden().stream().map(id -> id.equals(Seam.END) ? joint.id() : id),
                two.hidden().stream().map(id -> id.equals(Seam.START) ? joint.id() : id.equals(Seam.END) ? id : renamed(one, two, id)))
            .toList();
    return new Seam(one.id(), one.name(), one.role(), together(one.a(), two.a()), together(one.b(), two.b()), anchors, hidden, one.working(), one.method());
  }

  private static SideOf together(SideOf one, SideOf two) {
    return one.with(Stream.concat(one.spans().stream(), two.spans().stream()).toList());
  }

  static Spot end(SideOf side) {
    Span last = side.spans().get(side.spans().size() - 1);
    return Spot.cut(last.piece(), last.edge(), last.along() == Span.Along.FORWARD ? last.toExclusive() : last.fromInclusive());
  }

  private static String free(Seam one, Seam two) {
    int n = 1;
    while (one.anchor("joint." + n).isPresent() || two.anchor("joint." + n).isPresent()) {
      n++;
    }
    return "joint." + n;
  }

  private static String renamed(Seam one, Seam two, String id) {
    String renamed = id;
    for (int n = 2; one.anchor(renamed).isPresent() || !renamed.equals(id) && two.anchor(renamed).isPresent(); n++) {
      renamed = id + "." + n;
    }
    return renamed;
  }

  /** Of the ways in which the second may follow, the one whose sides begin where those of the first end. */
  private static Seam fitting(ResolvedSeam first, ResolvedSeam second, Corners corners) {
    Seam as = second.seam();
    List<Seam> ways = List.of(as, as.turned(), as.swapped(), as.turned().swapped());
    return ways.stream().max(Comparator.comparingInt((Seam way) -> meets(first, way, corners)).thenComparing(way -> -ways.indexOf(way))).orElseThrow();
  }

  private static int meets(ResolvedSeam first, Seam way, Corners corners) {
    return (int) Stream.of(Side.values()).filter(side -> corners.meet(end(first.seam().side(side)), end(way.turned().side(side)))).count();
  }
}
