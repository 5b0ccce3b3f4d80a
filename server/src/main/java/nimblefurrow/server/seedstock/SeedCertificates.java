package nimblefurrow.server.seedstock;

import java.util.Optional;
import java.util.UUID;
import nimblefurrow.server.support.RowWriting;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.Repository;

interface SeedCertificates extends Repository<SeedCertificate, UUID>, RowWriting<SeedCertificate> {
  /** The certificate of a farm's lot. */
  @Query(
      "select c from SeedCertificate c, SeedLot l"
          + " where l.farmId = :farmId and l.id = :lotId and c.lotId = l.id")
  Optional<SeedCertificate> ofLot(UUID farmId, UUID lotId);
}
