package ruxel.app;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Stream;
import java.util.stream.StreamSupport;
import ruxel.cluster.ThrowAwayCluster;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** One real server on a throw-away cluster for all tests of the module; gone when the JVM ends. */
final class TestServer {
  private static final TestServer SHARED = new TestServer();
  static final JsonMapper JSON = JsonMapper.shared();

  private final RuxelServer server;
  private final HttpClient client = HttpClient.newHttpClient();

  private TestServer() {
    ThrowAwayCluster cluster = ThrowAwayCluster.start();
    server = RuxelServer.start(cluster.cluster(), 0);
    Runtime.getRuntime()
        .addShutdownHook(
            new Thread(
                () -> {
                  server.close();
                  cluster.close();
                }));
  }

  static TestServer shared() {
    return SHARED;
  }

  String address() {
    return server.address();
  }

  <T> T bean(Class<T> type) {
    return server.bean(type);
  }

  /** Where a garment was moved to last, by its id. */
  private final Map<String, String> moved = new ConcurrentHashMap<>();

  /** Puts a garment elsewhere, as it is seen now or as it was moved last. */
  HttpResponse<String> move(String id, String state) {
    String revision = Stream.of("OPEN", "ARCHIVED").map(shelf -> json(get("/api/garments?state=" + shelf)))
        .flatMap(list -> StreamSupport.stream(list.spliterator(), false)).filter(each -> each.path("id").asString().equals(id)).map(each -> each.path("revision").asString()).findFirst().orElseGet(() -> moved.getOrDefault(id, "0"));
    HttpResponse<String> answer = put("/api/garments/" + id + "/state", "{\"state\":\"" + state + "\"}", revision);
    moved.put(id, json(answer).path("revision").asString());
    return answer;
  }

  HttpResponse<String> put(String path, String json, String version) {
    return send(request(path).header("Content-Type", "application/json").header("If-Match", "\"" + version + "\"").PUT(HttpRequest.BodyPublishers.ofString(json)));
  }

  HttpRequest.Builder request(String path) {
    return HttpRequest.newBuilder(URI.create(server.address() + path));
  }

  HttpResponse<String> send(HttpRequest.Builder request) {
    try {
      return client.send(request.build(), HttpResponse.BodyHandlers.ofString());
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    } catch (InterruptedException e) {
      throw new IllegalStateException(e);
    }
  }

  HttpResponse<String> get(String path) {
    return send(request(path));
  }

  HttpResponse<String> post(String path, String json, String... headers) {
    HttpRequest.Builder request = request(path).header("Content-Type", "application/json");
    if (headers.length > 0) {
      request.headers(headers);
    }
    return send(request.POST(HttpRequest.BodyPublishers.ofString(json)));
  }

  static JsonNode json(HttpResponse<String> response) {
    return JSON.readTree(response.body());
  }

  /** A fresh garment of the demo wardrobe; its id. */
  String garment() {
    return json(post("/api/garments/import", demo("lamplighters-cardigan.json"))).path("id").asString();
  }

  static String demo(String name) {
    try (InputStream in = TestServer.class.getResourceAsStream(name.startsWith("/") ? name : "/demo/" + name)) {
      return new String(in.readAllBytes(), StandardCharsets.UTF_8);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}
