package ruxel.files;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import ruxel.core.change.Change;
import ruxel.core.construction.Answers;
import ruxel.core.finding.Outcome;
import ruxel.core.garment.Garment;
import ruxel.core.garment.Recipe;
import ruxel.core.plan.Planner;

/**
 * Two windows change one garment, each in its own way, and the later one is put on top: for every two kinds of change that both go with
 * the garment, the second is taken or refused, and what is taken can be read back and planned.
 */
class TwoAtOnceTest {
  private static final int DRAWS = 1500;

  /** What each kind of change makes of the garment. */
  private record Taken(Change change, Garment after) {}

  @ParameterizedTest
  @ValueSource(strings = {"drop-shoulder", "squares"})
  void everyTwoKindsOfChangeGoTogetherOrAreRefused(String construction) {
    Garment garment = Garment.of("Quay", new Recipe(construction, new Answers(Map.of())));
    Map<Class<?>, Taken> kinds = kinds(garment);
    assertThat(kinds.size()).as("kinds that are taken").isGreaterThan(40);
    List<Taken> taken = List.copyOf(kinds.values());
    int together = 0;
    for (int i = 0; i < taken.size(); i++) {
      for (int j = 0; j <= i; j++) {
        Taken first = taken.get((i + j) % 2 == 0 ? i : j);
        Taken second = taken.get((i + j) % 2 == 0 ? j : i);
        if (second.change().apply(first.after()) instanceof Outcome.Good<Garment> both) {
          Outcome<GarmentDocument> document = GarmentDocument.of(both.value());
          assertThat(document.findings()).as("%s, then %s", first.change(), second.change()).isEmpty();
          assertThat(((Outcome.Good<GarmentDocument>) document).value().garment()).as("%s, then %s", first.change(), second.change()).isEqualTo(both.value());
          if (together++ % 8 == 0) {
            assertThat(Planner.plan(both.value())).as("%s, then %s", first.change(), second.change()).isInstanceOf(Outcome.Good.class);
          }
        }
      }
    }
    assertThat(together).as("most go together").isGreaterThan(taken.size() * taken.size() / 4);
  }

  private static Map<Class<?>, Taken> kinds(Garment garment) {
    Map<Class<?>, Taken> kinds = new LinkedHashMap<>();
    Random random = new Random(11);
    for (int i = 0; i < DRAWS; i++) {
      Change change = new RandomChanges(garment, random).next();
      if (!kinds.containsKey(change.getClass()) && Change.applyAll(garment, List.of(change)) instanceof Outcome.Good<Garment> good && GarmentDocument.of(good.value()).findings().isEmpty()) {
        kinds.put(change.getClass(), new Taken(change, good.value()));
      }
    }
    return kinds;
  }
}
