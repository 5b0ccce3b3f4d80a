package nimblefurrow.server.farm;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Version;
import java.time.LocalDate;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

@Entity
class Farm {
  @Id UUID id;
  String name;
  @Nullable UUID stationId;
  boolean demo;
  @Nullable LocalDate demoDay;
  @Version long version;
}
