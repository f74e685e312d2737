package ruxel.bench;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.Collection;
import java.util.List;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.zip.GZIPOutputStream;
import org.openjdk.jmh.results.RunResult;
import org.openjdk.jmh.runner.Runner;
import org.openjdk.jmh.runner.RunnerException;
import org.openjdk.jmh.runner.options.OptionsBuilder;
import org.openjdk.jmh.runner.options.VerboseMode;
import ruxel.app.RuxelServer;
import ruxel.app.garment.DemoGarments;
import ruxel.cluster.ThrowAwayCluster;

/** Runs every benchmark and prints one table; nothing is asserted. */
public final class Bench {
  private static final int REQUESTS = 300;
  private static final int WARM_UP = 100;

  private Bench() {}

  /**
   * @param arguments the packed server, which fifty makers are let loose on
   */
  public static void main(String[] arguments) throws RunnerException, IOException, InterruptedException {
    if (arguments.length > 1 && arguments[1].equals("makers")) {
      FiftyMakers.run(Path.of(arguments[0]));
      return;
    }
    System.out.println("Planning, ms for one (JMH, mean ± error):\n");
    Collection<RunResult> results =
        new Runner(new OptionsBuilder().include("ruxel.bench").verbosity(VerboseMode.SILENT).build()).run();
    System.out.println("| what | ms | ± |\n|---|---|---|");
    for (RunResult result : results) {
      row(name(result), result.getPrimaryResult().getScore(), result.getPrimaryResult().getScoreError());
    }
    System.out.println("\nOver loopback, ms, median of " + REQUESTS + " requests after " + WARM_UP + ":\n");
    System.out.println("| what | ms |\n|---|---|");
    try (ThrowAwayCluster cluster = ThrowAwayCluster.start();
        RuxelServer server = RuxelServer.start(cluster.cluster(), 0)) {
      requests(server.address());
      firstLoad(server.address());
    }
    System.out.println();
    FiftyMakers.run(Path.of(arguments[0]));
  }

  private static String name(RunResult result) {
    String method = result.getPrimaryResult().getLabel();
    String places = result.getParams().getParam("places");
    return places == null ? method : "%s %s %s".formatted(method, places, result.getParams().getParam("widths"));
  }

  private static void row(String name, double ms, double error) {
    System.out.println(String.format(Locale.ROOT, "| %s | %.3f | %.3f |", name, ms, error));
  }

  private static void requests(String address) throws IOException, InterruptedException {
    HttpClient client = HttpClient.newHttpClient();
    String file = new String(DemoGarments.CARDIGAN.file(), StandardCharsets.UTF_8);
    String id = client.send(post(address + "/api/garments/import", file), HttpResponse.BodyHandlers.ofString()).body().replaceAll(".*\"id\":\"([^\"]+)\".*", "$1");
    median(client, "open the cardigan with its plan", HttpRequest.newBuilder(URI.create(address + "/api/garments/" + id)).build());
    String move =
        "{\"baseVersion\":1,\"want\":[\"armhole.left\"],\"changes\":[{\"kind\":\"ANCHOR_MOVED\",\"seam\":\"armhole.left\",\"anchor\":\"shoulder\",\"side\":\"A\",\"position\":55}]}";
    median(client, "preview a moved anchor", post(address + "/api/garments/" + id + "/preview", move));
    dragged(client, address, id);
    typed(client, address);
  }

  /** A construction chosen, then a number typed. */
  private static void typed(HttpClient client, String address) throws IOException, InterruptedException {
    median(client, "the constructions with their silhouettes", HttpRequest.newBuilder(URI.create(address + "/api/constructions")).build());
    for (String construction : List.of("drop-shoulder", "set-in-sleeve")) {
      String answers = "{\"construction\":\"%s\",\"answers\":{\"backStitches\":70,\"bodyRows\":48}}".formatted(construction);
      median(client, "preview of a typed answer, " + construction, post(address + "/api/preview", answers));
    }
  }

  private static void dragged(HttpClient client, String address, String id) throws IOException, InterruptedException {
    String drag = "{\"baseVersion\":1,\"changes\":[{\"kind\":\"HANDLE_DRAGGED\",\"handle\":\"armhole\",\"steps\":2}]}";
    median(client, "preview sizes dragged, with what else changes", post(address + "/api/garments/" + id + "/preview", drag));
    median(client, "repairs of an armhole", HttpRequest.newBuilder(URI.create(address + "/api/garments/" + id + "/seams/armhole.left/repairs")).build());
  }

  private static void median(HttpClient client, String name, HttpRequest request) throws IOException, InterruptedException {
    double[] times = new double[REQUESTS];
    for (int i = -WARM_UP; i < REQUESTS; i++) {
      long start = System.nanoTime();
      HttpResponse<String> response = client.send(request, HttpResponse.BodyHandlers.ofString());
      if (response.statusCode() != 200) {
        throw new IllegalStateException(name + ": " + response.statusCode() + " " + response.body());
      }
      if (i >= 0) {
        times[i] = (System.nanoTime() - start) / 1e6;
      }
    }
    Arrays.sort(times);
    System.out.println(String.format(Locale.ROOT, "| %s | %.2f |", name, times[REQUESTS / 2]));
  }

  private static HttpRequest post(String address, String json) {
    return HttpRequest.newBuilder(URI.create(address)).header("Content-Type", "application/json").POST(HttpRequest.BodyPublishers.ofString(json)).build();
  }

  /** What a browser loads first, gzipped: the page, its script and its styles. */
  private static void firstLoad(String address) throws IOException, InterruptedException {
    HttpClient client = HttpClient.newHttpClient();
    byte[] page = get(client, address + "/");
    long sum = gzipped(page);
    Matcher assets = Pattern.compile("/assets/[^\"]+\\.(js|css)").matcher(new String(page, StandardCharsets.UTF_8));
    while (assets.find()) {
      sum += gzipped(get(client, address + assets.group()));
    }
    System.out.println("\nFirst load without fonts, gzipped: " + sum / 1000 + " kB");
  }

  private static byte[] get(HttpClient client, String address) throws IOException, InterruptedException {
    HttpResponse<InputStream> response = client.send(HttpRequest.newBuilder(URI.create(address)).build(), HttpResponse.BodyHandlers.ofInputStream());
    try (InputStream in = response.body()) {
      return in.readAllBytes();
    }
  }

  private static long gzipped(byte[] bytes) throws IOException {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    try (GZIPOutputStream gzip = new GZIPOutputStream(out)) {
      gzip.write(bytes);
    }
    return out.size();
  }
}
