package ruxel.app.web;

import java.time.Duration;
import java.util.Comparator;
import java.util.PriorityQueue;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;

/**
 * Turns at what takes long: so many at once, and of those who wait the one goes first who is to be answered first. So a sheet, for which
 * a maker waits gladly, lets a picture under a maker's finger past, but not for ever.
 */
final class Turns {
  private record Waiting(long dueNanos, long number, CompletableFuture<Void> turn) {}

  private final PriorityQueue<Waiting> line = new PriorityQueue<>(Comparator.comparingLong(Waiting::dueNanos).thenComparingLong(Waiting::number));
  private final long start = System.nanoTime();
  private int free;
  private long number;

  Turns(int atOnce) {
    free = atOnce;
  }

  /**
   * @param soon how soon an answer is looked for
   * @param most after which nobody looks for one any more
   * @return whether the turn came; who has had it gives it back
   */
  boolean take(Duration soon, Duration most) throws InterruptedException {
    Waiting mine = lineUp(soon);
    try {
      mine.turn().get(most.toNanos(), TimeUnit.NANOSECONDS);
      return true;
    } catch (TimeoutException late) {
      return hasComeAfterAll(mine);
    } catch (InterruptedException stopping) {
      if (hasComeAfterAll(mine)) {
        giveBack();
      }
      throw stopping;
    } catch (ExecutionException never) {
      throw new IllegalStateException(never);
    }
  }

  synchronized void giveBack() {
    Waiting next = line.poll();
    if (next == null) {
      free++;
    } else {
      next.turn().complete(null);
    }
  }

  synchronized int waiting() {
    return line.size();
  }

  private synchronized Waiting lineUp(Duration soon) {
    Waiting mine = new Waiting(System.nanoTime() - start + soon.toNanos(), number++, new CompletableFuture<>());
    if (free > 0) {
      free--;
      mine.turn().complete(null);
    } else {
      line.add(mine);
    }
    return mine;
  }

  /** Out of the line, unless its turn came in that moment. */
  private synchronized boolean hasComeAfterAll(Waiting mine) {
    return !line.remove(mine);
  }
}
