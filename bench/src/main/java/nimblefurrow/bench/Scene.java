package nimblefurrow.bench;

import java.time.LocalDate;
import nimblefurrow.core.season.CashCrop;
import nimblefurrow.core.season.CropSeasons;
import nimblefurrow.core.season.SeasonModel;
import nimblefurrow.core.weather.Station;
import nimblefurrow.core.weather.WeatherEnsemble;

/** A station's thirty years and crops grown under them. */
final class Scene {
  final SeasonModel model = SeasonModel.shipped();
  private final WeatherEnsemble ensemble;

  Scene() {
    Station station = Station.shipped().get(0);
    ensemble =
        WeatherEnsemble.join(
            2026, LocalDate.of(2026, 1, 1), station.record(), null, station.place());
  }

  CropSeasons grow(CashCrop crop) {
    return CropSeasons.grow(model, crop, ensemble);
  }

  CropSeasons soybeans() {
    return grow(new CashCrop.Soybean(LocalDate.of(2026, 5, 14), 2.6, 0.76, null));
  }
}
