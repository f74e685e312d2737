package ruxel.core.glue;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Collections;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import ruxel.core.construction.Answers;
import ruxel.core.construction.Construct;
import ruxel.core.construction.Templates;
import ruxel.core.finding.Outcome;
import ruxel.core.garment.Garment;
import ruxel.core.garment.Recipe;
import ruxel.core.identity.SeamId;
import ruxel.core.layout.Layout;
import ruxel.core.match.SeamMatch;
import ruxel.core.measure.HouseRules;
import ruxel.core.seam.Join;
import ruxel.core.seam.SeamResolver;

/** What is open in the middle of the work, followed join by join, is what gluing anew would find. */
class OpenMeanwhileTest {
  private static final int ORDERS = 12;

  static Stream<String> constructions() {
    return Templates.all().stream().map(template -> template.id());
  }

  private static Gluing gluing(String construction) {
    Garment garment = Garment.of("Quay", new Recipe(construction, new Answers(Map.of())));
    Construct construct = ((Outcome.Good<Layout>) Layout.of(garment)).value().construct();
    List<SeamMatch> matches = SeamMatch.all(SeamResolver.resolve(construct.pieces(), construct.seams()).seams(), HouseRules.USUAL);
    return Glued.of(construct.pieces(), matches).gluing();
  }

  /** In any order, one join at a time. */
  @ParameterizedTest
  @MethodSource("constructions")
  void followedJoinByJoinItIsAsGluedAnew(String construction) {
    Gluing gluing = gluing(construction);
    List<Join> joins = new ArrayList<>(gluing.segments().stream().flatMap(segment -> segment.join().stream()).distinct().toList());
    for (int order = 0; order < ORDERS; order++) {
      Collections.shuffle(joins, new Random(order));
      OpenMeanwhile meanwhile = new OpenMeanwhile(gluing);
      Set<Join> joined = new HashSet<>();
      for (Join join : joins) {
        joined.add(join);
        meanwhile.join(List.of(join));
        assertThat(meanwhile.open()).as("after %s", joined).isEqualTo(anew(gluing.withOnly(joined::contains)));
      }
    }
  }

  /** Openings of faces of which something is glued. */
  private static List<List<Integer>> anew(Gluing now) {
    Set<Integer> hanging = now.segments().stream().filter(segment -> !segment.isFree()).map(Segment::face).collect(Collectors.toSet());
    return Openings.of(now).stream().map(Opening::segments).filter(loop -> hanging.contains(now.segment(loop.get(0)).face())).toList();
  }

  @Test
  void severalAtOnceAreAsOneAfterTheOther() {
    Gluing gluing = gluing("drop-shoulder");
    List<Join> joins = gluing.segments().stream().flatMap(segment -> segment.join().stream()).distinct().toList();
    OpenMeanwhile oneByOne = new OpenMeanwhile(gluing);
    joins.forEach(join -> oneByOne.join(List.of(join)));
    OpenMeanwhile atOnce = new OpenMeanwhile(gluing);
    atOnce.join(joins);
    assertThat(atOnce.open()).isEqualTo(oneByOne.open());
    assertThat(atOnce.open()).as("a cardigan: body and two cuffs").hasSize(3).hasSize(atOnce.count());
    OpenMeanwhile none = new OpenMeanwhile(gluing);
    none.join(List.of(Join.seam(new SeamId("no such"))));
    assertThat(none.open()).isEmpty();
  }
}
