package ruxel.app.web;

import com.fasterxml.jackson.databind.JavaType;
import io.swagger.v3.core.converter.AnnotatedType;
import io.swagger.v3.core.converter.ModelConverter;
import io.swagger.v3.core.converter.ModelConverterContext;
import io.swagger.v3.core.converter.ModelConverters;
import io.swagger.v3.core.util.Json;
import io.swagger.v3.oas.models.Components;
import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.media.Discriminator;
import io.swagger.v3.oas.models.media.Schema;
import io.swagger.v3.oas.models.media.StringSchema;
import java.lang.reflect.Type;
import java.util.Iterator;
import java.util.Set;
import java.util.function.Consumer;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.stereotype.Component;
import ruxel.app.garment.ChangeJson;
import ruxel.app.garment.Written;
import ruxel.core.change.Change;
import ruxel.core.construction.Answers;
import ruxel.core.identity.Id;

/** The published type of a change: one of its kinds, each with its own fields. */
@Component
class ChangeTypes implements ModelConverter {
  /** Whether the records of the kinds themselves are told, rather than referred to. */
  private final boolean told;

  @Autowired
  ChangeTypes() {
    this(false);
  }

  private ChangeTypes(boolean told) {
    this.told = told;
  }

  @Override
  public Schema<?> resolve(AnnotatedType type, ModelConverterContext context, Iterator<ModelConverter> chain) {
    JavaType java = Json.mapper().constructType(type.getType());
    if (java != null && (Change.class == java.getRawClass() || !told && ChangeJson.kinds().containsValue(java.getRawClass()))) {
      return reference(wire(java.getRawClass()));
    }
    if (java != null && Id.class.isAssignableFrom(java.getRawClass())) {
      return new StringSchema();
    }
    if (java != null && Written.class == java.getRawClass()) {
      return context.resolve(new AnnotatedType(java.containedType(0)).resolveAsRef(true));
    }
    if (java != null && Answers.Answer.class == java.getRawClass()) {
      return new Schema<>();
    }
    if (java != null && ChangeJson.stands().containsKey(java.getRawClass())) {
      return context.resolve(new AnnotatedType(ChangeJson.stands().get(java.getRawClass())).resolveAsRef(true));
    }
    return chain.hasNext() ? chain.next().resolve(type, context, chain) : null;
  }

  /** Adds the records of all kinds; {@code collect} gathers what they refer to. */
  static void into(OpenAPI api, Consumer<Type> collect) {
    ModelConverters converters = new ModelConverters();
    converters.addConverter(new ChangeTypes(true));
    ChangeJson.stands().values().forEach(collect);
    for (Class<?> type : ChangeJson.kinds().values()) {
      collect.accept(wire(type));
      converters.readAll(wire(type)).forEach(api.getComponents().getSchemas()::putIfAbsent);
    }
  }

  /** Gives each its kind and makes them one type. */
  static void byKind(OpenAPI api) {
    Schema<?> union = new Schema<>();
    Discriminator discriminator = new Discriminator().propertyName("kind");
    ChangeJson.kinds().forEach(
        (kind, type) -> {
          Schema<?> reference = reference(wire(type));
          Schema<?> schema = api.getComponents().getSchemas().get(wire(type).getSimpleName());
          schema.setTypes(Set.of("object"));
          schema.addProperty("kind", new StringSchema().addEnumItem(kind));
          schema.addRequiredItem("kind");
          union.addOneOfItem(reference);
          discriminator.mapping(kind, reference.get$ref());
        });
    Schema<?> answers = (Schema<?>) api.getComponents().getSchemas().get(Change.AnswersChanged.class.getSimpleName()).getProperties().get("answers");
    answers.setAdditionalProperties(true);
    api.getComponents().addSchemas(Change.class.getSimpleName(), union.discriminator(discriminator));
  }

  private static Class<?> wire(Class<?> type) {
    return ChangeJson.stands().getOrDefault(type, type);
  }

  private static Schema<?> reference(Class<?> type) {
    return new Schema<>().$ref(Components.COMPONENTS_SCHEMAS_REF + type.getSimpleName());
  }
}
