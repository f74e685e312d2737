package ruxel.app;

import java.io.IOException;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.util.Map;
import org.springframework.boot.WebApplicationType;
import org.springframework.boot.builder.SpringApplicationBuilder;
import org.springframework.context.ConfigurableApplicationContext;
import ruxel.cluster.PrivateCluster;

/** The running web application on loopback, on a database cluster that somebody else owns. */
public final class RuxelServer implements AutoCloseable {
  /** A database that stopped answering is told of within five seconds; migrations may take longer. */
  private static final String WITHIN_SECONDS = "?connectTimeout=2&loginTimeout=2&socketTimeout=4&reWriteBatchedInserts=true";

  private final ConfigurableApplicationContext context;
  private final String address;

  private RuxelServer(ConfigurableApplicationContext context, String address) {
    this.context = context;
    this.address = address;
  }

  /**
   * Migrates the database and serves on 127.0.0.1.
   *
   * @param port the port to serve on; taken as a wish, a busy port gives way to a free one
   */
  public static RuxelServer start(PrivateCluster cluster, int port) {
    int free = freePort(port);
    ConfigurableApplicationContext context =
        new SpringApplicationBuilder(RuxelApplication.class)
            .web(WebApplicationType.SERVLET)
            .registerShutdownHook(false)
            .properties(
                Map.of(
                    "server.port", free,
                    "spring.datasource.url", cluster.jdbcUrl() + WITHIN_SECONDS,
                    "spring.flyway.url", cluster.jdbcUrl(),
                    "spring.flyway.user", cluster.user(),
                    "spring.flyway.password", cluster.password(),
                    "spring.datasource.username", cluster.user(),
                    "spring.datasource.password", cluster.password()))
            .run();
    return new RuxelServer(context, "http://127.0.0.1:" + free);
  }

  /** The wished port, or any other where that is taken; 0 wishes for none. */
  static int freePort(int wished) {
    try (ServerSocket socket = new ServerSocket(wished, 1, InetAddress.getLoopbackAddress())) {
      return socket.getLocalPort();
    } catch (IOException busy) {
      if (wished == 0) {
        throw new IllegalStateException("No free port on loopback", busy);
      }
      return freePort(0);
    }
  }

  public String address() {
    return address;
  }

  public <T> T bean(Class<T> type) {
    return context.getBean(type);
  }

  @Override
  public void close() {
    context.close();
  }
}
