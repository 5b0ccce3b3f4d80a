package nimblefurrow.phone;

import java.util.List;
import java.util.Objects;
import java.util.stream.Collectors;
import nimblefurrow.core.cover.SpeciesTable;
import nimblefurrow.core.season.Placement;
import nimblefurrow.core.seed.MixCheck;
import nimblefurrow.core.seed.MixEntry;
import nimblefurrow.core.seed.MixWarning;
import nimblefurrow.core.seed.SeedMix;
import nimblefurrow.core.units.UnitSystem;

/** A mix by rates, by mass or by number of live seeds, and what may go wrong with it. */
final class Mix {
  private static final SpeciesTable SHIPPED = SpeciesTable.shipped();

  private Mix() {}

  /**
   * {@return the mix}
   *
   * @param q as the server's door takes it; the server alone knows a farm's own species
   */
  static Answer of(Question q) {
    MixEntry entry =
        new MixEntry(
            q.parts("components").stream().map(Mix::component).collect(Collectors.toList()),
            q.text("placement"),
            q.maybe("totalKgPerHa"),
            q.maybe("liveSeedsPerM2"),
            q.text("ending"));
    Placement placement = entry.placement();
    SeedMix mix = entry.mix(SHIPPED);
    double mass = mix.rateKgPerHa();
    double count = mix.liveSeedsPerM2();
    List<Answer> components =
        mix.seeds().stream()
            .map(
                s ->
                    new Answer()
                        .with("species", s.species().id())
                        .with("rateKgPerHa", s.rateKgPerHa())
                        .with("liveSeedsPerM2", s.liveSeedsPerM2())
                        .with("shareByMass", s.rateKgPerHa() / mass)
                        .with("shareByCount", s.liveSeedsPerM2() / count)
                        .with("costPerHa", s.costPerHa())
                        .with("fullRateKgPerHa", SeedMix.fullRateKgPerHa(s.species(), placement))
                        .with("mixCapKgPerHa", s.species().seed().mixCapKgPerHa()))
            .collect(Collectors.toList());
    return new Answer()
        .with("components", components)
        .with("rateKgPerHa", mass)
        .with("liveSeedsPerM2", count)
        .with("intensity", mix.intensity(placement))
        .with("costPerHa", mix.costPerHa())
        .with(
            "warnings",
            MixCheck.of(mix, placement, entry.ending()).stream()
                .map(Mix::warning)
                .collect(Collectors.toList()));
  }

  /** A farm's own species are known to the server alone. */
  private static MixEntry.Component component(Question c) {
    if (SHIPPED.find(c.text("species")).isEmpty()) {
      throw new NotHere("only the server may know “" + c.text("species") + "”");
    }
    return new MixEntry.Component(
        c.text("species"),
        c.maybe("rateKgPerHa"),
        c.maybe("share"),
        c.maybe("germination"),
        c.maybe("purity"),
        c.maybe("pricePerKg"));
  }

  private static Answer warning(MixWarning w) {
    Answer said =
        new Answer()
            .with("code", w.code().key())
            .with("text", w.reason().say(UnitSystem.METRIC))
            .reason("reason", w.reason());
    if (w.fix() == null) {
      return said;
    }
    MixWarning.Fix fix = Objects.requireNonNull(w.fix());
    return said.with("fix", fix.words())
        .with(
            "mended",
            fix.mix().seeds().stream()
                .map(
                    s ->
                        new Answer()
                            .with("species", s.species().id())
                            .with("rateKgPerHa", s.rateKgPerHa()))
                .collect(Collectors.toList()));
  }
}
