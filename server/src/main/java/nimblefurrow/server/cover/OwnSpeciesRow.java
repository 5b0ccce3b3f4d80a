package nimblefurrow.server.cover;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import org.jspecify.annotations.Nullable;

@Entity
@Table(name = "own_species")
class OwnSpeciesRow {
  @Id String id;
  UUID farmId;
  String name;

  @JdbcTypeCode(SqlTypes.JSON)
  StoredSpecies facts;

  @Version @Nullable Long version;
}
