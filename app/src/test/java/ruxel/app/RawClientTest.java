package ruxel.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.net.Socket;
import java.net.SocketException;
import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Clients that speak HTTP badly or on purpose wrongly: each refusal is problem+json with the headers of every answer. */
class RawClientTest {
  private final TestServer server = TestServer.shared();
  private final int port = URI.create(server.address()).getPort();
  private final String host = "Host: 127.0.0.1:" + port + "\r\n";

  @ParameterizedTest
  @ValueSource(
      strings = {
        "GET /api/garments HTTP/1.1\r\nHost: evil.example\r\n\r\n",
        "GET /api/garments HTTP/1.1\r\n\r\n",
        "GET /api/garments HTTP/1.1\r\nHost: a\r\nHost: b\r\n\r\n",
        "NOT A REQUEST\r\n\r\n",
        "GET /{}<>\" HTTP/1.1\r\nHOST\r\n\r\n",
        "GET /api/garments HTTP/9.9\r\nHOST\r\n\r\n",
        "GET /%zz HTTP/1.1\r\nHOST\r\n\r\n",
        "GET /api/garments/..%2f..%2fetc/passwd HTTP/1.1\r\nHOST\r\n\r\n",
        "TRACE /api/garments HTTP/1.1\r\nHOST\r\n\r\n",
        "BREW /api/garments HTTP/1.1\r\nHOST\r\n\r\n",
        "DELETE /api/garments HTTP/1.1\r\nHOST\r\nContent-Type: application/json\r\nContent-Length: 2\r\n\r\n{}",
        "POST /api/preview HTTP/1.1\r\nHOST\r\nContent-Type: text/plain\r\nContent-Length: 2\r\n\r\n{}",
        "POST /api/preview HTTP/1.1\r\nHOST\r\nContent-Type: application/json\r\nOrigin: http://evil.example\r\nContent-Length: 2\r\n\r\n{}",
        "POST /api/preview HTTP/1.1\r\nHOST\r\nContent-Type: application/json\r\nOrigin: OURS\r\nOrigin: OURS\r\nContent-Length: 2\r\n\r\n{}",
        "POST /api/preview HTTP/1.1\r\nHOST\r\nContent-Type: application/json\r\nContent-Length: 0\r\n\r\n",
        "POST /api/preview HTTP/1.1\r\nHOST\r\nContent-Type: application/json\r\nContent-Length: -5\r\n\r\n",
        "POST /api/preview HTTP/1.1\r\nHOST\r\nContent-Type: application/json\r\nTransfer-Encoding: chunked\r\n\r\nnothing like a chunk\r\n",
        "POST /api/preview HTTP/1.1\r\nHOST\r\nContent-Type: application/json\r\nContent-Length: 99999999\r\n\r\n{}",
        "POST /api/preview HTTP/1.1\r\nHOST\r\nContent-Type: application/json; charset=utf-99\r\nContent-Length: 2\r\n\r\n{}",
        "POST /api/garments/x/copy HTTP/1.1\r\nHOST\r\nContent-Type: application/json\r\nContent-Length: 2\r\n\r\n{}",
        "PUT /api/garments/00000000-0000-0000-0000-000000000000/state HTTP/1.1\r\nHOST\r\nContent-Type: application/json\r\nContent-Length: 12\r\n\r\n{\"state\":\"\"}",
        "GET /api/garments?state=NOWHERE HTTP/1.1\r\nHOST\r\n\r\n",
        "GET /api/garments/00000000-0000-0000-0000-000000000000 HTTP/1.1\r\nHOST\r\nAccept: image/png\r\n\r\n",
        "GET /api/garments/00000000-0000-0000-0000-000000000000/stops?mm=deep HTTP/1.1\r\nHOST\r\n\r\n",
        "GET /api/garments/00000000-0000-0000-0000-000000000000/stops HTTP/1.1\r\nHOST\r\n\r\n",
        "GET /swagger-ui/index.html HTTP/1.1\r\nHOST\r\n\r\n",
        "GET /swagger-ui.html HTTP/1.1\r\nHOST\r\n\r\n",
        "GET /webjars/swagger-ui/index.html HTTP/1.1\r\nHOST\r\n\r\n",
        "GET /error HTTP/1.1\r\nHOST\r\n\r\n",
        "GET /nothing/here.txt HTTP/1.1\r\nHOST\r\nAccept: text/html\r\n\r\n",
        "GET /actuator/env HTTP/1.1\r\nHOST\r\n\r\n"
      })
  void isRefusedWithAProblem(String request) throws IOException {
    String answer = answer(request.replace("HOST\r\n", host).replace("OURS", server.address()));
    assertThat(answer.lines().findFirst().orElse("")).as(answer).matches("HTTP/1\\.1 (4\\d\\d|505).*");
    assertThat(answer.toLowerCase(java.util.Locale.ROOT)).as(request)
        .contains("content-type: application/problem+json", "content-security-policy: default-src 'self'", "x-content-type-options: nosniff", "referrer-policy: no-referrer", "cross-origin-resource-policy: same-origin")
        .contains("\"detail\"")
        .doesNotContain("<html", "exception", "tomcat");
  }

  @Test
  void noStateMeansTheShelf() throws IOException {
    assertThat(answer("GET /api/garments?state= HTTP/1.1\r\n" + host + "\r\n")).startsWith("HTTP/1.1 200");
  }

  @Test
  void aHeaderThatNeverEndsIsRefused() throws IOException {
    String answer = answer("GET /api/garments HTTP/1.1\r\n" + host + "X: " + "x".repeat(100_000) + "\r\n\r\n");
    assertThat(answer).matches("(?s)HTTP/1\\.1 (400|431).*application/problem\\+json.*");
  }

  /** The server stops reading at its bound; the client cannot send its 400 MB. */
  @Test
  void aChunkedBodyIsCutOffAtTheBound() throws IOException {
    byte[] chunk = new byte[64 * 1024];
    java.util.Arrays.fill(chunk, (byte) ' ');
    long sent = 0;
    String answer = "";
    try (Socket socket = new Socket("127.0.0.1", port)) {
      OutputStream out = socket.getOutputStream();
      out.write(("POST /api/garments/import HTTP/1.1\r\n" + host + "Content-Type: application/json\r\nTransfer-Encoding: chunked\r\n\r\n").getBytes(StandardCharsets.US_ASCII));
      try {
        for (int i = 0; i < 6400; i++) {
          out.write("10000\r\n".getBytes(StandardCharsets.US_ASCII));
          out.write(chunk);
          out.write("\r\n".getBytes(StandardCharsets.US_ASCII));
          sent += chunk.length;
        }
      } catch (SocketException cutOff) {
        // As it should be.
      }
      try {
        answer = new String(socket.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
      } catch (SocketException cutOff) {
        // The answer may be lost with the connection.
      }
    }
    assertThat(sent).isLessThan(40_000_000);
    assertThat(answer.isEmpty() || answer.startsWith("HTTP/1.1 413")).as(answer).isTrue();
  }

  /** Two hundred and fifty clients that promise a body and send none: the shelf is answered, and a write is taken. */
  @Test
  void bodiesThatNeverComeStopNobody() throws IOException {
    List<Socket> stalled = new ArrayList<>();
    try {
      for (int i = 0; i < 250; i++) {
        Socket socket = new Socket("127.0.0.1", port);
        socket.getOutputStream()
            .write(("POST /api/garments/import HTTP/1.1\r\n" + host + "Content-Type: application/json\r\nContent-Length: 5000\r\n\r\n{").getBytes(StandardCharsets.US_ASCII));
        stalled.add(socket);
      }
      assertThat(server.get("/api/garments").statusCode()).isEqualTo(200);
      assertThat(server.post("/api/preview", "{\"construction\":\"drop-shoulder\",\"answers\":{}}").statusCode()).isEqualTo(200);
      Socket first = stalled.get(0);
      first.setSoTimeout(30_000);
      assertThat(new String(first.getInputStream().readNBytes(12), StandardCharsets.US_ASCII)).isEqualTo("HTTP/1.1 408");
    } finally {
      for (Socket socket : stalled) {
        socket.close();
      }
    }
  }

  @Test
  void moreEventsThanFitOnOneScreenOfPaperAreRefused() {
    String events = IntStream.rangeClosed(1, 501).mapToObj(i -> "{\"seq\":%d,\"kind\":\"JOINT\",\"joint\":%d}".formatted(i, i)).collect(Collectors.joining(","));
    String path = "/api/work/00000000-0000-0000-0000-000000000000/events";
    assertThat(server.post(path, "{\"client\":\"c\",\"events\":[" + events + "]}").statusCode()).isEqualTo(413);
    assertThat(server.post(path, "{\"client\":\"" + "c".repeat(101) + "\",\"events\":[]}").statusCode()).isEqualTo(422);
    assertThat(server.post(path, "{\"client\":\"" + "c".repeat(3_000_000) + "\",\"events\":[]}").statusCode()).isEqualTo(413);
  }

  private String answer(String request) throws IOException {
    try (Socket socket = new Socket("127.0.0.1", port)) {
      socket.setSoTimeout(20_000);
      OutputStream out = socket.getOutputStream();
      out.write(request.replaceFirst("\r\n", "\r\nConnection: close\r\n").getBytes(StandardCharsets.ISO_8859_1));
      out.flush();
      InputStream in = socket.getInputStream();
      return new String(in.readAllBytes(), StandardCharsets.UTF_8);
    }
  }
}
