package ruxel.app.web;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.Duration;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;

@Timeout(60)
class TurnsTest {
  private static final Duration LONG = Duration.ofMinutes(1);

  private final ExecutorService makers = Executors.newCachedThreadPool();

  @AfterEach
  void allGoHome() {
    makers.shutdownNow();
  }

  @Test
  void whoIsToBeAnsweredFirstGoesFirstAndEqualOnesAsTheyCame() throws Exception {
    Turns turns = new Turns(1);
    assertThat(turns.take(LONG, LONG)).isTrue();
    List<String> order = Collections.synchronizedList(new ArrayList<>());
    List<Future<?>> all = new ArrayList<>();
    for (String who : List.of("sheet 1500", "preview 400", "change 400", "row 900")) {
      Duration wait = Duration.ofSeconds(Integer.parseInt(who.replaceAll("\\D", "")));
      int before = turns.waiting();
      all.add(
          makers.submit(
              () -> {
                assertThat(turns.take(wait, LONG)).isTrue();
                order.add(who);
                turns.giveBack();
                return null;
              }));
      until(turns, before + 1);
    }
    turns.giveBack();
    for (Future<?> each : all) {
      each.get();
    }
    assertThat(order).containsExactly("preview 400", "change 400", "row 900", "sheet 1500");
    assertThat(turns.take(LONG, LONG)).isTrue();
  }

  @Test
  void whoHasWaitedLongestIsNotPassedForEver() throws Exception {
    Turns turns = new Turns(1);
    turns.take(LONG, LONG);
    List<String> order = Collections.synchronizedList(new ArrayList<>());
    CountDownLatch done = new CountDownLatch(2);
    for (String who : List.of("sheet 0", "preview 30")) {
      Duration wait = Duration.ofSeconds(Integer.parseInt(who.replaceAll("\\D", "")));
      int before = turns.waiting();
      makers.submit(
          () -> {
            turns.take(wait, LONG);
            order.add(who);
            turns.giveBack();
            done.countDown();
            return null;
          });
      until(turns, before + 1);
    }
    turns.giveBack();
    assertThat(done.await(30, TimeUnit.SECONDS)).isTrue();
    assertThat(order).containsExactly("sheet 0", "preview 30");
  }

  @Test
  void noMoreThanSoManyAreAtWorkAndWhoGivesUpLeavesTheLine() throws Exception {
    Turns turns = new Turns(2);
    assertThat(turns.take(LONG, LONG)).isTrue();
    assertThat(turns.take(LONG, LONG)).isTrue();
    assertThat(turns.take(LONG, Duration.ofMillis(5))).isFalse();
    assertThat(turns.waiting()).isZero();
    Future<Boolean> interrupted = makers.submit(() -> turns.take(LONG, LONG));
    until(turns, 1);
    interrupted.cancel(true);
    until(turns, 0);
    turns.giveBack();
    turns.giveBack();
    assertThat(turns.take(LONG, LONG)).isTrue();
    assertThat(turns.take(LONG, LONG)).isTrue();
    assertThat(turns.take(LONG, Duration.ofMillis(5))).isFalse();
    assertThatThrownBy(
            () -> {
              Thread.currentThread().interrupt();
              turns.take(LONG, LONG);
            })
        .isInstanceOf(InterruptedException.class);
  }

  private static void until(Turns turns, int waiting) {
    while (turns.waiting() != waiting) {
      Thread.onSpinWait();
    }
  }
}
