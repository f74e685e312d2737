package ruxel.core.plan;

import java.util.List;
import java.util.Optional;
import ruxel.core.match.Checkpoint;
import ruxel.core.match.Ease;
import ruxel.core.match.From;
import ruxel.core.match.Interval;
import ruxel.core.match.IntervalPlan;
import ruxel.core.match.PlaceNames;
import ruxel.core.match.PlacedAnchor;
import ruxel.core.measure.Wording;
import ruxel.core.piece.Landmark;
import ruxel.core.piece.Piece;
import ruxel.core.piece.UnitKind;
import ruxel.core.seam.Anchor;
import ruxel.core.seam.ResolvedSeam;
import ruxel.core.seam.ResolvedSpan;
import ruxel.core.seam.Seam;
import ruxel.core.seam.Side;

/** Sentences about a seam. */
final class SeamWords {
  /** Below this a difference is told as none. */
  private static final double HALF_MM = 0.5;

  private SeamWords() {}

  /** A side of one sleeve alone is set in; all else is joined. */
  static String title(ResolvedSeam seam) {
    return sleeve(seam.a(), seam.b())
        .or(() -> sleeve(seam.b(), seam.a()))
        .map(piece -> "Set in the " + Wording.low(piece.name()))
        .orElseGet(() -> "Join the " + Wording.low(seam.seam().name()));
  }

  private static Optional<Piece> sleeve(List<ResolvedSpan> side, List<ResolvedSpan> other) {
    Piece piece = side.get(0).piece();
    boolean alone = side.size() == 1 && piece.part() == Piece.Part.SLEEVE;
    return alone && other.stream().noneMatch(span -> span.piece().part() == Piece.Part.SLEEVE) ? Optional.of(piece) : Optional.empty();
  }

  /** From what stands at its start, over what it runs across, to what stands at its end. */
  static String direction(ResolvedSeam seam) {
    List<String> over =
        seam.seam().anchors().stream().filter(anchor -> isCrossing(seam.a(), anchor.a()) || isCrossing(seam.b(), anchor.b())).map(anchor -> "the " + Wording.low(anchor.name())).toList();
    return over.isEmpty()
        ? "From %s to %s.".formatted(seam.ends().start(), seam.ends().end())
        : "From %s, over %s, to %s.".formatted(seam.ends().start(), String.join(" and ", over), seam.ends().end());
  }

  /** Whether a spot is where one span of a side ends and the next begins. */
  private static boolean isCrossing(List<ResolvedSpan> side, Anchor.Spot spot) {
    for (int i = 0; i < side.size(); i++) {
      ResolvedSpan span = side.get(i);
      int cut = spot.at() == Anchor.Spot.At.CUT && span.piece().id().equals(spot.piece()) && span.edge().id().equals(spot.edge()) ? spot.cut().on(span.edge()).orElse(-1) : -1;
      int start = span.forward() ? span.from() : span.to();
      int end = span.forward() ? span.to() : span.from();
      if (i > 0 && cut == start || i < side.size() - 1 && cut == end) {
        return true;
      }
    }
    return false;
  }

  /** "From the start to the shoulder seam, 25 on 14", with the end it is told from where that matters. */
  static String heading(Interval interval, IntervalPlan plan, List<Checkpoint> markers) {
    String words =
        "From %s to %s, %d on %d"
            .formatted(name(interval.start(), markers), name(interval.end(), markers), interval.placesA(), interval.placesB());
    return plan.from() == From.END && plan.most() > 1 ? words + ", told from its end" : words;
  }

  /** An anchor by its name; a border where an interval is parted by the marker that stands there. */
  private static String name(PlacedAnchor anchor, List<Checkpoint> markers) {
    return anchor.isSplit()
        ? markers.stream()
            .filter(marker -> 2 * marker.placeA() == anchor.a() && 2 * marker.placeB() == anchor.b())
            .findFirst()
            .map(marker -> "marker " + marker.number())
            .orElse("the marker")
        : anchor.theName();
  }

  static String ease(Ease ease, Seam seam, Wording wording) {
    String longer = Wording.low((ease.aMm() >= ease.bMm() ? seam.a().name() : seam.b().name()));
    String by =
        ease.differenceMm() < HALF_MM
            ? "As a whole both are equally long, but not from anchor to anchor."
            : "The " + longer + " is " + wording.difference(ease.differenceMm()) + " longer.";
    double meant = seam.working().fullness() * Math.min(ease.aMm(), ease.bMm());
    boolean other = seam.working().fuller().filter(side -> side != (ease.aMm() >= ease.bMm() ? Side.A : Side.B)).isPresent();
    if (meant > 0 && other && ease.differenceMm() >= HALF_MM) {
      return "%s It is the %s that is meant to be fuller, by %s."
          .formatted(by, Wording.low(seam.side(seam.working().fuller().get()).name()), wording.percent(seam.working().fullness()));
    }
    if (meant > 0) {
      return "%s %s of it is meant to be gathered.".formatted(by, wording.difference(meant));
    }
    return switch (ease.verdict()) {
      case MATCHED -> ease.differenceMm() < HALF_MM ? "Both are equally long." : by + " That disappears in the seam.";
      case EASE_EVENLY -> by + " Eased in evenly it lies flat after blocking; left alone it stands " + wording.difference(ease.rippleMm()) + " high.";
      case EASE_WITH_MARKERS -> by + " Set a marker at every checkpoint and ease between them; left alone it stands " + wording.difference(ease.rippleMm()) + " high.";
      case STOP -> by + " That is too much to ease: count both edges again before you join.";
    };
  }

  /** Several landmarks of a kind in the maker's word. */
  static String marks(Landmark.Kind kind) {
    return switch (kind) {
      case STRIPE -> "stripes";
      case REPEAT -> "repeats";
      case RIB -> "ribs";
      case CENTRE, NOTCH, FOLD, SHOULDER_STEP, MARKER -> "marks";
    };
  }

  /** "4 row ends", "half a stitch", "2½ stitches". */
  static String units(double count, UnitKind kind) {
    long halves = Math.round(Math.abs(count) * 2);
    if (halves == 1) {
      return "half a " + PlaceNames.word(kind);
    }
    if (halves % 2 == 0) {
      return PlaceNames.counted((int) (halves / 2), kind);
    }
    return halves / 2 + "½ " + PlaceNames.words(kind);
  }
}
