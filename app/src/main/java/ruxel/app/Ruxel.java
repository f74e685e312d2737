package ruxel.app;

import java.io.UncheckedIOException;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.atomic.AtomicReference;
import ruxel.cluster.ClusterException;
import ruxel.cluster.HomeLock;
import ruxel.cluster.PrivateCluster;
import ruxel.files.PlanCommand;

/** The commands behind {@code ./ruxel}: {@code demo}, {@code start}, {@code plan}, {@code backup} and {@code restore}. */
public final class Ruxel {
  private static final int USUAL_PORT = 8437;

  private Ruxel() {}

  public static void main(String[] arguments) {
    List<String> words = List.of(arguments);
    String command = words.isEmpty() ? "" : words.get(0);
    switch (command) {
      case "demo", "start" -> serve(options(words));
      case "plan" -> System.exit(PlanCommand.run(words.subList(1, words.size()), System.in, System.out, System.err));
      case "backup", "restore" -> System.exit(BackupCommand.run(words, Home.of(System.getenv(), System.getProperty("user.name")), System.out, System.err));
      default -> {
        System.err.println("Expected demo, start, plan, backup or restore, got (" + command + "). See README.md.");
        System.exit(2);
      }
    }
  }

  private static ServeOptions options(List<String> words) {
    try {
      return ServeOptions.parse(words);
    } catch (IllegalArgumentException e) {
      System.err.println(e.getMessage());
      System.exit(2);
      throw e;
    }
  }

  private static void serve(ServeOptions options) {
    Path own = Home.of(System.getenv(), System.getProperty("user.name"));
    Path home = options.demo() ? Home.ofDemo(own) : own;
    try {
      serve(options, home);
    } catch (ClusterException | UncheckedIOException e) {
      System.err.println(e.getMessage());
      System.exit(1);
    }
  }

  private static void serve(ServeOptions options, Path home) {
    HomeLock lock = HomeLock.take(home);
    int wished = options.port().orElse(USUAL_PORT);
    int port = RuxelServer.freePort(wished);
    if (port != wished && options.port().isPresent() && wished != 0) {
      throw new ClusterException("Port %d is taken by another program, so nothing was started. Name another one, or leave --port out.".formatted(wished));
    }
    PrivateCluster cluster = PrivateCluster.start(home, PrivateCluster.Durability.REAL);
    AtomicReference<RuxelServer> running = new AtomicReference<>();
    CountDownLatch stopped = new CountDownLatch(1);
    // From here on the database goes with the program, whether that gets ready or not.
    Runtime.getRuntime()
        .addShutdownHook(
            new Thread(
                () -> {
                  Optional.ofNullable(running.get()).ifPresent(RuxelServer::close);
                  cluster.close();
                  lock.close();
                  stopped.countDown();
                }));
    if (options.fresh()) {
      cluster.startOver();
    }
    RuxelServer server = RuxelServer.start(cluster, port);
    running.set(server);
    if (options.demo()) {
      server.bean(DemoWardrobe.class).fillIfEmpty();
    }
    lock.announce(server.address());
    if (port != wished && wished != 0) {
      System.out.printf("%nPort %d is taken by another program; this is served on another one.%n", wished);
    }
    System.out.printf("%nRuxel is ready: %s%nData: %s. Ctrl-C stops it.%n", server.address(), home);
    try {
      stopped.await();
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
    }
  }
}
