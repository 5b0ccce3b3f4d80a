package nimblefurrow.server.season;

import java.time.LocalDate;
import java.util.Map;
import java.util.UUID;
import nimblefurrow.core.cover.SpeciesTable;
import nimblefurrow.core.standing.Deed;
import nimblefurrow.core.standing.FieldStanding;
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
  private final KeptDays keptDays;
  private final SeedWentOut wentOut;

  FieldCases(
      FieldService fields,
      LogService log,
      SpeciesService species,
      KeptDays keptDays,
      SeedWentOut wentOut) {
    this.wentOut = wentOut;
    this.keptDays = keptDays;
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
        known.table(),
        known.said().getOrDefault(field.id(), Map.of()),
        known.kept().getOrDefault(field.id(), Map.of()),
        Seeded.of(
            known.logs().getOrDefault(field.id(), LogService.SeasonLog.EMPTY), known.wentOut()));
  }

  /** What all fields of a farm share: what was logged, and the species there are. */
  record Known(
      Map<UUID, LogService.SeasonLog> logs,
      SpeciesTable table,
      Map<UUID, Map<Deed, FieldStanding.Said>> said,
      Map<UUID, Map<Deed, LocalDate>> kept,
      Map<UUID, SeedWentOut.Seeding> wentOut) {}

  Known known(FarmView farm) {
    return new Known(
        log.ofSeason(farm.id(), farm.seasonYear()),
        species.table(farm.id()),
        log.said(farm.id(), farm.seasonYear()),
        keptDays.of(farm.id()),
        wentOut.of(farm.id()));
  }
}
