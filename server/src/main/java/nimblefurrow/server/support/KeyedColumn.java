package nimblefurrow.server.support;

import jakarta.persistence.AttributeConverter;
import java.util.Arrays;
import nimblefurrow.core.units.Keyed;
import org.jspecify.annotations.Nullable;

/** A kind stored by its key, so that a constant can be renamed without a migration. */
public abstract class KeyedColumn<E extends Enum<E> & Keyed>
    implements AttributeConverter<E, String> {
  private final Class<E> kind;

  protected KeyedColumn(Class<E> kind) {
    this.kind = kind;
  }

  @Override
  public @Nullable String convertToDatabaseColumn(@Nullable E value) {
    return value == null ? null : value.key();
  }

  @Override
  public @Nullable E convertToEntityAttribute(@Nullable String key) {
    return key == null
        ? null
        : Arrays.stream(kind.getEnumConstants())
            .filter(e -> e.key().equals(key))
            .findFirst()
            .orElseThrow(
                () -> new IllegalStateException(kind.getSimpleName() + " has no “" + key + "”"));
  }
}
