package ruxel.cluster;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.mockito.Mockito.CALLS_REAL_METHODS;
import static org.mockito.Mockito.mockStatic;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.mockito.MockedStatic;

/** Server programs that are not installed: said with the remedy, and nothing is touched. */
class MissingProgramsTest {
  @TempDir private Path home;

  @Test
  void withoutAServerNothingIsMade() throws IOException {
    try (MockedStatic<PostgresBinaries> programs = mockStatic(PostgresBinaries.class, CALLS_REAL_METHODS)) {
      programs.when(PostgresBinaries::installed).thenReturn(List.of());
      assertThatThrownBy(() -> new NewCluster(home).findOrMake("ruxel")).isInstanceOf(ClusterException.class).hasMessageContaining("./ruxel");
    }
    try (var inside = Files.list(home)) {
      assertThat(inside).isEmpty();
    }
  }

  @Test
  void dataOfAnotherMajorStayAsTheyAre() throws IOException {
    Path data = Files.createDirectories(home.resolve("postgres/data"));
    Files.writeString(data.resolve("PG_VERSION"), "9\n");
    Files.writeString(home.resolve("secret"), "word");
    try (MockedStatic<PostgresBinaries> programs = mockStatic(PostgresBinaries.class, CALLS_REAL_METHODS)) {
      programs.when(PostgresBinaries::installed).thenReturn(List.of(new PostgresBinaries(17, Path.of("/nowhere"))));
      assertThatThrownBy(() -> new NewCluster(home).findOrMake("ruxel")).isInstanceOf(ClusterException.class).hasMessageContaining("9");
    }
    assertThat(data.resolve("PG_VERSION")).hasContent("9\n");
  }
}
