package nimblefurrow.core.season;

import static nimblefurrow.core.units.Maths.clamp;

import java.time.LocalDate;
import java.time.Month;
import java.time.temporal.ChronoUnit;
import nimblefurrow.core.weather.DailyWeather;

/** Soybeans day by day: closing rows by age, leaves falling around R7. */
final class SoybeanColumns {
  private SoybeanColumns() {}

  static CropColumns grow(CashCrop.Soybean bean, DailyWeather weather, ModelParameters parameters) {
    int days = weather.days();
    int from = CropColumns.plantedIndex(bean.planted(), weather);
    CropColumns c = new CropColumns(days, from);
    LocalDate firstOfMay = LocalDate.of(bean.planted().getYear(), Month.MAY, 1);
    long afterMay = ChronoUnit.DAYS.between(firstOfMay, bean.planted());
    int toR7 = (int) Math.rint(112 + 5.5 * bean.maturityGroup() - 0.6 * afterMay);
    c.mature = from + toR7;
    int given = CropColumns.given(bean.harvested(), weather);
    c.harvest = Math.min(days, given >= 0 ? given : c.mature + 16);
    boolean narrow = bean.rowSpacingM() <= 0.40;
    double leastLight = narrow ? 0.08 : 0.14;
    double closing = narrow ? 50 : 60;
    for (int i = from; i < c.harvest; i++) {
      double age = i - from;
      double loss = parameters.soybeanLeafLoss().at(i - c.mature);
      double open = 1 - (1 - leastLight) * clamp((age - 25) / (closing - 25));
      c.stage[i] = age;
      c.light[i] = loss == 0 ? open : Math.min(1, open + 0.8 * loss);
      c.canopy[i] = 1 - open;
      c.green[i] = (1 - open) * (1 - loss);
      c.rootsM[i] = Canopy.BARE_ROOTS_M + 0.85 * clamp(age / 70);
    }
    c.residueMgPerHa = 0.8;
    return c;
  }
}
