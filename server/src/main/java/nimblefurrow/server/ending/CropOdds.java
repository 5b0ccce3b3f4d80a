package nimblefurrow.server.ending;

import java.time.LocalDate;
import java.time.MonthDay;
import nimblefurrow.core.chain.CropKind;
import nimblefurrow.core.outlook.CropRipens;
import nimblefurrow.core.season.SeasonModel;
import nimblefurrow.core.weather.DailyWeather;
import nimblefurrow.server.fields.CropView;
import nimblefurrow.server.fields.Crops;
import nimblefurrow.server.season.PlannedFields.PlannedField;
import nimblefurrow.server.support.Memory;
import nimblefurrow.server.weather.WeatherStamp;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Odds that the next crop ripens before frost, kept by crop and day. */
@Component
class CropOdds {
  private static final long KEY_BYTES = 400;

  private final SeasonModel model;
  private final Memory memory;

  CropOdds(SeasonModel model, Memory memory) {
    this.model = model;
    this.memory = memory;
  }

  /** In how many past years it ripens. */
  record Ripe(int ripe, int years) {}

  private record Key(WeatherStamp stamp, CropView crop, MonthDay day)
      implements WeatherStamp.Stamped {}

  /** Of the crop that follows a field's cover; null where its ripening is not known. */
  @Nullable Ripe of(PlannedField f, LocalDate plantOn) {
    CropView crop = f.field().nextCrop();
    CropKind kind = CropKind.of(crop.kind());
    if (kind != CropKind.CORN && kind != CropKind.SOYBEAN) {
      return null;
    }
    DailyWeather past = f.weather().climate().record();
    return memory.get(
        new Key(f.weather().stamp(), crop, MonthDay.from(plantOn)),
        r -> KEY_BYTES,
        k -> {
          CropRipens odds =
              CropRipens.of(
                  model,
                  year ->
                      Crops.model(
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
