package nimblefurrow.server.worklog;

import java.util.Collection;
import java.util.List;
import java.util.UUID;
import nimblefurrow.server.support.RowWriting;
import org.springframework.data.repository.Repository;

interface LogRevisions extends Repository<LogRevision, UUID>, RowWriting<LogRevision> {
  List<LogRevision> findByFarmIdAndLogEntryIdInOrderByChangedAt(
      UUID farmId, Collection<UUID> entries);
}
