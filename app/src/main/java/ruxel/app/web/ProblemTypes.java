package ruxel.app.web;

import io.swagger.v3.core.converter.ModelConverters;
import io.swagger.v3.oas.models.Components;
import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.Operation;
import io.swagger.v3.oas.models.media.Content;
import io.swagger.v3.oas.models.media.Schema;
import io.swagger.v3.oas.models.responses.ApiResponse;
import java.lang.reflect.Type;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import ruxel.core.plan.FindingView;

/** What the API refuses with, in the published document: for each request the statuses it can have, each with its problem. */
final class ProblemTypes {
  /** A refusal; {@code detail} says what and what to do. */
  record Problem(String title, int status, String detail, Optional<String> instance) {}

  /** What was sent cannot be, and why. */
  record ImpossibleProblem(String title, int status, String detail, Optional<String> instance, List<FindingView> findings) {}

  /** The garment was changed in between: its version now, and what the changes were. */
  record StaleVersionProblem(String title, int status, String detail, Optional<String> instance, int currentVersion, List<String> labels) {}

  /** Work that cannot go on so: what is to be decided first, or where the work stands. */
  record WorkProblem(String title, int status, String detail, Optional<String> instance, Optional<List<FindingView>> findings, Optional<Integer> position, Optional<Integer> nextSeq) {}

  private static final List<Class<?>> ALL = List.of(Problem.class, ImpossibleProblem.class, StaleVersionProblem.class, WorkProblem.class);

  private ProblemTypes() {}

  /** Adds the problems and where they come; {@code collect} gathers what they refer to. */
  static void into(OpenAPI api, Consumer<Type> collect) {
    for (Class<?> type : ALL) {
      collect.accept(type);
      ModelConverters.getInstance(true).readAll(type).forEach(api.getComponents().getSchemas()::putIfAbsent);
    }
    api.getPaths().forEach((path, item) -> item.readOperations().forEach(operation -> refusals(path, operation)));
  }

  private static void refusals(String path, Operation operation) {
    boolean writes = operation.getRequestBody() != null;
    boolean versioned = operation.getParameters() != null && operation.getParameters().stream().anyMatch(parameter -> HttpHeaders.IF_MATCH.equals(parameter.getName()));
    if (writes) {
      refusal(operation, HttpStatus.BAD_REQUEST, Problem.class, "What was sent cannot be read; the detail names the place.");
      refusal(operation, HttpStatus.UNPROCESSABLE_ENTITY, ImpossibleProblem.class, "What was sent cannot be; all findings at once.");
    }
    if (path.contains("{")) {
      refusal(operation, HttpStatus.NOT_FOUND, Problem.class, "There is nothing under this address.");
    }
    if (writes && path.contains("/work")) {
      refusal(operation, HttpStatus.CONFLICT, WorkProblem.class, "Something is to be decided first, or the event does not follow.");
    }
    if (versioned) {
      refusal(operation, HttpStatus.PRECONDITION_REQUIRED, Problem.class, "The version it is based on is missing (If-Match).");
    }
    // A preview names its version in what is sent.
    if (versioned || path.endsWith("}/preview")) {
      refusal(operation, HttpStatus.PRECONDITION_FAILED, StaleVersionProblem.class, "Changed in between; look again and send it on top.");
    }
  }

  private static void refusal(Operation operation, HttpStatus status, Class<?> type, String words) {
    Schema<?> schema = new Schema<>().$ref(Components.COMPONENTS_SCHEMAS_REF + type.getSimpleName());
    Content content = new Content().addMediaType(MediaType.APPLICATION_PROBLEM_JSON_VALUE, new io.swagger.v3.oas.models.media.MediaType().schema(schema));
    operation.getResponses().addApiResponse(Integer.toString(status.value()), new ApiResponse().description(words).content(content));
  }
}
