package ruxel.core.seam;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import ruxel.core.construction.Answers;
import ruxel.core.construction.Construct;
import ruxel.core.construction.Template;
import ruxel.core.construction.Templates;
import ruxel.core.finding.Outcome;
import ruxel.core.garment.Garment;
import ruxel.core.garment.Recipe;
import ruxel.core.layout.Layout;

/** What lies on both sides of the wearer is joined by twins, on every construction. */
class TwinSeamTest {
  static Stream<Garment> garments() {
    return Templates.all().stream()
        .map(Template::id)
        .flatMap(id -> Stream.of(Map.<String, Answers.Answer>of(), Map.<String, Answers.Answer>of("kind", new Answers.Word("PULLOVER"))).map(answers -> Garment.of(id, new Recipe(id, new Answers(answers)))));
  }

  @ParameterizedTest
  @MethodSource("garments")
  void leftAndRightAreTwins(Garment garment) {
    if (!(Layout.of(garment) instanceof Outcome.Good<Layout> layout)) {
      return;
    }
    Construct construct = layout.value().construct();
    List<Seam> seams = construct.seams();
    for (Seam seam : seams) {
      Optional<Seam> twin = TwinSeam.of(seam, seams, construct.pieces());
      assertThat(twin.map(Seam::name)).as("%s of %s", seam.name(), garment.name()).isEqualTo(seams.stream().map(Seam::name).filter(name -> !name.equals(seam.name()) && name.equals(otherSide(seam.name()))).findFirst());
      twin.ifPresent(
          other -> {
            assertThat(TwinSeam.of(other, seams, construct.pieces())).as("twin of twin").contains(seam);
            assertThat(TwinSeam.sameSides(other, seam, construct.pieces())).isEqualTo(TwinSeam.sameSides(seam, other, construct.pieces()));
          });
    }
  }

  private static String otherSide(String name) {
    return name.startsWith("Left") ? name.replaceFirst("Left", "Right") : name.replaceFirst("Right", "Left");
  }
}
