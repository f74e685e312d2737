package ruxel.app.garment;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.OffsetDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import ruxel.app.garment.History.Entry;
import ruxel.app.garment.History.Kind;

class HistoryTest {
  private final List<Entry> versions = new ArrayList<>();

  HistoryTest() {
    add(Kind.CHANGE, Optional.empty());
  }

  @Test
  void nothingWasDoneToANewGarment() {
    assertThat(history().toUndo()).isEmpty();
    assertThat(history().toRedo()).isEmpty();
  }

  @Test
  void takesBackTheLastOneThatStandsAndDoesItAgain() {
    change();
    change();
    assertThat(undone()).contains(3);
    assertThat(undone()).contains(2);
    assertThat(history().toUndo()).isEmpty();
    assertThat(redone()).contains(2);
    assertThat(history().toUndo().map(Entry::version)).contains(2);
    assertThat(history().toRedo().map(Entry::version)).contains(3);
  }

  @Test
  void aNewChangeForgetsWhatWasTakenBack() {
    change();
    undone();
    change();
    assertThat(history().toRedo()).isEmpty();
    assertThat(history().standing()).extracting(Entry::version).containsExactly(4);
  }

  @Test
  void whatStandsIsAlwaysAStackOfChanges() {
    Random random = new Random(7);
    List<Integer> standing = new ArrayList<>();
    List<Integer> back = new ArrayList<>();
    for (int i = 0; i < 300; i++) {
      switch (random.nextInt(3)) {
        case 0 -> {
          standing.add(versions.size() + 1);
          back.clear();
          change();
        }
        case 1 -> undone().ifPresent(version -> back.add(standing.remove(standing.size() - 1)));
        default -> redone().ifPresent(version -> standing.add(back.remove(back.size() - 1)));
      }
      assertThat(history().standing()).extracting(Entry::version).isEqualTo(standing);
      assertThat(history().takenBack()).extracting(Entry::version).isEqualTo(back);
      int part = random.nextInt(versions.size());
      assertThat(History.NONE.and(versions.subList(0, part)).and(versions.subList(part, versions.size()))).as("read in two parts").isEqualTo(history());
      history().toUndo().ifPresent(entry -> assertThat(history().needed()).contains(entry.version() - 1));
      history().toRedo().ifPresent(entry -> assertThat(history().needed()).contains(entry.version()));
    }
  }

  /** Of a long history the last hundred can be taken back; of older ones only what they were is kept. */
  @Test
  void whatIsNotNeededAnyMoreCannotBeGoneBackTo() {
    for (int i = 0; i < 250; i++) {
      change();
    }
    assertThat(history().needed()).hasSize(2 + History.MOST_BACK).contains(1, 251, 151).doesNotContain(150, 2);
    versions.replaceAll(entry -> history().needed().contains(entry.version()) ? entry : new Entry(entry.version(), entry.kind(), entry.of(), entry.label(), entry.madeAt(), false));
    for (int i = 0; i < History.MOST_BACK; i++) {
      assertThat(undone()).contains(251 - i);
    }
    assertThat(history().toUndo()).isEmpty();
    assertThat(history().standing()).hasSize(150);
    assertThat(redone()).contains(152);
  }

  private void change() {
    add(Kind.CHANGE, Optional.empty());
  }

  private Optional<Integer> undone() {
    Optional<Integer> of = history().toUndo().map(Entry::version);
    of.ifPresent(version -> add(Kind.UNDO, Optional.of(version)));
    return of;
  }

  private Optional<Integer> redone() {
    Optional<Integer> of = history().toRedo().map(Entry::version);
    of.ifPresent(version -> add(Kind.REDO, Optional.of(version)));
    return of;
  }

  private History history() {
    return History.NONE.and(versions);
  }

  private void add(Kind kind, Optional<Integer> of) {
    versions.add(new Entry(versions.size() + 1, kind, of, "", OffsetDateTime.MIN, true));
  }
}
