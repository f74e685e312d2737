package ruxel.core.seam;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import ruxel.core.construction.Answers;
import ruxel.core.construction.Construct;
import ruxel.core.construction.Question;
import ruxel.core.construction.Template;
import ruxel.core.construction.Templates;
import ruxel.core.finding.Outcome;
import ruxel.core.garment.Garment;
import ruxel.core.garment.Recipe;
import ruxel.core.identity.SeamId;
import ruxel.core.layout.Layout;

/** What the ends of seams are called: by what stands there, whichever construction, with slits and hoods, cardigan or pullover. */
class SeamEndsTest {
  static Stream<Garment> garments() {
    return Templates.all().stream().flatMap(SeamEndsTest::garments);
  }

  /** As usual, and with each choice and slit of its questions for itself. */
  private static Stream<Garment> garments(Template template) {
    List<Map<String, Answers.Answer>> asked = new ArrayList<>(List.of(Map.of()));
    for (Question question : template.questions()) {
      if (question.key().equals("slitMm")) {
        asked.add(Map.of("slitMm", new Answers.Numeric(120)));
      }
      for (String choice : List.of("CARDIGAN", "PULLOVER", "SEWN_ON", "IN_ONE", "SEPARATE", "TOP_DOWN")) {
        asked.add(Map.of(question.key(), new Answers.Word(choice)));
      }
    }
    return asked.stream().map(answers -> Garment.of(template.id() + answers, new Recipe(template.id(), new Answers(new HashMap<>(answers))))).filter(garment -> Layout.of(garment) instanceof Outcome.Good<Layout>);
  }

  private static Construct construct(Garment garment) {
    return ((Outcome.Good<Layout>) Layout.of(garment)).value().construct();
  }

  @ParameterizedTest
  @MethodSource("garments")
  void everyEndHasANameOfItsOwn(Garment garment) {
    Construct construct = construct(garment);
    for (List<Seam> seams : List.of(construct.seams(), construct.seams().stream().map(Seam::turned).toList())) {
      for (ResolvedSeam seam : construct.withSeams(seams).resolved().seams()) {
        SeamEnds ends = seam.ends();
        assertThat(ends.start()).as(seam.seam().id().text()).isNotEqualTo(ends.end());
        assertThat(List.of(ends.start(), ends.end())).as(seam.seam().id().text()).allMatch(name -> name.matches("the [a-z][a-z ,‑-]+") && !name.matches(".*\\b(start|end|sleeve|where)\\b.*"));
        ResolvedSeam other = construct.resolved(seam.seam().id()).orElseThrow();
        if (seams != construct.seams()) {
          assertThat(ends).as("turned").isEqualTo(new SeamEnds(other.ends().end(), other.ends().start()));
        }
      }
    }
  }

  /** Left is right on the other side, in words too. */
  @ParameterizedTest
  @MethodSource("garments")
  void twinsAreCalledAlike(Garment garment) {
    Construct construct = construct(garment);
    for (ResolvedSeam seam : construct.resolved().seams()) {
      Optional<Seam> twin = TwinSeam.of(seam.seam(), construct.seams(), construct.pieces());
      if (twin.isPresent()) {
        SeamEnds there = construct.resolved(twin.get().id()).orElseThrow().ends();
        assertThat(new SeamEnds(mirrored(there.start()), mirrored(there.end()))).as(seam.seam().id().text()).isEqualTo(seam.ends());
      }
    }
  }

  private static String mirrored(String words) {
    return words.replace("left", "\u0001").replace("right", "left").replace("\u0001", "right");
  }

  private static SeamEnds ends(String construction, Map<String, Answers.Answer> answers, String seam) {
    return construct(Garment.of("Any", new Recipe(construction, new Answers(answers)))).resolved(new SeamId(seam)).orElseThrow().ends();
  }

  @Test
  void byWhatStandsThere() {
    assertThat(ends("drop-shoulder", Map.of(), "shoulder.left")).isEqualTo(new SeamEnds("the left armhole", "the neck"));
    assertThat(ends("sideways-ribs", Map.of(), "armhole.left")).isEqualTo(new SeamEnds("the front underarm", "the back underarm"));
    assertThat(ends("sleeveless", Map.of("slitMm", new Answers.Numeric(120)), "side.left")).isEqualTo(new SeamEnds("the corner of the slit", "the left armhole"));
    assertThat(ends("sleeveless", Map.of(), "shoulder.right")).isEqualTo(new SeamEnds("the right armhole", "the neck"));
    assertThat(ends("squares", Map.of("kind", new Answers.Word("PULLOVER")), "shoulder.left")).isEqualTo(new SeamEnds("the left armhole", "the neck"));
    assertThat(ends("drop-shoulder", Map.of("hood", new Answers.Word("SEWN_ON")), "hood.top").end()).isEqualTo("the fold");
    assertThat(ends("square-halves", Map.of(), "centre")).isEqualTo(new SeamEnds("the back hem", "the back neck"));
  }
}
