package ruxel.app.web;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.time.Duration;
import java.util.regex.Pattern;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Short requests go past long ones: joints and what is read are never held up, what plans a garment anew or sets a sheet waits for its
 * turn: no more at once than there are processors, what is under a maker's finger before what is waited for. Who has waited longer than
 * anybody looks at a screen for is told so.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 1)
final class Lanes extends OncePerRequestFilter {
  /** Requests of one kind, and how they are waited for. */
  private record Lane(Pattern paths, Turns turns, Duration soon, Duration most) {
    static Lane of(String paths, Turns turns, Duration soon, Duration most) {
      return new Lane(Pattern.compile("/api/" + paths), turns, soon, most);
    }
  }

  private static final int CORES = Runtime.getRuntime().availableProcessors();
  private final Turns planned = new Turns(CORES);
  private final Turns written = new Turns(Math.max(1, CORES / 2));

  private final Lane[] lanes = {
    Lane.of("(preview|walks|garments/[^/]+/(preview|outlined))", planned, Duration.ofMillis(300), Duration.ofSeconds(30)),
    Lane.of("garments/[^/]+/(sheet\\.pdf|sheet|table\\.svg|seams/[^/]+/(rows|repairs|advice))", planned, Duration.ofMillis(800), Duration.ofSeconds(30)),
    Lane.of("garments/([^/]+/(changes|undo|redo|copy)|import|sample)", written, Duration.ZERO, Duration.ofMinutes(1)),
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
      if (!lane.turns().take(lane.soon(), lane.most())) {
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
      lane.turns().giveBack();
    }
  }
}
