package nimblefurrow.server.paper;

import jakarta.persistence.Converter;
import nimblefurrow.core.paper.PaperKind;
import nimblefurrow.server.support.KeyedColumn;

@Converter(autoApply = true)
class PaperKindColumn extends KeyedColumn<PaperKind> {
  PaperKindColumn() {
    super(PaperKind.class);
  }
}
