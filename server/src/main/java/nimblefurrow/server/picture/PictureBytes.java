package nimblefurrow.server.picture;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import java.util.UUID;

/** A picture as a JPEG, whole and as small as a list shows it. */
@Entity
class PictureBytes {
  @Id UUID pictureId;
  byte[] whole;
  byte[] small;
}
