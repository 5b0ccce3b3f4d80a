package nimblefurrow.server.demo;

import java.time.LocalDate;
import java.util.UUID;
import nimblefurrow.core.work.OwnWork;
import nimblefurrow.server.fields.FieldService;
import nimblefurrow.server.work.OwnJobService;
import nimblefurrow.server.work.OwnJobView;
import org.springframework.stereotype.Component;

/**
 * What the demo farm's people do beside covers: the heifers' straw goes out, end rows are worked.
 */
@Component
class DemoOwnJobs {
  private static final double PEN_HOURS = 9;
  private static final double END_ROWS_HOURS = 4;

  private final OwnJobService jobs;
  private final FieldService fields;

  DemoOwnJobs(OwnJobService jobs, FieldService fields) {
    this.jobs = jobs;
    this.fields = fields;
  }

  void load(UUID farmId) {
    put(farmId, "Schoolhouse", OwnWork.MANURE, "haul out the heifers' straw", 10, 30, PEN_HOURS);
    put(farmId, "Upper Tile", OwnWork.TILLAGE, "work the end rows", 25, 21, END_ROWS_HOURS);
  }

  private void put(
      UUID farmId, String field, OwnWork work, String words, int october, int days, double hours) {
    LocalDate from = LocalDate.of(2026, 10, october);
    UUID id = UUID.randomUUID();
    UUID fieldId =
        fields.list(farmId).stream()
            .filter(f -> f.name().equals(field))
            .findFirst()
            .orElseThrow()
            .id();
    jobs.put(
        farmId,
        id,
        new OwnJobView(
            id, null, fieldId, work, words, from, from.plusDays(days), null, hours, null, null));
  }
}
