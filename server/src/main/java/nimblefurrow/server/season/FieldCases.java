package nimblefurrow.server.season;

import java.util.Map;
import java.util.UUID;
import nimblefurrow.core.cover.SpeciesTable;
import nimblefurrow.server.cover.SpeciesService;
import nimblefurrow.server.farm.FarmView;
import nimblefurrow.server.fields.FieldService;
import nimblefurrow.server.fields.FieldView;
import nimblefurrow.server.worklog.LogService;
import org.springframework.stereotype.Component;

/** Finds fields with what is known of them, as the core takes them. */
@Component
class FieldCases {
  private final FieldService fields;
  private final LogService log;
  private final SpeciesService species;

  FieldCases(FieldService fields, LogService log, SpeciesService species) {
    this.fields = fields;
    this.log = log;
    this.species = species;
  }

  FieldCase of(FarmView farm, UUID fieldId) {
    return of(farm, fields.get(farm.id(), fieldId), known(farm));
  }

  FieldCase of(FarmView farm, FieldView field, Known known) {
    return new FieldCase(
        field,
        farm.seasonYear(),
        known.logs().getOrDefault(field.id(), LogService.SeasonLog.EMPTY),
        known.table());
  }

  /** What all fields of a farm share: what was logged, and the species there are. */
  record Known(Map<UUID, LogService.SeasonLog> logs, SpeciesTable table) {}

  Known known(FarmView farm) {
    return new Known(log.ofSeason(farm.id(), farm.seasonYear()), species.table(farm.id()));
  }
}
