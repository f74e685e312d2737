package ruxel.app.garment;

import java.util.List;
import tools.jackson.core.JsonGenerator;
import tools.jackson.core.io.SerializedString;
import tools.jackson.databind.JacksonSerializable;
import tools.jackson.databind.SerializationContext;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.jsontype.TypeSerializer;

/** The pieces of a garment as the shelf draws them, written once: a shelf of hundreds is asked for again and again, and most of it stays as it is. */
public final class Drawn implements JacksonSerializable {
  private final SerializedString json;

  Drawn(JsonMapper mapper, List<ShelfFacts.ShelfPiece> pieces) {
    json = new SerializedString(mapper.writeValueAsString(pieces));
  }

  @Override
  public void serialize(JsonGenerator generator, SerializationContext context) {
    generator.writeRawValue(json);
  }

  @Override
  public void serializeWithType(JsonGenerator generator, SerializationContext context, TypeSerializer type) {
    serialize(generator, context);
  }

  /** What each of them is over the wire. */
  public static Class<?> ofEach() {
    return ShelfFacts.ShelfPiece.class;
  }
}
