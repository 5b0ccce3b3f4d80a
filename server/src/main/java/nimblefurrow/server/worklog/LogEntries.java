package nimblefurrow.server.worklog;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import nimblefurrow.server.support.FarmRows;

interface LogEntries extends FarmRows<LogEntry, UUID> {
  List<LogEntry> findByFarmIdAndFieldIdOrderByDoneOnDescCreatedAtDesc(UUID farmId, UUID fieldId);

  List<LogEntry> findByFarmIdAndDoneOnBetweenOrderByDoneOn(
      UUID farmId, LocalDate from, LocalDate to);
}
