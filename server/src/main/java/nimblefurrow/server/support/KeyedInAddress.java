package nimblefurrow.server.support;

import nimblefurrow.core.units.Keyed;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.convert.converter.Converter;
import org.springframework.core.convert.converter.ConverterFactory;
import org.springframework.format.FormatterRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/** Kinds in an address are told by their keys, as in what is sent. */
@Configuration
class KeyedInAddress implements WebMvcConfigurer, ConverterFactory<String, Keyed> {
  @Override
  public void addFormatters(FormatterRegistry registry) {
    registry.addConverterFactory(this);
  }

  @Override
  public <K extends Keyed> Converter<String, K> getConverter(Class<K> kind) {
    return key ->
        Keyed.find(kind.getEnumConstants(), key)
            .orElseThrow(() -> new IllegalArgumentException("there is no “" + key + "”"));
  }
}
