package ruxel.cluster;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class BackupTest {
  private final ThrowAwayCluster throwAway = ThrowAwayCluster.start();
  private final PrivateCluster cluster = throwAway.cluster();
  private final Backup backup = new Backup(cluster);
  @TempDir private Path directory;

  @AfterEach
  void close() {
    throwAway.close();
  }

  @Test
  void whatWasThereComesBackAndWhatItReplacesIsKept() throws Exception {
    execute(cluster.jdbcUrl(), "CREATE TABLE garment (id int, document text); INSERT INTO garment VALUES (51, 'sleeve')");
    Path file = directory.resolve("kept.backup");
    backup.write(file);
    assertThat(PosixFilePermissions.toString(Files.getPosixFilePermissions(file))).as("body measures are in it").isEqualTo("rw-------");
    execute(cluster.jdbcUrl(), "UPDATE garment SET document = 'changed since'");
    String kept = backup.read(file);
    assertThat(document(cluster.jdbcUrl())).isEqualTo("sleeve");
    assertThat(document(cluster.url(kept))).isEqualTo("changed since");
  }

  @Test
  void aFileThatIsThereIsNotWrittenOver() throws Exception {
    Path file = directory.resolve("letter.txt");
    Files.writeString(file, "mine");
    assertThatThrownBy(() -> backup.write(file)).isInstanceOf(ClusterException.class).hasMessageContaining("there already");
    assertThat(file).hasContent("mine");
  }

  @Test
  void aFileThatIsNoBackupChangesNothing() throws Exception {
    execute(cluster.jdbcUrl(), "CREATE TABLE garment (id int, document text); INSERT INTO garment VALUES (14, 'front')");
    Path file = directory.resolve("letter.txt");
    Files.writeString(file, "mine");
    assertThatThrownBy(() -> backup.read(file)).isInstanceOf(ClusterException.class).hasMessageContaining("nothing was changed");
    assertThatThrownBy(() -> backup.read(directory.resolve("nowhere"))).isInstanceOf(ClusterException.class).hasMessageContaining("no file");
    assertThat(document(cluster.jdbcUrl())).isEqualTo("front");
  }

  @Test
  void aDumpOfSomethingElseIsRefused() throws SQLException {
    execute(cluster.jdbcUrl(), "CREATE TABLE other (id int)");
    Path file = directory.resolve("other.backup");
    backup.write(file);
    assertThatThrownBy(() -> backup.read(file)).isInstanceOf(ClusterException.class).hasMessageContaining("holds no garments");
    assertThat(databases()).isEqualTo(1);
  }

  private long databases() throws SQLException {
    try (Connection connection = DriverManager.getConnection(cluster.url("postgres"), cluster.user(), cluster.password());
        ResultSet found = connection.createStatement().executeQuery("SELECT count(*) FROM pg_database WHERE datname LIKE 'ruxel%'")) {
      found.next();
      return found.getLong(1);
    }
  }

  private String document(String url) throws SQLException {
    try (Connection connection = DriverManager.getConnection(url, cluster.user(), cluster.password());
        ResultSet found = connection.createStatement().executeQuery("SELECT document FROM garment")) {
      found.next();
      return found.getString(1);
    }
  }

  private void execute(String url, String sql) throws SQLException {
    try (Connection connection = DriverManager.getConnection(url, cluster.user(), cluster.password())) {
      connection.createStatement().execute(sql);
    }
  }
}
