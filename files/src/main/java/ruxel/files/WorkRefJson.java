package ruxel.files;

import java.util.Map;
import java.util.Optional;
import ruxel.core.identity.BoardId;
import ruxel.core.identity.LineId;
import ruxel.core.identity.SeamId;
import ruxel.core.identity.StripId;
import ruxel.core.identity.WorkRef;
import tools.jackson.core.JacksonException;
import tools.jackson.core.JsonParser;
import tools.jackson.databind.DeserializationContext;
import tools.jackson.databind.annotation.JsonDeserialize;
import tools.jackson.databind.annotation.JsonSerialize;
import tools.jackson.databind.deser.std.StdDeserializer;
import tools.jackson.databind.util.StdConverter;

/** What is worked as it stands in JSON: {@code {"seam": …}}, {@code {"board": …}}, {@code {"board": …, "line": …}} or {@code {"strip": …}}. */
@JsonDeserialize(using = WorkRefJson.Read.class)
@JsonSerialize(converter = WorkRefJson.Written.class)
public interface WorkRefJson {
  /** The fields; one of {@code seam}, {@code board} and {@code strip}. */
  record WorkReference(Optional<SeamId> seam, Optional<BoardId> board, Optional<LineId> line, Optional<StripId> strip) {
    /** Empty where they name nothing, or several things. */
    public Optional<WorkRef> ref() {
      long named = seam.stream().count() + board.stream().count() + strip.stream().count();
      if (named != 1 || line.isPresent() && board.isEmpty()) {
        return Optional.empty();
      }
      return seam.map(WorkRef::seam).or(() -> strip.map(WorkRef::strip)).or(() -> board.map(on -> line.map(id -> WorkRef.line(on, id)).orElseGet(() -> WorkRef.board(on))));
    }
  }

  /** From its fields. */
  final class Read extends StdDeserializer<WorkRef> {
    public Read() {
      super(WorkRef.class);
    }

    @Override
    public WorkRef deserialize(JsonParser parser, DeserializationContext context) throws JacksonException {
      Optional<WorkRef> ref = context.readValue(parser, WorkReference.class).ref();
      return ref.isPresent() ? ref.get() : context.reportInputMismatch(WorkRef.class, "Expected a seam, a board with or without a line, or a strip");
    }
  }

  /** To its fields. */
  final class Written extends StdConverter<WorkRef, Map<String, String>> {
    @Override
    public Map<String, String> convert(WorkRef ref) {
      if (ref instanceof WorkRef.OfLine line) {
        return Map.of("board", line.board().text(), "line", line.id().text());
      }
      return Map.of(ref instanceof WorkRef.OfSeam ? "seam" : ref instanceof WorkRef.OfBoard ? "board" : "strip", ref.id().text());
    }
  }
}
