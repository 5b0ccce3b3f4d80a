package nimblefurrow.server.weather;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

@Entity
@Table(name = "station")
class StationEntity {
  @Id UUID id;
  @Nullable UUID farmId;
  String name;
  double latitudeDeg;

  @Column(name = "elevation_m")
  double elevationM;

  boolean coastal;
  @Version long version;
}
