package ruxel.cluster;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermission;
import java.nio.file.attribute.PosixFilePermissions;
import java.nio.file.attribute.UserPrincipal;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

/** Who owns which file: as root the server's files belong to {@code postgres}, else to ourselves. */
final class Ownership {
  private static final Set<PosixFilePermission> OWNER_ONLY = PosixFilePermissions.fromString("rw-------");

  private Ownership() {}

  static void giveToServerUser(Path path) throws IOException {
    if (Shell.root()) {
      UserPrincipal postgres =
          path.getFileSystem().getUserPrincipalLookupService().lookupPrincipalByName("postgres");
      Files.setOwner(path, postgres);
    }
  }

  /** Refuses a place the server's user cannot walk to, such as one below {@code /root}. */
  static void requireReachable(Path directory) {
    if (Shell.status(Path.of("/usr/bin/test"), List.of("-w", directory.toString())) != 0) {
      throw new ClusterException(
          "The user postgres cannot reach %s. Choose another place with RUXEL_HOME, for example RUXEL_HOME=/var/lib/ruxel."
              .formatted(directory));
    }
  }

  /** The file is created closed before the secret is written into it. */
  static void writeOwnerOnly(Path file, String text) throws IOException {
    Files.deleteIfExists(file);
    Files.createFile(file, PosixFilePermissions.asFileAttribute(OWNER_ONLY));
    Files.writeString(file, text + "\n");
  }

  static Optional<String> read(Path file) {
    try {
      return Files.exists(file) ? Optional.of(Files.readString(file)) : Optional.empty();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  static void removeTree(Path directory) throws IOException {
    if (!Files.exists(directory)) {
      return;
    }
    try (Stream<Path> all = Files.walk(directory)) {
      for (Path path : all.sorted(Comparator.reverseOrder()).toList()) {
        Files.delete(path);
      }
    }
  }
}
