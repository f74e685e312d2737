package ruxel.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayOutputStream;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import ruxel.app.garment.GarmentService;
import ruxel.app.work.Sent;
import ruxel.app.work.WorkService;
import ruxel.core.identity.SeamId;
import ruxel.core.identity.WorkRef;
import ruxel.cluster.HomeLock;
import ruxel.cluster.PrivateCluster;
import ruxel.cluster.ThrowAwayCluster;
import ruxel.core.bench.Work;

/** Garments and work survive the loss of everything but the backup. */
class BackupCommandTest {
  private final Path home = ThrowAwayCluster.newHome();
  private final ByteArrayOutputStream words = new ByteArrayOutputStream();
  @TempDir private Path directory;

  @AfterEach
  void removeHome() {
    ThrowAwayCluster.remove(home);
  }

  @Test
  void everythingComesBackInAnotherPlace() {
    String file = directory.resolve("all.backup").toString();
    UUID work;
    try (PrivateCluster cluster = PrivateCluster.start(home, PrivateCluster.Durability.THROW_AWAY);
        RuxelServer server = RuxelServer.start(cluster, 0)) {
      UUID garment = server.bean(GarmentService.class).importFile(TestServer.demo("tide-bell-pullover.json").getBytes(StandardCharsets.UTF_8));
      WorkService.View taken = server.bean(WorkService.class).take(garment, WorkRef.seam(new SeamId("shoulder.left")), false);
      work = taken.id();
      server.bean(WorkService.class).keep(work, "test", List.of(Sent.of(1, Work.Kind.JOINT, 1, java.util.Optional.empty())));
      assertThat(run("backup", file)).as(words.toString(StandardCharsets.UTF_8)).isZero();
    }
    Path other = ThrowAwayCluster.newHome();
    try {
      assertThat(BackupCommand.run(List.of("restore", file), other, out(), out())).isZero();
      assertThat(words.toString(StandardCharsets.UTF_8)).contains("is read back", "ruxel_before_");
      try (PrivateCluster cluster = PrivateCluster.start(other, PrivateCluster.Durability.THROW_AWAY);
          RuxelServer server = RuxelServer.start(cluster, 0)) {
        assertThat(server.bean(WorkService.class).view(work).position()).isEqualTo(1);
        assertThat(server.bean(GarmentService.class).shelf(ruxel.app.garment.GarmentStore.ShelfState.OPEN)).hasSize(1);
      }
    } finally {
      ThrowAwayCluster.remove(other);
    }
  }

  @Test
  void nothingIsReadBackUnderARunningServer() {
    try (HomeLock running = HomeLock.take(home)) {
      running.announce("http://127.0.0.1:1");
      assertThat(run("restore", "any.backup")).isEqualTo(1);
      assertThat(words.toString(StandardCharsets.UTF_8)).contains("running already");
    }
  }

  @Test
  void withoutAFileItSaysWhatIsExpected() {
    assertThat(run("backup")).isEqualTo(2);
    assertThat(run("restore", "--all")).isEqualTo(2);
    assertThat(words.toString(StandardCharsets.UTF_8)).contains("./ruxel backup garments.backup", "./ruxel restore garments.backup");
  }

  private int run(String... typed) {
    return BackupCommand.run(List.of(typed), home, out(), out());
  }

  private PrintStream out() {
    return new PrintStream(words, true, StandardCharsets.UTF_8);
  }
}
