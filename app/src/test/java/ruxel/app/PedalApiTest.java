package ruxel.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.BufferedReader;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.net.http.HttpClient;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import org.junit.jupiter.api.Test;

class PedalApiTest {
  private final TestServer server = TestServer.shared();

  @Test
  void aPressReachesTheBenchThatListens() throws Exception {
    HttpResponse<InputStream> stream =
        HttpClient.newHttpClient().send(server.request("/api/pedal/stream").build(), HttpResponse.BodyHandlers.ofInputStream());
    try (BufferedReader lines = new BufferedReader(new InputStreamReader(stream.body(), StandardCharsets.UTF_8))) {
      assertThat(lines.readLine()).startsWith(":");
      assertThat(TestServer.json(press("FORWARD")).path("benches").asInt()).isGreaterThanOrEqualTo(1);
      String line = lines.readLine();
      while (!line.startsWith("data:")) {
        line = lines.readLine();
      }
      assertThat(line).isEqualTo("data:FORWARD");
    }
  }

  @Test
  void anUnknownTreadleIsRefused() {
    assertThat(press("SIDEWAYS").statusCode()).isEqualTo(400);
  }

  private HttpResponse<String> press(String treadle) {
    return server.post("/api/pedal/presses", "{\"treadle\":\"" + treadle + "\"}");
  }
}
