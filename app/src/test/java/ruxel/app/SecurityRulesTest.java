package ruxel.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.net.Socket;
import java.net.URI;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import org.junit.jupiter.api.Test;

/** The rules of model 8, one test each. */
class SecurityRulesTest {
  private final TestServer server = TestServer.shared();

  @Test
  void answersOnlyOurOwnHostNames() throws IOException {
    assertThat(statusForHost("evil.example:80")).contains(" 421");
    assertThat(statusForHost("localhost:" + port())).contains(" 200");
    assertThat(statusForHost("127.0.0.1")).as("without our port").contains(" 421");
  }

  @Test
  void writesNeedJson() {
    assertThat(server.send(server.request("/api/preview").header("Content-Type", "text/plain").POST(BodyPublishers.ofString("{}"))).statusCode())
        .isEqualTo(415);
    assertThat(server.send(server.request("/api/preview").POST(BodyPublishers.ofString("{}"))).statusCode()).isEqualTo(415);
  }

  @Test
  void writesFromAnotherOriginAreRefused() {
    String body = "{\"construction\":\"drop-shoulder\",\"answers\":{}}";
    assertThat(server.post("/api/preview", body, "Origin", "http://evil.example").statusCode()).isEqualTo(403);
    assertThat(server.post("/api/preview", body, "Origin", "null").statusCode()).isEqualTo(403);
    assertThat(server.post("/api/preview", body, "Origin", server.address()).statusCode()).isEqualTo(200);
  }

  @Test
  void everyAnswerCarriesTheHeadersThatKeepOtherPagesOut() {
    for (String path : new String[] {"/", "/api/garments", "/nothing/here.txt"}) {
      HttpResponse<String> response = server.get(path);
      assertThat(header(response, "Content-Security-Policy")).contains("default-src 'self'", "frame-ancestors 'none'", "form-action 'self'");
      assertThat(header(response, "X-Content-Type-Options")).isEqualTo("nosniff");
      assertThat(header(response, "Referrer-Policy")).isEqualTo("no-referrer");
      assertThat(header(response, "Cross-Origin-Resource-Policy")).isEqualTo("same-origin");
      assertThat(response.headers().firstValue("Access-Control-Allow-Origin")).isEmpty();
      assertThat(response.headers().firstValue("Set-Cookie")).isEmpty();
    }
  }

  @Test
  void onlyHealthIsOpenOfTheActuatorAndThereIsNoApiBrowser() {
    assertThat(server.get("/actuator/health").statusCode()).isEqualTo(200);
    assertThat(server.get("/actuator/env").statusCode()).isEqualTo(404);
    assertThat(server.get("/swagger-ui/index.html").statusCode()).isEqualTo(404);
  }

  @Test
  void answersNeverTellTheirInside() {
    HttpResponse<String> broken = server.post("/api/garments", "{\"name\": SECRET");
    assertThat(broken.statusCode()).isEqualTo(400);
    assertThat(broken.body()).doesNotContain("SECRET", "Exception", "at ruxel", "tools.jackson");
    HttpResponse<String> nowhere = server.get("/api/garments/not-an-id");
    assertThat(nowhere.statusCode()).isEqualTo(404);
    assertThat(nowhere.body()).doesNotContain("Exception", "UUID");
  }

  @Test
  void tooLargeBodiesAreRefused() {
    assertThat(server.post("/api/garments/import", " ".repeat(7 * 1024 * 1024)).statusCode()).isEqualTo(413);
  }

  private static String header(HttpResponse<String> response, String name) {
    return response.headers().firstValue(name).orElse("");
  }

  private int port() {
    return URI.create(server.address()).getPort();
  }

  /** By hand, because ordinary clients set Host themselves. */
  private String statusForHost(String host) throws IOException {
    try (Socket socket = new Socket("127.0.0.1", port())) {
      OutputStream out = socket.getOutputStream();
      out.write("GET /api/garments HTTP/1.1\r\nHost: %s\r\nConnection: close\r\n\r\n".formatted(host).getBytes(StandardCharsets.US_ASCII));
      out.flush();
      InputStream in = socket.getInputStream();
      return new String(in.readAllBytes(), StandardCharsets.UTF_8).lines().findFirst().orElse("");
    }
  }
}
