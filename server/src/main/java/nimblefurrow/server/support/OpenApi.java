package nimblefurrow.server.support;

import com.fasterxml.jackson.databind.JavaType;
import io.swagger.v3.core.converter.AnnotatedType;
import io.swagger.v3.core.converter.ModelConverter;
import io.swagger.v3.core.converter.ModelConverterContext;
import io.swagger.v3.core.util.Json31;
import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.info.Info;
import io.swagger.v3.oas.models.media.Schema;
import io.swagger.v3.oas.models.servers.Server;
import java.lang.annotation.Annotation;
import java.lang.reflect.RecordComponent;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Iterator;
import java.util.List;
import nimblefurrow.core.units.Keyed;
import org.jspecify.annotations.Nullable;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** The document of the HTTP interface, from which the web's types are made. */
@Configuration
class OpenApi {
  @Bean
  OpenAPI document() {
    return new OpenAPI()
        .info(
            new Info()
                .title("Nimble Furrow")
                .version("1")
                .description("Errors are RFC 9457 problem details with a sentence and its place."))
        .addServersItem(new Server().url("/"));
  }

  /** Components of records are required unless they are {@code @Nullable}. */
  @Bean
  ModelConverter requiredUnlessNullable() {
    return new ModelConverter() {
      @Override
      public @Nullable Schema<?> resolve(
          AnnotatedType type, ModelConverterContext context, Iterator<ModelConverter> chain) {
        if (!chain.hasNext()) {
          return null;
        }
        Schema<?> schema = chain.next().resolve(type, context, chain);
        JavaType java = Json31.mapper().constructType(type.getType());
        if (java != null && java.getRawClass().isRecord()) {
          Schema<?> defined = schema;
          if (schema != null && schema.get$ref() != null) {
            String name = schema.get$ref().substring(schema.get$ref().lastIndexOf('/') + 1);
            defined = context.getDefinedModels().get(name);
          }
          if (defined != null) {
            defined.setRequired(required(java.getRawClass()));
          }
        }
        return schema;
      }
    };
  }

  /** Kinds that have a key are listed by it, and so are texts that are the key of something. */
  @Bean
  ModelConverter listed() {
    return new ModelConverter() {
      @Override
      public @Nullable Schema<?> resolve(
          AnnotatedType type, ModelConverterContext context, Iterator<ModelConverter> chain) {
        if (!chain.hasNext()) {
          return null;
        }
        Schema<?> schema = chain.next().resolve(type, context, chain);
        JavaType java = Json31.mapper().constructType(type.getType());
        if (schema != null && java != null && Keyed.class.isAssignableFrom(java.getRawClass())) {
          list(
              schema,
              Arrays.stream(java.getRawClass().getEnumConstants())
                  .map(e -> ((Keyed) e).key())
                  .toList());
        }
        KeyOf of = keyOf(type.getCtxAnnotations());
        if (schema != null && of != null) {
          list(schema.getItems() == null ? schema : schema.getItems(), of.value().keys());
        }
        return schema;
      }
    };
  }

  @SuppressWarnings("unchecked")
  private static void list(Schema<?> schema, List<String> keys) {
    ((Schema<Object>) schema).setEnum(new ArrayList<>(keys));
  }

  private static @Nullable KeyOf keyOf(Annotation @Nullable [] around) {
    for (Annotation a : around == null ? new Annotation[0] : around) {
      if (a instanceof KeyOf of) {
        return of;
      }
    }
    return null;
  }

  private static List<String> required(Class<?> record) {
    List<String> names = new ArrayList<>();
    for (RecordComponent component : record.getRecordComponents()) {
      if (!component.getAnnotatedType().isAnnotationPresent(Nullable.class)) {
        names.add(component.getName());
      }
    }
    return names;
  }
}
