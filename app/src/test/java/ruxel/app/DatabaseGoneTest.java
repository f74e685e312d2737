package ruxel.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.transaction.support.TransactionTemplate;
import ruxel.cluster.ThrowAwayCluster;

/** With PostgreSQL gone or frozen an answer comes soon, says so, and what it says of saving is true. */
class DatabaseGoneTest {
  private static final Duration LIMIT = Duration.ofSeconds(6);

  private final HttpClient client = HttpClient.newHttpClient();

  private HttpResponse<String> send(RuxelServer server, String method, String path, String body) throws IOException, InterruptedException {
    HttpRequest.Builder request = HttpRequest.newBuilder(URI.create(server.address() + path)).header("Content-Type", "application/json").header("If-Match", "\"1\"");
    return client.send(request.method(method, HttpRequest.BodyPublishers.ofString(body)).timeout(LIMIT).build(), HttpResponse.BodyHandlers.ofString());
  }

  private static String demo() {
    return TestServer.demo("tide-bell-pullover.json");
  }

  @ParameterizedTest
  @ValueSource(booleans = {false, true})
  void everyAnswerSaysThatTheDatabaseIsGone(boolean frozen) throws Exception {
    ThrowAwayCluster cluster = ThrowAwayCluster.start();
    try (RuxelServer server = RuxelServer.start(cluster.cluster(), 0)) {
      String id = TestServer.JSON.readTree(send(server, "POST", "/api/garments/import", demo()).body()).path("id").asString();
      if (frozen) {
        signal("STOP", cluster);
      } else {
        cluster.cluster().close();
      }
      String rename = "{\"changes\":[{\"kind\":\"RENAMED\",\"name\":\"Quay coat\"}]}";
      HttpResponse<String> write = send(server, "POST", "/api/garments/" + id + "/changes", rename);
      assertThat(write.statusCode()).as(write.body()).isEqualTo(503);
      assertThat(write.headers().firstValue("Content-Type").orElse("")).startsWith("application/problem+json");
      assertThat(write.body()).contains("nothing was saved");
      HttpResponse<String> read = send(server, "GET", "/api/garments", "");
      assertThat(read.statusCode()).as(read.body()).isEqualTo(503);
      assertThat(read.body()).contains("does not answer").doesNotContain("saved");
      if (frozen) {
        signal("CONT", cluster);
        HttpResponse<String> again = send(server, "GET", "/api/garments/" + id, "");
        assertThat(again.statusCode()).as("and it goes on when the database does").isEqualTo(200);
        assertThat(TestServer.JSON.readTree(again.body()).path("version").asInt()).as("nothing was saved").isEqualTo(1);
      }
    } finally {
      cluster.close();
    }
  }

  /** A commit that fails after everything was sent: whether it was saved is not known, and that is what is said. */
  @Test
  void aFailedCommitIsNotCalledNothingSaved() {
    JdbcClient jdbc = TestServer.shared().bean(JdbcClient.class);
    TransactionTemplate transaction = TestServer.shared().bean(TransactionTemplate.class);
    Throwable thrown =
        org.assertj.core.api.Assertions.catchThrowable(
            () -> transaction.executeWithoutResult(status -> jdbc.sql("SELECT pg_terminate_backend(pg_backend_pid())").query().listOfRows()));
    assertThat(thrown).as("before the commit: certain").isNotNull();
    Throwable atCommit =
        org.assertj.core.api.Assertions.catchThrowable(
            () ->
                transaction.executeWithoutResult(
                    status -> {
                      jdbc.sql("CREATE TEMP TABLE t (n int UNIQUE DEFERRABLE INITIALLY DEFERRED) ON COMMIT DROP").update();
                      jdbc.sql("INSERT INTO t VALUES (1), (1)").update();
                    }));
    assertThat(atCommit.getClass().getSimpleName()).isEqualTo("Unknown");
  }

  /** To every process of the cluster's server; to its first one first, so that it starts no others meanwhile. */
  private static void signal(String name, ThrowAwayCluster cluster) throws IOException, InterruptedException {
    String port = cluster.cluster().jdbcUrl().replaceAll(".*:(\\d+)/.*", "$1");
    String script = "main=$(pgrep -f -- '-p " + port + " ' | head -1); kill -" + name + " $main; kill -" + name + " $(pgrep -P $main)";
    Process process = new ProcessBuilder("bash", "-c", script).redirectErrorStream(true).start();
    String words = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
    assertThat(process.waitFor()).as(words).isZero();
  }
}
