package nimblefurrow.server.season;

import java.util.Map;
import java.util.UUID;
import nimblefurrow.core.cover.SpeciesTable;
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
  private final SpeciesTable species;

  FieldCases(FieldService fields, LogService log, SpeciesTable species) {
    this.fields = fields;
    this.log = log;
    this.species = species;
  }

  FieldCase of(FarmView farm, UUID fieldId) {
    return of(farm, fields.get(farm.id(), fieldId), logs(farm));
  }

  FieldCase of(FarmView farm, FieldView field, Map<UUID, LogService.SeasonLog> logs) {
    return new FieldCase(
        field,
        farm.seasonYear(),
        logs.getOrDefault(field.id(), LogService.SeasonLog.EMPTY),
        species);
  }

  Map<UUID, LogService.SeasonLog> logs(FarmView farm) {
    return log.ofSeason(farm.id(), farm.seasonYear());
  }
}
