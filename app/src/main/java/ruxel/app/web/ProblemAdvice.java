package ruxel.app.web;

import jakarta.servlet.http.HttpServletRequest;
import org.apache.catalina.connector.ClientAbortException;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.dao.DataAccessException;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.dao.InvalidDataAccessApiUsageException;
import org.springframework.dao.InvalidDataAccessResourceUsageException;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.HttpStatusCode;
import org.springframework.http.MediaType;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.transaction.TransactionException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.context.request.WebRequest;
import org.springframework.web.method.annotation.MethodArgumentTypeMismatchException;
import org.springframework.web.servlet.mvc.method.annotation.ResponseEntityExceptionHandler;
import ruxel.core.plan.FindingView;

/** Every refusal as application/problem+json, all findings at once, never a stack trace. */
@RestControllerAdvice
class ProblemAdvice extends ResponseEntityExceptionHandler {
  private static final Logger LOG = LoggerFactory.getLogger(ProblemAdvice.class);

  @ExceptionHandler
  ResponseEntity<ProblemDetail> refused(Problems.Refused e) {
    ProblemDetail problem = problem(HttpStatus.UNPROCESSABLE_ENTITY, "Some of it cannot be.");
    problem.setProperty("findings", FindingView.all(e.findings(), e.wording()));
    return answer(problem);
  }

  @ExceptionHandler
  ResponseEntity<ProblemDetail> undecided(Problems.Undecided e) {
    ProblemDetail problem = problem(HttpStatus.CONFLICT, e.getMessage());
    problem.setProperty("findings", e.findings());
    return answer(problem);
  }

  @ExceptionHandler
  ResponseEntity<ProblemDetail> stale(Problems.Stale e) {
    ProblemDetail problem = problem(HttpStatus.PRECONDITION_FAILED, e.getMessage());
    problem.setProperty("currentVersion", e.currentVersion());
    problem.setProperty("labels", e.labels());
    return answer(problem);
  }

  @ExceptionHandler
  ResponseEntity<ProblemDetail> wrongEvent(Problems.WrongEvent e) {
    ProblemDetail problem = problem(HttpStatus.CONFLICT, e.getMessage());
    problem.setProperty("position", e.position());
    problem.setProperty("nextSeq", e.nextSeq());
    return answer(problem);
  }

  @ExceptionHandler
  ResponseEntity<ProblemDetail> noVersion(Problems.NoVersion e) {
    return answer(problem(HttpStatus.PRECONDITION_REQUIRED, e.getMessage()));
  }

  @ExceptionHandler
  ResponseEntity<ProblemDetail> notFound(Problems.NotFound e) {
    return answer(problem(HttpStatus.NOT_FOUND, e.getMessage()));
  }

  @ExceptionHandler
  ResponseEntity<ProblemDetail> tooMuch(Problems.TooMuch e) {
    return answer(problem(HttpStatus.CONTENT_TOO_LARGE, e.getMessage()));
  }

  @ExceptionHandler
  ResponseEntity<ProblemDetail> badAddress(MethodArgumentTypeMismatchException e) {
    return answer(problem(HttpStatus.NOT_FOUND, "There is nothing under this address."));
  }

  @ExceptionHandler
  ResponseEntity<ProblemDetail> unstorable(DataIntegrityViolationException e) {
    LOG.warn("The database refused a value: {}", e.getMostSpecificCause().getMessage());
    return answer(problem(HttpStatus.UNPROCESSABLE_ENTITY, "Some of it cannot be kept by the database, so nothing was saved. Look for unusual characters or numbers."));
  }

  @ExceptionHandler
  ResponseEntity<ProblemDetail> commitUnknown(Commits.Unknown e) {
    LOG.warn("The database went away while saving: {}", e.getCause().getMessage());
    return answer(problem(HttpStatus.SERVICE_UNAVAILABLE, "The database went away while this was being saved. Look again whether it is there; sending it once more does no harm."));
  }

  @ExceptionHandler({DataAccessException.class, TransactionException.class})
  ResponseEntity<ProblemDetail> database(RuntimeException e, HttpServletRequest request) {
    LOG.warn("The database does not answer: {}", e.getMessage());
    String then = request.getMethod().equals("GET") ? ". Try again." : Commits.saved(request) ? " any more. This was saved before that; load the page again." : "; nothing was saved. Try again.";
    return answer(problem(HttpStatus.SERVICE_UNAVAILABLE, "The database does not answer" + then));
  }

  /** Wrong use of a database that does answer: no fault of the maker's, and trying again does not help. */
  @ExceptionHandler({InvalidDataAccessResourceUsageException.class, InvalidDataAccessApiUsageException.class})
  ResponseEntity<ProblemDetail> wrongQuery(DataAccessException e) {
    return unexpected(e);
  }

  /** The browser went away before it had its answer: nobody is left to be told, and nothing is wrong. */
  @ExceptionHandler(ClientAbortException.class)
  void gone() {
    LOG.debug("A browser went away before it had its answer");
  }

  @ExceptionHandler
  ResponseEntity<ProblemDetail> unexpected(Exception e) {
    LOG.error("Not foreseen", e);
    return answer(problem(HttpStatus.INTERNAL_SERVER_ERROR, ProblemJson.detail(HttpStatus.INTERNAL_SERVER_ERROR.value())));
  }

  @Override
  protected ResponseEntity<Object> handleHttpMessageNotReadable(
      HttpMessageNotReadableException e, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
    return ResponseEntity.badRequest().contentType(MediaType.APPLICATION_PROBLEM_JSON).body(problem(HttpStatus.BAD_REQUEST, JsonRefusal.sentence(e.getCause())));
  }

  /** Whatever the client accepts, a refusal is told as what it is. */
  @Override
  protected ResponseEntity<Object> handleExceptionInternal(
      Exception e, Object body, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
    return ResponseEntity.status(status)
        .headers(headers)
        .contentType(MediaType.APPLICATION_PROBLEM_JSON)
        .body(ProblemDetail.forStatusAndDetail(status, ProblemJson.detail(status.value())));
  }

  private static ProblemDetail problem(HttpStatus status, String detail) {
    return ProblemDetail.forStatusAndDetail(status, detail);
  }

  private static ResponseEntity<ProblemDetail> answer(ProblemDetail problem) {
    return ResponseEntity.status(problem.getStatus()).contentType(MediaType.APPLICATION_PROBLEM_JSON).body(problem);
  }
}
