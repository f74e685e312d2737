package ruxel.core.change;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import ruxel.core.decision.OwnFactor;
import ruxel.core.decision.OwnSchool;
import ruxel.core.decision.OwnYarn;
import ruxel.core.decision.PieceYarn;
import ruxel.core.decision.WishFor;
import ruxel.core.finding.Finding;
import ruxel.core.finding.FindingCode;
import ruxel.core.finding.Outcome;
import ruxel.core.garment.Garment;
import ruxel.core.garment.Wardrobe;
import ruxel.core.identity.PieceId;
import ruxel.core.identity.SeamId;
import ruxel.core.identity.WorkRef;
import ruxel.core.measure.School;
import ruxel.core.method.Wish;
import ruxel.core.seam.SeamRole;
import ruxel.core.wearer.Fit;
import ruxel.core.wearer.Measure;
import ruxel.core.wearer.Wearer;
import ruxel.core.yarn.Sample;
import ruxel.core.yarn.Yarn;

/** What is told of yarns, the wearer and the maker's ways: kept, replaced, taken back, and refused with its place. */
class YarnAndWearTest {
  private static final Yarn WOOL = yarn("y1", " Quay wool ", Optional.of(100.0), Optional.of(50.0), Optional.empty());

  static Stream<Arguments> labels() {
    return Stream.of(
        Arguments.of(new YarnChange.YarnAdded(WOOL), "Added a yarn: Quay wool"),
        Arguments.of(new YarnChange.YarnTold(WOOL), "Told a yarn: Quay wool"),
        Arguments.of(new YarnChange.YarnRemoved("y1"), "Took out the yarn Quay wool"),
        Arguments.of(new YarnChange.PieceYarned(new PieceId("back"), Optional.of("y1")), "Worked the back in Quay wool"),
        Arguments.of(new YarnChange.PieceYarned(new PieceId("back"), Optional.empty()), "Took back the yarn of the back"),
        Arguments.of(new YarnChange.RibYarned(new PieceId("back"), Optional.of("y1")), "Worked the ribbing of the back in Quay wool"),
        Arguments.of(new YarnChange.RibYarned(new PieceId("back"), Optional.empty()), "Worked the ribbing of the back in its yarn"),
        Arguments.of(new YarnChange.TailKept(new PieceId("back"), "hem", Optional.of(600.0)), "Left a tail on the back"),
        Arguments.of(new YarnChange.TailKept(new PieceId("back"), "hem", Optional.empty()), "Left no tail on the back"),
        Arguments.of(new YarnChange.SeamYarned(new SeamId("side.left"), Optional.of("y1")), "Join the left side and sleeve with Quay wool"),
        Arguments.of(new YarnChange.SeamYarned(new SeamId("side.left"), Optional.empty()), "Join the left side and sleeve with the yarn of its pieces"),
        Arguments.of(new YarnChange.FactorMeasured("backstitch", "y1", 100, 400), "Measured the yarn of backstitch in Quay wool"),
        Arguments.of(new YarnChange.FactorForgotten("backstitch", "y1"), "Took the table’s yarn of backstitch in Quay wool again"),
        Arguments.of(new WearChange.Wished(Optional.empty(), Optional.empty(), Optional.of(Wish.FLAT)), "Wanted of the whole garment: flat"),
        Arguments.of(new WearChange.Wished(Optional.of(SeamRole.SIDE), Optional.empty(), Optional.of(Wish.HIDDEN)), "Wanted of every side: not seen"),
        Arguments.of(new WearChange.Wished(Optional.empty(), Optional.of(new SeamId("armhole.left")), Optional.empty()), "Took back what is wanted of the left armhole"),
        Arguments.of(new WearChange.SchoolTaken(School.START, Optional.of(School.Way.KNOT)), "A seam begins with a knot"),
        Arguments.of(new WearChange.SchoolTaken(School.START, Optional.empty()), "Took no side: a seam begins"),
        Arguments.of(new WearChange.GarmentWeighed(Optional.of(480.0)), "Weighed the garment: 480 g"),
        Arguments.of(new WearChange.WearerTold(Optional.of(Wearer.CHILD), Optional.of(Fit.LOOSE)), "For a child, to sit loose"),
        Arguments.of(new WearChange.WearerMeasured(Measure.HEAD, Optional.of(560.0)), "Head of the wearer: 56 cm"));
  }

  @ParameterizedTest(name = "{1}")
  @MethodSource("labels")
  void isToldInTheMakersWords(Change change, String label) {
    assertThat(change.label(Names.of(told()))).isEqualTo(label);
  }

  static Stream<Arguments> refused() {
    return Stream.of(
        Arguments.of(new YarnChange.YarnAdded(yarn("a b", "Wool", Optional.empty(), Optional.empty(), Optional.empty())), FindingCode.ID_FORM),
        Arguments.of(new YarnChange.YarnAdded(yarn("y", " ", Optional.empty(), Optional.empty(), Optional.empty())), FindingCode.NAME_LENGTH),
        Arguments.of(new YarnChange.YarnAdded(yarn("y", "Wool", Optional.of(0.0), Optional.empty(), Optional.empty())), FindingCode.FIGURE_RANGE),
        Arguments.of(new YarnChange.YarnAdded(yarn("y", "Wool", Optional.empty(), Optional.of(Double.NaN), Optional.empty())), FindingCode.FIGURE_RANGE),
        Arguments.of(new YarnChange.YarnAdded(yarn("y", "Wool", Optional.empty(), Optional.empty(), Optional.of(new Yarn.Left(-1, List.of())))), FindingCode.FIGURE_RANGE),
        Arguments.of(new YarnChange.YarnAdded(yarn("y", "Wool", Optional.empty(), Optional.empty(), Optional.of(new Yarn.Left(1, Collections.nCopies(5_001, WorkRef.seam(new SeamId("side"))))))), FindingCode.TOO_MANY),
        Arguments.of(new YarnChange.YarnRemoved("y9"), FindingCode.UNKNOWN_YARN),
        Arguments.of(new YarnChange.PieceYarned(new PieceId("back"), Optional.of("y9")), FindingCode.UNKNOWN_YARN),
        Arguments.of(new YarnChange.PieceYarned(new PieceId("hood"), Optional.of("y1")), FindingCode.UNKNOWN_PIECE),
        Arguments.of(new YarnChange.SeamYarned(new SeamId("hood"), Optional.of("y1")), FindingCode.UNKNOWN_SEAM),
        Arguments.of(new YarnChange.FactorMeasured("glue", "y1", 100, 300), FindingCode.UNKNOWN_METHOD),
        Arguments.of(new YarnChange.FactorMeasured("backstitch", "y1", 5, 20), FindingCode.FACTOR_RANGE),
        Arguments.of(new YarnChange.FactorMeasured("backstitch", "y1", 100, 4000), FindingCode.FACTOR_RANGE),
        Arguments.of(new WearChange.Wished(Optional.empty(), Optional.of(new SeamId("hood")), Optional.of(Wish.FLAT)), FindingCode.UNKNOWN_SEAM),
        Arguments.of(new WearChange.SchoolTaken(School.JOIN, Optional.of(School.Way.KNOT)), FindingCode.SCHOOL_OTHER),
        Arguments.of(new WearChange.GarmentWeighed(Optional.of(0.0)), FindingCode.FIGURE_RANGE),
        Arguments.of(new WearChange.WearerMeasured(Measure.HEAD, Optional.of(60.0)), FindingCode.FIGURE_RANGE));
  }

  @ParameterizedTest(name = "{1}")
  @MethodSource("refused")
  void whatCannotBeIsRefused(Change change, FindingCode code) {
    assertThat(change.apply(told()).findings()).extracting(Finding::code).containsExactly(code);
  }

  /** All that is wrong with a yarn is said at once. */
  @Test
  void everyFaultOfAYarnIsTold() {
    Yarn wrong = new Yarn("", "", "x".repeat(41), Yarn.Weight.LACE, "f".repeat(101), Optional.of(-1.0), Optional.of(9e9), Set.of(), Optional.empty());
    assertThat(new YarnChange.YarnAdded(wrong).apply(told()).findings()).hasSize(6);
  }

  @Test
  void aYarnTakenOutIsNowhereWorkedAnyMore() {
    Garment worked =
        good(Change.applyAll(told(), List.of(new YarnChange.PieceYarned(new PieceId("back"), Optional.of("y1")), new YarnChange.SeamYarned(new SeamId("side.left"), Optional.of("y1")), new YarnChange.FactorMeasured("backstitch", "y1", 100, 400))));
    Garment without = good(new YarnChange.YarnRemoved("y1").apply(worked));
    assertThat(without.settings().decisions()).isEmpty();
    assertThat(worked.settings().of(PieceYarn.class)).hasSize(1);
  }

  /** Each measurement is one more sample, the oldest going once there are a hundred. */
  @Test
  void samplesAddUpToAHundred() {
    Garment measured = told();
    for (int i = 0; i < OwnFactor.MOST_SAMPLES + 5; i++) {
      measured = good(new YarnChange.FactorMeasured("backstitch", "y1", 100, 300 + i).apply(measured));
    }
    List<Sample> samples = measured.settings().on(OwnFactor.class, "backstitch", "y1").orElseThrow().samples();
    assertThat(samples).hasSize(OwnFactor.MOST_SAMPLES);
    assertThat(samples.get(0)).isEqualTo(new Sample(100, 305));
  }

  @Test
  void thereIsABoundToYarns() {
    List<Change> many = IntStream.range(0, YarnChange.MOST_YARNS).<Change>mapToObj(i -> new YarnChange.YarnAdded(yarn("m" + i, "Wool", Optional.empty(), Optional.empty(), Optional.empty()))).toList();
    Garment full = good(Change.applyAll(Wardrobe.cardigan(), many));
    assertThat(full.settings().of(OwnYarn.class)).hasSize(YarnChange.MOST_YARNS);
    assertThat(new YarnChange.YarnAdded(WOOL).apply(full).findings()).extracting(Finding::code).containsExactly(FindingCode.TOO_MANY);
  }

  /** A seam's wish, a role's and the garment's stand beside each other; a way replaces the other answer to its question. */
  @Test
  void decisionsReplaceTheirOwnKindAlone() {
    Garment wished =
        good(
            Change.applyAll(
                told(),
                List.of(
                    new WearChange.Wished(Optional.empty(), Optional.empty(), Optional.of(Wish.FLAT)), new WearChange.Wished(Optional.of(SeamRole.SIDE), Optional.empty(), Optional.of(Wish.HIDDEN)),
                    new WearChange.Wished(Optional.of(SeamRole.SIDE), Optional.of(new SeamId("side.left")), Optional.of(Wish.ON_SHOW)), new WearChange.Wished(Optional.empty(), Optional.empty(), Optional.of(Wish.HIDDEN)),
                    new WearChange.SchoolTaken(School.JOIN, Optional.of(School.Way.HOOK)), new WearChange.SchoolTaken(School.JOIN, Optional.of(School.Way.NEEDLE)))));
    assertThat(wished.settings().of(WishFor.class)).extracting(WishFor::wish).containsExactlyInAnyOrder(Wish.HIDDEN, Wish.ON_SHOW, Wish.HIDDEN);
    assertThat(wished.settings().of(OwnSchool.class)).extracting(OwnSchool::way).containsExactly(School.Way.NEEDLE);
  }

  private static Garment told() {
    return good(new YarnChange.YarnAdded(WOOL).apply(Wardrobe.cardigan()));
  }

  private static Yarn yarn(String id, String name, Optional<Double> metres, Optional<Double> grams, Optional<Yarn.Left> left) {
    return new Yarn(id, name, "grey", Yarn.Weight.WORSTED, "wool", metres, grams, Set.of(), left);
  }

  private static Garment good(Outcome<Garment> outcome) {
    return ((Outcome.Good<Garment>) outcome).value();
  }
}
