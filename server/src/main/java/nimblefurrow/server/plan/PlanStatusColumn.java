package nimblefurrow.server.plan;

import jakarta.persistence.Converter;
import nimblefurrow.server.support.KeyedColumn;

@Converter(autoApply = true)
class PlanStatusColumn extends KeyedColumn<PlanStatus> {
  PlanStatusColumn() {
    super(PlanStatus.class);
  }
}
