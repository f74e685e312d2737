package ruxel.app.garment;

import tools.jackson.core.JsonGenerator;
import tools.jackson.core.io.SerializedString;
import tools.jackson.databind.JacksonSerializable;
import tools.jackson.databind.SerializationContext;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.jsontype.TypeSerializer;

/** A value as it goes over the wire, written once: a shelf of hundreds is asked for again and again, and most of it stays as it is. */
public final class Written<T> implements JacksonSerializable {
  private final SerializedString json;

  Written(JsonMapper mapper, T value) {
    json = new SerializedString(mapper.writeValueAsString(value));
  }

  @Override
  public void serialize(JsonGenerator generator, SerializationContext context) {
    generator.writeRawValue(json);
  }

  @Override
  public void serializeWithType(JsonGenerator generator, SerializationContext context, TypeSerializer type) {
    serialize(generator, context);
  }
}
