package ruxel.cluster;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

class PrivateClusterTest {
  private Path home;

  @BeforeEach
  void makeHome() {
    home = ThrowAwayCluster.newHome();
  }

  @AfterEach
  void removeHome() {
    ThrowAwayCluster.remove(home);
  }

  @Test
  void keepsDataFindsARunningClusterAndLetsNobodyInWithoutThePassword() throws Exception {
    try (PrivateCluster first = PrivateCluster.start(home, PrivateCluster.Durability.THROW_AWAY)) {
      execute(first, "CREATE TABLE kept (n int); INSERT INTO kept VALUES (51)");
      PrivateCluster second = PrivateCluster.start(home, PrivateCluster.Durability.THROW_AWAY);
      assertThat(second.jdbcUrl()).as("the running cluster is found").isEqualTo(first.jdbcUrl());
      assertThatThrownBy(() -> DriverManager.getConnection(first.jdbcUrl(), first.user(), "guess"))
          .isInstanceOf(SQLException.class);
    }
    try (PrivateCluster again = PrivateCluster.start(home, PrivateCluster.Durability.THROW_AWAY)) {
      execute(again, "INSERT INTO kept VALUES (14)");
    }
    assertThat(PosixFilePermissions.toString(Files.getPosixFilePermissions(home.resolve("secret"))))
        .isEqualTo("rw-------");
  }

  @Test
  void refusesDataOfAnotherMajorWithTheRemedy() throws Exception {
    Path data = Files.createDirectories(home.resolve("postgres/data"));
    Files.writeString(data.resolve("PG_VERSION"), "9\n");
    assertThatThrownBy(() -> PrivateCluster.start(home, PrivateCluster.Durability.REAL))
        .isInstanceOf(ClusterException.class)
        .hasMessageContaining("PostgreSQL 9")
        .hasMessageContaining("postgresql-9");
  }

  @Test
  void aSecondStartIsToldWhoRunsAndWhere() {
    try (HomeLock lock = HomeLock.take(home)) {
      lock.announce("http://127.0.0.1:1234");
      assertThatThrownBy(() -> HomeLock.take(home))
          .isInstanceOf(ClusterException.class)
          .hasMessageContaining("http://127.0.0.1:1234")
          .hasMessageContaining("process " + ProcessHandle.current().pid());
    }
    HomeLock.take(home).close();
  }

  private static void execute(PrivateCluster cluster, String sql) throws SQLException {
    try (Connection connection =
        DriverManager.getConnection(cluster.jdbcUrl(), cluster.user(), cluster.password())) {
      connection.createStatement().execute(sql);
    }
  }
}
