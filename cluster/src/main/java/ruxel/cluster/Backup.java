package ruxel.cluster;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Map;

/**
 * The whole database as one file and back, by PostgreSQL's own dump programs. A file that is there is never written
 * over; what a restored database takes the place of is kept beside it.
 */
public final class Backup {
  private static final DateTimeFormatter STAMP = DateTimeFormatter.ofPattern("yyyyMMdd_HHmmss_SSS");

  private final PrivateCluster cluster;

  public Backup(PrivateCluster cluster) {
    this.cluster = cluster;
  }

  /**
   * Writes everything into a new file; it is there only when it is whole.
   *
   * @throws ClusterException if the file is there already, or cannot be written
   */
  public void write(Path file) {
    if (Files.exists(file)) {
      throw new ClusterException("The file %s is there already; nothing was written. Choose another name.".formatted(file));
    }
    Path part = file.resolveSibling(file.getFileName() + ".part");
    try {
      Files.deleteIfExists(part);
      // Body measures are in it: nobody else of this machine is to read it.
      Files.createFile(part, PosixFilePermissions.asFileAttribute(PosixFilePermissions.fromString("rw-------")));
      run("pg_dump", List.of("-Fc", "-d", PrivateCluster.database()), part);
      Files.move(part, file);
    } catch (IOException e) {
      throw new ClusterException("Cannot write %s (%s). Choose a place that can be written to.".formatted(file, e.getMessage()), e);
    }
  }

  /**
   * Puts the file's database in the place of the present one, which is kept under the name that is returned. With a
   * file that is not a backup nothing changes.
   */
  public String read(Path file) {
    if (!Files.isReadable(file)) {
      throw new ClusterException("There is no file %s that can be read; nothing was changed. Check the name.".formatted(file));
    }
    String stamp = LocalDateTime.now().format(STAMP);
    String coming = "ruxel_coming_" + stamp;
    String kept = "ruxel_before_" + stamp;
    execute("CREATE DATABASE " + coming);
    try {
      run("pg_restore", List.of("--exit-on-error", "--no-owner", "--single-transaction", "-d", coming, file.toString()), Path.of("/dev/null"));
      requireOurs(coming);
    } catch (ClusterException e) {
      execute("DROP DATABASE " + coming);
      throw new ClusterException("%s is not a whole backup of Ruxel; nothing was changed. %s".formatted(file, e.getMessage()), e);
    }
    execute(
        "ALTER DATABASE %s RENAME TO %s; ALTER DATABASE %s RENAME TO %s"
            .formatted(PrivateCluster.database(), kept, coming, PrivateCluster.database()));
    return kept;
  }

  private void requireOurs(String database) {
    try (Connection connection = DriverManager.getConnection(cluster.url(database), cluster.user(), cluster.password());
        Statement statement = connection.createStatement()) {
      statement.execute("SELECT id, document FROM garment LIMIT 0");
    } catch (SQLException e) {
      throw new ClusterException("It holds no garments (%s).".formatted(e.getMessage()), e);
    }
  }

  /** Both renamings of one call are one transaction. */
  private void execute(String sql) {
    try (Connection connection = DriverManager.getConnection(cluster.url("postgres"), cluster.user(), cluster.password());
        Statement statement = connection.createStatement()) {
      statement.execute(sql);
    } catch (SQLException e) {
      throw new ClusterException("The database refused (%s); nothing was changed.".formatted(e.getMessage()), e);
    }
  }

  private void run(String program, List<String> arguments, Path out) {
    try {
      Path password = Files.createTempFile("ruxel-pass", "");
      try {
        Ownership.writeOwnerOnly(password, "127.0.0.1:%d:*:%s:%s".formatted(cluster.port(), cluster.user(), cluster.password()));
        Shell.runAsOurselves(
            cluster.program(program),
            List.of("-h", "127.0.0.1", "-p", Integer.toString(cluster.port()), "-U", cluster.user(), "-w"),
            arguments, Map.of("PGPASSFILE", password.toString()), out.toFile());
      } finally {
        Files.deleteIfExists(password);
      }
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}
