package ruxel.app.web;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import java.util.regex.Pattern;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Short requests go past long ones: joints and what is read are never held up, what plans a garment anew or sets a sheet waits for its
 * turn: no more at once than there are processors. Who has waited longer than anybody looks at a screen for is told so.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 1)
final class Lanes extends OncePerRequestFilter {
  /** Requests of one kind, taken in their order. */
  private record Lane(Pattern paths, Semaphore turns, int mostSeconds) {
    static Lane of(String paths, int turns, int mostSeconds) {
      return new Lane(Pattern.compile("/api/" + paths), new Semaphore(turns, true), mostSeconds);
    }
  }

  private static final int CORES = Runtime.getRuntime().availableProcessors();

  private final Lane[] lanes = {
    Lane.of("(preview|walks|garments/[^/]+/(preview|outlined|sheet\\.pdf|sheet|table\\.svg|seams/[^/]+/(rows|repairs|advice)))", CORES, 30),
    Lane.of("garments/([^/]+/(changes|undo|redo|copy)|import|sample)", Math.max(1, CORES / 2), 60),
  };

  @Override
  protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain) throws ServletException, IOException {
    for (Lane lane : lanes) {
      if (lane.paths().matcher(request.getRequestURI()).matches()) {
        inTurn(lane, request, response, chain);
        return;
      }
    }
    chain.doFilter(request, response);
  }

  private static void inTurn(Lane lane, HttpServletRequest request, HttpServletResponse response, FilterChain chain) throws ServletException, IOException {
    try {
      if (!lane.turns().tryAcquire(lane.mostSeconds(), TimeUnit.SECONDS)) {
        ProblemJson.write(response, HttpServletResponse.SC_SERVICE_UNAVAILABLE, ProblemJson.detail(HttpServletResponse.SC_SERVICE_UNAVAILABLE));
        return;
      }
    } catch (InterruptedException stopping) {
      Thread.currentThread().interrupt();
      ProblemJson.write(response, HttpServletResponse.SC_SERVICE_UNAVAILABLE, ProblemJson.detail(HttpServletResponse.SC_SERVICE_UNAVAILABLE));
      return;
    }
    try {
      chain.doFilter(request, response);
    } finally {
      lane.turns().release();
    }
  }
}
