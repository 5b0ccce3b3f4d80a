package nimblefurrow.server.work;

import jakarta.persistence.Converter;
import nimblefurrow.server.support.KeyedColumn;

@Converter(autoApply = true)
class RunStateColumn extends KeyedColumn<RunState> {
  RunStateColumn() {
    super(RunState.class);
  }
}
