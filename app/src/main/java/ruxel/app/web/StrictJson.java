package ruxel.app.web;

import com.fasterxml.jackson.annotation.JsonAutoDetect;
import com.fasterxml.jackson.annotation.Nulls;
import org.springframework.boot.jackson.autoconfigure.JsonMapperBuilderCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import ruxel.files.IdJson;
import ruxel.files.StorableText;
import tools.jackson.core.JacksonException;
import tools.jackson.core.JsonParser;
import tools.jackson.core.StreamReadFeature;
import tools.jackson.core.StreamWriteFeature;
import tools.jackson.databind.DeserializationContext;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.MapperFeature;
import tools.jackson.databind.cfg.EnumFeature;
import tools.jackson.databind.deser.std.StdDeserializer;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.module.SimpleModule;

/**
 * What comes over the wire is what it should be or is refused with its place: nothing missing but the optional, no
 * unknown or repeated field, no number for a word or a word for a number, no text that cannot be stored.
 */
@Configuration
public class StrictJson {
  @Bean
  JsonMapperBuilderCustomizer strict() {
    return StrictJson::applied;
  }

  /** A mapper as strict as that of the API. */
  public static JsonMapper.Builder applied(JsonMapper.Builder builder) {
    return builder
        .enable(
            DeserializationFeature.FAIL_ON_NULL_CREATOR_PROPERTIES,
            DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES,
            DeserializationFeature.FAIL_ON_NULL_FOR_PRIMITIVES,
            DeserializationFeature.FAIL_ON_TRAILING_TOKENS)
        .disable(DeserializationFeature.ACCEPT_FLOAT_AS_INT)
        .enable(EnumFeature.FAIL_ON_NUMBERS_FOR_ENUMS)
        .disable(MapperFeature.ALLOW_COERCION_OF_SCALARS)
        .enable(StreamReadFeature.STRICT_DUPLICATE_DETECTION)
        .changeDefaultVisibility(visible -> visible.withIsGetterVisibility(JsonAutoDetect.Visibility.NONE))
        .changeDefaultNullHandling(nulls -> nulls.withContentNulls(Nulls.FAIL))
        .addModule(new SimpleModule().addDeserializer(String.class, new Text()))
        .addModule(new IdJson());
  }

  /** Plans are mostly numbers: written by the shortest digits that read back, several times faster than by the JDK. */
  @Bean
  JsonMapperBuilderCustomizer fastNumbers() {
    return builder -> builder.enable(StreamWriteFeature.USE_FAST_DOUBLE_WRITER);
  }

  private static final class Text extends StdDeserializer<String> {
    Text() {
      super(String.class);
    }

    @Override
    public Object getEmptyValue(DeserializationContext context) {
      return "";
    }

    @Override
    public String deserialize(JsonParser parser, DeserializationContext context) throws JacksonException {
      if (!parser.currentToken().isScalarValue() || parser.currentToken().isNumeric() || parser.currentToken().isBoolean()) {
        return (String) context.handleUnexpectedToken(context.constructType(String.class), parser);
      }
      String text = parser.getString();
      return StorableText.is(text)
          ? text
          : (String) context.handleWeirdStringValue(String.class, "", StorableText.REFUSAL);
    }
  }
}
