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
import java.util.Set;
import java.util.TreeSet;
import org.springdoc.core.customizers.GlobalOpenApiCustomizer;
import org.springframework.context.ApplicationContext;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.web.bind.annotation.RestController;

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
  GlobalOpenApiCustomizer requireAllButOptional(ApplicationContext context) {
    return api -> {
      Map<String, Set<String>> required = requiredProperties(context);
      api.getComponents().getSchemas().forEach((name, schema) -> require(schema, required.get(name)));
    };
  }

  private static Map<String, Set<String>> requiredProperties(ApplicationContext context) {
    Map<String, Set<String>> required = new HashMap<>();
    for (Object controller : context.getBeansWithAnnotation(RestController.class).values()) {
      for (Method method : controller.getClass().getDeclaredMethods()) {
        collect(method.getGenericReturnType(), required);
        List.of(method.getGenericParameterTypes()).forEach(type -> collect(type, required));
      }
    }
    return required;
  }

  private static void require(Schema<?> schema, Set<String> properties) {
    if (properties != null) {
      schema.setRequired(List.copyOf(properties));
    }
  }

  /** The required properties of every record reachable from a type, by the record's simple name. */
  private static void collect(Type type, Map<String, Set<String>> required) {
    if (type instanceof ParameterizedType generic) {
      List.of(generic.getActualTypeArguments()).forEach(argument -> collect(argument, required));
    }
    if (!(type instanceof Class<?> record) || !record.isRecord() || required.containsKey(record.getSimpleName())) {
      return;
    }
    Set<String> properties = new TreeSet<>();
    required.put(record.getSimpleName(), properties);
    for (RecordComponent component : record.getRecordComponents()) {
      if (component.getType() != Optional.class) {
        properties.add(component.getName());
      }
      collect(component.getGenericType(), required);
    }
  }
}
