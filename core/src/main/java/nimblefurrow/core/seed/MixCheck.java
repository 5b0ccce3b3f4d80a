package nimblefurrow.core.seed;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.function.Predicate;
import java.util.function.UnaryOperator;
import nimblefurrow.core.cover.ClockKind;
import nimblefurrow.core.cover.Hardiness;
import nimblefurrow.core.ending.EndingMethod;
import nimblefurrow.core.season.Placement;
import nimblefurrow.core.units.Reason;
import nimblefurrow.core.units.Unit;
import org.jspecify.annotations.Nullable;

/** Looks a mix over before seed is bought. Needs no field and no weather. */
public final class MixCheck {
  private static final double THIN = 0.7;
  private static final double USUAL = 1.0;
  private static final double USUAL_MOST = 1.3;
  private static final double WASTEFUL = 1.6;
  private static final double SEPARATING_MASS_RATIO = 15;
  private static final double BIG_SEED_MG = 60;
  private static final double POOR_GERMINATION = 0.75;
  private static final double APART_DAYS = 10;

  /** Photothermal units of a day in late May, when keys are reached: 16-17 °C, 15 h of light. */
  private static final double PTU_PER_DAY = 16.5;

  private final SeedMix mix;
  private final Placement placement;
  private final @Nullable EndingMethod ending;
  private final List<MixWarning> found = new ArrayList<>();

  private MixCheck(SeedMix mix, Placement placement, @Nullable EndingMethod ending) {
    this.mix = mix;
    this.placement = placement;
    this.ending = ending;
  }

  /**
   * {@return all that is worth a warning; empty when the mix is sound}
   *
   * @param mix species and rates
   * @param placement how seed meets the ground
   * @param ending how the cover is meant to end; null while it is open
   */
  public static List<MixWarning> of(
      SeedMix mix, Placement placement, @Nullable EndingMethod ending) {
    MixCheck check = new MixCheck(mix, placement, ending);
    check.caps();
    check.intensity();
    check.separation();
    check.depth();
    check.germination();
    if (ending != null && ending.rolls()) {
      check.ripening();
      check.roller();
    }
    if (ending != null && ending.ofItself()) {
      check.survivors();
    }
    return List.copyOf(check.found);
  }

  private void caps() {
    if (mix.seeds().size() < 2) {
      return;
    }
    for (SeedMix.Seed s : mix.seeds()) {
      double cap = s.species().seed().mixCapKgPerHa();
      double most = cap * s.rateKgPerHa() / s.usualRateKgPerHa();
      if (s.rateKgPerHa() > most * 1.0001) {
        add(
            MixWarning.Code.OVER_CAP,
            Reason.of("{species} at {rate} takes over a mix; {cap} is plenty")
                .with("species", s.species().name())
                .with("rate", s.rateKgPerHa(), Unit.KG_PER_HA)
                .with("cap", most, Unit.KG_PER_HA),
            new MixWarning.Fix("Lower it to its cap", changed(o -> o.equals(s) ? o.at(most) : o)));
      }
    }
  }

  private void intensity() {
    double intensity = mix.intensity(placement);
    if (intensity < THIN) {
      add(
          MixWarning.Code.THIN,
          Reason.of("all rates together are {full} of a full stand: thin")
              .with("full", intensity, Unit.SHARE),
          new MixWarning.Fix("Raise all rates to a full stand", scaled(USUAL / intensity)));
    } else if (intensity > WASTEFUL) {
      add(
          MixWarning.Code.WASTEFUL,
          Reason.of("all rates together are {full} of a full stand: seed is wasted")
              .with("full", intensity, Unit.SHARE),
          new MixWarning.Fix("Lower all rates to 130 %", scaled(USUAL_MOST / intensity)));
    }
  }

  private void separation() {
    SeedMix.Seed big = largest();
    SeedMix.Seed small = smallest();
    double ratio = big.species().seed().singleMg() / small.species().seed().singleMg();
    if (ratio > SEPARATING_MASS_RATIO) {
      add(
          MixWarning.Code.SEPARATES,
          Reason.of(
                  thrown()
                      ? "one seed of {big} weighs as much as {ratio} of {small}: thrown together"
                          + " they fly apart; spread them in two passes or from two boxes"
                      : "one seed of {big} weighs as much as {ratio} of {small}: they separate in one"
                          + " box; use two boxes, the small seed in its own")
              .with("big", big.species().name())
              .with("small", small.species().name())
              .with("ratio", Math.floor(ratio), Unit.COUNT),
          null);
    }
  }

  private void depth() {
    if (onTop()) {
      for (SeedMix.Seed s : mix.seeds()) {
        if (s.species().seed().singleMg() > BIG_SEED_MG) {
          add(
              MixWarning.Code.BIG_SEED_ON_TOP,
              Reason.of("{species} is large seed: left on top about half of it is lost")
                  .with("species", s.species().name()),
              mix.seeds().size() < 2
                  ? null
                  : new MixWarning.Fix(
                      "Leave out " + s.species().name(), without(o -> o.equals(s))));
        }
      }
      return;
    }
    double deepest =
        mix.seeds().stream().mapToDouble(s -> s.species().seed().depthHighMm()).min().orElse(0);
    SeedMix.Seed shallow =
        mix.seeds().stream()
            .min(Comparator.comparingDouble(s -> s.species().seed().depthHighMm()))
            .orElseThrow();
    SeedMix.Seed deep =
        mix.seeds().stream()
            .max(Comparator.comparingDouble(s -> s.species().seed().depthLowMm()))
            .orElseThrow();
    if (deep.species().seed().depthLowMm() > deepest + 1e-9) {
      add(
          MixWarning.Code.DEPTHS_APART,
          Reason.of(
                  "{deep} wants at least {low}, {shallow} at most {high}: one depth does not suit both")
              .with("deep", deep.species().name())
              .with("shallow", shallow.species().name())
              .with("low", deep.species().seed().depthLowMm(), Unit.MM)
              .with("high", deepest, Unit.MM),
          null);
    }
  }

  private void germination() {
    for (SeedMix.Seed s : mix.seeds()) {
      if (s.germination() < POOR_GERMINATION) {
        double factor = 0.90 / s.germination();
        add(
            MixWarning.Code.LOW_GERMINATION,
            Reason.of("only {germination} of {species} germinates")
                .with("species", s.species().name())
                .with("germination", s.germination(), Unit.SHARE),
            new MixWarning.Fix(
                "Raise its rate to make up for it",
                changed(o -> o.equals(s) ? o.at(o.rateKgPerHa() * factor) : o)));
      }
    }
  }

  private void ripening() {
    List<SeedMix.Seed> winter =
        mix.seeds().stream()
            .filter(s -> s.species().clock().kind() == ClockKind.WINTER)
            .sorted(Comparator.comparingDouble(s -> s.species().clock().keyPtu()))
            .toList();
    if (winter.size() < 2) {
      return;
    }
    SeedMix.Seed first = winter.get(0);
    SeedMix.Seed last = winter.get(winter.size() - 1);
    double days =
        (last.species().clock().keyPtu() - first.species().clock().keyPtu()) / PTU_PER_DAY;
    if (days > APART_DAYS) {
      add(
          MixWarning.Code.RIPENS_APART,
          Reason.of(
                  "{last} is ripe for the roller about {days} after {first}, which will have set seed")
              .with("last", last.species().name())
              .with("first", first.species().name())
              .with("days", Math.round(days), Unit.DAYS),
          new MixWarning.Fix("Leave out " + last.species().name(), without(last::equals)));
    }
  }

  private void roller() {
    for (SeedMix.Seed s : mix.seeds()) {
      if (s.species().advice().roller().equals("no")) {
        add(
            MixWarning.Code.STANDS_UP_AGAIN,
            Reason.of("{species} stands up again after the roller")
                .with("species", s.species().name()),
            mix.seeds().size() < 2
                ? null
                : new MixWarning.Fix("Leave out " + s.species().name(), without(s::equals)));
      }
    }
  }

  private void survivors() {
    for (SeedMix.Seed s : mix.seeds()) {
      if (s.species().winter().hardiness() == Hardiness.HARDY) {
        add(
            MixWarning.Code.SURVIVES_WINTER,
            Reason.of(
                    "{species} hardens to {lt50}: it lives through most winters, and the plan counts"
                        + " on winter to end it")
                .with("species", s.species().name())
                .with("lt50", s.species().winter().lt50HardC(), Unit.CELSIUS),
            mix.seeds().size() < 2
                ? null
                : new MixWarning.Fix("Leave out " + s.species().name(), without(s::equals)));
      }
    }
  }

  private boolean thrown() {
    return switch (placement) {
      case DRILL, PRECISION_PLANTER, INTERSEEDER, SLURRY -> false;
      default -> true;
    };
  }

  private boolean onTop() {
    return switch (placement) {
      case AIR, BROADCAST, COMBINE_HEAD, HIGH_CLEARANCE -> true;
      default -> false;
    };
  }

  private SeedMix.Seed largest() {
    return mix.seeds().stream()
        .max(Comparator.comparingDouble(s -> s.species().seed().singleMg()))
        .orElseThrow();
  }

  private SeedMix.Seed smallest() {
    return mix.seeds().stream()
        .min(Comparator.comparingDouble(s -> s.species().seed().singleMg()))
        .orElseThrow();
  }

  private SeedMix scaled(double factor) {
    return changed(s -> s.at(s.rateKgPerHa() * factor));
  }

  private SeedMix changed(UnaryOperator<SeedMix.Seed> change) {
    return new SeedMix(mix.seeds().stream().map(change).toList());
  }

  private SeedMix without(Predicate<SeedMix.Seed> which) {
    return new SeedMix(mix.seeds().stream().filter(which.negate()).toList());
  }

  private void add(
      MixWarning.Code code, Reason reason, MixWarning.@org.jspecify.annotations.Nullable Fix fix) {
    found.add(new MixWarning(code, reason, fix));
  }
}
