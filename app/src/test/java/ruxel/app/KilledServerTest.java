package ruxel.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Path;
import java.util.Random;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import ruxel.cluster.ThrowAwayCluster;
import tools.jackson.databind.JsonNode;

/**
 * The law of model 5: after a restart acknowledged ≤ position ≤ sent, without gaps. A real server process
 * is killed with -9 in the middle of a seam, at moments drawn from a printed seed, and started again.
 */
class KilledServerTest {
  private static final int KILLS = 5;
  private static final int JOINTS = 51;

  private final Path home = ThrowAwayCluster.newHome();
  private final HttpClient client = HttpClient.newHttpClient();
  private Process process;
  private String address;

  /** How far a client came before the server fell silent. */
  private record Reached(int acknowledged, int sent) {}

  @AfterEach
  void stopServerAndCluster() throws InterruptedException {
    process.destroy();
    assertThat(process.waitFor(60, TimeUnit.SECONDS)).as("stops by itself when asked").isTrue();
    ThrowAwayCluster.remove(home);
  }

  @Test
  void keepsEveryAcknowledgedJointThroughFiveKills() throws Exception {
    long seed = System.nanoTime();
    System.out.println("KilledServerTest seed " + seed);
    Random random = new Random(seed);
    start();
    String garment = post("/api/garments/import", TestServer.demo("lamplighters-cardigan.json")).path("id").asString();
    join(garment, "shoulder.left");
    String work = take(garment, "armhole.left").path("id").asString();
    for (int kill = 1; kill <= KILLS; kill++) {
      long afterMillis = 5 + random.nextInt(150);
      JsonNode before = take(garment, "armhole.left");
      CompletableFuture<Reached> working =
          CompletableFuture.supplyAsync(() -> workUntilSilent(work, before.path("position").asInt(), before.path("nextSeq").asInt()));
      Thread.sleep(afterMillis);
      process.destroyForcibly().waitFor();
      Reached reached = working.get(60, TimeUnit.SECONDS);
      start();
      JsonNode after = take(garment, "armhole.left");
      assertThat(after.path("id").asString()).as("the same work goes on").isEqualTo(work);
      assertThat(after.path("position").asInt())
          .as("kill %d after %d ms, seed %d", kill, afterMillis, seed)
          .isBetween(reached.acknowledged(), reached.sent());
      assertThat(after.path("nextSeq").asInt()).as("no gap").isEqualTo(after.path("position").asInt() + 1);
    }
  }

  /** Sends joint after joint until the server no longer answers or the seam is at its end. */
  private Reached workUntilSilent(String work, int position, int nextSeq) {
    int acknowledged = position;
    while (acknowledged < JOINTS) {
      int joint = acknowledged + 1;
      try {
        HttpResponse<String> kept = send("/api/work/" + work + "/events", events(nextSeq + joint - position - 1, joint));
        assertThat(kept.statusCode()).isEqualTo(200);
      } catch (IOException silent) {
        return new Reached(acknowledged, joint);
      } catch (InterruptedException e) {
        throw new IllegalStateException(e);
      }
      acknowledged = joint;
    }
    return new Reached(acknowledged, acknowledged);
  }

  private void join(String garment, String seam) throws Exception {
    JsonNode work = take(garment, seam);
    int joints = work.path("plan").path("joints").size();
    for (int joint = 1; joint <= joints; joint++) {
      post("/api/work/" + work.path("id").asString() + "/events", events(joint, joint));
    }
    post(
        "/api/work/" + work.path("id").asString() + "/events",
        "{\"client\":\"test\",\"events\":[{\"seq\":%d,\"kind\":\"FINISH\",\"joint\":0}]}".formatted(joints + 1));
  }

  private static String events(int seq, int joint) {
    return "{\"client\":\"test\",\"events\":[{\"seq\":%d,\"kind\":\"JOINT\",\"joint\":%d}]}".formatted(seq, joint);
  }

  private JsonNode take(String garment, String seam) throws Exception {
    return post("/api/garments/" + garment + "/work", "{\"seam\":\"" + seam + "\"}");
  }

  private JsonNode post(String path, String json) throws Exception {
    HttpResponse<String> response = send(path, json);
    assertThat(response.statusCode()).as(response.body()).isBetween(200, 201);
    return TestServer.json(response);
  }

  private HttpResponse<String> send(String path, String json) throws IOException, InterruptedException {
    HttpRequest request =
        HttpRequest.newBuilder(URI.create(address + path))
            .header("Content-Type", "application/json")
            .POST(HttpRequest.BodyPublishers.ofString(json))
            .build();
    return client.send(request, HttpResponse.BodyHandlers.ofString());
  }

  private void start() throws IOException {
    ProcessBuilder java =
        new ProcessBuilder(
                Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                "-cp", System.getProperty("java.class.path"), "ruxel.app.Ruxel", "start", "--port", "0")
            .redirectErrorStream(true);
    java.environment().put("RUXEL_HOME", home.toString());
    process = java.start();
    BufferedReader lines = new BufferedReader(new InputStreamReader(process.getInputStream()));
    StringBuilder said = new StringBuilder();
    for (String line = lines.readLine(); line != null; line = lines.readLine()) {
      said.append(line).append('\n');
      if (line.startsWith("Ruxel is ready: ")) {
        address = line.substring("Ruxel is ready: ".length()).strip();
        drain(lines.lines());
        return;
      }
    }
    throw new IllegalStateException("The server did not start:\n" + said);
  }

  /** A full pipe would hold the server up. */
  private static void drain(Stream<String> lines) {
    Thread thread = new Thread(() -> lines.forEach(line -> {}));
    thread.setDaemon(true);
    thread.start();
  }
}
