package ruxel.files;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import ruxel.core.measure.Corner;
import tools.jackson.core.JsonParser;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.DeserializationContext;
import tools.jackson.databind.util.StdConverter;

/** The corners of a piece: a list in the file, by the edge they stand behind in the core; of two behind one edge the later counts. */
final class CornerList {
  private CornerList() {}

  record CornerOf(String behind, Corner kind) {}

  @SuppressWarnings({"unchecked", "rawtypes"})
  static final class Read extends Usual<Map> {
    Read() {
      super(Map.class, Map.of(), Read::corners);
    }

    private static Map<String, Corner> corners(JsonParser parser, DeserializationContext context) {
      List<CornerOf> list = context.readValue(parser, context.getTypeFactory().constructType(new TypeReference<List<CornerOf>>() {}));
      Map<String, Corner> corners = new LinkedHashMap<>();
      list.forEach(corner -> corners.put(corner.behind(), corner.kind()));
      return corners;
    }
  }

  static final class Written extends StdConverter<Map<String, Corner>, List<CornerOf>> {
    @Override
    public List<CornerOf> convert(Map<String, Corner> corners) {
      return corners.entrySet().stream().map(corner -> new CornerOf(corner.getKey(), corner.getValue())).toList();
    }
  }
}
