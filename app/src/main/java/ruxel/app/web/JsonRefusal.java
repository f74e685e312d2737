package ruxel.app.web;

import java.util.Arrays;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import ruxel.app.garment.ChangeJson;
import ruxel.files.StorableText;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.exc.InvalidFormatException;
import tools.jackson.databind.exc.InvalidNullException;
import tools.jackson.databind.exc.InvalidTypeIdException;
import tools.jackson.databind.exc.MismatchedInputException;
import tools.jackson.databind.exc.UnrecognizedPropertyException;

/** Why a body is not what was expected, with its place; nothing of what was sent is repeated. */
final class JsonRefusal {
  private static final int MOST_CHOICES = 40;

  private JsonRefusal() {}

  static String sentence(Throwable cause) {
    if (cause instanceof UnrecognizedPropertyException unknown) {
      return "There is no field %s here. Leave it out.".formatted(path(unknown));
    }
    if (cause instanceof InvalidTypeIdException kind) {
      return "%s: expected a kind, one of %s.".formatted(path(kind), String.join(", ", ChangeJson.kinds().keySet()));
    }
    if (cause instanceof InvalidNullException missing) {
      return "%s is missing. Send it.".formatted(path(missing));
    }
    if (cause instanceof MismatchedInputException mismatch) {
      String message = String.valueOf(mismatch.getOriginalMessage());
      if (message.contains(StorableText.REFUSAL)) {
        return "%s: %s.".formatted(path(mismatch), StorableText.REFUSAL);
      }
      boolean missing = message.contains("null") || message.contains("Missing");
      return missing
          ? "%s is missing. Send it.".formatted(path(mismatch))
          : "%s: expected %s.".formatted(path(mismatch), expected(mismatch));
    }
    if (cause instanceof JacksonException broken && broken.getLocation() != null && broken.getLocation().getLineNr() > 0) {
      return "This is not JSON (line %d). Send the whole text again.".formatted(broken.getLocation().getLineNr());
    }
    return "This request cannot be read: its JSON is not what was expected.";
  }

  private static String expected(MismatchedInputException mismatch) {
    Class<?> type = mismatch.getTargetType() == null ? Object.class : mismatch.getTargetType();
    if (type.isEnum()) {
      return Arrays.stream(type.getEnumConstants()).limit(MOST_CHOICES).map(String::valueOf).collect(Collectors.joining(", ", "one of ", ""));
    }
    if (List.of(int.class, Integer.class, long.class, Long.class).contains(type)) {
      return "a whole number that fits";
    }
    if (type == double.class || type == Double.class) {
      return "a number";
    }
    if (type == boolean.class || type == Boolean.class) {
      return "true or false";
    }
    if (type == String.class) {
      return "text";
    }
    if (Collection.class.isAssignableFrom(type)) {
      return "a list";
    }
    return Map.class.isAssignableFrom(type) || !(mismatch instanceof InvalidFormatException) ? "an object" : "something else";
  }

  /** {@code changes[0].count}; {@code the text} where there is no path. */
  private static String path(JacksonException exception) {
    StringBuilder path = new StringBuilder();
    for (JacksonException.Reference step : exception.getPath()) {
      if (step.getPropertyName() == null) {
        path.append('[').append(step.getIndex()).append(']');
      } else {
        path.append(path.isEmpty() ? "" : ".").append(printable(step.getPropertyName()));
      }
    }
    return path.isEmpty() ? "the text" : path.toString();
  }

  private static String printable(String name) {
    String cut = name.length() > MOST_CHOICES ? name.substring(0, MOST_CHOICES) + "…" : name;
    return cut.replaceAll("[\\p{Cntrl}\\p{Cs}]", "?");
  }
}
