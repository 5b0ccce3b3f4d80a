package nimblefurrow.core.ending;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import nimblefurrow.core.ending.SprayProduct.Mode;
import nimblefurrow.core.units.Reason;
import nimblefurrow.core.units.Unit;
import org.jspecify.annotations.Nullable;

/**
 * A spray as it would be mixed, held against what its labels were entered to say. It refuses
 * nothing: it says what breaks which limit. The label is the law.
 *
 * @param tanks amounts
 * @param parts one a product
 * @param findings what breaks a limit first, then what is worth a thought
 * @param reentryHours the longest of all products
 * @param rainFreeHours the longest of all products
 */
public record SprayJob(
    TankMix tanks,
    List<Part> parts,
    List<Finding> findings,
    double reentryHours,
    double rainFreeHours) {
  static final double CAUGHT_MG = 3;
  private static final double ROUNDING = 1e-6;

  public SprayJob {
    parts = List.copyOf(parts);
    findings = List.copyOf(findings);
  }

  /** A product and the rate meant, in its own unit per ha. */
  public record Use(SprayProduct product, double ratePerHa) {}

  /**
   * One product as it goes out.
   *
   * @param activeGPerHa active ingredient
   * @param heightRow the label's row for the height measured; null when it has none
   */
  public record Part(
      String name,
      double activeGPerHa,
      double usedGPerHa,
      SprayProduct.@Nullable HeightRow heightRow) {}

  /** How grave a finding is. */
  public enum Weight {
    BREAKS,
    FLAG
  }

  /** What was found, and of which product; empty for the mix as a whole. */
  public record Finding(Weight weight, String product, Reason reason) {}

  /**
   * What the spray is for.
   *
   * @param on the day
   * @param plantOn planting of the next crop
   * @param next its kind
   * @param heightCm of the cover; null when not measured
   * @param coverMgPerHa that stands
   * @param organic whether the field is
   * @param grazeFrom the day animals go in; null when none do
   * @param usedGPerHa active ingredients used this season, by name
   * @param hardWater whether the water is hard
   */
  public record Context(
      LocalDate on,
      LocalDate plantOn,
      NextCrop.Kind next,
      @Nullable Double heightCm,
      double coverMgPerHa,
      boolean organic,
      @Nullable LocalDate grazeFrom,
      Map<String, Double> usedGPerHa,
      boolean hardWater) {
    public Context {
      usedGPerHa = Map.copyOf(usedGPerHa);
    }
  }

  /**
   * Works a spray out.
   *
   * @param uses products and their rates
   * @param carrierLPerHa spray volume, L/ha
   * @param tankL tank, L
   * @param areaHa area, ha
   * @param c what it is made of
   * @return the spray job
   */
  public static SprayJob of(
      List<Use> uses, double carrierLPerHa, double tankL, double areaHa, Context c) {
    TankMix tanks =
        TankMix.of(
            uses.stream()
                .map(u -> new TankMix.Rate(u.product().name(), u.ratePerHa(), u.product().unit()))
                .toList(),
            carrierLPerHa,
            tankL,
            areaHa);
    List<Finding> findings = new ArrayList<>();
    List<Part> parts = new ArrayList<>();
    Map<String, Double> season = new TreeMap<>(c.usedGPerHa());
    if (c.organic()) {
      findings.add(breaks("", Reason.of("the field is organic: no herbicide belongs on it")));
    }
    for (Use u : uses) {
      SprayProduct p = u.product();
      double active = u.ratePerHa() * p.activeGPerUnit();
      season.merge(p.active(), active, Double::sum);
      SprayProduct.HeightRow row = c.heightCm() == null ? null : p.row(c.heightCm());
      parts.add(new Part(p.name(), active, c.usedGPerHa().getOrDefault(p.active(), 0.0), row));
      rate(findings, u, c, row);
      carrier(findings, p, carrierLPerHa);
      dates(findings, p, c);
      limit(findings, p, season.getOrDefault(p.active(), active));
    }
    mix(findings, uses, c);
    findings.sort(java.util.Comparator.comparing(Finding::weight));
    return new SprayJob(
        tanks,
        parts,
        findings,
        uses.stream().mapToDouble(u -> u.product().reentryHours()).max().orElse(0),
        uses.stream().mapToDouble(u -> u.product().rainFreeHours()).max().orElse(0));
  }

  private static void rate(
      List<Finding> all, Use u, Context c, SprayProduct.@Nullable HeightRow row) {
    SprayProduct p = u.product();
    Unit unit = p.rateUnit();
    if (u.ratePerHa() > p.highPerHa() + ROUNDING || u.ratePerHa() < p.lowPerHa() - ROUNDING) {
      all.add(
          breaks(
              p.name(),
              Reason.of("{rate} is outside its label: {low} to {high}")
                  .with("rate", u.ratePerHa(), unit)
                  .with("low", p.lowPerHa(), unit)
                  .with("high", p.highPerHa(), unit)));
    }
    if (c.heightCm() == null || p.byHeight().isEmpty()) {
      return;
    }
    if (row == null) {
      all.add(
          breaks(
              p.name(),
              Reason.of("its label has no rate for plants of {height}")
                  .with("height", c.heightCm(), Unit.CM)));
    } else if (u.ratePerHa() < row.ratePerHa() - ROUNDING) {
      all.add(
          flag(
              p.name(),
              Reason.of("plants of {height} ask for {rate} by its label's row")
                  .with("height", c.heightCm(), Unit.CM)
                  .with("rate", row.ratePerHa(), unit)));
    }
  }

  private static void carrier(List<Finding> all, SprayProduct p, double carrier) {
    Double low = p.carrierLowLPerHa();
    Double high = p.carrierHighLPerHa();
    if (low != null && carrier < low - ROUNDING || high != null && carrier > high + ROUNDING) {
      all.add(
          breaks(
              p.name(),
              Reason.of("{carrier} of spray is outside its label: {low} to {high}")
                  .with("carrier", carrier, Unit.SPRAY_L_PER_HA)
                  .with("low", low == null ? 0 : low, Unit.SPRAY_L_PER_HA)
                  .with("high", high == null ? carrier : high, Unit.SPRAY_L_PER_HA)));
    }
  }

  private static void dates(List<Finding> all, SprayProduct p, Context c) {
    Integer back = p.plantBackDays().get(c.next().key());
    long days = ChronoUnit.DAYS.between(c.on(), c.plantOn());
    if (back != null && days < back && days >= 0) {
      all.add(
          breaks(
              p.name(),
              Reason.of("{crop} may be planted {back} after it; planting is {days} after")
                  .with("crop", c.next().label())
                  .with("back", back, Unit.DAYS)
                  .with("days", days, Unit.DAYS)));
    }
    if (back == null) {
      all.add(
          flag(
              p.name(),
              Reason.of("no plant-back for {crop} was entered from its label")
                  .with("crop", c.next().label())));
    }
    LocalDate graze = c.grazeFrom();
    if (graze != null && !graze.isBefore(c.on())) {
      Integer wait = p.grazingDays();
      long until = ChronoUnit.DAYS.between(c.on(), graze);
      if (wait != null && until < wait) {
        all.add(
            breaks(
                p.name(),
                Reason.of("animals may graze {wait} after it; they go in {until} after")
                    .with("wait", wait, Unit.DAYS)
                    .with("until", until, Unit.DAYS)));
      }
    }
  }

  private static void limit(List<Finding> all, SprayProduct p, double season) {
    Double most = p.seasonLimitGPerHa();
    if (most != null && season > most + ROUNDING) {
      all.add(
          breaks(
              p.name(),
              Reason.of("{active} comes to {season} this season; its label allows {most}")
                  .with("active", p.active())
                  .with("season", season, Unit.G_PER_HA)
                  .with("most", most, Unit.G_PER_HA)));
    }
  }

  private static void mix(List<Finding> all, List<Use> uses, Context c) {
    boolean systemic = has(uses, Mode.SYSTEMIC) || has(uses, Mode.GRASS_SYSTEMIC);
    if (has(uses, Mode.CONTACT) && systemic) {
      all.add(
          flag(
              "",
              Reason.of(
                  "a contact product burns leaves before a systemic one can move through them;"
                      + " see both labels")));
    }
    if (has(uses, Mode.GROWTH_REGULATOR) && has(uses, Mode.GRASS_SYSTEMIC)) {
      all.add(
          flag(
              "",
              Reason.of(
                  "a growth regulator holds systemic grass control back; labels ask for more"
                      + " or for days between")));
    }
    if (has(uses, Mode.RESIDUAL) && systemic) {
      all.add(
          flag("", Reason.of("some soil residuals hold a systemic back in the tank; see labels")));
    }
    if (has(uses, Mode.RESIDUAL) && c.coverMgPerHa() > CAUGHT_MG) {
      all.add(
          flag(
              "",
              Reason.of("{cover} of cover catches a soil residual before it meets the ground")
                  .with("cover", c.coverMgPerHa(), Unit.MG_PER_HA)));
    }
    if (has(uses, Mode.SYSTEMIC) && c.hardWater()) {
      all.add(flag("", Reason.of("hard water ties a systemic up: condition it as the label says")));
    }
  }

  private static boolean has(List<Use> uses, Mode mode) {
    return uses.stream().anyMatch(u -> u.product().mode() == mode);
  }

  private static Finding breaks(String product, Reason reason) {
    return new Finding(Weight.BREAKS, product, reason);
  }

  private static Finding flag(String product, Reason reason) {
    return new Finding(Weight.FLAG, product, reason);
  }
}
