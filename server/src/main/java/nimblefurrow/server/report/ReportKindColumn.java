package nimblefurrow.server.report;

import jakarta.persistence.Converter;
import nimblefurrow.server.support.KeyedColumn;

@Converter(autoApply = true)
class ReportKindColumn extends KeyedColumn<ReportKind> {
  ReportKindColumn() {
    super(ReportKind.class);
  }
}
