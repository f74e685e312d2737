package ruxel.cluster;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;

/** A cluster in a temporary directory that is removed on close; for tests and pictures. */
public final class ThrowAwayCluster implements AutoCloseable {
  private final Path home;
  private final PrivateCluster cluster;

  private ThrowAwayCluster(Path home, PrivateCluster cluster) {
    this.home = home;
    this.cluster = cluster;
  }

  public static ThrowAwayCluster start() {
    Path home = newHome();
    return new ThrowAwayCluster(home, PrivateCluster.start(home, PrivateCluster.Durability.THROW_AWAY));
  }

  /** A fresh directory that the server's user can reach. */
  public static Path newHome() {
    try {
      Path home = Files.createTempDirectory("ruxel-");
      Files.setPosixFilePermissions(home, PosixFilePermissions.fromString("rwxr-xr-x"));
      return home;
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  public PrivateCluster cluster() {
    return cluster;
  }

  @Override
  public void close() {
    cluster.close();
    remove(home);
  }

  public static void remove(Path home) {
    try {
      Ownership.removeTree(home);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}
