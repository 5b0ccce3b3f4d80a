package nimblefurrow.server.paper;

import jakarta.persistence.Converter;
import nimblefurrow.core.paper.PaperHolder;
import nimblefurrow.server.support.KeyedColumn;

@Converter(autoApply = true)
class PaperHolderColumn extends KeyedColumn<PaperHolder> {
  PaperHolderColumn() {
    super(PaperHolder.class);
  }
}
