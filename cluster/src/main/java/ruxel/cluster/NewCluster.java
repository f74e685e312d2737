package ruxel.cluster;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.LinkOption;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.security.SecureRandom;
import java.util.HexFormat;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * Makes a cluster where there is none. Nothing is ever deleted or written over: a place that holds anything else
 * than nothing is refused with what is wrong and how to mend it. The data directory appears whole, by one rename.
 */
final class NewCluster {
  private static final int PASSWORD_BYTES = 24;
  private static final SecureRandom RANDOM = new SecureRandom();

  private final Path base;
  private final Path data;
  private final Path secret;
  /** The secret of a cluster whose data directory is in its place but whose making was interrupted there. */
  private final Path newSecret;

  NewCluster(Path home) {
    base = home.resolve("postgres");
    data = base.resolve("data");
    secret = home.resolve("secret");
    newSecret = home.resolve("secret.new");
  }

  /**
   * The major version of the data that are there, or of those that were made now.
   *
   * @throws ClusterException if something is there that is not a whole cluster
   */
  PostgresBinaries findOrMake(String user) throws IOException {
    Optional<String> version = Ownership.read(data.resolve("PG_VERSION"));
    if (version.isPresent()) {
      PostgresBinaries binaries = PostgresBinaries.forData(data, version.get().strip());
      requireSecret();
      return binaries;
    }
    requireEmpty();
    PostgresBinaries binaries = PostgresBinaries.newest();
    make(user, binaries);
    return binaries;
  }

  private void requireSecret() throws IOException {
    if (!Files.exists(secret) && Files.exists(newSecret)) {
      Files.move(newSecret, secret, StandardCopyOption.ATOMIC_MOVE);
    }
    if (!Files.exists(secret)) {
      throw new ClusterException(
          "The file %s is missing; it holds the password of the data in %s. Nothing was changed. Put it back from a copy; if there is none, set a new password with PostgreSQL's single-user mode (echo \"ALTER ROLE ruxel PASSWORD 'word'\" | postgres --single -D %s postgres, as the owner of the data) and write the same word into that file."
              .formatted(secret, data, data));
    }
  }

  private void requireEmpty() throws IOException {
    if (holdsSomething()) {
      String major = Ownership.read(data.resolve("base/1/PG_VERSION")).map(String::strip).orElse("");
      String put =
          major.isEmpty()
              ? "Put that file back from a copy of the directory"
              : "Its databases were made by PostgreSQL %s: put the file back with echo %s > %s".formatted(major, major, data.resolve("PG_VERSION"));
      throw new ClusterException(
          "The directory %s holds files, but not PG_VERSION, so PostgreSQL cannot open it. Nothing was changed. %s; or move the directory and %s away, start anew and read your last backup with ./ruxel restore FILE."
              .formatted(data, put, secret));
    }
    if (Files.exists(secret)) {
      throw new ClusterException(
          "The file %s is there, but the data it opens are not: %s is missing or empty. Nothing was changed. Put the data back (a disk that is not mounted?); to begin with nothing instead, move that file away."
              .formatted(secret, data));
    }
  }

  private boolean holdsSomething() throws IOException {
    if (!Files.isDirectory(data)) {
      return Files.exists(data, LinkOption.NOFOLLOW_LINKS);
    }
    try (Stream<Path> inside = Files.list(data)) {
      return inside.findAny().isPresent();
    }
  }

  private void make(String user, PostgresBinaries binaries) throws IOException {
    Files.createDirectories(base);
    Ownership.giveToServerUser(base);
    Ownership.requireReachable(base);
    String password = random();
    Ownership.writeOwnerOnly(newSecret, password);
    Path making = base.resolve("data.new-" + random().substring(0, 8));
    Path handed = base.resolve("pwfile");
    Ownership.writeOwnerOnly(handed, password);
    Ownership.giveToServerUser(handed);
    try {
      Shell.run(
          binaries.directory().resolve("initdb"),
          List.of(
              "-D", making.toString(), "-U", user, "-E", "UTF8", "--locale=C.UTF-8", "--auth=scram-sha-256", "--pwfile=" + handed));
    } finally {
      Files.deleteIfExists(handed);
    }
    // Onto an empty directory only: the rename fails if anything has come to lie there.
    Files.move(making, data, StandardCopyOption.ATOMIC_MOVE);
    Files.move(newSecret, secret, StandardCopyOption.ATOMIC_MOVE);
  }

  private static String random() {
    byte[] bytes = new byte[PASSWORD_BYTES];
    RANDOM.nextBytes(bytes);
    return HexFormat.of().formatHex(bytes);
  }
}
