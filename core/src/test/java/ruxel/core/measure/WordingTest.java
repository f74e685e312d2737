package ruxel.core.measure;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Every number and word through one door (handbook 2). */
class WordingTest {
  private final Wording cm = Wording.USUAL;
  private final Wording inch = new Wording(Wording.Unit.INCH, Terms.UK, Wording.Hand.LEFT);

  @ParameterizedTest
  @CsvSource({
    "364.29, 36.4 cm, 14¼ in", "350, 35 cm, 13¾ in", "12.7, 1.3 cm, ½ in", "254, 25.4 cm, 10 in", "0, 0 cm, 0 in", "3.1, 0.3 cm, 0 in"
  })
  void lengths(double mm, String inCm, String inInches) {
    assertThat(cm.length(mm)).isEqualTo(inCm);
    assertThat(inch.length(mm)).isEqualTo(inInches);
  }

  @ParameterizedTest
  @CsvSource({"14.29, 14 mm, 0.56 in, 14.3 mm", "0.4, 0 mm, 0.02 in, 0.4 mm", "12.5, 13 mm, 0.49 in, 12.5 mm"})
  void smallOnes(double mm, String inMm, String inInches, String fine) {
    assertThat(cm.difference(mm)).isEqualTo(inMm);
    assertThat(inch.difference(mm)).isEqualTo(inInches);
    assertThat(cm.fine(mm)).isEqualTo(fine);
    assertThat(inch.fine(mm)).isEqualTo(inInches);
  }

  @ParameterizedTest
  @CsvSource({
    "SC, single crochet, double crochet", "HDC, half double crochet, half treble",
    "DC, double crochet, treble", "TR, treble, double treble"
  })
  void stitches(Stitch stitch, String us, String uk) {
    assertThat(cm.stitch(stitch)).isEqualTo(us);
    assertThat(inch.stitch(stitch)).isEqualTo(uk);
  }

  @ParameterizedTest
  @CsvSource({"1, once, one", "2, twice, two", "3, 3 times, three", "12, 12 times, twelve", "13, 13 times, 13"})
  void numbers(long n, String times, String letters) {
    assertThat(Wording.times(n)).isEqualTo(times);
    assertThat(Wording.number(n)).isEqualTo(letters);
  }

  @ParameterizedTest
  @CsvSource({"0.0392, 3.9 %", "0.05, 5.0 %", "0, 0.0 %"})
  void shares(double share, String words) {
    assertThat(cm.percent(share)).isEqualTo(words);
  }

  @ParameterizedTest
  @CsvSource({"1, stitches, 1 stitch", "2, stitches, 2 stitches", "1, row ends, 1 row end", "1, spaces, 1 space", "0, places, 0 places", "1, rows, 1 row"})
  void oneIsNeverSeveral(int count, String several, String words) {
    assertThat(Wording.counted(count, several)).isEqualTo(words);
  }
}
