package nimblefurrow.server.worklog;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import nimblefurrow.core.record.LogKind;
import nimblefurrow.server.support.FarmRows;

interface LogEntries extends FarmRows<LogEntry, UUID> {
  List<LogEntry> findByFarmIdAndFieldIdOrderByDoneOnDescCreatedAtDescIdDesc(
      UUID farmId, UUID fieldId);

  List<LogEntry> findByFarmIdAndDoneOnBetweenOrderByDoneOnAscCreatedAtAscIdAsc(
      UUID farmId, LocalDate from, LocalDate to);

  List<LogEntry> findByFarmIdOrderByDoneOnAscCreatedAtAscIdAsc(UUID farmId);

  List<LogEntry> findByFarmIdAndKindOrderByDoneOn(UUID farmId, LogKind kind);

  List<LogEntry> findByFarmIdAndFieldIdAndDoneOnBetweenOrderByDoneOnAscCreatedAtAscIdAsc(
      UUID farmId, UUID fieldId, LocalDate from, LocalDate to);
}
