package nimblefurrow.server.ending;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.LocalDate;
import java.time.MonthDay;
import nimblefurrow.core.outlook.CropRipens;
import nimblefurrow.core.season.SeasonModel;
import nimblefurrow.core.weather.DailyWeather;
import nimblefurrow.server.fields.CropKind;
import nimblefurrow.server.fields.CropView;
import nimblefurrow.server.season.PlannedFields.PlannedField;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Odds that the next crop ripens before frost, kept by crop and day. */
@Component
class CropOdds {
  private final SeasonModel model;
  private final Cache<Key, Ripe> known = Caffeine.newBuilder().maximumSize(2000).build();

  CropOdds(SeasonModel model) {
    this.model = model;
  }

  /** In how many past years it ripens. */
  record Ripe(int ripe, int years) {}

  // A record of weather has no equality of its own: a cached one stands for its inputs.
  private record Key(DailyWeather past, CropView crop, MonthDay day) {}

  /** Of the crop that follows a field's cover; null where its ripening is not known. */
  @Nullable Ripe of(PlannedField f, LocalDate plantOn) {
    CropView crop = f.field().nextCrop();
    CropKind kind = CropKind.of(crop.kind());
    if (kind != CropKind.CORN && kind != CropKind.SOYBEAN) {
      return null;
    }
    DailyWeather past = f.weather().climate().record();
    return known.get(
        new Key(past, crop, MonthDay.from(plantOn)),
        k -> {
          CropRipens odds =
              CropRipens.of(
                  model,
                  year ->
                      CropKind.model(
                          new CropView(
                              crop.kind(),
                              k.day().atYear(year),
                              crop.maturity(),
                              crop.rowSpacingM(),
                              null),
                          year),
                  past,
                  f.weather().place());
          return new Ripe(odds.ripe(), odds.years());
        });
  }
}
