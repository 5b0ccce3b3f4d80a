package nimblefurrow.server.support;

import jakarta.persistence.AttributeConverter;
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
        : Keyed.find(kind.getEnumConstants(), key)
            .orElseThrow(
                () -> new IllegalStateException(kind.getSimpleName() + " has no “" + key + "”"));
  }
}
