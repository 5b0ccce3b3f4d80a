package nimblefurrow.core.season;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.function.ToDoubleFunction;
import nimblefurrow.core.units.Refused;
import nimblefurrow.core.weather.Sky;

/**
 * A field seeded or ended in strips: each zone runs as a field of its own, and the field is their
 * mean by width. Light and roots do not cross from one zone to the next.
 *
 * @param zones at least one; shares of the width that make 1
 */
public record RowZones(List<Zone> zones) {
  private static final double ROUNDING = 1e-6;

  /** One zone: its share of the width, and its season. */
  public record Zone(double share, SeasonRun run) {}

  /** One zone before it is run. */
  public record ZonePlan(double share, SeasonPlan plan) {}

  public RowZones {
    zones = List.copyOf(zones);
  }

  /**
   * Runs every zone.
   *
   * @param model season model
   * @param sky weather with the sun over it
   * @param crop cash crop, grown under the same sky
   * @param plans plan of each zone
   * @return the row zones
   * @throws Refused when the shares do not make 1
   */
  public static RowZones run(SeasonModel model, Sky sky, CropColumns crop, List<ZonePlan> plans) {
    double sum = plans.stream().mapToDouble(ZonePlan::share).sum();
    if (plans.isEmpty() || Math.abs(sum - 1) > ROUNDING) {
      throw new Refused("", "the zones make " + sum + " of the width, not all of it");
    }
    List<Zone> zones = new ArrayList<>();
    for (ZonePlan p : plans) {
      zones.add(new Zone(p.share(), model.run(sky, crop, p.plan())));
    }
    return new RowZones(zones);
  }

  /**
   * {@return cover over the whole field, Mg/ha}
   *
   * @param day day asked for
   */
  public double coverMgPerHa(LocalDate day) {
    return mean(r -> r.columns().totalCoverMgPerHa(r.columns().indexOf(day)));
  }

  /**
   * {@return mulch and standing dead cover over the whole field, Mg/ha}
   *
   * @param day day asked for
   */
  public double mulchMgPerHa(LocalDate day) {
    return mean(
        r -> {
          int i = r.columns().indexOf(day);
          return r.columns().mulchMgPerHa()[i] + r.columns().dyingMgPerHa()[i];
        });
  }

  /** {@return water the cover took from the whole field over the season, mm} */
  public double coverTranspirationMm() {
    return mean(r -> r.water().coverTranspirationMm());
  }

  private double mean(ToDoubleFunction<SeasonRun> of) {
    return zones.stream().mapToDouble(z -> z.share() * of.applyAsDouble(z.run())).sum();
  }
}
