package ruxel.app.web;

import org.springframework.dao.DataAccessException;
import org.springframework.http.HttpStatus;
import org.springframework.http.ProblemDetail;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.method.annotation.MethodArgumentTypeMismatchException;
import org.springframework.web.servlet.mvc.method.annotation.ResponseEntityExceptionHandler;
import ruxel.core.plan.FindingView;

/** Every refusal as application/problem+json, all findings at once, never a stack trace. */
@RestControllerAdvice
class ProblemAdvice extends ResponseEntityExceptionHandler {
  @ExceptionHandler
  ProblemDetail refused(Problems.Refused e) {
    ProblemDetail problem = problem(HttpStatus.UNPROCESSABLE_ENTITY, "Some of it cannot be.");
    problem.setProperty("findings", FindingView.all(e.findings(), e.wording()));
    return problem;
  }

  @ExceptionHandler
  ProblemDetail stale(Problems.Stale e) {
    ProblemDetail problem = problem(HttpStatus.CONFLICT, e.getMessage());
    problem.setProperty("currentVersion", e.currentVersion());
    problem.setProperty("labels", e.labels());
    return problem;
  }

  @ExceptionHandler
  ProblemDetail wrongEvent(Problems.WrongEvent e) {
    ProblemDetail problem = problem(HttpStatus.CONFLICT, e.getMessage());
    problem.setProperty("position", e.position());
    problem.setProperty("nextSeq", e.nextSeq());
    return problem;
  }

  @ExceptionHandler
  ProblemDetail noVersion(Problems.NoVersion e) {
    return problem(HttpStatus.PRECONDITION_REQUIRED, e.getMessage());
  }

  @ExceptionHandler
  ProblemDetail notFound(Problems.NotFound e) {
    return problem(HttpStatus.NOT_FOUND, e.getMessage());
  }

  @ExceptionHandler
  ProblemDetail badAddress(MethodArgumentTypeMismatchException e) {
    return problem(HttpStatus.NOT_FOUND, "There is nothing under this address.");
  }

  @ExceptionHandler
  ProblemDetail database(DataAccessException e) {
    return problem(HttpStatus.SERVICE_UNAVAILABLE, "The database does not answer; nothing was saved. Try again.");
  }

  @Override
  protected org.springframework.http.ResponseEntity<Object> handleHttpMessageNotReadable(
      HttpMessageNotReadableException e,
      org.springframework.http.HttpHeaders headers,
      org.springframework.http.HttpStatusCode status,
      org.springframework.web.context.request.WebRequest request) {
    return org.springframework.http.ResponseEntity.badRequest()
        .body(problem(HttpStatus.BAD_REQUEST, "This request cannot be read: its JSON is not what was expected."));
  }

  private static ProblemDetail problem(HttpStatus status, String detail) {
    return ProblemDetail.forStatusAndDetail(status, detail);
  }
}
