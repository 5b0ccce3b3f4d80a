package nimblefurrow.core.season;

import java.util.Comparator;
import java.util.List;
import nimblefurrow.core.units.Maths;
import nimblefurrow.core.weather.DailyWeather;

/** Sets a run's state to what was seen, each sighting at the end of its day. */
final class Sightings {
  /** Above this mass, Mg/ha, a stand is as tall as its stage lets it be. */
  private static final double FULL_HEIGHT_MASS = 3;

  private final ModelParameters parameters;
  private final List<Sighting> seen;
  private final ComponentState[] stand;
  private final int[] days;

  Sightings(
      ModelParameters parameters,
      DailyWeather weather,
      List<Sighting> seen,
      ComponentState[] stand) {
    this.parameters = parameters;
    // Of one day, what was weighed is believed over what was only measured with a stick.
    this.seen =
        seen.stream()
            .sorted(Comparator.comparing(s -> s instanceof Sighting.Cover ? 1 : 0))
            .toList();
    this.stand = stand;
    this.days = this.seen.stream().mapToInt(s -> weather.indexOf(s.on())).toArray();
  }

  void apply(int i) {
    for (int s = 0; s < days.length; s++) {
      if (days[s] == i) {
        see(seen.get(s), i);
      }
    }
  }

  private void see(Sighting sighting, int i) {
    if (sighting instanceof Sighting.Plants p) {
      stand[p.component()].seePlants(p.perM2(), i);
    } else if (sighting instanceof Sighting.Stage s) {
      stand[s.component()].seeStage(s.fraction(), i);
    } else if (sighting instanceof Sighting.Cover c) {
      seeMass(c.mgPerHa(), i);
    } else if (sighting instanceof Sighting.Height h) {
      seeHeight(h.cm(), i);
    }
  }

  private void seeMass(double wanted, int i) {
    double total = 0;
    for (ComponentState c : stand) {
      total += c.mass;
    }
    for (ComponentState c : stand) {
      if (total > 0) {
        c.mass *= wanted / total;
      } else if (wanted > 0) {
        c.seePlants(0.5 * c.liveSeeds, i);
        c.mass = wanted / stand.length;
      }
    }
  }

  private void seeHeight(double cm, int i) {
    double total = 0;
    double full = 0;
    for (ComponentState c : stand) {
      total += c.mass;
      if (c.alive()) {
        full = Math.max(full, c.heightCm(parameters, FULL_HEIGHT_MASS));
      }
    }
    if (full <= 0) {
      return;
    }
    double share = Maths.clamp(cm / full);
    if (share < 1) {
      seeMass(FULL_HEIGHT_MASS * share * share, i);
    } else if (total < FULL_HEIGHT_MASS) {
      seeMass(FULL_HEIGHT_MASS, i);
    }
  }
}
