package nimblefurrow.server.support;

import java.util.Optional;
import java.util.UUID;
import org.springframework.data.repository.NoRepositoryBean;
import org.springframework.data.repository.Repository;

/**
 * Rows that belong to farms: none is answered without being told whose farm it is, so that no
 * service can forget to ask.
 */
@NoRepositoryBean
public interface FarmRows<T, I> extends Repository<T, I>, RowWriting<T> {
  /** The farm's row; nothing when it has none, or when it is another farm's. */
  Optional<T> findByFarmIdAndId(UUID farmId, I id);

  /** Whether an id is another farm's: clients choose ids, so that sending twice stores once. */
  boolean existsByFarmIdNotAndId(UUID farmId, I id);

  /**
   * The farm's row.
   *
   * @param away what is said when it has none
   * @throws NotFound when it has none
   */
  default T get(UUID farmId, I id, String away) {
    return findByFarmIdAndId(farmId, id).orElseThrow(() -> new NotFound(away));
  }

  /**
   * The row that what is sent is put into; nothing when it is new.
   *
   * @param away what is said when the id is another farm's
   * @throws NotFound when it is
   */
  default Optional<T> toPut(UUID farmId, I id, String away) {
    Optional<T> row = findByFarmIdAndId(farmId, id);
    if (row.isEmpty() && existsByFarmIdNotAndId(farmId, id)) {
      throw new NotFound(away);
    }
    return row;
  }
}
