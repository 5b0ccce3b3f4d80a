package nimblefurrow.server.picture;

import java.util.Optional;
import java.util.UUID;
import nimblefurrow.server.support.RowWriting;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.Repository;

interface PictureFiles extends Repository<PictureBytes, UUID>, RowWriting<PictureBytes> {
  /** The bytes of a farm's picture that is not taken out. */
  @Query(
      "select b from PictureBytes b, Picture p where p.farmId = :farmId and p.id = :pictureId"
          + " and p.away = false and b.pictureId = p.id")
  Optional<PictureBytes> ofPicture(UUID farmId, UUID pictureId);

  /** The same bytes for another picture, without reading them here. */
  @Modifying
  @Query(
      "insert into PictureBytes (pictureId, whole, small)"
          + " select :to, b.whole, b.small from PictureBytes b, Picture p"
          + " where p.farmId = :farmId and p.id = :from and b.pictureId = p.id")
  void copy(UUID farmId, UUID from, UUID to);
}
