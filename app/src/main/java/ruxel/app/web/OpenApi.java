package ruxel.app.web;

import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.info.Info;
import io.swagger.v3.oas.models.media.Schema;
import io.swagger.v3.oas.models.servers.Server;
import java.lang.reflect.Method;
import java.lang.reflect.ParameterizedType;
import java.lang.reflect.RecordComponent;
import java.lang.reflect.Type;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springdoc.core.customizers.GlobalOpenApiCustomizer;
import org.springframework.context.ApplicationContext;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.web.bind.annotation.RestController;
import ruxel.app.garment.ChangeJson;

/**
 * The API's published types: every property of a record is required but the {@code Optional} ones, so
 * that the front end's generated types are exact.
 */
@Configuration
class OpenApi {
  @Bean
  OpenAPI document() {
    return new OpenAPI()
        .info(new Info().title("Ruxel").version("1"))
        .servers(List.of(new Server().url("/")));
  }

  @Bean
  GlobalOpenApiCustomizer asRecords(ApplicationContext context) {
    return api -> {
      Map<String, Class<?>> records = new HashMap<>();
      for (Object controller : context.getBeansWithAnnotation(RestController.class).values()) {
        for (Method method : controller.getClass().getDeclaredMethods()) {
          collect(method.getGenericReturnType(), records);
          List.of(method.getGenericParameterTypes()).forEach(type -> collect(type, records));
        }
      }
      ChangeTypes.into(api, type -> collect(type, records));
      ProblemTypes.into(api, type -> collect(type, records));
      api.getComponents().getSchemas().forEach((name, schema) -> Optional.ofNullable(records.get(name)).ifPresent(record -> narrow(schema, record)));
      ChangeTypes.byKind(api);
    };
  }

  /** A record's schema has its components and nothing else. */
  private static void narrow(Schema<?> schema, Class<?> record) {
    List<RecordComponent> components = List.of(record.getRecordComponents());
    if (schema.getProperties() != null) {
      schema.getProperties().keySet().retainAll(components.stream().map(RecordComponent::getName).toList());
    }
    schema.setRequired(
        components.stream()
            .filter(component -> component.getType() != Optional.class && !ChangeJson.isDefaulted(record, component.getName()))
            .map(RecordComponent::getName)
            .sorted()
            .toList());
  }

  /** Every record reachable from a type, by its simple name. */
  private static void collect(Type type, Map<String, Class<?>> records) {
    if (type instanceof ParameterizedType generic) {
      List.of(generic.getActualTypeArguments()).forEach(argument -> collect(argument, records));
    }
    if (type instanceof Class<?> record && record.isRecord() && records.putIfAbsent(record.getSimpleName(), record) == null) {
      for (RecordComponent component : record.getRecordComponents()) {
        collect(component.getGenericType(), records);
      }
    }
  }
}
