package ruxel.cluster;

import java.io.IOException;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.List;
import java.util.regex.Pattern;

/**
 * A PostgreSQL cluster of our own below one directory: loopback TCP only, no socket, a generated
 * password that only the owner can read. Starting finds a cluster that is still running (left by a
 * killed server) and uses it; other clusters of the machine are never touched.
 */
public final class PrivateCluster implements AutoCloseable {
  /** Real data are flushed to disk before a write is acknowledged; throw-away clusters skip that. */
  public enum Durability {
    REAL,
    THROW_AWAY
  }

  private static final String USER = "ruxel";
  private static final String DATABASE = "ruxel";
  private static final String LOG = "server.log";
  private static final Pattern GRAVE = Pattern.compile("FATAL:|PANIC:|DETAIL:|HINT:");
  private static final int MOST_WORDS = 3;

  private final Path data;
  private final PostgresBinaries binaries;
  private final String password;
  private final int port;

  private PrivateCluster(Path data, PostgresBinaries binaries, String password, int port) {
    this.data = data;
    this.binaries = binaries;
    this.password = password;
    this.port = port;
  }

  /**
   * Makes the cluster below {@code home} if that place is empty, starts it if it does not run, and makes
   * sure that its database exists. Nothing that is there is ever removed.
   *
   * @throws ClusterException with the remedy, when the data are not whole, of another PostgreSQL major, not
   *     reachable by the user who must own them, or the server does not start
   */
  public static PrivateCluster start(Path home, Durability durability) {
    Path data = home.resolve("postgres").resolve("data");
    try {
      Files.createDirectories(home);
      PostgresBinaries binaries = new NewCluster(home).findOrMake(USER);
      String password = Files.readString(home.resolve("secret")).strip();
      PrivateCluster running = findOrStart(data, binaries, password, durability);
      running.createDatabase();
      return running;
    } catch (IOException e) {
      throw new ClusterException("The data in %s cannot be used (%s). RUXEL_HOME has to name a directory that you may read and write.".formatted(home, e), e);
    }
  }

  private static PrivateCluster findOrStart(
      Path data, PostgresBinaries binaries, String password, Durability durability) throws IOException {
    Path control = binaries.directory().resolve("pg_ctl");
    if (Shell.status(control, List.of("status", "-D", data.toString())) == 0) {
      int port = portOfRunning(data);
      return new PrivateCluster(data, binaries, password, port);
    }
    int port = freePort();
    String options =
        "-p %d -c listen_addresses=127.0.0.1 -c unix_socket_directories=''%s"
            .formatted(
                port,
                durability == Durability.THROW_AWAY
                    ? " -c fsync=off -c synchronous_commit=off -c full_page_writes=off"
                    : "");
    // By names within the directory: pg_ctl hands them to a shell, which would read quotes in a path.
    if (Shell.status(data, control, List.of("start", "-w", "-t", "120", "-D", ".", "-l", LOG, "-o", options)) != 0) {
      throw new ClusterException(
          "PostgreSQL does not start with the data in %s. %sNothing was changed. Mend that (rights and owner of the directory, its disk), or move the directory and the file 'secret' beside it away, start anew and read your last backup with ./ruxel restore FILE."
              .formatted(data, lastWords(data)));
    }
    return new PrivateCluster(data, binaries, password, port);
  }

  /** The gravest of what PostgreSQL said last. */
  private static String lastWords(Path data) {
    List<String> grave =
        Ownership.read(data.resolve(LOG)).stream().flatMap(String::lines).filter(line -> GRAVE.matcher(line).find()).toList();
    return grave.isEmpty() ? "" : "It says: " + String.join(" ", grave.subList(Math.max(0, grave.size() - MOST_WORDS), grave.size())) + " ";
  }

  /** The fourth line of {@code postmaster.pid} is the port. */
  private static int portOfRunning(Path data) {
    String pid =
        Ownership.read(data.resolve("postmaster.pid"))
            .orElseThrow(() -> new ClusterException("The cluster in " + data + " stopped just now; start again"));
    return Integer.parseInt(pid.lines().skip(3).findFirst().orElseThrow().strip());
  }

  /** Whether a cluster below {@code home} runs already, for somebody else. */
  public static boolean runs(Path home) {
    Path data = home.resolve("postgres").resolve("data");
    return Ownership.read(data.resolve("PG_VERSION"))
        .map(version -> PostgresBinaries.forData(data, version.strip()))
        .filter(binaries -> Shell.status(binaries.directory().resolve("pg_ctl"), List.of("status", "-D", data.toString())) == 0)
        .isPresent();
  }

  /** Throws all data away and begins with an empty database. */
  public void startOver() {
    try (Connection connection = DriverManager.getConnection(url("postgres"), USER, password);
        Statement statement = connection.createStatement()) {
      statement.execute("DROP DATABASE " + DATABASE + " WITH (FORCE)");
    } catch (SQLException e) {
      throw new ClusterException("Cannot start over in " + data + ": " + e.getMessage(), e);
    }
    createDatabase();
  }

  private void createDatabase() {
    try (Connection connection = DriverManager.getConnection(url("postgres"), USER, password);
        Statement statement = connection.createStatement()) {
      boolean exists =
          statement
              .executeQuery("SELECT 1 FROM pg_database WHERE datname = '" + DATABASE + "'")
              .next();
      if (!exists) {
        statement.execute("CREATE DATABASE " + DATABASE);
      }
    } catch (SQLException e) {
      throw new ClusterException(
          "The private cluster in %s does not let us in (%s). If its file 'secret' was lost, move the data away and import your garment files."
              .formatted(data, e.getMessage()),
          e);
    }
  }

  private static int freePort() throws IOException {
    try (ServerSocket socket = new ServerSocket(0, 1, InetAddress.getLoopbackAddress())) {
      return socket.getLocalPort();
    }
  }

  Path program(String name) {
    return binaries.directory().resolve(name);
  }

  int port() {
    return port;
  }

  static String database() {
    return DATABASE;
  }

  String url(String database) {
    return "jdbc:postgresql://127.0.0.1:%d/%s".formatted(port, database);
  }

  public String jdbcUrl() {
    return url(DATABASE);
  }

  public String user() {
    return USER;
  }

  public String password() {
    return password;
  }

  /** Stops the server at once but cleanly; open transactions are rolled back. */
  @Override
  public void close() {
    Shell.status(
        binaries.directory().resolve("pg_ctl"),
        List.of("stop", "-m", "fast", "-w", "-D", data.toString()));
  }
}
