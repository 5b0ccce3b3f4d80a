package nimblefurrow.server.paper;

import java.util.Optional;
import java.util.UUID;
import nimblefurrow.server.support.RowWriting;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.Repository;

interface PaperFiles extends Repository<PaperBytes, UUID>, RowWriting<PaperBytes> {
  /** The file of a farm's paper that is not taken out. */
  @Query(
      "select b from PaperBytes b, Paper p where p.farmId = :farmId and p.id = :paperId"
          + " and p.away = false and b.paperId = p.id")
  Optional<PaperBytes> ofPaper(UUID farmId, UUID paperId);

  /** The same file for another paper, without reading it here. */
  @Modifying
  @Query(
      "insert into PaperBytes (paperId, whole)"
          + " select :to, b.whole from PaperBytes b, Paper p"
          + " where p.farmId = :farmId and p.id = :from and b.paperId = p.id")
  void copy(UUID farmId, UUID from, UUID to);
}
