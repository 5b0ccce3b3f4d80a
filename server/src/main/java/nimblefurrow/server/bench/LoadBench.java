package nimblefurrow.server.bench;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import java.util.Locale;
import nimblefurrow.core.load.HirePrice;
import nimblefurrow.core.load.LoadPlan;
import nimblefurrow.core.load.Slurry;
import nimblefurrow.core.load.SplitLoads;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Loads, tanks and prices. */
@RestController
@RequestMapping("/api/bench")
class LoadBench {

  /** Turn, refill and ferry are 0 when not given, the hopper is filled to the brim. */
  @Schema(
      example =
          "{\"areaHa\":20,\"rateKgPerHa\":100,\"bulkDensityKgPerM3\":720,\"hopperM3\":0.15,"
              + "\"fillFactor\":0.9,\"payloadLimitKg\":45,\"swathM\":9,\"speedMPerS\":8,"
              + "\"passLengthM\":400,\"turnS\":6,\"refillS\":90,\"ferryM\":300,\"ferrySpeedMPerS\":10,"
              + "\"batteryMin\":9}")
  record LoadQuestion(
      double areaHa,
      double rateKgPerHa,
      double bulkDensityKgPerM3,
      double hopperM3,
      @Nullable Double fillFactor,
      @Nullable Double payloadLimitKg,
      double swathM,
      double speedMPerS,
      double passLengthM,
      @Nullable Double turnS,
      @Nullable Double refillS,
      @Nullable Double ferryM,
      @Nullable Double ferrySpeedMPerS,
      @Nullable Double batteryMin) {

    LoadPlan.Carrier carrier() {
      return new LoadPlan.Carrier(
          hopperM3,
          fillFactor == null ? 1 : fillFactor,
          payloadLimitKg,
          swathM,
          speedMPerS,
          orZero(turnS),
          orZero(refillS),
          orZero(ferryM),
          ferrySpeedMPerS == null ? speedMPerS : ferrySpeedMPerS,
          batteryMin);
    }

    private static double orZero(@Nullable Double value) {
      return value == null ? 0 : value;
    }
  }

  @PostMapping("/loads")
  LoadView loads(@RequestBody LoadQuestion q) {
    return LoadView.of(
        LoadPlan.of(
            q.areaHa(), q.rateKgPerHa(), q.bulkDensityKgPerM3(), q.passLengthM(), q.carrier()));
  }

  /** Seeds too unlike to mix: together or one after the other. */
  @Schema(
      example =
          "{\"seeds\":[{\"rateKgPerHa\":80,\"bulkDensityKgPerM3\":720},{\"rateKgPerHa\":6,"
              + "\"bulkDensityKgPerM3\":780}],\"carrier\":{\"areaHa\":20,\"rateKgPerHa\":1,"
              + "\"bulkDensityKgPerM3\":1,\"hopperM3\":0.15,\"payloadLimitKg\":45,\"swathM\":9,"
              + "\"speedMPerS\":8,\"passLengthM\":400}}")
  record SplitQuestion(List<SplitLoads.Seed> seeds, LoadQuestion carrier) {}

  /** Both ways, and what splitting takes longer. */
  record SplitAnswer(LoadView mixed, List<LoadView> split, double extraMinutes) {}

  @PostMapping("/split-loads")
  SplitAnswer splitLoads(@RequestBody SplitQuestion q) {
    LoadQuestion c = q.carrier();
    SplitLoads s = SplitLoads.of(c.areaHa(), q.seeds(), c.passLengthM(), c.carrier());
    return new SplitAnswer(
        LoadView.of(s.mixed()), s.split().stream().map(LoadView::of).toList(), s.extraMinutes());
  }

  @Schema(example = "{\"rateKgPerHa\":60,\"slurryM3PerHa\":80,\"tankM3\":25}")
  record SlurryQuestion(double rateKgPerHa, double slurryM3PerHa, double tankM3) {}

  @PostMapping("/slurry")
  Slurry slurry(@RequestBody SlurryQuestion q) {
    return Slurry.of(q.rateKgPerHa(), q.slurryM3PerHa(), q.tankM3());
  }

  @Schema(
      example =
          "{\"areaHa\":40,\"rateKgPerHa\":100,\"haPerHour\":8,\"pricePerHa\":30,\"pricePerHour\":180,"
              + "\"weightLimitKgPerHa\":60,\"minimumCharge\":400,\"ferryKm\":20,\"pricePerKm\":2}")
  record HireQuestion(
      double areaHa,
      double rateKgPerHa,
      double haPerHour,
      double pricePerHa,
      double pricePerHour,
      double weightLimitKgPerHa,
      @Nullable Double minimumCharge,
      @Nullable Double ferryKm,
      @Nullable Double pricePerKm) {}

  /** A price and how it came about. */
  record HireAnswer(
      String basis,
      double hours,
      double work,
      double ferry,
      double charge,
      boolean minimumApplied,
      double breakEvenHaPerHour) {}

  @PostMapping("/hire-price")
  HireAnswer hirePrice(@RequestBody HireQuestion q) {
    HirePrice p =
        HirePrice.of(
            q.areaHa(),
            q.rateKgPerHa(),
            q.haPerHour(),
            new HirePrice.Tariff(
                q.pricePerHa(),
                q.pricePerHour(),
                q.weightLimitKgPerHa(),
                LoadQuestion.orZero(q.minimumCharge()),
                LoadQuestion.orZero(q.ferryKm()),
                LoadQuestion.orZero(q.pricePerKm())));
    return new HireAnswer(
        p.basis().name().toLowerCase(Locale.ROOT),
        p.hours(),
        p.work(),
        p.ferry(),
        p.charge(),
        p.minimumApplied(),
        p.breakEvenHaPerHour());
  }
}
