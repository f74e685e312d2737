package ruxel.app.web;

import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.LinkedHashMap;
import java.util.Map;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import tools.jackson.databind.json.JsonMapper;

/** Refusals below the controllers as application/problem+json, and the headers that every answer carries (model 8). */
final class ProblemJson {
  private static final JsonMapper JSON = JsonMapper.shared();
  private static final Map<String, String> HEADERS =
      Map.of(
          "Content-Security-Policy",
          "default-src 'self'; img-src 'self' data:; object-src 'none'; base-uri 'none'; frame-ancestors 'none'; form-action 'self'",
          "X-Content-Type-Options", "nosniff",
          "Referrer-Policy", "no-referrer",
          "Cross-Origin-Resource-Policy", "same-origin");

  private ProblemJson() {}

  static void setHeaders(HttpServletResponse response) {
    HEADERS.forEach(response::setHeader);
  }

  static void write(HttpServletResponse response, int status, String detail) throws IOException {
    Map<String, Object> problem = new LinkedHashMap<>();
    HttpStatus known = HttpStatus.resolve(status);
    problem.put("title", known == null ? "Refused" : known.getReasonPhrase());
    problem.put("status", status);
    problem.put("detail", detail);
    byte[] body = JSON.writeValueAsString(problem).getBytes(StandardCharsets.UTF_8);
    setHeaders(response);
    response.setStatus(status);
    response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
    response.setContentLength(body.length);
    response.getOutputStream().write(body);
    response.flushBuffer();
  }

  /** What to say of a status for which nothing better is known. */
  static String detail(int status) {
    return switch (status) {
      case HttpServletResponse.SC_BAD_REQUEST -> "This request cannot be read. Send it again as the documentation says.";
      case HttpServletResponse.SC_NOT_FOUND -> "There is nothing under this address.";
      case HttpServletResponse.SC_METHOD_NOT_ALLOWED -> "This address does not take that kind of request.";
      case HttpServletResponse.SC_REQUEST_ENTITY_TOO_LARGE -> "This request is too large.";
      case HttpServletResponse.SC_REQUEST_URI_TOO_LONG, 431 -> "The address or the headers are too long.";
      case HttpServletResponse.SC_SERVICE_UNAVAILABLE -> "Ruxel is busy. Try again in a moment.";
      default ->
          status >= HttpServletResponse.SC_INTERNAL_SERVER_ERROR
              ? "Something went wrong inside Ruxel; its log says what. Try again, and look whether the last change is there."
              : "This request is refused.";
    };
  }
}
