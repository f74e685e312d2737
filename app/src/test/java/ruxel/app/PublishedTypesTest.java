package ruxel.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import ruxel.core.change.InputBounds;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;

/** The front end's types come from app/openapi.json, its bounds from bounds.json; they must say what the core says. */
class PublishedTypesTest {
  private static final Path COMMITTED = Path.of("openapi.json");
  private static final Path BOUNDS = Path.of("../web/src/api/bounds.json");
  private static final JsonMapper PRETTY =
      JsonMapper.builder().enable(SerializationFeature.INDENT_OUTPUT).enable(SerializationFeature.ORDER_MAP_ENTRIES_BY_KEYS).build();

  @Test
  void committedDocumentIsTheRunningOne() throws IOException {
    check(COMMITTED, PRETTY.readValue(TestServer.shared().get("/v3/api-docs").body(), Object.class));
  }

  @Test
  void committedBoundsAreThoseOfTheCore() throws IOException {
    check(BOUNDS, InputBounds.HOUSE);
  }

  private static void check(Path committed, Object running) throws IOException {
    String text = PRETTY.writeValueAsString(running) + "\n";
    if (Boolean.getBoolean("openapi.write")) {
      Files.writeString(committed, text);
    }
    assertThat(PRETTY.readTree(Files.readString(committed))).as("run ./ruxel types").isEqualTo(PRETTY.readTree(text));
  }
}
