package ruxel.files;

import java.util.function.Function;
import ruxel.core.identity.BoardId;
import ruxel.core.identity.Id;
import ruxel.core.identity.LineId;
import ruxel.core.identity.PieceId;
import ruxel.core.identity.SeamId;
import ruxel.core.identity.StripId;
import tools.jackson.core.JacksonException;
import tools.jackson.core.JsonGenerator;
import tools.jackson.core.JsonParser;
import tools.jackson.databind.DeserializationContext;
import tools.jackson.databind.SerializationContext;
import tools.jackson.databind.deser.std.StdDeserializer;
import tools.jackson.databind.module.SimpleModule;
import tools.jackson.databind.ser.std.StdSerializer;

/** Ids as they stand in files and over the wire: their text. */
public final class IdJson extends SimpleModule {
  private static final long serialVersionUID = 1L;

  public IdJson() {
    super("ids");
    addSerializer(Id.class, new Written());
    read(PieceId.class, PieceId::new);
    read(SeamId.class, SeamId::new);
    read(StripId.class, StripId::new);
    read(BoardId.class, BoardId::of);
    read(LineId.class, LineId::new);
  }

  private <T extends Id> void read(Class<T> type, Function<String, T> of) {
    addDeserializer(type, new Read<>(type, of));
  }

  private static final class Written extends StdSerializer<Id> {
    Written() {
      super(Id.class);
    }

    @Override
    public void serialize(Id id, JsonGenerator generator, SerializationContext context) {
      generator.writeString(id.text());
    }
  }

  /** As a text is read, with all that is asked of one. */
  private static final class Read<T extends Id> extends StdDeserializer<T> {
    private final transient Function<String, T> of;

    Read(Class<T> type, Function<String, T> of) {
      super(type);
      this.of = of;
    }

    @Override
    public T deserialize(JsonParser parser, DeserializationContext context) throws JacksonException {
      return of.apply(context.readValue(parser, String.class));
    }

    @Override
    public Object getEmptyValue(DeserializationContext context) {
      return of.apply("");
    }
  }
}
