package ruxel.core.construction;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import ruxel.core.finding.Finding;
import ruxel.core.finding.FindingCode;
import ruxel.core.finding.Outcome;
import ruxel.core.piece.Outline.Point;

/** Numbers are asked for where they are measured, say what they follow from, and which others they do not go with. */
class DrawnTest {
  static Stream<Template> constructions() {
    return Templates.all().stream();
  }

  /** Every count but the gauge has its line, and one more makes that line longer. */
  @ParameterizedTest
  @MethodSource("constructions")
  void everyNumberIsMeasuredOnAPiece(Template template) {
    Map<String, Integer> deep = Map.of("slitMm", 100, "neckCentre", 6);
    Construct usual = built(template, asked(template, deep));
    for (Question question : template.questions()) {
      boolean isAsked = usual.told().assumed().containsKey(question.key()) || deep.containsKey(question.key());
      if (question.type() == Question.Type.CHOICE || question.group() == Question.Group.GAUGE || !isAsked) {
        continue;
      }
      double now = value(usual, question.key()).orElseGet(() -> (double) deep.get(question.key()));
      Map<String, Integer> more = new HashMap<>(asked(template, deep));
      more.put(question.key(), (int) now + (question.key().equals("slitMm") ? 20 : 2));
      Outcome<Construct> grown = template.build(answers(more));
      assertThat(line(usual, question.key())).as(question.key()).isPresent();
      if (grown instanceof Outcome.Good<Construct> good) {
        assertThat(lengthOf(line(good.value(), question.key()))).as(question.key()).isGreaterThan(lengthOf(line(usual, question.key())));
      }
    }
  }

  /** 66 stitches of 7.14 mm over the back; ribbing of no rows is a point at the hem. */
  @Test
  void linesHaveTheLengthOfWhatTheyMeasure() {
    Template dropShoulder = Templates.of("drop-shoulder").orElseThrow();
    Construct construct = built(dropShoulder, Map.of("backStitches", 65, "gaugeStitches", 14, "gaugeRows", 8, "hemRibRows", 0, "shoulderStitches", 20));
    assertThat(lengthOf(line(construct, "backStitches"))).isCloseTo(66 * 100 / 14.0, within(1e-9));
    assertThat(lengthOf(line(construct, "shoulderStitches"))).isCloseTo(20 * 100 / 14.0, within(1e-9));
    assertThat(lengthOf(line(construct, "hemRibRows"))).isZero();
    assertThat(line(construct, "hemRibRows").orElseThrow().from().y()).isZero();
  }

  /** A shoulder of grown-on sleeves is measured from the neck, without the sleeve beside it. */
  @Test
  void aShoulderEndsWhereTheSleeveBegins() {
    Construct construct = built(Templates.of("grown-on-sleeves").orElseThrow(), Map.of("gaugeStitches", 20, "shoulderStitches", 20, "sleeveStitches", 50));
    assertThat(lengthOf(line(construct, "shoulderStitches"))).isCloseTo(100, within(1e-9));
    assertThat(lengthOf(line(construct, "sleeveStitches"))).isCloseTo(250, within(1e-9));
  }

  @Test
  void whatIsAssumedSaysWhatItFollowsFrom() {
    Construct construct = built(Templates.of("drop-shoulder").orElseThrow(), Map.of());
    assertThat(construct.told().because())
        .containsEntry("gaugeStitches", "The usual start.")
        .containsEntry("backStitches", "Follows from your gauge.")
        .containsEntry("armholeRows", "Follows from rows of the body and your gauge.");
    assertThat(construct.told().because().get("frontStitches")).contains("stitches across the back");
  }

  @Test
  void whatCannotBeNamesTheNumberItDoesNotGoWith() {
    Template dropShoulder = Templates.of("drop-shoulder").orElseThrow();
    Finding both = refused(dropShoulder, Map.of("bodyRows", 40, "armholeRows", 50));
    assertThat(both.code()).isEqualTo(FindingCode.ARMHOLE_TOO_LONG);
    assertThat(both.where().answer()).contains("armholeRows");
    assertThat(both.where().against()).containsExactly("bodyRows");
    // Where the other one is only assumed, it is named all the same.
    assertThat(refused(dropShoulder, Map.of("armholeRows", 500)).where().against()).containsExactly("bodyRows");
  }

  private static Finding refused(Template template, Map<String, Integer> numbers) {
    return template.build(answers(numbers)).findings().get(0);
  }

  private static Map<String, Integer> asked(Template template, Map<String, Integer> numbers) {
    List<String> keys = template.questions().stream().map(Question::key).toList();
    Map<String, Integer> some = new HashMap<>(numbers);
    some.keySet().retainAll(keys);
    return some;
  }

  private static Construct built(Template template, Map<String, Integer> numbers) {
    return template.build(answers(numbers)) instanceof Outcome.Good<Construct> good ? good.value() : null;
  }

  private static Answers answers(Map<String, Integer> numbers) {
    Map<String, Answers.Answer> answers = new HashMap<>();
    numbers.forEach((key, value) -> answers.put(key, new Answers.Numeric(value)));
    return new Answers(answers);
  }

  private static Optional<Double> value(Construct construct, String key) {
    return Optional.ofNullable(construct.told().assumed().get(key)).map(Double::parseDouble);
  }

  private static Optional<Dimension> line(Construct construct, String key) {
    return construct.told().dimensions().stream().filter(line -> line.answer().equals(key)).findFirst();
  }

  private static double lengthOf(Optional<Dimension> line) {
    Point from = line.orElseThrow().from();
    Point to = line.orElseThrow().to();
    return Math.hypot(to.x() - from.x(), to.y() - from.y());
  }
}
