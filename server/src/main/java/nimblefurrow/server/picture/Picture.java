package nimblefurrow.server.picture;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import java.time.Instant;
import java.time.LocalDate;
import java.util.UUID;
import nimblefurrow.core.record.Spots;
import org.jspecify.annotations.Nullable;

/** A picture of an entry, without its bytes. */
@Entity
class Picture {
  /** Chosen by the client, so that sending twice stores once. */
  @Id UUID id;

  UUID farmId;
  UUID fieldId;
  UUID entryId;
  LocalDate takenOn;
  @Nullable Double latitude;
  @Nullable Double longitude;

  /** Share of the ground under green leaves; null where it was not measured. */
  @Nullable Double green;

  int width;
  int height;

  /** Taken out; it can be brought back. */
  boolean away;

  @Nullable UUID accountId;
  Instant addedAt;

  Spots.@Nullable Place place() {
    return latitude == null || longitude == null ? null : new Spots.Place(latitude, longitude);
  }

  void putPlace(Spots.@Nullable Place place) {
    latitude = place == null ? null : place.latitude();
    longitude = place == null ? null : place.longitude();
  }
}
