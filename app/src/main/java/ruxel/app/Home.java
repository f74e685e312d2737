package ruxel.app;

import java.nio.file.Path;
import java.util.Map;

/** Where the maker's data live: {@code RUXEL_HOME}, else the usual place of the system. */
final class Home {
  private Home() {}

  static Path of(Map<String, String> environment, String user) {
    String chosen = environment.getOrDefault("RUXEL_HOME", "");
    if (!chosen.isBlank()) {
      return Path.of(chosen).toAbsolutePath().normalize();
    }
    if ("root".equals(user)) {
      return Path.of("/var/lib/ruxel");
    }
    String data = environment.getOrDefault("XDG_DATA_HOME", "");
    Path base =
        data.isBlank() ? Path.of(environment.getOrDefault("HOME", "."), ".local", "share") : Path.of(data);
    return base.resolve("ruxel").toAbsolutePath().normalize();
  }

  /** The demo keeps to a place of its own, so that starting it over never touches the maker's garments. */
  static Path ofDemo(Path own) {
    return own.resolve("demo");
  }
}
