package nimblefurrow.server.support;

import jakarta.persistence.EntityManager;
import jakarta.persistence.metamodel.SingularAttribute;
import java.lang.reflect.Field;
import java.util.Optional;
import java.util.UUID;
import org.hibernate.Hibernate;
import org.jspecify.annotations.Nullable;
import org.springframework.data.jpa.repository.support.JpaEntityInformation;
import org.springframework.data.jpa.repository.support.SimpleJpaRepository;
import org.springframework.data.repository.NoRepositoryBean;

/**
 * What all rows of farms are asked by their id: one look by the key, without writing first what the
 * session still holds, as a query would; whose the row is, is asked of the row.
 *
 * @param <T> the row
 * @param <I> its id
 */
@NoRepositoryBean
public class FarmRowsById<T, I> extends SimpleJpaRepository<T, I> {
  private final EntityManager session;
  private final Class<T> type;
  private final @Nullable Field farm;

  /** As Spring Data makes it. */
  public FarmRowsById(JpaEntityInformation<T, ?> about, EntityManager session) {
    super(about, session);
    this.session = session;
    this.type = about.getJavaType();
    this.farm =
        session.getMetamodel().entity(type).getSingularAttributes().stream()
            .filter(a -> a.getName().equals("farmId"))
            .findFirst()
            .map(SingularAttribute::getJavaMember)
            .map(Field.class::cast)
            .orElse(null);
    if (farm != null) {
      farm.setAccessible(true);
    }
  }

  /** See {@link FarmRows#findByFarmIdAndId}. */
  public Optional<T> findByFarmIdAndId(UUID farmId, I id) {
    return row(id).filter(r -> farmId.equals(farmOf(r)));
  }

  /** See {@link FarmRows#existsByFarmIdNotAndId}. */
  public boolean existsByFarmIdNotAndId(UUID farmId, I id) {
    return row(id).filter(r -> !farmId.equals(farmOf(r))).isPresent();
  }

  private Optional<T> row(I id) {
    return Optional.ofNullable(session.find(type, id)).map(r -> type.cast(Hibernate.unproxy(r)));
  }

  private @Nullable Object farmOf(T row) {
    try {
      return farm == null ? null : farm.get(row);
    } catch (IllegalAccessException e) {
      throw new IllegalStateException("a row does not say whose it is: " + type.getName(), e);
    }
  }
}
