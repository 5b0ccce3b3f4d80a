package nimblefurrow.server.weather;

import jakarta.persistence.Column;
import jakarta.persistence.Embeddable;
import jakarta.persistence.EmbeddedId;
import jakarta.persistence.Entity;
import java.io.Serializable;
import java.time.LocalDate;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

@Entity
class StationDay {
  @EmbeddedId Key key;

  @Column(name = "tmin_c")
  float tminC;

  @Column(name = "tmax_c")
  float tmaxC;

  float precipMm;
  @Nullable Float windMs;

  @Column(name = "dew_point_c")
  @Nullable Float dewPointC;

  boolean filled;

  @Embeddable
  record Key(UUID stationId, LocalDate day) implements Serializable {}
}
