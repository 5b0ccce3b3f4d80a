package nimblefurrow.core.load;

import java.util.List;
import nimblefurrow.core.units.Need;
import nimblefurrow.core.units.Refused;

/**
 * Seeds carried together, or each in a run of its own because they are too unlike to mix.
 *
 * @param mixed all in one hopper
 * @param split a run for each
 * @param extraMinutes what splitting takes longer
 */
public record SplitLoads(LoadPlan mixed, List<LoadPlan> split, double extraMinutes) {

  public SplitLoads {
    split = List.copyOf(split);
  }

  /** One seed: rate and bulk density. */
  public record Seed(double rateKgPerHa, double bulkDensityKgPerM3) {}

  /**
   * {@return both ways for one field and carrier}
   *
   * @param areaHa area, ha
   * @param seeds seed of the mix
   * @param passLengthM length of a pass, m
   * @param carrier machine that carries seed
   */
  public static SplitLoads of(
      double areaHa, List<Seed> seeds, double passLengthM, LoadPlan.Carrier carrier) {
    if (seeds.size() < 2) {
      throw new Refused("seeds", "Give at least two seeds to split.");
    }
    double rate = 0;
    double volume = 0;
    for (int i = 0; i < seeds.size(); i++) {
      Seed s = seeds.get(i);
      rate += Need.positive("seeds[" + i + "].rateKgPerHa", "A rate", s.rateKgPerHa());
      volume +=
          s.rateKgPerHa()
              / Need.positive(
                  "seeds[" + i + "].bulkDensityKgPerM3", "A bulk density", s.bulkDensityKgPerM3());
    }
    LoadPlan mixed = LoadPlan.of(areaHa, rate, rate / volume, passLengthM, carrier);
    List<LoadPlan> split =
        seeds.stream()
            .map(
                s ->
                    LoadPlan.of(
                        areaHa, s.rateKgPerHa(), s.bulkDensityKgPerM3(), passLengthM, carrier))
            .toList();
    double apart = split.stream().mapToDouble(p -> p.minutes().all()).sum();
    return new SplitLoads(mixed, split, apart - mixed.minutes().all());
  }
}
