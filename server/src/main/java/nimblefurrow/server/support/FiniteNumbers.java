package nimblefurrow.server.support;

import nimblefurrow.core.units.Refused;
import org.jspecify.annotations.Nullable;
import org.springframework.boot.jackson.autoconfigure.JsonMapperBuilderCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.convert.converter.Converter;
import org.springframework.format.FormatterRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;
import tools.jackson.core.JsonParser;
import tools.jackson.core.JsonToken;
import tools.jackson.core.StreamWriteFeature;
import tools.jackson.databind.DeserializationContext;
import tools.jackson.databind.deser.std.StdDeserializer;
import tools.jackson.databind.module.SimpleModule;

/**
 * Numbers that come in are numbers: neither {@code "NaN"} nor {@code 1e400}, in no body and in no
 * address.
 */
@Configuration
class FiniteNumbers implements WebMvcConfigurer {
  private static final String SENTENCE = "A number that can be reckoned with is expected here.";

  /** A single number. */
  private static final class One extends StdDeserializer<Double> {
    One(Class<?> type) {
      super(type);
    }

    @Override
    public Double deserialize(JsonParser json, DeserializationContext context) {
      return number(json, context);
    }

    @Override
    public @Nullable Object getNullValue(DeserializationContext context) {
      return handledType() == double.class ? context.reportInputMismatch(this, SENTENCE) : null;
    }
  }

  /** A row of them. */
  private static final class Row extends StdDeserializer<double[]> {
    Row() {
      super(double[].class);
    }

    @Override
    public double[] deserialize(JsonParser json, DeserializationContext context) {
      if (!json.isExpectedStartArrayToken()) {
        return context.reportInputMismatch(this, "A list of numbers is expected here.");
      }
      java.util.stream.DoubleStream.Builder all = java.util.stream.DoubleStream.builder();
      while (json.nextToken() != JsonToken.END_ARRAY) {
        all.add(number(json, context));
      }
      return all.build().toArray();
    }
  }

  private static double number(JsonParser json, DeserializationContext context) {
    if (!json.currentToken().isNumeric()) {
      context.reportInputMismatch(double.class, SENTENCE);
    }
    double value = json.getDoubleValue();
    if (!Double.isFinite(value)) {
      context.reportInputMismatch(double.class, SENTENCE);
    }
    return value;
  }

  @Bean
  JsonMapperBuilderCustomizer finiteNumbersOnly() {
    SimpleModule module = new SimpleModule("finite numbers");
    module.addDeserializer(Double.class, new One(Double.class));
    module.addDeserializer(double.class, new One(double.class));
    module.addDeserializer(double[].class, new Row());
    // Most of what is sent is numbers: the fast writer says the same digits in half the time.
    return builder -> builder.addModule(module).enable(StreamWriteFeature.USE_FAST_DOUBLE_WRITER);
  }

  @Override
  public void addFormatters(FormatterRegistry registry) {
    registry.addConverter(new FromAddress());
  }

  /** Numbers in addresses. */
  private static final class FromAddress implements Converter<String, Double> {
    @Override
    public Double convert(String text) {
      double value = Double.NaN;
      try {
        value = Double.parseDouble(text.strip());
      } catch (NumberFormatException e) {
        // said below
      }
      if (!Double.isFinite(value)) {
        throw new Refused("", SENTENCE);
      }
      return value;
    }
  }
}
