package ruxel.cluster;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** Whatever is missing of a cluster, nothing that is there is ever removed. */
class NewClusterTest {
  private Path home;
  private Path data;

  @BeforeEach
  void makeACluster() {
    home = ThrowAwayCluster.newHome();
    data = home.resolve("postgres/data");
  }

  @AfterEach
  void removeHome() {
    ThrowAwayCluster.remove(home);
  }

  private PrivateCluster start() {
    return PrivateCluster.start(home, PrivateCluster.Durability.THROW_AWAY);
  }

  private List<Path> everything() throws IOException {
    try (Stream<Path> all = Files.walk(home)) {
      return all.filter(path -> !path.endsWith("server.log")).sorted().toList();
    }
  }

  @Test
  void aMissingVersionFileRemovesNothingAndTheRemedyItNamesWorks() throws IOException {
    start().close();
    Path version = data.resolve("PG_VERSION");
    String major = Files.readString(version).strip();
    Files.delete(version);
    List<Path> before = everything();
    assertThatThrownBy(this::start)
        .isInstanceOf(ClusterException.class)
        .hasMessageContaining("not PG_VERSION")
        .hasMessageContaining("Nothing was changed")
        .hasMessageContaining("echo " + major + " > " + version);
    assertThat(everything()).isEqualTo(before);
    Files.writeString(version, major + "\n");
    Ownership.giveToServerUser(version);
    start().close();
  }

  @Test
  void anyFileWhereTheDataShouldBeKeepsAClusterFromBeingMade() throws IOException {
    Files.createDirectories(data);
    Files.writeString(data.resolve("letter.txt"), "mine");
    assertThatThrownBy(this::start).isInstanceOf(ClusterException.class).hasMessageContaining("Nothing was changed");
    assertThat(data.resolve("letter.txt")).hasContent("mine");
    assertThat(home.resolve("secret")).doesNotExist();
  }

  @Test
  void aSecretWithoutItsDataIsNotWrittenOver() throws IOException {
    start().close();
    String secret = Files.readString(home.resolve("secret"));
    Path away = home.resolve("away");
    Files.move(data, away);
    assertThatThrownBy(this::start).isInstanceOf(ClusterException.class).hasMessageContaining("not mounted");
    assertThat(home.resolve("secret")).hasContent(secret);
    Files.move(away, data);
    start().close();
  }

  @Test
  void aMissingSecretIsSaidWithTheRemedy() throws IOException {
    start().close();
    Files.delete(home.resolve("secret"));
    assertThatThrownBy(this::start)
        .isInstanceOf(ClusterException.class)
        .hasMessageContaining("secret is missing")
        .hasMessageContaining("single-user mode");
    assertThat(data.resolve("PG_VERSION")).exists();
  }

  @Test
  void aMakingInterruptedBeforeItsSecretWasInPlaceIsCompleted() throws IOException {
    start().close();
    Files.move(home.resolve("secret"), home.resolve("secret.new"));
    start().close();
    assertThat(home.resolve("secret")).exists();
  }

  @Test
  void leftoversOfAnInterruptedMakingAreNoHindranceAndStay() throws IOException {
    Path leftover = Files.createDirectories(home.resolve("postgres/data.new-1234"));
    Files.writeString(leftover.resolve("half"), "made");
    start().close();
    assertThat(leftover.resolve("half")).exists();
  }
}
