package nimblefurrow.server.season;

import java.time.LocalDate;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import nimblefurrow.core.chain.CropKind;
import nimblefurrow.core.record.LogKind;
import nimblefurrow.core.season.CropSeasons;
import nimblefurrow.core.season.SeasonDates;
import nimblefurrow.core.standing.Deed;
import nimblefurrow.core.standing.FieldStanding;
import nimblefurrow.core.standing.KeptDay;
import nimblefurrow.server.farm.FarmView;
import nimblefurrow.server.fields.CropView;
import nimblefurrow.server.fields.Crops;
import nimblefurrow.server.fields.FieldYears;
import nimblefurrow.server.weather.FarmWeather;
import nimblefurrow.server.weather.WeatherService;
import nimblefurrow.server.worklog.EntryView;
import nimblefurrow.server.worklog.LogService;
import nimblefurrow.server.worklog.SeasonLog;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/**
 * The days on which crops are off, of many fields over many years, as the field's page has them.
 */
@Component
public class CropsOff {
  private final WeatherService weathers;
  private final LogService log;
  private final KeptDays keptDays;
  private final Outlooks outlooks;

  CropsOff(WeatherService weathers, LogService log, KeptDays keptDays, Outlooks outlooks) {
    this.weathers = weathers;
    this.log = log;
    this.keptDays = keptDays;
    this.outlooks = outlooks;
  }

  /**
   * The day each crop is off, by its year and field: written down, else kept in the plan of the
   * work, else likely. Where no weather is known, a usual day.
   *
   * @param logs all that was written down, by field
   */
  public Map<Integer, Map<UUID, LocalDate>> days(
      FarmView farm, List<FieldYears> fields, Map<UUID, List<EntryView>> logs) {
    Map<UUID, Map<Deed, KeptDay>> kept = keptDays.of(farm.id());
    Map<Integer, Map<UUID, LocalDate>> all = new HashMap<>();
    fields.stream()
        .flatMap(f -> f.crops().keySet().stream())
        .distinct()
        .forEach(y -> all.put(y, new Season(farm, y, kept).days(fields, logs)));
    return all;
  }

  private final class Season {
    private final LocalDate today;
    private final int year;
    private final @Nullable FarmWeather weather;
    private final Map<UUID, Map<Deed, KeptDay>> kept;
    private final Map<UUID, Map<Deed, FieldStanding.Said>> said;

    Season(FarmView farm, int year, Map<UUID, Map<Deed, KeptDay>> kept) {
      this.today = farm.today();
      this.year = year;
      this.kept = kept;
      weather = weathers.find(farm.in(year)).orElse(null);
      said = log.said(farm.id(), year);
    }

    Map<UUID, LocalDate> days(List<FieldYears> fields, Map<UUID, List<EntryView>> logs) {
      Map<UUID, LocalDate> days = new HashMap<>();
      for (FieldYears f : fields) {
        CropView crop = f.crops().get(year);
        if (crop != null && CropKind.of(crop.kind()) != CropKind.NONE) {
          days.put(f.id(), off(f.id(), crop, logs.getOrDefault(f.id(), List.of())));
        }
      }
      return days;
    }

    private LocalDate off(UUID field, CropView crop, List<EntryView> entries) {
      SeasonDates.Range season = SeasonDates.log(year);
      LocalDate logged =
          SeasonLog.of(entries.stream().filter(e -> season.holds(e.doneOn())).toList(), year)
              .done()
              .get(LogKind.HARVESTED);
      if (logged != null) {
        return logged;
      }
      if (weather == null) {
        return CropKind.of(crop.kind()).offOn(crop.harvestOn(), year);
      }
      CropSeasons grown = outlooks.crop(Crops.model(crop, year), weather);
      Map<Deed, LocalDate> meant = new EnumMap<>(Deed.class);
      KeptDay harvest = kept.getOrDefault(field, Map.of()).get(Deed.HARVEST);
      LocalDate day = harvest == null ? null : harvest.day();
      if (day != null && season.holds(day)) {
        meant.put(Deed.HARVEST, day);
      }
      return FieldStanding.of(
              new FieldStanding.Known(
                  today,
                  grown.day(grown.harvest().median()),
                  null,
                  null,
                  Map.of(),
                  meant,
                  said.getOrDefault(field, Map.of()),
                  1))
          .harvest()
          .day();
    }
  }
}
