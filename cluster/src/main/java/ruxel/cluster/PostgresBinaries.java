package ruxel.cluster;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** The PostgreSQL server programs as Debian installs them, one directory per major version. */
record PostgresBinaries(int major, Path directory) {
  private static final Path ROOT = Path.of("/usr/lib/postgresql");

  static List<PostgresBinaries> installed() {
    if (!Files.isDirectory(ROOT)) {
      return List.of();
    }
    try (Stream<Path> versions = Files.list(ROOT)) {
      return versions
          .filter(version -> Files.isExecutable(version.resolve("bin/initdb")))
          .filter(version -> version.getFileName().toString().matches("\\d+"))
          .map(version -> new PostgresBinaries(majorOf(version), version.resolve("bin")))
          .sorted(Comparator.comparingInt(PostgresBinaries::major).reversed())
          .toList();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /** The newest installed major, for a new data directory. */
  static PostgresBinaries newest() {
    return installed().stream()
        .findFirst()
        .orElseThrow(
            () ->
                new ClusterException(
                    "No PostgreSQL server is installed. Run ./ruxel again: it installs Debian's package postgresql."));
  }

  /**
   * The programs that can open {@code data}.
   *
   * @throws ClusterException if the data were made by a major version that is not installed
   */
  static PostgresBinaries forData(Path data, String wantedMajor) {
    Optional<PostgresBinaries> match =
        installed().stream().filter(b -> Integer.toString(b.major()).equals(wantedMajor)).findFirst();
    return match.orElseThrow(
        () ->
            new ClusterException(
                "The data in %s were made by PostgreSQL %s, which is not installed here. Install Debian's package postgresql-%s, or move the data away and import your garment files."
                    .formatted(data, wantedMajor, wantedMajor)));
  }

  private static int majorOf(Path version) {
    return Integer.parseInt(version.getFileName().toString());
  }
}
