package nimblefurrow.server.worklog;

import jakarta.persistence.Converter;
import nimblefurrow.core.record.LogKind;
import nimblefurrow.server.support.KeyedColumn;

@Converter(autoApply = true)
class LogKindColumn extends KeyedColumn<LogKind> {
  LogKindColumn() {
    super(LogKind.class);
  }
}
