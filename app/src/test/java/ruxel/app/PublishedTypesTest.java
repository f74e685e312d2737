package ruxel.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;

/** The front end's types come from app/openapi.json; it must say what the running API says. */
class PublishedTypesTest {
  private static final Path COMMITTED = Path.of("openapi.json");

  @Test
  void committedDocumentIsTheRunningOne() throws IOException {
    JsonMapper pretty = JsonMapper.builder().enable(SerializationFeature.INDENT_OUTPUT).enable(SerializationFeature.ORDER_MAP_ENTRIES_BY_KEYS).build();
    Object running = pretty.readValue(TestServer.shared().get("/v3/api-docs").body(), Object.class);
    String text = pretty.writeValueAsString(running) + "\n";
    if (Boolean.getBoolean("openapi.write")) {
      Files.writeString(COMMITTED, text);
    }
    assertThat(Files.readString(COMMITTED))
        .as("run ./ruxel types")
        .isEqualTo(text);
  }
}
