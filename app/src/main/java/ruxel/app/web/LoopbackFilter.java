package ruxel.app.web;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpHeaders;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Loopback is not private: any page in the maker's browser can post to it (model 8). Only our own host
 * names are answered, writes need JSON and, when an origin is sent, our own; every answer carries the
 * headers that keep other pages out. Bodies are read here, within bounds.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE)
class LoopbackFilter extends OncePerRequestFilter {
  private static final Set<String> WRITES = Set.of("POST", "PUT", "PATCH", "DELETE");
  private static final int MISDIRECTED = 421;

  private record Refusal(int status, String detail) {}

  @Override
  protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    ProblemJson.setHeaders(response);
    Optional<Refusal> refusal = refusal(request);
    if (refusal.isPresent()) {
      ProblemJson.write(response, refusal.get().status(), refusal.get().detail());
      return;
    }
    if (!WRITES.contains(request.getMethod())) {
      chain.doFilter(request, response);
      return;
    }
    HttpServletRequest read;
    try {
      read = ReadBody.of(request);
    } catch (ReadBody.Refusal refused) {
      response.setHeader(HttpHeaders.CONNECTION, "close");
      ProblemJson.write(response, refused.status(), refused.getMessage());
      return;
    } catch (IOException broken) {
      // Nobody is there any more, or what comes is not HTTP.
      response.setHeader(HttpHeaders.CONNECTION, "close");
      ProblemJson.write(response, HttpServletResponse.SC_BAD_REQUEST, "The text of this request cannot be read. Send it again.");
      return;
    }
    chain.doFilter(read, response);
  }

  private static Optional<Refusal> refusal(HttpServletRequest request) {
    int port = request.getLocalPort();
    Set<String> hosts = Set.of("127.0.0.1:" + port, "localhost:" + port);
    List<String> sent = Collections.list(request.getHeaders(HttpHeaders.HOST));
    if (sent.size() != 1 || !hosts.contains(sent.get(0))) {
      return refused(MISDIRECTED, "Only 127.0.0.1 and localhost with this port are answered here.");
    }
    if (!WRITES.contains(request.getMethod())) {
      return Optional.empty();
    }
    String type = Optional.ofNullable(request.getContentType()).orElse("");
    if (!type.split(";", 2)[0].strip().equalsIgnoreCase("application/json")) {
      return refused(HttpServletResponse.SC_UNSUPPORTED_MEDIA_TYPE, "A write needs Content-Type: application/json.");
    }
    List<String> origins = Collections.list(request.getHeaders(HttpHeaders.ORIGIN));
    boolean ours = origins.isEmpty() || origins.size() == 1 && hosts.stream().anyMatch(own -> origins.get(0).equals("http://" + own));
    return ours ? Optional.empty() : refused(HttpServletResponse.SC_FORBIDDEN, "Other pages may not write here.");
  }

  private static Optional<Refusal> refused(int status, String detail) {
    return Optional.of(new Refusal(status, detail));
  }
}
