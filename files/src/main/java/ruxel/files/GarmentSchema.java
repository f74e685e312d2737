package ruxel.files;

import com.networknt.schema.Error;
import com.networknt.schema.InputFormat;
import com.networknt.schema.Schema;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import ruxel.core.finding.Fact;
import ruxel.core.finding.Finding;
import ruxel.core.finding.FindingCode;
import ruxel.core.finding.Where;
import tools.jackson.databind.JsonNode;

/** The JSON Schema of the garment file, also shown in docs. */
final class GarmentSchema {
  private static final Schema SCHEMA =
      SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12).getSchema(text(), InputFormat.JSON);

  private GarmentSchema() {}

  static String text() {
    try (InputStream in = GarmentSchema.class.getResourceAsStream("garment.schema.json")) {
      return new String(in.readAllBytes(), StandardCharsets.UTF_8);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  static List<Finding> findings(JsonNode tree) {
    return SCHEMA.validate(tree).stream().map(GarmentSchema::finding).distinct().toList();
  }

  private static Finding finding(Error error) {
    String path = path(error.getInstanceLocation().toString());
    String detail = error.getMessage().replaceFirst("^[^:]*: ", "");
    return Finding.of(FindingCode.SCHEMA, Where.path(path), Fact.text("detail", path + " " + detail));
  }

  /** {@code /pieces/0/id} as {@code $.pieces[0].id}. */
  private static String path(String pointer) {
    StringBuilder path = new StringBuilder("$");
    for (String part : pointer.split("/")) {
      if (!part.isEmpty()) {
        path.append(part.matches("\\d+") ? "[" + part + "]" : "." + part);
      }
    }
    return path.toString();
  }
}
