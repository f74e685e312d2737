package ruxel.app.web;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Optional;
import java.util.Set;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Loopback is not private: any page in the maker's browser can post to it (model 8). Only our own host
 * names are answered, writes need JSON and, when an origin is sent, our own; every answer carries the
 * headers that keep other pages out.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE)
class LoopbackFilter extends OncePerRequestFilter {
  private static final Set<String> WRITES = Set.of("POST", "PUT", "PATCH", "DELETE");
  private static final long MOST_BYTES = 6L * 1024 * 1024;
  private static final int MISDIRECTED = 421;
  private static final String POLICY =
      "default-src 'self'; img-src 'self' data:; object-src 'none'; base-uri 'none'; frame-ancestors 'none'; form-action 'self'";

  @Override
  protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    response.setHeader("Content-Security-Policy", POLICY);
    response.setHeader("X-Content-Type-Options", "nosniff");
    response.setHeader("Referrer-Policy", "no-referrer");
    response.setHeader("Cross-Origin-Resource-Policy", "same-origin");
    Optional<Integer> refusal = refusal(request);
    if (refusal.isPresent()) {
      response.sendError(refusal.get());
      return;
    }
    chain.doFilter(request, response);
  }

  private static Optional<Integer> refusal(HttpServletRequest request) {
    int port = request.getLocalPort();
    Set<String> hosts = Set.of("127.0.0.1:" + port, "localhost:" + port);
    String host = Optional.ofNullable(request.getHeader("Host")).orElse("");
    if (!hosts.contains(host)) {
      return Optional.of(MISDIRECTED);
    }
    if (!WRITES.contains(request.getMethod())) {
      return Optional.empty();
    }
    String type = Optional.ofNullable(request.getContentType()).orElse("");
    if (!type.split(";")[0].strip().equalsIgnoreCase("application/json")) {
      return Optional.of(HttpServletResponse.SC_UNSUPPORTED_MEDIA_TYPE);
    }
    String origin = request.getHeader("Origin");
    if (origin != null && hosts.stream().noneMatch(own -> origin.equals("http://" + own))) {
      return Optional.of(HttpServletResponse.SC_FORBIDDEN);
    }
    return request.getContentLengthLong() > MOST_BYTES
        ? Optional.of(HttpServletResponse.SC_REQUEST_ENTITY_TOO_LARGE)
        : Optional.empty();
  }
}
