package ruxel.files;

import java.util.function.BiFunction;
import tools.jackson.core.JsonParser;
import tools.jackson.databind.DeserializationContext;
import tools.jackson.databind.deser.std.StdDeserializer;

/** Reads a value; where it is absent from the file it is the usual one. */
class Usual<T> extends StdDeserializer<T> {
  private final T usual;
  private final transient BiFunction<JsonParser, DeserializationContext, T> read;

  Usual(Class<T> kind, T usual, BiFunction<JsonParser, DeserializationContext, T> read) {
    super(kind);
    this.usual = usual;
    this.read = read;
  }

  /** A word of a kind. */
  static <E extends Enum<E>> Usual<E> word(E usual) {
    Class<E> kind = usual.getDeclaringClass();
    return new Usual<>(kind, usual, (parser, context) -> Enum.valueOf(kind, parser.getString()));
  }

  @Override
  public T deserialize(JsonParser parser, DeserializationContext context) {
    return read.apply(parser, context);
  }

  @Override
  public Object getNullValue(DeserializationContext context) {
    return usual;
  }

  @Override
  public Object getAbsentValue(DeserializationContext context) {
    return usual;
  }
}
