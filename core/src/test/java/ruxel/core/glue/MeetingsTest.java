package ruxel.core.glue;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import ruxel.core.finding.Finding;
import ruxel.core.finding.FindingCode;
import ruxel.core.finding.Outcome;
import ruxel.core.glue.GluedJoin.Meeting;
import ruxel.core.identity.PieceId;
import ruxel.core.identity.SeamId;
import ruxel.core.match.SeamMatch;
import ruxel.core.measure.HouseRules;
import ruxel.core.piece.Cut;
import ruxel.core.piece.Piece;
import ruxel.core.seam.Anchor;
import ruxel.core.seam.Anchor.Spot;
import ruxel.core.seam.ResolvedSeam;
import ruxel.core.seam.Seam;
import ruxel.core.seam.Seam.SideOf;
import ruxel.core.seam.SeamResolver;
import ruxel.core.seam.SeamRole;
import ruxel.core.seam.Span;
import ruxel.core.seam.Span.Along;
import ruxel.core.seam.Surplus;

/** Where the breaks of a seam's sides meet the other side (model 4), in half units along each. */
class MeetingsTest {
  /** Each side as stitches per span; what meets, "a-b" in half units. */
  @ParameterizedTest
  @CsvSource({
    "6, 6, ''",
    "6 4, 3 7, 12-6",
    "6 4 2, 3 7 5, 12-6 20-20",
    "5 5, 10, 10-10",
    "10, 5 5, 10-10",
    "4 4, 16, 8-16",
    "16, 4 4, 16-8",
    "4 8, 24, 8-16",
    "2 4 2, 8, 4-4 12-12",
    "8, 2 4 2, 4-4 12-12",
    "4 4 4, 6 6, 8-8 12-12 16-16",
    "4 4 4, 4 8, 8-8 16-16",
    "1 1, 1, 2-1",
    "1, 1 1, 1-2",
    "1 1 1, 2, 2-1 4-2",
    "1 1 1 1, 2, 2-1 4-2 6-3"
  })
  void breaksMeetTheirLikesOrWhatThePlanPutsThere(String a, String b, String meetings) {
    assertThat(words(glued(seam(spans(a), spans(b), List.of())))).isEqualTo(meetings);
  }

  /** Five spans leave no room on two stitches: three half units lie inside, four are wanted. */
  @ParameterizedTest
  @CsvSource({"1 1 1 1 1, 2", "2, 1 1 1 1 1", "1 1 1, 1", "9 9 9 9, 1"})
  void spansTooFineAreRefusedWithTheirSeam(String a, String b) {
    Outcome<GluedJoin> outcome = Meetings.of(match(seam(spans(a), spans(b), List.of())));
    assertThat(outcome.findings()).extracting(Finding::code).containsExactly(FindingCode.SPANS_TOO_FINE);
    assertThat(outcome.findings().get(0).where().seam()).contains(new SeamId("s"));
  }

  /** An anchor at a break decides for it, of like-numbered ones too; the other goes by the plan. */
  @Test
  void theMakersAnchorGoesBeforeThePlan() {
    assertThat(words(glued(seam(spans("5 5"), spans("10"), List.of(atBreakOfA(5, 4)))))).isEqualTo("10-8");
    assertThat(words(glued(seam(spans("5 5"), spans("6 4"), List.of(atBreakOfA(5, 4)))))).isEqualTo("10-8 14-12");
  }

  /** Like-numbered breaks that an anchored one has no room for give way to it and go by the plan; it stays where the maker put it. */
  @Test
  void anAnchoredBreakIsNotMovedByLikeNumberedOnes() {
    assertThat(words(glued(seam(spans("3 7 5"), spans("9 2 4"), List.of(atBreak(new PieceId("a1"), new PieceId("b0"), 5)))))).isEqualTo("6-2 20-10 24-18 26-22");
    assertThat(words(glued(seam(spans("5 2 8"), spans("3 8 4"), List.of(atBreak(new PieceId("a0"), new PieceId("b2"), 2)))))).isEqualTo("2-6 8-22 10-26 14-27");
  }

  /** A break joined to the middle of a stitch meets its middle. */
  @Test
  void aBreakMayMeetTheMiddleOfAStitch() {
    Anchor middle = new Anchor("m", "m", Spot.cut(new PieceId("a1"), "top", Cut.endOf("all")), Spot.unit(new PieceId("b0"), "bottom", new Cut("all", 4, Cut.End.START)));
    assertThat(words(glued(seam(spans("5 5"), spans("9"), List.of(middle))))).isEqualTo("10-9");
  }

  static IntStream seeds() {
    return IntStream.rangeClosed(1, 300);
  }

  /** Whatever the spans: every break meets something strictly inside, in order, and the turned sides meet as the sides do. */
  @ParameterizedTest(name = "seed {0}")
  @MethodSource("seeds")
  void everyBreakHasItsPlaceInOrder(int seed) {
    Random random = new Random(seed);
    int[] a = IntStream.range(0, 1 + random.nextInt(4)).map(i -> 1 + random.nextInt(9)).toArray();
    int[] b = IntStream.range(0, 1 + random.nextInt(4)).map(i -> 1 + random.nextInt(9)).toArray();
    Outcome<GluedJoin> outcome = Meetings.of(match(seam(a, b, List.of())));
    if (!(outcome instanceof Outcome.Good<GluedJoin> good)) {
      assertThat(Math.min(Arrays.stream(a).sum(), Arrays.stream(b).sum())).as("only where there is little room").isLessThan(4);
      return;
    }
    List<Meeting> meetings = good.value().meetings();
    assertThat(meetings).extracting(Meeting::a).containsAll(breaks(a));
    assertThat(meetings).extracting(Meeting::b).containsAll(breaks(b));
    assertThat(meetings).hasSizeBetween(Math.max(a.length, b.length) - 1, a.length + b.length - 2);
    Meeting last = new Meeting(0, 0);
    for (Meeting meeting : meetings) {
      assertThat(meeting.a()).isGreaterThan(last.a()).isLessThan(2 * Arrays.stream(a).sum());
      assertThat(meeting.b()).isGreaterThan(last.b()).isLessThan(2 * Arrays.stream(b).sum());
      last = meeting;
    }
    if (a.length == b.length) {
      assertThat(meetings).extracting(Meeting::a).containsExactlyElementsOf(breaks(a));
      assertThat(meetings).extracting(Meeting::b).containsExactlyElementsOf(breaks(b));
    }
  }

  /** A seam refused for its counts is left unglued, but its edges are cut at its spans. */
  @Test
  void aSeamWithoutAPlanIsCutAndFree() {
    Seam plain = seam(spans("5 5"), spans("8"), List.of());
    Seam nowhere = plain.withWorking(new Seam.Working(false, Surplus.NOWHERE, 0, false));
    Glued glued = Glued.of(pieces(plain), List.of(match(nowhere)));
    assertThat(glued.joins()).isEmpty();
    assertThat(glued.findings()).isEmpty();
    assertThat(glued.gluing().segments()).allMatch(Segment::isFree);
  }

  private static Anchor atBreakOfA(int firstSpan, int onB) {
    return atBreak(new PieceId("a0"), new PieceId("b0"), onB);
  }

  /** At the end of a span of A, so many units along one of B. */
  private static Anchor atBreak(PieceId endOf, PieceId onto, int onB) {
    return new Anchor("own", "own", Spot.cut(endOf, "top", Cut.startOf("all")), Spot.cut(onto, "bottom", new Cut("all", onB, Cut.End.START)));
  }

  private static int[] spans(String words) {
    return Arrays.stream(words.split(" ")).mapToInt(Integer::parseInt).toArray();
  }

  private static List<Integer> breaks(int[] spans) {
    List<Integer> breaks = new ArrayList<>();
    int at = 0;
    for (int i = 0; i < spans.length - 1; i++) {
      at += spans[i];
      breaks.add(2 * at);
    }
    return breaks;
  }

  private static String words(GluedJoin join) {
    return String.join(" ", join.meetings().stream().map(meeting -> meeting.a() + "-" + meeting.b()).toList());
  }

  private static GluedJoin glued(Seam seam) {
    return ((Outcome.Good<GluedJoin>) Meetings.of(match(seam))).value();
  }

  private static SeamMatch match(Seam seam) {
    ResolvedSeam resolved = SeamResolver.find(pieces(seam), List.of(seam), new SeamId("s")).orElseThrow();
    return SeamMatch.of(resolved, HouseRules.USUAL);
  }

  /** A's spans are whole tops from left to right, B's whole bottoms. */
  private static Seam seam(int[] a, int[] b, List<Anchor> anchors) {
    SideOf sideA = new SideOf("A", IntStream.range(0, a.length).mapToObj(i -> Panels.whole(new PieceId("a" + i + "." + a[i]), "top", Along.BACKWARD)).toList(), Optional.empty(), Seam.Spaces.ROUND);
    SideOf sideB = new SideOf("B", IntStream.range(0, b.length).mapToObj(i -> Panels.whole(new PieceId("b" + i + "." + b[i]), "bottom", Along.FORWARD)).toList(), Optional.empty(), Seam.Spaces.ROUND);
    List<Anchor> named = anchors.stream().map(anchor -> new Anchor(anchor.id(), anchor.name(), sized(anchor.a(), sideA), sized(anchor.b(), sideB))).toList();
    return new Seam(new SeamId("s"), "s", SeamRole.OTHER, sideA, sideB, named, List.of(), Seam.Working.USUAL, Optional.empty());
  }

  /** The piece that a spot's short name means. */
  private static Spot sized(Spot spot, SideOf side) {
    PieceId piece = side.spans().stream().map(Span::piece).filter(id -> id.text().startsWith(spot.piece() + ".")).findFirst().orElseThrow();
    return new Spot(piece, spot.edge(), spot.cut(), spot.at());
  }

  private static List<Piece> pieces(Seam seam) {
    List<Piece> pieces = new ArrayList<>();
    for (Span span : java.util.stream.Stream.concat(seam.a().spans().stream(), seam.b().spans().stream()).toList()) {
      pieces.add(Panels.rectangle(span.piece(), Integer.parseInt(span.piece().text().replaceFirst(".*\\.", "")), 3));
    }
    return pieces;
  }
}
