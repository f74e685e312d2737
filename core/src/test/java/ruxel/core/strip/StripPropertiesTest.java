package ruxel.core.strip;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import ruxel.core.construction.Answers;
import ruxel.core.construction.Template;
import ruxel.core.construction.Templates;
import ruxel.core.finding.Outcome;
import ruxel.core.garment.Garment;
import ruxel.core.garment.Recipe;
import ruxel.core.garment.Wardrobe;
import ruxel.core.glue.Glued;
import ruxel.core.glue.Gluing;
import ruxel.core.glue.Openings;
import ruxel.core.glue.Segment;
import ruxel.core.glue.Surface;
import ruxel.core.identity.StripId;
import ruxel.core.layout.Layout;
import ruxel.core.match.SeamMatch;
import ruxel.core.measure.Stitch;
import ruxel.core.piece.Piece;
import ruxel.core.piece.UnitKind;
import ruxel.core.plan.GarmentPlan;
import ruxel.core.seam.SeamResolver;
import ruxel.core.strip.WorkedOn.RoundOf;
import ruxel.core.strip.WorkedOn.Worked;

/** What holds for edgings round every opening of every construction, whatever their stitches and multiples. */
class StripPropertiesTest {
  private static final int ROUNDS = 12;

  static Stream<Template> constructions() {
    return Templates.all().stream();
  }

  @ParameterizedTest
  @MethodSource("constructions")
  void edgingsRoundEveryOpening(Template template) {
    Random random = new Random(template.id().hashCode());
    for (int turn = 0; turn < ROUNDS; turn++) {
      Map<String, Answers.Answer> answers = new HashMap<>();
      if (template.questions().stream().anyMatch(question -> question.key().equals("kind"))) {
        answers.put("kind", new Answers.Word(random.nextBoolean() ? "PULLOVER" : "CARDIGAN"));
      }
      Garment garment = Garment.of("Any", new Recipe(template.id(), new Answers(answers)));
      GarmentPlan plan = Wardrobe.plan(garment);
      List<Strip> asked = new ArrayList<>();
      for (GarmentPlan.OpeningPlan opening : plan.gluing().openings()) {
        asked.add(new Strip(new StripId("s" + asked.size()), opening.name(), opening.start(), Optional.empty(), rounds(random), multiple(random), random.nextBoolean(), Trims.NONE, Optional.empty(), Optional.empty()));
      }
      Layout layout = ((Outcome.Good<Layout>) Layout.of(garment)).value();
      List<Piece> pieces = layout.construct().pieces();
      Glued glued = Glued.of(pieces, SeamMatch.all(SeamResolver.resolve(pieces, layout.construct().seams()).seams(), garment.rules()));
      Strips strips = Strips.of(pieces, glued.joins(), glued.gluing(), asked, List.of());
      assertThat(strips.worked().size() + strips.refusals().size()).isEqualTo(asked.size());
      strips.worked().forEach(worked -> holds(worked, pieces));
      laws(strips.gluing());
      sameSurface(glued.gluing(), strips.gluing());
    }
  }

  private static void holds(WorkedOn worked, List<Piece> pieces) {
    RoundOf first = worked.rounds().get(0);
    Line line = worked.line();
    assertThat(worked.strip().multiple().meets(worked.rounds().get(worked.rounds().size() - 1).total())).isTrue();
    assertThat(first.segments().stream().filter(segment -> segment.kind() == UnitKind.SEAM_PLACE)).as("seam places are never dropped").hasSize((int) line.junctions().stream().filter(Junction::seam).count()).allMatch(segment -> segment.stitches() == 1);
    for (RoundOf round : worked.rounds()) {
      assertThat(round.total()).isEqualTo(round.segments().stream().mapToInt(Worked::stitches).sum() + round.corners().stream().mapToInt(WorkedOn.Turned::stitches).sum());
      List<Integer> counts = IntStream.range(0, line.stretches().size()).mapToObj(i -> round.segments().stream().filter(segment -> segment.stretch() == i).findFirst().orElseThrow().stitches()).toList();
      for (int i = 0; i < counts.size(); i++) {
        int stretch = i;
        Strips.mirrored(line.stretches().get(i), line.stretches(), pieces).ifPresent(twin -> assertThat(Math.abs(counts.get(twin) - counts.get(stretch))).as("mirrored segments of %s", worked.strip()).isLessThanOrEqualTo(round == first ? 0 : 1));
      }
    }
    assertThat(first.innerMm()).isCloseTo(line.stretches().stream().mapToDouble(Stretch::lengthMm).sum(), within(1e-6));
    assertThat(worked.outerMm()).isPositive();
    assertThat(worked.face().edges().stream().filter(edge -> edge.id().startsWith("outer")).mapToInt(edge -> edge.units()).sum()).isEqualTo(worked.outerUnits());
  }

  private static void laws(Gluing gluing) {
    for (Segment segment : gluing.segments()) {
      assertThat(gluing.segment(segment.next()).previous()).isEqualTo(segment.index());
      segment.twin().ifPresent(
          twin -> {
            assertThat(gluing.segment(twin).twin()).hasValue(segment.index());
            assertThat(twin).isNotEqualTo(segment.index());
          });
    }
    long free = gluing.segments().stream().filter(Segment::isFree).count();
    assertThat(Openings.of(gluing).stream().mapToInt(opening -> opening.segments().size()).sum()).isEqualTo((int) free);
  }

  /** An edging all round an opening is a ring: as many parts, openings and handles as before, none turned. */
  private static void sameSurface(Gluing before, Gluing after) {
    Surface bare = Surface.of(before);
    Surface edged = Surface.of(after);
    assertThat(edged.openings()).hasSameSizeAs(bare.openings());
    assertThat(edged.parts()).hasSameSizeAs(bare.parts());
    assertThat(edged.handles()).isEqualTo(bare.handles());
    assertThat(edged.parts()).allMatch(part -> part.turned().isEmpty() && part.twist().isEmpty());
  }

  private static List<Round> rounds(Random random) {
    return IntStream.rangeClosed(0, random.nextInt(3)).mapToObj(i -> new Round(Stitch.values()[random.nextInt(Stitch.values().length)], 3 + 5 * random.nextDouble(), 3 + 9 * random.nextDouble(), false)).toList();
  }

  private static Strip.Multiple multiple(Random random) {
    int of = 1 + random.nextInt(8);
    return new Strip.Multiple(of, random.nextInt(of));
  }
}
