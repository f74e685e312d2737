package ruxel.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class HomeTest {
  @Test
  void dataLiveInTheUsualPlace() {
    assertThat(Home.of(Map.of("RUXEL_HOME", "/srv/yarn"), "root")).isEqualTo(Path.of("/srv/yarn"));
    assertThat(Home.of(Map.of(), "root")).isEqualTo(Path.of("/var/lib/ruxel"));
    assertThat(Home.of(Map.of("XDG_DATA_HOME", "/data", "HOME", "/home/m"), "m")).isEqualTo(Path.of("/data/ruxel"));
    assertThat(Home.of(Map.of("HOME", "/home/m"), "m")).isEqualTo(Path.of("/home/m/.local/share/ruxel"));
  }

  @Test
  void onlyTheDemoStartsOver() {
    assertThat(ServeOptions.parse(List.of("demo", "--fresh", "--port", "9000"))).isEqualTo(new ServeOptions(true, true, Optional.of(9000)));
    assertThat(ServeOptions.parse(List.of("start"))).isEqualTo(new ServeOptions(false, false, Optional.empty()));
    assertThatThrownBy(() -> ServeOptions.parse(List.of("start", "--fresh"))).hasMessageContaining("(--fresh)");
    assertThatThrownBy(() -> ServeOptions.parse(List.of("demo", "--prot", "9000"))).hasMessageContaining("(--prot)");
    assertThatThrownBy(() -> ServeOptions.parse(List.of("demo", "--port", "x"))).hasMessageContaining("(x)");
  }
}
