package nimblefurrow.server.feed;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Version;
import java.time.LocalDate;
import java.util.UUID;
import nimblefurrow.core.feed.GrazingStay;
import org.jspecify.annotations.Nullable;

@Entity
class GrazingGroup {
  @Id UUID id;
  UUID farmId;
  UUID planId;
  String name;
  int head;
  double headKg;
  LocalDate inOn;
  LocalDate outOn;
  boolean removed;
  @Version @Nullable Long version;

  GrazingStay stay() {
    return new GrazingStay(name, head, headKg, inOn, outOn);
  }
}
