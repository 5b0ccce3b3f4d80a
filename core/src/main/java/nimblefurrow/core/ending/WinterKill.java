package nimblefurrow.core.ending;

import java.time.LocalDate;
import java.time.Month;
import java.util.List;
import nimblefurrow.core.season.Ending;
import nimblefurrow.core.season.SeasonRun;
import nimblefurrow.core.units.Reason;
import nimblefurrow.core.units.Spread;
import nimblefurrow.core.units.Unit;

/** Winter ends what is not hardy: nothing to do but to look for survivors. */
final class WinterKill extends EndingMethod {
  /** Winter may be relied on in so large a part of the years. Working value. */
  private static final double RELIED_ON = 0.8;

  private static final double NOW_AND_THEN = 0.2;

  /** Cereals hardier than this are not winter-killed anywhere near here, °C. Working value. */
  private static final double TENDER_C = -10;

  WinterKill() {
    super(EndingTraits.shipped("winter"));
  }

  @Override
  public boolean ofItself() {
    return true;
  }

  @Override
  public List<Ending> acts(LocalDate on) {
    return List.of();
  }

  @Override
  public LocalDate endOn(EndingOption option, LocalDate plant, PlantingLag lag) {
    return option.from();
  }

  @Override
  protected void judge(EndingField field, EndingFinding found) {
    int gone = field.yearsWinterKills();
    found.range(
        LocalDate.of(field.crop().ensemble().seasonYear(), Month.NOVEMBER, 15),
        field.next().plantOn().minusDays(30));
    found.ready(gone);
    Reason odds =
        Reason.of("winter kills it in {gone} of {all} years")
            .with("gone", gone, Unit.COUNT)
            .with("all", field.years(), Unit.COUNT);
    if (gone >= RELIED_ON * field.years()) {
      found.fits(odds);
    } else if (gone > NOW_AND_THEN * field.years()) {
      found.care(odds);
    } else {
      found.no(odds);
      found.because(
          Reason.of("in the middle year {alive} of the hardiest species lives on")
              .with("alive", hardiest(field).median(), Unit.SHARE));
    }
    field
        .species(s -> s.clock().scale().cereal() && s.winter().lt50HardC() > TENDER_C)
        .forEach(s -> found.warn(Reason.of("look for survivors in spring before you count on it")));
  }

  private static Spread hardiest(EndingField field) {
    return Spread.of(
        field.runs().stream()
            .mapToDouble(
                r ->
                    r.components().stream()
                        .mapToDouble(SeasonRun.Component::winterSurvival)
                        .max()
                        .orElse(0))
            .toArray());
  }

  @Override
  protected WatchList.Item watch(WatchList.Ended e) {
    LocalDate spring = LocalDate.of(e.plantOn().getYear(), Month.MARCH, 20);
    return WatchList.item(
        "survivors",
        spring,
        spring.plusDays(21),
        "look for plants that came through the winter",
        "a mild winter leaves some; they need another ending before planting");
  }
}
