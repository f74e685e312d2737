package ruxel.bench;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.OutputStream;
import java.net.HttpURLConnection;
import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Random;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ConcurrentLinkedQueue;
import ruxel.app.garment.DemoGarments;
import ruxel.cluster.ThrowAwayCluster;

/**
 * Fifty makers at one server of its own, with the heap that {@code ./ruxel start} gives it: joints, anchors dragged,
 * the shelf of two hundred garments, now and then a sheet. Once with pauses to work in, once without any. Prints percentiles and the
 * memory in use; nothing is asserted.
 */
final class FiftyMakers {
  private static final int MAKERS = 50;
  private static final int GARMENTS = 200;
  private static final int WARM_SECONDS = 20;
  private static final int SECONDS = 60;
  private static final String PREVIEW =
      "{\"baseVersion\":1,\"want\":[\"armhole.left\"],\"changes\":[{\"kind\":\"ANCHOR_MOVED\",\"seam\":\"armhole.left\",\"anchor\":\"shoulder\",\"side\":\"A\",\"position\":%d}]}";

  private final Map<String, ConcurrentLinkedQueue<Double>> times = new ConcurrentHashMap<>();
  private final String address;
  private volatile boolean counts;

  private FiftyMakers(String address) {
    this.address = address;
  }

  static void run(Path jar) throws IOException, InterruptedException {
    Path home = ThrowAwayCluster.newHome();
    ProcessBuilder builder = new ProcessBuilder("java", "-Xmx512m", "-XX:MaxDirectMemorySize=64m", "-XX:+UseParallelGC", "-XX:SoftRefLRUPolicyMSPerMB=50", "-XX:TieredStopAtLevel=1", "-jar", jar.toString(), "start", "--port", "0");
    builder.environment().put("RUXEL_HOME", home.toString());
    Process server = builder.redirectErrorStream(true).start();
    try (BufferedReader words = new BufferedReader(new InputStreamReader(server.getInputStream(), StandardCharsets.UTF_8))) {
      String ready = words.lines().filter(line -> line.startsWith("Ruxel is ready: ")).findFirst().orElseThrow();
      // A server whose words nobody reads stands still once the pipe is full.
      Thread reader = new Thread(() -> words.lines().forEach(line -> {}));
      reader.setDaemon(true);
      reader.start();
      new FiftyMakers(ready.substring("Ruxel is ready: ".length()).strip()).measure(server.pid());
    } finally {
      server.destroy();
      server.waitFor();
      ThrowAwayCluster.remove(home);
    }
  }

  private void measure(long pid) throws IOException, InterruptedException {
    System.setProperty("http.maxConnections", String.valueOf(MAKERS));
    String file = new String(DemoGarments.CARDIGAN.file(), StandardCharsets.UTF_8);
    List<String> garments = new ArrayList<>();
    for (int i = 0; i < GARMENTS; i++) {
      garments.add(id(post("/api/garments/import", ofItsOwn(file, i))));
    }
    together("with pauses", garments.subList(0, MAKERS), 500);
    together("without pauses", garments.subList(MAKERS, 2 * MAKERS), 0);
    System.out.println("\nMemory in use by the server: " + resident(pid) / 1024 + " MB");
  }

  /** No two makers have the same garment: a house rule differs by nothing that shows. */
  private static String ofItsOwn(String file, int maker) {
    return file.replaceFirst("\\{", "{\"houseRules\": {\"MATCHED_SHARE\": %s},".formatted(0.02 + maker * 1e-9));
  }

  /**
   * @param pauseMs the shortest a maker rests after each request; at most three times as long
   */
  private void together(String how, List<String> garments, int pauseMs) throws InterruptedException {
    times.clear();
    List<Thread> makers = new ArrayList<>();
    for (int i = 0; i < MAKERS; i++) {
      int number = i;
      makers.add(new Thread(() -> make(garments.get(number), pauseMs, new Random(number))));
    }
    makers.forEach(Thread::start);
    Thread.sleep(WARM_SECONDS * 1000L);
    counts = true;
    Thread.sleep(SECONDS * 1000L);
    counts = false;
    makers.forEach(Thread::interrupt);
    for (Thread maker : makers) {
      maker.join();
    }
    System.out.println("\n| fifty makers %s, ms | requests | median | 99th percentile | longest |\n|---|---|---|---|---|".formatted(how));
    times.forEach(FiftyMakers::print);
  }

  private static void print(String what, ConcurrentLinkedQueue<Double> queue) {
    double[] sorted = queue.stream().mapToDouble(Double::doubleValue).toArray();
    Arrays.sort(sorted);
    System.out.println(
        String.format(Locale.ROOT, "| %s | %d | %.0f | %.0f | %.0f |", what, sorted.length, sorted[sorted.length / 2], sorted[sorted.length * 99 / 100], sorted[sorted.length - 1]));
  }

  private static long resident(long pid) throws IOException {
    return Files.readAllLines(Path.of("/proc/" + pid + "/status")).stream()
        .filter(line -> line.startsWith("VmRSS"))
        .mapToLong(line -> Long.parseLong(line.replaceAll("\\D", "")))
        .findFirst()
        .orElse(0);
  }

  /** One maker: mostly joints, now and then an anchor dragged or a look at the shelf, with pauses to work in. */
  private void make(String garment, int pauseMs, Random random) {
    try {
      String work = id(post("/api/garments/" + garment + "/work", "{\"seam\":\"shoulder.left\"}"));
      int seq = 1;
      int position = 0;
      while (!Thread.currentThread().isInterrupted()) {
        int what = random.nextInt(50);
        if (what == 0) {
          timed("sheet as PDF", () -> get("/api/garments/" + garment + "/sheet.pdf"));
        } else if (what < 30) {
          boolean back = position == 23;
          position = back ? 0 : position + 1;
          String event = "{\"client\":\"c\",\"events\":[{\"seq\":%d,\"kind\":\"%s\",\"joint\":%d}]}".formatted(seq++, back ? "BACK_TO" : "JOINT", position);
          timed("joint", () -> post("/api/work/" + work + "/events", event));
        } else if (what < 45) {
          String preview = PREVIEW.formatted(41 + 2 * random.nextInt(10));
          timed("preview of a dragged anchor", () -> post("/api/garments/" + garment + "/preview", preview));
        } else {
          timed("shelf of 200 garments", () -> get("/api/garments"));
        }
        Thread.sleep(pauseMs == 0 ? 0 : pauseMs + random.nextInt(2 * pauseMs));
      }
    } catch (InterruptedException end) {
      Thread.currentThread().interrupt();
    } catch (IOException e) {
      if (!Thread.currentThread().isInterrupted()) {
        throw new IllegalStateException(e);
      }
    }
  }

  private interface Request {
    String send() throws IOException;
  }

  private void timed(String what, Request request) throws IOException {
    long start = System.nanoTime();
    request.send();
    if (counts) {
      times.computeIfAbsent(what, key -> new ConcurrentLinkedQueue<>()).add((System.nanoTime() - start) / 1e6);
    }
  }

  private String get(String path) throws IOException {
    return answer(to(path));
  }

  private String post(String path, String json) throws IOException {
    HttpURLConnection connection = to(path);
    connection.setRequestMethod("POST");
    connection.setRequestProperty("Content-Type", "application/json");
    connection.setDoOutput(true);
    byte[] body = json.getBytes(StandardCharsets.UTF_8);
    connection.setFixedLengthStreamingMode(body.length);
    try (OutputStream out = connection.getOutputStream()) {
      out.write(body);
    }
    return answer(connection);
  }

  /** The plainest client there is: the makers share the processor with the server, and are not what is measured. */
  private HttpURLConnection to(String path) throws IOException {
    return (HttpURLConnection) URI.create(address + path).toURL().openConnection();
  }

  private static String answer(HttpURLConnection connection) throws IOException {
    boolean isGood = connection.getResponseCode() < 300;
    try (InputStream in = isGood ? connection.getInputStream() : connection.getErrorStream()) {
      String body = new String(in.readAllBytes(), StandardCharsets.ISO_8859_1);
      if (!isGood) {
        throw new IOException(connection.getURL() + ": " + connection.getResponseCode() + " " + body);
      }
      return body;
    }
  }

  private static String id(String body) {
    return body.replaceFirst("(?s).*?\"id\":\"([0-9a-f-]{36})\".*", "$1");
  }
}
